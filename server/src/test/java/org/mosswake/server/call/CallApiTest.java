package org.mosswake.server.call;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class CallApiTest {
    private static final String DAY = "2026-06-18";

    static ObjectNode warm(String... answers) {
        return body(27.6, -47.3, answers);
    }

    private static ObjectNode cold(String... answers) {
        return body(43.4, -38.9, answers);
    }

    /** Answers such as {@code TARGET MAHI}, {@code CREW 2}, {@code BAIT LAYER 17 22}. */
    private static ObjectNode body(double latitude, double longitude, String... answers) {
        ObjectNode body = Api.JSON.createObjectNode().put("day", DAY).put("at", "2026-06-18T09:00:00Z");
        body.putObject("place")
                .put("latitudeDeg", latitude)
                .put("longitudeDeg", longitude)
                .put("timeZone", "Etc/GMT+3");
        var list = body.putArray("answers");
        for (String answer : answers) {
            String[] parts = answer.split(" ");
            ObjectNode one = list.addObject().put("topic", parts[0]);
            int numbers = 0;
            for (int i = 1; i < parts.length; i++) {
                if (Character.isLetter(parts[i].charAt(0))) {
                    one.put("choice", parts[i]);
                } else {
                    one.put(numbers++ == 0 ? "value" : "other", Double.parseDouble(parts[i]));
                }
            }
        }
        return body;
    }

    private static JsonNode ok(Api.Answer answer) {
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static List<JsonNode> built(Api api, String boat, ObjectNode body) {
        var answer = api.post(boat + "/call/spread", body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        var events = new ArrayList<JsonNode>();
        answer.text().lines().forEach(line -> events.add(Api.JSON.readTree(line)));
        return events;
    }

    @Test
    void aWarmMorningIsCalledWithReasonsThatAddUp(Api api) {
        JsonNode call = ok(api.post(
                api.quietLedger() + "/call",
                warm("TARGET MAHI", "SURFACE 24.6", "STEP 0.7", "CREW 3", "WEED SCATTERED")));
        JsonNode first = call.get("scores").get(0);
        JsonNode second = call.get("scores").get(1);
        assertThat(first.get("playbook").asString()).isEqualTo("MIXED");
        int sum = first.get("reasons")
                .valueStream()
                .mapToInt(r -> r.get("tenths").asInt())
                .sum();
        assertThat(sum).isEqualTo(first.get("tenths").asInt());
        assertThat(call.get("marginTenths").asInt())
                .isEqualTo(first.get("tenths").asInt() - second.get("tenths").asInt());
        assertThat(call.get("scores")).hasSize(17);
        assertThat(call.get("bands")).hasSize(17);
        assertThat(call.get("worthFinding").size()).isPositive();
        assertThat(call.get("cautions").get(0).get("words").asString()).contains("local");
        assertThat(call.get("rule").get("dated").asString()).isEqualTo("2026-06-02");
        assertThat(call.get("bagByTable").asInt()).isEqualTo(30);
    }

    @Test
    void theDayIsReckonedBackwards(Api api) {
        JsonNode call = ok(api.post(api.quietLedger() + "/call", warm("TARGET MAHI", "CREW 3")));
        var titles = call.get("steps")
                .valueStream()
                .map(s -> s.get("title").asString())
                .toList();
        assertThat(titles).contains("leave", "look for life", "set 6 lines", "lines up");
        assertThat(titles.indexOf("leave")).isLessThan(titles.indexOf("set 6 lines"));
        var at =
                call.get("steps").valueStream().map(s -> s.get("at").asString()).toList();
        assertThat(at).isSorted();
    }

    @Test
    void aloneWithRoomForTwoFishesTwoLinesAtMost(Api api) {
        JsonNode call = ok(api.post(api.sprat() + "/call", cold("TARGET COHO", "CREW 1", "BAG 2", "DEPTH 48")));
        assertThat(call.get("lines").get("lines").asInt()).isLessThanOrEqualTo(2);
        assertThat(call.get("lines")
                        .get("bounds")
                        .get(0)
                        .get("says")
                        .get("text")
                        .asString())
                .isNotBlank();
        var events = built(
                api,
                api.sprat(),
                Api.JSON.createObjectNode().set("call", cold("TARGET COHO", "CREW 1", "BAG 2", "DEPTH 48")));
        assertThat(events.get(events.size() - 1).get("spread").get("lines").size())
                .isBetween(1, 2);
    }

    /** Two coho were kept at seven: what is called at nine has no room for another, what was called at six has. */
    @Test
    void whatWasKeptIsOffTheBag(Api api) {
        String boat = api.sprat();
        String trip = UUID.randomUUID().toString();
        ObjectNode day = Api.JSON
                .createObjectNode()
                .put("tripId", trip)
                .put("name", "Bag")
                .put("day", "2026-06-21");
        day.put("place", "Cold Reach").put("latitudeDeg", 43.4).put("longitudeDeg", -38.9);
        assertThat(api.put(boat + "/trips/" + trip, day.put("timeZone", "Etc/GMT+3"))
                        .status())
                .isEqualTo(200);
        var facts = Api.JSON.createObjectNode();
        var list = facts.putArray("facts");
        for (int fish = 0; fish < 2; fish++) {
            String strike = UUID.randomUUID().toString();
            list.add(fact(trip, strike, "STRUCK").set("payload", one("lineId", trip)));
            list.add(fact(trip, UUID.randomUUID().toString(), "LANDED")
                    .set("payload", one("strikeId", strike).put("species", "coho")));
        }
        ok(api.post(boat + "/facts", facts));
        JsonNode before = ok(api.post(boat + "/call", atOn("2026-06-21", "06:00")));
        assertThat(before.get("kept").asInt()).isZero();
        assertThat(before.at("/scores/0/reasons").toString()).doesNotContain("bag is full");
        JsonNode after = ok(api.post(boat + "/call", atOn("2026-06-21", "09:00")));
        assertThat(after.get("kept").asInt()).isEqualTo(2);
        assertThat(after.at("/scores/0/reasons").toString()).contains("bag is full");
        assertThat(after.at("/lines/lines").asInt()).isEqualTo(1);
    }

    private static ObjectNode atOn(String day, String hour) {
        return cold("TARGET COHO", "CREW 1", "BAG 2", "DEPTH 48")
                .put("day", day)
                .put("at", day + "T" + hour + ":00Z");
    }

    private static ObjectNode one(String name, String value) {
        return Api.JSON.createObjectNode().put(name, value);
    }

    private static ObjectNode fact(String trip, String id, String kind) {
        return Api.JSON
                .createObjectNode()
                .put("factId", id)
                .put("tripId", trip)
                .put("kind", kind)
                .put("edition", 2)
                .put("deviceId", trip)
                .put("happenedAt", "2026-06-21T07:00:00Z")
                .put("deviceAt", "2026-06-21T07:00:00Z");
    }

    @Test
    void aSpreadIsBuiltWithAPictureFirst(Api api) {
        String boat = api.quietLedger();
        ObjectNode body =
                Api.JSON.createObjectNode().set("call", warm("TARGET MAHI", "SURFACE 25", "CREW 3", "DEPTH 74"));
        var events = built(api, boat, body);
        assertThat(events.get(0).get("kind").asString()).isEqualTo("PICTURE");
        assertThat(events.get(0).get("spread").get("lines")).hasSize(6);
        JsonNode done = events.get(events.size() - 1);
        assertThat(done.get("kind").asString()).isEqualTo("DONE");
        assertThat(done.get("made").get("stories")).hasSize(6);
        assertThat(done.get("made").get("room").get("portDeg").asDouble()).isPositive();
        assertThat(events).extracting(e -> e.get("share").asDouble()).isSorted();
        JsonNode solved = ok(api.post(boat + "/solve", done.get("spread")));
        assertThat(solved.get("lines")).hasSize(6);
        assertThat(solved.get("lines")
                        .valueStream()
                        .map(l -> l.get("tow").get("regime").asString()))
                .doesNotContain("AIRBORNE");
    }

    @Test
    void lockedLinesStay(Api api) {
        String boat = api.quietLedger();
        ObjectNode kept = (ObjectNode) api.mixedSurface().get("draft");
        ((ObjectNode) kept.get("lines").get(1)).put("locked", true);
        ObjectNode body = Api.JSON.createObjectNode();
        body.set("call", warm("TARGET MAHI", "CREW 3"));
        body.set("draft", kept);
        var events = built(api, boat, body);
        JsonNode spread = events.get(events.size() - 1).get("spread");
        var locked =
                spread.get("lines").valueStream().filter(l -> l.has("locked")).toList();
        assertThat(locked).hasSize(1);
        assertThat(locked.get(0).get("lineId"))
                .isEqualTo(kept.get("lines").get(1).get("lineId"));
        assertThat(locked.get(0).get("letOutM").asDouble()).isEqualTo(84);
    }

    @Test
    void anotherPlaybookCanBeTaken(Api api) {
        ObjectNode body = warm("TARGET MAHI", "CREW 3").put("playbook", "LADDER");
        JsonNode call = ok(api.post(api.quietLedger() + "/call", body));
        assertThat(call.get("taken").get("playbook").asString()).isEqualTo("LADDER");
        assertThat(call.get("cautions").valueStream().map(c -> c.get("caution").asString()))
                .contains("WEIGHT_BACK", "TEETH");
    }

    @Test
    void whatIsWrongIsNamedByItsPlace(Api api) {
        var answer = api.post(
                api.quietLedger() + "/call",
                warm("SURFACE 80", "CLARITY PURPLE", "BAIT LAYER 20 10", "CREW 2", "CREW 3"));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.fields())
                .containsExactlyInAnyOrder(
                        "answers[0].value", "answers[1].choice", "answers[2].other", "answers[4].topic");
        assertThat(api.post(api.quietLedger() + "/call", warm("LIGHT 3")).fields())
                .containsExactly("answers[0].topic");
        ObjectNode late = warm("CREW 2").put("linesIn", "2026-06-18T09:00:00Z").put("homeAt", "2026-06-18T08:00:00Z");
        assertThat(api.post(api.quietLedger() + "/call", late).fields()).containsExactly("homeAt");
        assertThat(api.post("/api/boats/" + java.util.UUID.randomUUID() + "/call", warm())
                        .status())
                .isEqualTo(404);
    }

    @Test
    void theCalendarHoldsTheSteps(Api api) {
        var answer = api.post(api.quietLedger() + "/call/calendar", warm("TARGET MAHI", "CREW 3"));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.text()).startsWith("BEGIN:VCALENDAR").contains("SUMMARY:leave", "SUMMARY:set 6 lines");
        assertThat(answer.text()
                        .lines()
                        .filter(line -> line.equals("BEGIN:VEVENT"))
                        .count())
                .isEqualTo(answer.text()
                        .lines()
                        .filter(line -> line.startsWith("UID:"))
                        .count());
        assertThat(answer.text()).doesNotContain("{0}");
    }
}
