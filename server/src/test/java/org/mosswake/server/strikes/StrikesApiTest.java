package org.mosswake.server.strikes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class StrikesApiTest {
    private static final String DEVICE = UUID.randomUUID().toString();
    private Api api;
    private String trip;
    private ObjectNode spread;

    @BeforeEach
    void startATrip(Api running) {
        api = running;
        spread = api.mixedSurface();
        ObjectNode body = Api.JSON.createObjectNode();
        String id = UUID.randomUUID().toString();
        body.put("tripId", id).put("name", "Test day").put("day", "2026-06-19").put("place", "Tarrow Banks");
        body.put("latitudeDeg", 27.6).put("longitudeDeg", -47.3).put("timeZone", "Etc/GMT+3");
        trip = api.quietLedger() + "/trips/" + id;
        assertThat(api.put(trip, body).status()).isEqualTo(200);
        assertThat(api.put(trip, body).status()).isEqualTo(200);
    }

    private ObjectNode event(String kind) {
        ObjectNode event = Api.JSON.createObjectNode();
        event.put("eventId", UUID.randomUUID().toString()).put("kind", kind).put("deviceId", DEVICE);
        event.put("happenedAt", "2026-06-19T09:00:00Z").put("deviceAt", "2026-06-19T09:00:01Z");
        return event;
    }

    private ObjectNode strike() {
        ObjectNode event = event("STRUCK");
        event.put("spreadId", spread.get("spreadId").asString());
        event.put("revision", spread.get("revision").asInt());
        event.put(
                "lineId", spread.get("draft").get("lines").get(1).get("lineId").asString());
        return event;
    }

    /** Figures as computed for a strike. */
    private static JsonNode line(JsonNode strike) {
        return strike.get("line");
    }

    private Api.Answer send(ObjectNode... events) {
        ObjectNode body = Api.JSON.createObjectNode();
        List.of(events).forEach(body.putArray("events")::add);
        return api.post(trip + "/events", body);
    }

    private JsonNode strikes() {
        return api.get(trip + "/log").json().get("strikes");
    }

    @Test
    void aStrikeKeepsWhatWasFished() {
        send(strike());
        JsonNode kept = strikes().get(0);
        assertThat(line(kept).get("label").asString()).isEqualTo("S1");
        assertThat(line(kept).get("letOutM").asDouble()).isEqualTo(84);
        assertThat(line(kept).get("depthM").asDouble()).isBetween(0.5, 1.5);
        assertThat(kept.get("solverEdition").asString()).startsWith("tow-");
        assertThat(kept.get("outcome").asString()).isEqualTo("OPEN");
    }

    @Test
    void theSameStrikeSentTwiceIsOne() {
        ObjectNode strike = strike();
        assertThat(send(strike).status()).isEqualTo(200);
        assertThat(send(strike, strike).status()).isEqualTo(200);
        assertThat(strikes()).hasSize(1);
    }

    @Test
    void theSameStrikeSentByManyAtOnceIsOne() {
        ObjectNode strike = strike();
        var statuses = IntStream.range(0, 8)
                .parallel()
                .map(i -> send(strike).status())
                .boxed()
                .toList();
        assertThat(statuses).containsOnly(200);
        assertThat(strikes()).hasSize(1);
    }

    @Test
    void oneIdForTwoStrikesIsRefused() {
        ObjectNode strike = strike();
        send(strike);
        strike.put("happenedAt", "2026-06-19T10:00:00Z");
        var refused = send(strike);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.codes()).containsExactly("EVENT_ID_REUSED");
        assertThat(strikes()).hasSize(1);
    }

    @Test
    void aStrikeOnALineNobodyKnowsIsKeptWithoutFigures() {
        ObjectNode lost = strike();
        lost.put("lineId", UUID.randomUUID().toString());
        assertThat(send(strike(), lost).status()).isEqualTo(200);
        assertThat(strikes()).hasSize(2);
        assertThat(strikes().valueStream().filter(one -> one.has("line"))).hasSize(1);
    }

    @Test
    void oneThatIsRefusedHoldsUpNoneOfTheOthers() {
        ObjectNode bad = event("LANDED");
        var refused = send(strike(), bad, strike());
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.fields()).containsExactly("events[1].targetId", "events[1].speciesName");
        assertThat(strikes()).hasSize(2);
    }

    @Test
    void theRecordedDepthStaysWhenCoefficientsAreEdited() {
        send(strike());
        JsonNode before = strikes().get(0);
        String boat = api.quietLedger();
        String lureId = spread.get("draft")
                .get("lines")
                .get(1)
                .get("tackle")
                .get(0)
                .get("lureGearId")
                .asString();
        ObjectNode lure = (ObjectNode) api.get(boat + "/gear")
                .json()
                .get("lures")
                .valueStream()
                .filter(l -> l.get("gearId").asString().equals(lureId))
                .findFirst()
                .orElseThrow();
        ObjectNode heavier = lure.deepCopy();
        heavier.put("massKg", 0.5);
        assertThat(api.put(boat + "/gear/lures", heavier).status()).isEqualTo(200);
        send(strike().put("happenedAt", java.time.Instant.now().toString()));
        assertThat(strikes().get(0)).isEqualTo(before);
        assertThat(line(strikes().get(1)).get("depthM").asDouble())
                .isGreaterThan(line(before).get("depthM").asDouble() + 0.3);
        lure.put("version", lure.get("version").asInt() + 1);
        api.put(boat + "/gear/lures", lure);
    }

    @Test
    void whatWasFishedUnsavedIsKeptBesideTheHead() {
        ObjectNode strike = strike();
        ObjectNode draft = (ObjectNode) spread.get("draft").deepCopy();
        ((ObjectNode) draft.get("lines").get(1)).put("letOutM", 91);
        strike.set("draft", draft);
        strike.remove("revision");
        assertThat(send(strike).status()).isEqualTo(200);
        assertThat(line(strikes().get(0)).get("letOutM").asDouble()).isEqualTo(91);
        assertThat(line(strikes().get(0)).has("revision")).isFalse();
        assertThat(api.mixedSurface().get("draft")).isEqualTo(spread.get("draft"));
    }

    @Test
    void fishAndRetractionsFoldInAnyOrder() {
        ObjectNode strike = strike();
        String id = strike.get("eventId").asString();
        ObjectNode landed =
                event("LANDED").put("targetId", id).put("speciesName", "mahi").put("fishLengthM", 0.8);
        ObjectNode undo =
                event("RETRACTED").put("targetId", landed.get("eventId").asString());
        send(landed);
        assertThat(strikes()).isEmpty();
        send(strike);
        assertThat(strikes().get(0).get("species").get(0).asString()).isEqualTo("mahi");
        send(undo);
        assertThat(strikes().get(0).get("outcome").asString()).isEqualTo("OPEN");
        send(event("RETRACTED").put("targetId", id));
        assertThat(strikes()).isEmpty();
    }

    @Test
    void everyKindOfEventIsTaken() {
        ObjectNode set = strike();
        set.put("kind", "SET").put("letOutM", 84);
        ObjectNode cleared = strike();
        cleared.put("kind", "CLEARED");
        ObjectNode fix = event("FIX")
                .put("latitudeDeg", 27.61)
                .put("longitudeDeg", -47.3)
                .put("courseDeg", 36);
        ObjectNode note =
                event("ANNOTATED").put("targetId", UUID.randomUUID().toString()).put("note", "weed");
        assertThat(send(set, cleared, fix, note).status()).isEqualTo(200);
    }

    @Test
    void saysWhatAnEventLacks() {
        ObjectNode empty = Api.JSON.createObjectNode().put("kind", "LANDED");
        assertThat(send(empty).fields())
                .contains(
                        "events[0].eventId",
                        "events[0].deviceId",
                        "events[0].happenedAt",
                        "events[0].targetId",
                        "events[0].speciesName");
    }

    @Test
    void factsCannotBeChangedEvenInTheDatabase() {
        send(strike());
        strikes();
        JdbcClient database = RunningServer.context().getBean(JdbcClient.class);
        for (String table :
                List.of("fact", "struck_line", "spread_revision", "content", "content_gear", "gear_version")) {
            assertThatThrownBy(() -> database.sql("delete from " + table).update())
                    .as(table)
                    .hasMessageContaining("is never changed");
        }
    }
}
