package org.mosswake.server.deck.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A practice day: a boat of her own, her clock, what her lines tell, and nothing of it on the real one. */
@ExtendWith(RunningServer.class)
class PracticeApiTest {
    private static final JdbcClient DATABASE = RunningServer.context().getBean(JdbcClient.class);

    private static JsonNode begin(Api api, boolean afresh) {
        var answer = api.post(api.quietLedger() + "/practice", """
                {"afresh": %s, "holdMps": 3.6}""".formatted(afresh));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static String path(JsonNode practice) {
        return "/api/boats/" + practice.get("boatId").asString();
    }

    private static Api.Answer helm(Api api, String boat, int rate, String steering) {
        return api.put(boat + "/practice/helm", """
                {"rate": %d, "steering": "%s", "steerDeg": 90, "radiusM": 120, "holdMps": 3.6}""".formatted(rate, steering));
    }

    /** As if nobody had looked since: she sails three seconds of the clock on. */
    private static JsonNode look(Api api, String boat, JsonNode draft, Instant cleanSince) {
        DATABASE.sql("update practice set asked_at = now() - interval '1 hour' where vessel_id = ?")
                .param(UUID.fromString(boat.substring("/api/boats/".length())))
                .update();
        String lines = draft.get("lines")
                .valueStream()
                .map(line -> """
                        {"lineId": "%s", "cleanSince": "%s"}""".formatted(line.get("lineId").asString(), cleanSince))
                .collect(Collectors.joining(","));
        var answer = api.post(boat + "/practice/look", """
                {"draft": %s, "lines": [%s]}""".formatted(draft, lines));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static Instant at(JsonNode practice) {
        return Instant.parse(practice.get("at").asString());
    }

    @Test
    void whoPractisesIsABoatOfHerOwn(Api api) {
        String real = api.quietLedger();
        JsonNode begun = begin(api, true);
        String boat = path(begun);
        assertThat(boat).isNotEqualTo(real);
        assertThat(api.get(boat).json().get("name").asString()).isEqualTo("Quiet Ledger, practice");
        assertThat(api.get(boat + "/gear").json())
                .isEqualTo(api.get(real + "/gear").json());
        assertThat(api.get(boat + "/spreads").json())
                .hasSameSizeAs(api.get(real + "/spreads").json());
        assertThat(api.get(boat + "/trips").json()).isEmpty();
        // Lists of boats are of those that are there; she is found from either side.
        assertThat(api.get("/api/boats")
                        .json()
                        .valueStream()
                        .map(one -> one.get("boatId").asString()))
                .doesNotContain(begun.get("boatId").asString());
        for (String either : new String[] {real, boat}) {
            assertThat(api.get(either + "/practice").json().get("practice").get("boatId"))
                    .isEqualTo(begun.get("boatId"));
        }
        assertThat(api.get(api.sprat() + "/practice").json().has("practice")).isFalse();
        assertThat(begin(api, false).get("boatId")).isEqualTo(begun.get("boatId"));
        JsonNode again = begin(api, true);
        assertThat(again.get("boatId")).isNotEqualTo(begun.get("boatId"));
        assertThat(api.get(boat).codes()).containsExactly("FORGOTTEN");
        assertThat(api.post(path(again) + "/practice", "{\"afresh\": false, \"holdMps\": 3}")
                        .codes())
                .containsExactly("ONLY_PRACTICE");
    }

    @Test
    void herClockRunsWhileSomebodyLooksAndHerInstrumentsTell(Api api) {
        String boat = path(begin(api, true));
        JsonNode draft = api.mixedSurface().get("draft");
        assertThat(helm(api, boat, 60, "COURSE").status()).isEqualTo(200);
        Instant before = at(api.get(boat + "/practice").json().get("practice"));
        JsonNode looked = look(api, boat, draft, before);
        // Three seconds of the clock, sixty times; nobody looked for an hour and she waited.
        assertThat(at(looked).getEpochSecond() - before.getEpochSecond()).isBetween(1L, 180L);
        JsonNode told = api.get(boat + "/instruments?wantedMps=3.6").json();
        assertThat(told.get("sources")).hasSize(1);
        assertThat(told.get("asked").asString()).isEqualTo(looked.get("at").asString());
        assertThat(told.get("now").get("gauges")).hasSize(7);
        JsonNode live = api.post(boat + "/live", """
                {"draft": %s, "outLineIds": [], "fixes": []}""".formatted(draft)).json();
        assertThat(live.get("old").asBoolean()).isFalse();
        assertThat(live.get("now").get("throughMps").asDouble()).isCloseTo(3.6, within(0.3));
        assertThat(live.get("now").get("headingDeg").asDouble()).isCloseTo(90, within(5.0));
        var source = api.put(boat + "/instruments/" + UUID.randomUUID(), """
                {"version": 0, "name": "x", "way": "SIMULATED", "priority": 1}""");
        assertThat(source.codes()).containsExactly("ONLY_PRACTICE");
        var real = api.put(api.quietLedger() + "/instruments/" + UUID.randomUUID(), """
                {"version": 0, "name": "x", "way": "PRACTICE", "priority": 1}""");
        assertThat(real.fields()).containsExactly("way");
    }

    /** Hours go by in a minute; then a rod goes off, and time runs as it does. */
    @Test
    void aFishTakesAndTimeSlows(Api api) {
        String boat = path(begin(api, true));
        JsonNode draft = api.mixedSurface().get("draft");
        JsonNode practice = look(api, boat, draft, Instant.EPOCH);
        for (int i = 0; i < 300 && !bites(practice); i++) {
            helm(api, boat, 60, "ALONG_THE_LEDGE");
            practice = look(api, boat, draft, at(practice));
        }
        assertThat(bites(practice)).isTrue();
        assertThat(practice.get("rate").asInt()).isEqualTo(1);
        JsonNode off = practice.get("signals").get(0);
        assertThat(off.get("told").asString()).isEqualTo("GOES_OFF");
        assertThat(draft.get("lines").valueStream().map(line -> line.get("lineId")))
                .contains(off.get("lineId"));
        assertThat(off.has("species")).isFalse();
        // Where she was is kept with her own day; nothing of it is the real boat's.
        assertThat(fixes(boat)).isPositive();
        String day = "/fixes?from=2020-01-01T00:00:00Z&to=2030-01-01T00:00:00Z";
        assertThat(api.get(boat + day).status()).isLessThan(500);
    }

    private static boolean bites(JsonNode practice) {
        return practice.get("signals")
                .valueStream()
                .anyMatch(one -> one.get("told").asString().equals("GOES_OFF"));
    }

    private static int fixes(String boat) {
        return DATABASE.sql("select count(*) from fix where vessel_id = ?")
                .param(UUID.fromString(boat.substring("/api/boats/".length())))
                .query(Integer.class)
                .single();
    }

    @Test
    void whatIsAskedWronglyIsNamed(Api api) {
        String boat = path(begin(api, false));
        assertThat(api.put(boat + "/practice/helm", """
                        {"rate": 90, "steering": "COURSE", "steerDeg": 400, "radiusM": 5, "holdMps": -1}""").fields())
                .containsExactlyInAnyOrder("rate", "steerDeg", "radiusM", "holdMps");
        assertThat(helm(api, api.sprat(), 1, "COURSE").codes()).containsExactly("NOT_FOUND");
        assertThat(api.post(boat + "/practice", "{}").fields()).containsExactlyInAnyOrder("afresh", "holdMps");
    }

    /** A day that another edition kept in its own way goes on at the same hour. */
    @Test
    void aDayOfAnotherEditionGoesOn(Api api) {
        JsonNode begun = begin(api, true);
        DATABASE.sql("update practice set body = '{\"of\": \"another edition\"}' where vessel_id = ?")
                .param(UUID.fromString(begun.get("boatId").asString()))
                .update();
        JsonNode known = api.get(path(begun) + "/practice").json().get("practice");
        assertThat(at(known)).isEqualTo(at(begun));
        assertThat(helm(api, path(begun), 1, "COURSE").status()).isEqualTo(200);
    }

    /** Who is forgotten takes with her whoever practised as her. */
    @Test
    void sheIsForgottenWithTheRealBoat(Api api) {
        ObjectNode own = (ObjectNode) api.get(api.sprat()).json();
        String id = UUID.randomUUID().toString();
        own.put("boatId", id).put("version", 0);
        own.get("holders")
                .forEach(holder ->
                        ((ObjectNode) holder).put("holderId", UUID.randomUUID().toString()));
        String real = "/api/boats/" + id;
        assertThat(api.put(real, own).status()).isEqualTo(200);
        String copy = path(api.post(real + "/practice", "{\"afresh\": false, \"holdMps\": 2}")
                .json());
        String mark = api.get(real + "/export/mark").json().get("mark").asString();
        assertThat(api.post(real + "/forget", "{\"mark\": \"" + mark + "\"}").status())
                .isEqualTo(204);
        assertThat(api.get(copy).codes()).containsExactly("FORGOTTEN");
    }
}
