package org.mosswake.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Twenty at once on each thing that can be edited: one wins, the others get both sides, and it can be read after. */
@ExtendWith(RunningServer.class)
class EditedTogetherTest {
    private static final int AT_ONCE = 20;

    /** @param body of one of them; each sends another */
    private record Thing(String name, String path, String read, IntFunction<JsonNode> body) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static ObjectNode object() {
        return Api.JSON.createObjectNode();
    }

    private static ObjectNode kept(Api api, String path) {
        return (ObjectNode) api.get(path).json();
    }

    /** The thing as it is kept, with one field changed. */
    private static Thing changed(Api api, String name, String path, String field, IntFunction<Object> value) {
        ObjectNode kept = kept(api, path);
        return new Thing(name, path, path, i -> kept.deepCopy().putPOJO(field, value.apply(i)));
    }

    /** Nobody else's, so that nothing here is met by other tests. */
    private static String ownBoat(Api api) {
        ObjectNode boat = kept(api, api.quietLedger());
        String id = UUID.randomUUID().toString();
        // Smaller than the demo's: lists begin with the largest.
        boat.put("boatId", id).put("version", 0).put("name", "Edited together").put("lengthM", 4.2);
        api.put("/api/boats/" + id, boat);
        api.post("/api/boats/" + id + "/gear/starter", "{\"waters\":\"WARM\"}");
        return "/api/boats/" + id;
    }

    private static Thing gear(Api api, String boat, String kind) {
        ObjectNode item = (ObjectNode) kept(api, boat + "/gear").get(kind).get(0);
        item.put("gearId", UUID.randomUUID().toString()).put("version", 0);
        return new Thing(
                kind,
                boat + "/gear/" + kind,
                boat + "/gear",
                i -> item.deepCopy().put("name", kind + " " + i));
    }

    static Stream<Thing> things() {
        Api api = new Api(
                "http://127.0.0.1:" + RunningServer.context().getEnvironment().getProperty("local.server.port"));
        String boat = ownBoat(api);
        ObjectNode made = object().put("spreadId", UUID.randomUUID().toString())
                .put("version", 0)
                .put("name", "Together");
        made.putObject("draft").put("speedThroughWaterMps", 3.5).putArray("lines");
        String spread = boat + "/spreads/" + made.get("spreadId").asString();
        made.put("version", api.put(spread, made).json().get("version").asInt());
        String trip = UUID.randomUUID().toString();
        return Stream.of(
                changed(api, "boat", boat, "place", i -> "Place " + i),
                gear(api, boat, "lures"),
                gear(api, boat, "lines"),
                gear(api, boat, "reels"),
                new Thing(
                        "spread",
                        spread,
                        spread,
                        i -> object().put("spreadId", made.get("spreadId").asString())
                                .put("version", made.get("version").asInt())
                                .put("name", "Together " + i)
                                .set("draft", made.get("draft"))),
                changed(api, "plan", boat + "/plans/2026-07-01", "runOutMin", i -> 10.0 + i),
                new Thing(
                        "school",
                        boat + "/schools",
                        boat + "/schools",
                        i -> object().put("school", "TAKE").put("side", i % 3).put("version", 0)),
                new Thing("numbers", boat + "/numbers", boat + "/numbers", i -> numbers("M7.startMps", 2.2 + 0.01 * i)),
                new Thing(
                        "bench numbers",
                        boat + "/rig/numbers",
                        boat + "/rig/numbers",
                        i -> numbers("count.waste", 0.01 * i)),
                new Thing(
                        "rule",
                        boat + "/rules",
                        boat + "/rules",
                        i -> object().put("species", "SAILFISH")
                                .put("version", 0)
                                .put("dated", "2026-06-02")
                                .put("bag", i)
                                .put("barbless", false)
                                .put("gear", "")),
                new Thing(
                        "tick",
                        spread + "/ticks",
                        boat + "/spreads",
                        i -> object().put("task", "leaders:x").put("done", true).put("version", 0)),
                new Thing(
                        "stock",
                        boat + "/stock",
                        boat + "/spreads",
                        i -> object().put("item", "sleeves:1")
                                .put("amount", 1.0 + i)
                                .put("version", 0)),
                new Thing("story", spread + "/origin", spread + "/origin", i -> story(i)),
                new Thing(
                        "day out",
                        boat + "/trips/" + trip,
                        boat + "/trips/" + trip,
                        i -> object().put("tripId", trip)
                                .put("name", "Day " + i)
                                .put("day", "2026-07-02")
                                .put("place", "Tarrow Banks")
                                .put("latitudeDeg", 27.6)
                                .put("longitudeDeg", -47.3)
                                .put("timeZone", "Etc/GMT+3")));
    }

    private static JsonNode numbers(String key, double value) {
        ObjectNode body = object().put("version", 0);
        body.putArray("set").addObject().put("key", key).put("value", value);
        return body;
    }

    private static JsonNode story(int i) {
        ObjectNode body = object().put("version", 0).put("playbook", "MIXED");
        body.putArray("stories");
        body.putArray("lacks");
        ObjectNode note = body.putArray("notes").addObject().put("text", "note " + i);
        note.putArray("figures");
        return body;
    }

    @ParameterizedTest
    @MethodSource("things")
    void oneWinsAndTheOthersGetBothSides(Thing thing) throws Exception {
        Api api = new Api(
                "http://127.0.0.1:" + RunningServer.context().getEnvironment().getProperty("local.server.port"));
        List<Api.Answer> answers =
                atOnce(i -> () -> api.put(thing.path(), thing.body().apply(i)));
        assertThat(answers)
                .as("%s", thing)
                .filteredOn(answer -> answer.status() == 200)
                .hasSize(1);
        assertThat(answers)
                .filteredOn(answer -> answer.status() != 200)
                .hasSize(AT_ONCE - 1)
                .allSatisfy(answer -> {
                    assertThat(answer.status()).as(answer.text()).isEqualTo(409);
                    assertThat(answer.json().has("yours")).isTrue();
                    assertThat(answer.json().has("theirs")).isTrue();
                });
        assertThat(api.get(thing.read()).status()).isEqualTo(200);
    }

    private static List<Api.Answer> atOnce(IntFunction<Callable<Api.Answer>> ask)
            throws InterruptedException, ExecutionException {
        var threads = Executors.newFixedThreadPool(AT_ONCE);
        try {
            var together = new CountDownLatch(AT_ONCE);
            var answers = IntStream.range(0, AT_ONCE)
                    .mapToObj(i -> threads.submit(() -> {
                        together.countDown();
                        together.await();
                        return ask.apply(i).call();
                    }))
                    .toList();
            var all = new ArrayList<Api.Answer>();
            for (var answer : answers) {
                all.add(answer.get());
            }
            return all;
        } finally {
            threads.shutdownNow();
        }
    }
}
