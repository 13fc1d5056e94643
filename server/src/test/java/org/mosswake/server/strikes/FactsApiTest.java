package org.mosswake.server.strikes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.core.gear.SpeedWindow;
import org.mosswake.server.gear.Aboard;
import org.mosswake.server.platform.json.CanonicalJson;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class FactsApiTest {
    private static final String DEVICE = UUID.randomUUID().toString();
    private Api api;
    private String boat;
    private String tripId;
    private ObjectNode spread;
    private String line;

    @BeforeEach
    void startADay(Api running) {
        api = running;
        boat = api.quietLedger();
        spread = api.mixedSurface();
        line = spread.at("/draft/lines/1/lineId").asString();
        tripId = UUID.randomUUID().toString();
        ObjectNode body = Api.JSON.createObjectNode();
        body.put("tripId", tripId)
                .put("name", "Test day")
                .put("day", "2026-06-20")
                .put("place", "Tarrow Banks");
        body.put("latitudeDeg", 27.6).put("longitudeDeg", -47.3).put("timeZone", "Etc/GMT+3");
        assertThat(api.put(boat + "/trips/" + tripId, body).status()).isEqualTo(200);
    }

    private ObjectNode fact(String kind, String at, String payload) {
        ObjectNode fact = Api.JSON.createObjectNode();
        fact.put("factId", UUID.randomUUID().toString()).put("tripId", tripId).put("kind", kind);
        fact.put("edition", 2).put("deviceId", DEVICE).put("happenedAt", at).put("deviceAt", at);
        fact.set("payload", Api.JSON.readTree(payload.formatted(line)));
        return fact;
    }

    private ObjectNode set(String at) {
        return fact("SET", at, "{\"lineId\":\"%s\",\"letOutM\":84}");
    }

    private ObjectNode strike(String at, JsonNode fished) {
        ObjectNode strike = fact("STRUCK", at, "{\"lineId\":\"%s\"}");
        ((ObjectNode) strike.get("payload")).put("fished", CanonicalJson.hash(fished.toString()));
        return strike;
    }

    /** Another content for each test. */
    private ObjectNode fished() {
        ObjectNode fished = Api.JSON.createObjectNode();
        fished.put("spreadId", tripId);
        fished.set("draft", spread.get("draft"));
        return fished;
    }

    private JsonNode send(List<? extends JsonNode> facts, JsonNode... fished) {
        ObjectNode body = Api.JSON.createObjectNode();
        body.putArray("facts").addAll(List.copyOf(facts));
        body.putArray("fished").addAll(List.of(fished));
        Api.Answer answer = api.post(boat + "/facts", body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static List<String> outcomes(JsonNode reply) {
        return reply.get("facts")
                .valueStream()
                .map(one -> one.get("outcome").asString())
                .toList();
    }

    private JsonNode log() {
        return api.get(boat + "/trips/" + tripId + "/log").json();
    }

    private JsonNode ask(String what) {
        return api.get(boat + "/trips/" + tripId + "/" + what).json();
    }

    @Test
    void eachStandsForItself() {
        ObjectNode good = set("2026-06-20T09:00:00Z");
        ObjectNode worse = fact("LANDED", "2026-06-20T09:10:00Z", "{\"species\":\"\",\"lengthM\":99}");
        ObjectNode late = fact("CLEARED", "2026-06-20T10:00:00Z", "{\"lineId\":\"%s\"}");
        JsonNode reply = send(List.of(good, worse, Api.JSON.readTree("7"), late));
        assertThat(outcomes(reply)).containsExactly("KEPT", "REFUSED", "REFUSED", "KEPT");
        assertThat(reply.at("/facts/1/faults")
                        .valueStream()
                        .map(f -> f.get("field").asString()))
                .containsExactlyInAnyOrder("payload.strikeId", "payload.species", "payload.lengthM");
        assertThat(log().get("facts")).hasSize(2);
        assertThat(outcomes(send(List.of(good, late)))).containsOnly("KEPT_BEFORE");
    }

    @Test
    void theSameContentInAnotherOrderIsTheSameFact() {
        ObjectNode one = set("2026-06-20T09:00:00Z");
        ObjectNode turned = Api.JSON.createObjectNode();
        one.propertyStream()
                .sorted((a, b) -> b.getKey().compareTo(a.getKey()))
                .forEach(m -> turned.set(m.getKey(), m.getValue()));
        assertThat(outcomes(send(List.of(one)))).containsExactly("KEPT");
        assertThat(outcomes(send(List.of(turned)))).containsExactly("KEPT_BEFORE");
    }

    @Test
    void anotherContentUnderAnIdIsRefusedWithWhatIsKept() {
        ObjectNode one = set("2026-06-20T09:00:00Z");
        send(List.of(one));
        ObjectNode other = one.deepCopy();
        ((ObjectNode) other.get("payload")).put("letOutM", 85);
        JsonNode refused = send(List.of(other)).get("facts").get(0);
        assertThat(refused.at("/faults/0/code").asString()).isEqualTo("EVENT_ID_REUSED");
        assertThat(Api.JSON.readTree(refused.get("kept").asString())).isEqualTo(one);
    }

    @Test
    void whatArrivedIsKeptToTheLetter() {
        ObjectNode one = fact(
                "SIGHTED",
                "2026-06-20T09:00:00Z",
                "{\"what\":\"WEED\",\"distanceM\":1.50e2,\"of\":\"a newer device\"}");
        String text = one.toString().replace("150.0", "1.50e2").replace(",\"payload\"", " ,\n\t\"payload\"");
        api.post(boat + "/facts", "{\"facts\":[ " + text + " ]}");
        String kept = RunningServer.context()
                .getBean(JdbcClient.class)
                .sql("select received from fact where fact_id = ?::uuid")
                .param(one.get("factId").asString())
                .query(String.class)
                .single();
        assertThat(kept).isEqualTo(text);
    }

    @Test
    void aKindOfANewerDeviceIsKeptAndShown() {
        JsonNode reply = send(List.of(
                fact("TAGGED", "2026-06-20T09:00:00Z", "{\"tag\":\"X-7\"}"),
                fact("STRUCK", "2026-06-20T09:01:00Z", "{\"line\":{\"by\":\"another shape\"}}")
                        .put("edition", 3)));
        assertThat(outcomes(reply)).containsOnly("KEPT");
        assertThat(log().at("/facts/0/payload/tag").asString()).isEqualTo("X-7");
        assertThat(log().get("strikes")).isEmpty();
    }

    @Test
    void sentByManyAtOnceItIsOne() {
        ObjectNode one = set("2026-06-20T09:00:00Z");
        var outcomes = IntStream.range(0, 8)
                .parallel()
                .mapToObj(i -> outcomes(send(List.of(one))).get(0))
                .toList();
        assertThat(outcomes).containsOnlyOnce("KEPT");
        assertThat(log().get("facts")).hasSize(1);
    }

    @Test
    void aStrikeIsKeptBeforeItsSpreadAndComputedAfterIt() {
        JsonNode fished = fished();
        ObjectNode strike = strike("2026-06-20T09:00:00Z", fished);
        JsonNode reply = send(List.of(strike));
        assertThat(outcomes(reply)).containsExactly("KEPT");
        assertThat(reply.get("lacking").get(0)).isEqualTo(strike.at("/payload/fished"));
        assertThat(log().at("/strikes/0/line").isMissingNode()).isTrue();
        assertThat(send(List.of(strike), fished).get("lacking")).isEmpty();
        JsonNode first = log().get("strikes").get(0);
        assertThat(first.at("/line/label").asString()).isEqualTo("S1");
        assertThat(first.at("/line/depthM").asDouble()).isBetween(0.5, 1.5);
    }

    /** What a lure smelt of goes with the spread as it was fished, and asks the log; what nobody said is not none. */
    @Test
    void aScentIsInTheLog() {
        ObjectNode fished = fished().deepCopy();
        var lines = fished.at("/draft/lines");
        ((ObjectNode) lines.get(1)).putObject("rig").put("scent", "shrimp");
        ((ObjectNode) lines.get(2)).putObject("rig").put("scent", "none");
        ObjectNode strike = strike("2026-06-20T09:20:00Z", fished);
        send(List.of(set("2026-06-20T09:00:00Z"), strike), fished);
        assertThat(struck("SCENT:shrimp")).isEqualTo(1);
        assertThat(struck("SCENT:none")).isZero();
        ((ObjectNode) lines.get(1).get("rig")).put("scent", "x".repeat(41));
        Api.Answer refused = api.post(boat + "/solve", (ObjectNode) fished.get("draft"));
        assertThat(refused.json().at("/faults/0/field").asString()).isEqualTo("lines[1].rig.scent");
    }

    private int struck(String where) {
        return api.get(boat + "/log?day=2026-06-20&where=" + where)
                .json()
                .at("/sum/strikes")
                .asInt();
    }

    /** A day without link: meanwhile the lure is fitted anew and the holder is taken off. */
    @Test
    void aStrikeIsReckonedWithWhatItsDeviceHad() {
        String own = ownBoat();
        JsonNode gear = api.get(own + "/gear").json();
        ObjectNode seen = Api.JSON.createObjectNode();
        gear.get("lures")
                .forEach(lure -> seen.put(
                        lure.get("gearId").asString(), lure.get("version").asInt()));
        ObjectNode body = (ObjectNode) api.get(own).json();
        seen.put(body.get("boatId").asString(), body.get("version").asInt());
        ObjectNode fished = Api.JSON.createObjectNode();
        fished.set("draft", draft(gear, body));
        fished.set("seen", seen);
        ObjectNode before = strike("2026-06-20T09:00:00Z", fished);
        deliver(own, before, fished);
        double depth = depth(own, 0);

        ObjectNode heavier = ((ObjectNode) gear.get("lures").get(0)).deepCopy();
        heavier.put("massKg", 4 * heavier.get("massKg").asDouble());
        assertThat(api.put(own + "/gear/lures", heavier).status()).isEqualTo(200);
        ((tools.jackson.databind.node.ArrayNode) body.get("holders")).remove(0);
        assertThat(api.put(own, body).status()).isEqualTo(200);

        deliver(own, strike(Instant.now().toString(), fished), fished);
        assertThat(depth(own, 1)).isEqualTo(depth);
        ObjectNode blind = fished.deepCopy();
        blind.remove("seen");
        deliver(own, strike("2026-06-20T09:20:00Z", blind), blind);
        assertThat(depth(own, 1)).as("of its time").isEqualTo(depth);
        JsonNode last = deliver(own, strike(Instant.now().toString(), blind), blind);
        assertThat(outcomes(last)).containsExactly("KEPT");
        assertThat(api.get(own + "/trips/" + tripId + "/log")
                        .json()
                        .at("/strikes/3/line")
                        .isMissingNode())
                .as("on a holder that is gone by all that is known")
                .isTrue();
    }

    private JsonNode deliver(String own, ObjectNode strike, JsonNode fished) {
        ObjectNode sent = Api.JSON.createObjectNode();
        sent.putArray("facts").add(strike);
        sent.putArray("fished").add(fished);
        return api.post(own + "/facts", sent).json();
    }

    private double depth(String own, int strike) {
        return api.get(own + "/trips/" + tripId + "/log")
                .json()
                .at("/strikes/" + strike + "/line/depthM")
                .asDouble();
    }

    /** A boat of its own with one lure and one line; the demo's other tests see nothing of it. */
    private String ownBoat() {
        String id = UUID.randomUUID().toString();
        ObjectNode own = (ObjectNode) api.get(boat).json();
        own.put("boatId", id).put("version", 0).put("name", "Own");
        own.get("holders")
                .forEach(holder ->
                        ((ObjectNode) holder).put("holderId", UUID.randomUUID().toString()));
        api.put("/api/boats/" + id, own);
        JsonNode gear = api.get(boat + "/gear").json();
        ObjectNode lure = ((ObjectNode) gear.get("lures").get(0)).put("version", 0);
        ObjectNode main = ((ObjectNode) gear.get("lines").get(0)).put("version", 0);
        api.put("/api/boats/" + id + "/gear/lures", lure);
        api.put("/api/boats/" + id + "/gear/lines", main);
        ObjectNode day = (ObjectNode) api.get(boat + "/trips/" + tripId).json();
        api.put("/api/boats/" + id + "/trips/" + tripId, day);
        return "/api/boats/" + id;
    }

    private ObjectNode draft(JsonNode gear, JsonNode body) {
        ObjectNode draft = Api.JSON.createObjectNode().put("speedThroughWaterMps", 2.5);
        ObjectNode one = draft.putArray("lines").addObject();
        one.put("lineId", line).put("letOutM", 40).put("strikeDragN", 50);
        one.set("holderId", body.at("/holders/0/holderId"));
        ObjectNode piece = one.putArray("tackle").addObject();
        piece.set("lureGearId", gear.at("/lures/0/gearId"));
        piece.set("lineGearId", gear.at("/lines/0/gearId"));
        return draft;
    }

    @Test
    void linesOutFishOnAndExposureAreAnswered() {
        ObjectNode strike = strike("2026-06-20T09:30:00Z", fished());
        ObjectNode landed = fact("LANDED", "2026-06-20T09:40:00Z", "{\"species\":\"mahi\"}");
        ((ObjectNode) landed.get("payload")).set("strikeId", strike.get("factId"));
        send(List.of(
                landed,
                strike,
                set("2026-06-20T09:00:00Z"),
                fact("CHANGED", "2026-06-20T10:00:00Z", "{\"lineId\":\"%s\",\"letOutM\":90}"),
                fact("CLEARED", "2026-06-20T10:30:00Z", "{\"lineId\":\"%s\"}")));
        JsonNode fighting = ask("state?at=2026-06-20T09:35:00Z");
        assertThat(fighting.at("/lines/0/state").asString()).isEqualTo("FIGHTING");
        assertThat(fighting.get("on")).hasSize(1);
        assertThat(ask("state?at=2026-06-20T10:10:00Z").at("/bag/mahi").asInt()).isEqualTo(1);
        JsonNode sums = ask("exposure?from=2026-06-20T08:00:00Z&to=2026-06-20T12:00:00Z")
                .get(0);
        assertThat(sums.get("outS").asDouble()).isEqualTo(3600);
        assertThat(sums.get("fightingS").asDouble()).isEqualTo(600);
        assertThat(sums.get("unknownS").asDouble())
                .as("nobody said that it went out again")
                .isEqualTo(1200);
    }

    /** She runs north at 3 m/s past the strike: the lure is as far south as it lies astern. */
    @Test
    void whereTheLureWasIsSetOnceTheFixesAreIn() {
        JsonNode fished = fished();
        send(List.of(strike("2026-06-20T09:30:00Z", fished)), fished);
        assertThat(log().at("/strikes/0/lureAt").isMissingNode()).isTrue();
        ObjectNode batch = Api.JSON.createObjectNode().put("deviceId", DEVICE);
        var list = batch.putArray("fixes");
        Instant at = Instant.parse("2026-06-20T09:28:00Z");
        for (int i = 0; i <= 130; i++) {
            list.addObject()
                    .put("at", at.plusSeconds(i).toString())
                    .put("longitudeDeg", -47.3)
                    .put("latitudeDeg", 27.6 + Math.toDegrees(3.0 * (i - 120) / 6_371_008.8));
        }
        assertThat(api.post(boat + "/fixes", batch).json().get("kept").asInt()).isEqualTo(131);
        assertThat(api.post(boat + "/fixes", batch).json().get("kept").asInt()).isZero();
        JsonNode strike = log().get("strikes").get(0);
        double south = Math.toRadians(27.6 - strike.at("/lureAt/latitudeDeg").asDouble()) * 6_371_008.8;
        assertThat(south).isCloseTo(strike.at("/line/asternM").asDouble(), within(0.2));
        assertThat(strike.at("/lureAt/longitudeDeg").asDouble())
                .as("a starboard line")
                .isGreaterThan(-47.3);
        assertThat(api.get(boat + "/fixes?from=2026-06-20T09:28:00Z&to=2026-06-20T09:29:00Z&everyS=10")
                        .json())
                .hasSize(6);
    }

    /** What the live spread knew at that second holds over what is reckoned from fixes, and stays with the fact. */
    @Test
    void aStrikeThatWasSeenOnTheWaterIsPlacedAtOnceAndKeepsHowItsLineWent() {
        JsonNode fished = fished();
        ObjectNode strike = strike("2026-06-20T09:30:00Z", fished);
        ObjectNode sailed = (ObjectNode) Api.JSON.readTree("""
                {"at": "2026-06-20T09:29:59Z", "bend": "INSIDE", "turnDegMin": 120.5, "headingDeg": 40, "throughMps": 3.9,
                 "groundMps": 4.2, "courseDeg": 44, "streamMps": 0.4, "streamTowardsDeg": 90, "streamDoubtMps": 0.1,
                 "lureDepthM": 2.3, "lureMps": 3.1, "latitudeDeg": 27.6007, "longitudeDeg": -47.3004, "waterC": 24.2}""");
        ((ObjectNode) strike.get("payload")).set("sailed", sailed);
        assertThat(outcomes(send(List.of(strike), fished))).containsExactly("KEPT");
        JsonNode log = log();
        assertThat(log.at("/strikes/0/lureAt/latitudeDeg").asDouble()).isEqualTo(27.6007);
        assertThat(log.at("/facts/0/payload/sailed/bend").asString()).isEqualTo("INSIDE");

        ObjectNode wrong = strike("2026-06-20T09:40:00Z", fished);
        ((ObjectNode) wrong.get("payload"))
                .set("sailed", sailed.deepCopy().put("lureDepthM", -4).put("bend", "UNDER"));
        assertThat(send(List.of(wrong)).at("/facts/0/faults").toString()).contains("payload.sailed.bend");
    }

    /** Whatever a device sent as fished, in either edition: the strike stands without figures, and the day is read. */
    @Test
    void whatCannotBePutTogetherNeverKeepsTheDayFromItsReader() {
        for (String content :
                List.of("{}", "{\"draft\":null}", "{\"draft\":{}}", "{\"draft\":{\"lines\":[null]}}", "7", "[]")) {
            JsonNode fished = Api.JSON.readTree(content);
            ObjectNode strike =
                    strike("2026-06-20T09:00:00Z", fished.isObject() ? fished : Api.JSON.createObjectNode());
            assertThat(outcomes(send(List.of(strike), fished))).as(content).containsExactly("KEPT");
        }
        for (String more : List.of(
                "\"spreadId\":\"x\",\"revision\":1",
                "\"spreadId\":\"" + tripId + "\",\"revision\":\"one\"",
                "\"draft\":{}",
                "\"draft\":7")) {
            ObjectNode strike = fact("STRUCK", "2026-06-20T09:10:00Z", "{\"lineId\":\"%s\"," + more + "}");
            assertThat(outcomes(send(List.of(strike)))).as(more).containsExactly("KEPT");
        }
        JsonNode strikes = log().get("strikes");
        assertThat(strikes).hasSize(10);
        assertThat(strikes.valueStream().filter(one -> one.has("line"))).isEmpty();
    }

    @Test
    void halfACharacterIsRefusedAndHoldsUpNothing() {
        ObjectNode half = fact("ANNOTATED", "2026-06-20T09:00:00Z", "{\"targetId\":\"%s\",\"note\":\"HALF\"}");
        ObjectNode whole = set("2026-06-20T09:01:00Z");
        String body = "{\"facts\":[" + half + "," + whole + "],\"fished\":[{\"a\":\"\\u0000\"},{\"a\":\"\\ud800\"}]}";
        Api.Answer answer = api.post(boat + "/facts", body.replace("HALF", "\\ud800"));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        assertThat(outcomes(answer.json())).containsExactly("REFUSED", "KEPT");
    }

    @Test
    void aBodyThatIsNoListOfFactsIsRefused() {
        for (String body :
                List.of("[]", "{}", "{\"facts\":7}", "{\"facts\":[{}", "{\"facts\":[]}", "{\"facts\":[1]}{}")) {
            Api.Answer answer = api.post(boat + "/facts", body);
            assertThat(answer.status()).as(body).isEqualTo(400);
            assertThat(answer.codes()).as(body).isNotEmpty();
        }
        assertThat(outcomes(send(List.of(fact("ANNOTATED", "2026-06-20T09:00:00Z", "{\"note\":\"\\u0000\"}")))))
                .containsExactly("REFUSED");
    }

    /** What a crew saw of how a lure runs moves the speeds it is taken to work at, until it is taken back. */
    @Test
    void aCueIsKeptWithItsLureUntilItIsTakenBack() {
        String gear = spread.at("/draft/lines/1/tackle/0/lureGearId").asString();
        double before = works(gear).mostMps();
        ObjectNode cue = fact(
                "CUED",
                "2026-06-20T10:00:00Z",
                "{\"lineId\":\"%s\",\"cue\":\"TIP_TOO_FAST\",\"gearId\":\"" + gear + "\"}");
        send(List.of(cue));
        assertThat(works(gear).mostMps()).isCloseTo(before - 0.1, within(1e-9));
        ObjectNode back = fact(
                "RETRACTED",
                "2026-06-20T10:01:00Z",
                "{\"targetId\":\"" + cue.get("factId").asString() + "\"}");
        send(List.of(back));
        assertThat(works(gear).mostMps()).isCloseTo(before, within(1e-9));
    }

    private SpeedWindow works(String gear) {
        UUID vessel = UUID.fromString(boat.substring(boat.lastIndexOf('/') + 1));
        return RunningServer.context()
                .getBean(Aboard.class)
                .of(vessel)
                .lures()
                .get(UUID.fromString(gear))
                .works()
                .orElseThrow();
    }
}
