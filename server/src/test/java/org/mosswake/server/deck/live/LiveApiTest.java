package org.mosswake.server.deck.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;

/** The spread on the water, by a device that tells where it is and by the simulated instruments. */
@ExtendWith(RunningServer.class)
class LiveApiTest {
    private static final double MPS = 3.9;

    private static JsonNode draft(Api api) {
        return api.mixedSurface().get("draft");
    }

    private static List<String> lines(JsonNode draft) {
        return draft.get("lines")
                .valueStream()
                .map(line -> line.get("lineId").asString())
                .toList();
    }

    private static Api.Answer ask(Api api, String boat, JsonNode draft, List<String> out, List<String> fixes) {
        String ids = out.stream().map(id -> "\"" + id + "\"").collect(Collectors.joining(","));
        return api.post(boat + "/live", """
                {"draft": %s, "outLineIds": [%s], "fixes": [%s]}""".formatted(draft, ids, String.join(",", fixes)));
    }

    /** Towards the north, a fix a second, until {@code agoS} ago. */
    private static List<String> north(int seconds, int agoS) {
        var fixes = new ArrayList<String>();
        Instant end = Instant.now().truncatedTo(ChronoUnit.MILLIS).minusSeconds(agoS);
        for (int t = 0; t < seconds; t++) {
            fixes.add("""
                    {"at": "%s", "latitudeDeg": %.7f, "longitudeDeg": -47.3, "speedOverGroundMps": %.2f, "courseDeg": 0}""".formatted(end.minusSeconds(seconds - 1L - t), 27.6 + MPS * t / 111_195, MPS));
        }
        return fixes;
    }

    @Test
    void aDeviceThatTellsItsPlaceLeadsTheLines(Api api) {
        String boat = api.quietLedger();
        JsonNode draft = draft(api);
        var answer = ask(api, boat, draft, lines(draft), north(180, 0));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        JsonNode now = answer.json().get("now");
        assertThat(now.get("groundMps").asDouble()).isCloseTo(MPS, within(0.1));
        assertThat(now.get("courseDeg").asDouble() % 359).isCloseTo(0, within(1.0));
        assertThat(now.get("settlesM").asDouble()).isZero();
        assertThat(now.get("lines")).hasSameSizeAs(draft.get("lines"));
        now.get("lines").forEach(line -> {
            // Straight astern: south of her, hardly aside.
            assertThat(line.get("nodes").get(0).asDouble()).isNegative();
            assertThat(line.get("lureMps").asDouble()).isCloseTo(MPS, within(0.4));
            assertThat(line.has("offBottomM")).isFalse();
        });
        assertThat(now.get("streamDoubtMps").asDouble()).isGreaterThan(0.1);
        assertThat(answer.json().get("old").asBoolean()).isFalse();
    }

    /** A spread that nobody keeps any more is led all the same. */
    @Test
    void aSpreadThatIsNotKeptIsLedToo(Api api) {
        String boat = api.quietLedger();
        JsonNode draft = draft(api);
        var answer = api.post(boat + "/live", """
                {"draft": %s, "spreadId": "%s", "outLineIds": [], "fixes": []}""".formatted(draft, UUID.randomUUID()));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    }

    @Test
    void onlyLinesThatAreOutAreThereAndWhatWasToldLongAgoIsSaidToBeOld(Api api) {
        String boat = api.quietLedger();
        JsonNode draft = draft(api);
        List<String> one = List.of(lines(draft).get(0), UUID.randomUUID().toString());
        JsonNode reply = ask(api, boat, draft, one, north(120, 30)).json();
        assertThat(reply.get("now").get("lines")).hasSize(1);
        assertThat(reply.get("old").asBoolean()).isTrue();
        JsonNode none = ask(api, boat, draft, List.of(), List.of()).json();
        assertThat(none.has("now")).isFalse();
    }

    /** Due north at 3.9 m/s, back over a place 300 m behind her. */
    @Test
    void theWayBackBringsTheLureOverThePlace(Api api) {
        String boat = api.quietLedger();
        JsonNode draft = draft(api);
        String body = """
                {"draft": %s, "outLineIds": ["%s"], "fixes": [%s],
                 "back": {"latitudeDeg": %.6f, "longitudeDeg": -47.3, "portRadiusM": %s, "starboardRadiusM": 80}}""";
        List<String> fixes = north(180, 0);
        double there = 27.6 + (MPS * 179 - 300) / 111_195;
        String line = lines(draft).get(1);
        JsonNode back = api.post(boat + "/live", body.formatted(draft, line, String.join(",", fixes), there, "80"))
                .json()
                .get("back");
        assertThat(back.get("distanceM").asDouble()).isCloseTo(300, within(12.0));
        assertThat(back.get("bearingDeg").asDouble()).isCloseTo(180, within(4.0));
        // Half round and straight: the circle's half, what is left, and the line behind her.
        assertThat(back.get("turnDeg").asDouble()).isBetween(180.0, 240.0);
        assertThat(back.get("inS").asDouble()).isBetween(500 / MPS, 700 / MPS);
        // The one line that is out is the one that is there then.
        assertThat(back.get("lures")).hasSize(1);
        assertThat(back.get("lures").get(0).get("lineId").asString()).isEqualTo(line);
        assertThat(back.get("lures").get(0).get("inS").asDouble())
                .isCloseTo(back.get("inS").asDouble(), within(0.2));
        var wrong = api.post(boat + "/live", body.formatted(draft, line, "", there, "-3"));
        assertThat(wrong.fields()).containsExactly("back.portRadiusM");
    }

    /** Seen twice, a boat that sends nothing has a way; seen once she has none. */
    @Test
    void aBoatThatWasSeenTwiceIsFollowed(Api api) {
        String boat = api.quietLedger();
        JsonNode draft = draft(api);
        String body = """
                {"draft": %s, "outLineIds": ["%s"], "fixes": [%s], "boatsSeen": [%s]}""";
        String fixes = String.join(",", north(120, 0));
        String first = seen(40, -47.294);
        String line = lines(draft).get(0);
        var once = api.post(boat + "/live", body.formatted(draft, line, fixes, first));
        assertThat(once.json().get("now").get("others")).isEmpty();
        String both = first + "," + seen(5, -47.296);
        JsonNode other = api.post(boat + "/live", body.formatted(draft, line, fixes, both))
                .json()
                .get("now")
                .get("others")
                .get(0);
        assertThat(other.get("name").asString()).isEqualTo("The boat you saw");
        assertThat(other.get("courseDeg").asDouble()).isCloseTo(270, within(1.0));
        var wrong = api.post(boat + "/live", body.formatted(draft, line, fixes, seen(5, -470)));
        assertThat(wrong.fields()).containsExactly("boatsSeen[0].longitudeDeg");
    }

    /** A flock ahead that crosses to port is met ahead of it; seen once nobody knows its way; nonsense is refused by its field. */
    @Test
    void aFlockIsMetWithTheLures(Api api) {
        String boat = api.quietLedger();
        JsonNode draft = draft(api);
        String body = """
                {"draft": %s, "outLineIds": ["%s"], "fixes": [%s],
                 "meet": {"sights": [%s], "portRadiusM": 70, "starboardRadiusM": 60}}""";
        String fixes = String.join(",", north(120, 0));
        String line = lines(draft).get(0);
        JsonNode once = api.post(boat + "/live", body.formatted(draft, line, fixes, sight(40, -47.294)))
                .json()
                .get("meet");
        assertThat(once.get("sights").asInt()).isEqualTo(1);
        String both = sight(40, -47.294) + "," + sight(5, -47.2948);
        JsonNode meet = api.post(boat + "/live", body.formatted(draft, line, fixes, both))
                .json()
                .get("meet");
        assertThat(meet.get("sights").asInt()).isEqualTo(2);
        assertThat(meet.get("courseDeg").asDouble()).isBetween(200.0, 340.0);
        assertThat(meet.at("/how/nearestM").asDouble()).isGreaterThan(15);
        assertThat(meet.at("/how/inS").asDouble()).isPositive();
        assertThat(meet.at("/how/way").size()).isGreaterThan(10);
        var wrong = api.post(
                boat + "/live",
                body.formatted(draft, line, fixes, sight(5, -47.3).replace("300.0", "0")));
        assertThat(wrong.fields()).containsExactly("meet.sights[0].distanceM");
    }

    private static String sight(int secondsAgo, double longitude) {
        return "{\"at\": \"%s\", \"latitudeDeg\": 27.606, \"longitudeDeg\": %.4f, \"bearingDeg\": 40, \"distanceM\": 300.0}"
                .formatted(Instant.now().minusSeconds(secondsAgo), longitude);
    }

    private static String seen(int secondsAgo, double longitude) {
        return "{\"at\": \"%s\", \"latitudeDeg\": 27.6, \"longitudeDeg\": %.4f}"
                .formatted(Instant.now().minusSeconds(secondsAgo), longitude);
    }

    @Test
    void faultsNameTheirField(Api api) {
        String boat = api.quietLedger();
        JsonNode draft = draft(api);
        var answer = ask(api, boat, draft, List.of(), List.of("{\"at\": null, \"latitudeDeg\": 95}"));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.text()).contains("fixes[0].at", "fixes[0].latitudeDeg", "fixes[0].longitudeDeg");
    }

    @Test
    void simulatedInstrumentsLeadTheLinesAndTellOfTheKetch(Api api) throws InterruptedException {
        String boat = api.sprat();
        String source = boat + "/instruments/" + UUID.randomUUID();
        api.put(source, """
                {"version": 0, "name": "Sim", "way": "SIMULATED", "priority": 1}""");
        try {
            JsonNode draft = api.spread(boat, "Deep in the sound").get("draft");
            JsonNode reply = null;
            for (int i = 0; i < 100; i++) {
                reply = ask(api, boat, draft, lines(draft), List.of()).json();
                if (reply.path("now").path("others").size() > 0) {
                    break;
                }
                Thread.sleep(200);
            }
            JsonNode now = reply.get("now");
            assertThat(now.get("others").get(0).get("name").asString()).isEqualTo("Ketch");
            assertThat(now.get("throughMps").asDouble()).isCloseTo(MPS, within(0.6));
            assertThat(now.get("lines").get(0).get("offBottomM").asDouble()).isPositive();
            assertThat(now.get("settlesM").asDouble()).isPositive();
        } finally {
            api.send("DELETE", source + "?version=1", null);
        }
    }

    @Test
    void theCourseThatWasTakenAlongTellsTheNextTurn(Api api) {
        String boat = api.newBoat();
        JsonNode draft = draft(api);
        String day = "2026-06-18";
        assertThat(api.put(boat + "/courses", """
                {"day": "%s", "version": 0, "corners": [
                  {"latitudeDeg": 27.6, "longitudeDeg": -47.3005}, {"latitudeDeg": 27.61, "longitudeDeg": -47.3005},
                  {"latitudeDeg": 27.61, "longitudeDeg": -47.28}],
                 "asked": {"kind": "LADDER", "start": {"latitudeDeg": 27.6, "longitudeDeg": -47.3005},
                  "lengthM": 3000, "at": "2026-06-18T08:00:00Z"}}""".formatted(day)).status()).isEqualTo(200);
        JsonNode reply = api.post(boat + "/live", """
                {"draft": {"speedThroughWaterMps": 3.9, "lines": []}, "outLineIds": [], "fixes": [%s], "courseDay": "%s"}""".formatted(String.join(",", north(120, 0)), day))
                .json();
        JsonNode along = reply.get("along");
        assertThat(along.get("offM").asDouble())
                .as("half a thousandth of a degree to the east of it")
                .isCloseTo(49, within(3.0));
        assertThat(along.get("nextM").asDouble()).isCloseTo(0.01 * 111_195 - MPS * 119, within(8.0));
        assertThat(along.get("turnDeg").asDouble()).isCloseTo(90, within(0.5));
        assertThat(along.get("way")).hasSizeGreaterThanOrEqualTo(6);
    }
}
