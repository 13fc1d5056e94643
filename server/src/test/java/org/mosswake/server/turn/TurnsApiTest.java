package org.mosswake.server.turn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** How far a spread turns, what widens it, and what a helm does to it. */
@ExtendWith(RunningServer.class)
class TurnsApiTest {
    private static ObjectNode mixed(Api api) {
        ObjectNode body = Api.JSON.createObjectNode();
        body.set("draft", api.mixedSurface().get("draft"));
        return body;
    }

    private static JsonNode turns(Api api, ObjectNode body) {
        return api.post(api.quietLedger() + "/turns", body).json();
    }

    private static ObjectNode line(ObjectNode body, String lineId) {
        return (ObjectNode) body.get("draft")
                .get("lines")
                .valueStream()
                .filter(line -> line.get("lineId").asString().equals(lineId))
                .findFirst()
                .orElseThrow();
    }

    private static void takeIn(ObjectNode body, String lineId) {
        ArrayNode lines = (ArrayNode) body.get("draft").get("lines");
        for (int i = lines.size() - 1; i >= 0; i--) {
            if (lines.get(i).get("lineId").asString().equals(lineId)) {
                lines.remove(i);
            }
        }
    }

    private static double port(JsonNode turns) {
        return turns.get("port").get("limitDeg").asDouble();
    }

    @Test
    void namesTheFirstPairOfEitherSide(Api api) {
        JsonNode turns = turns(api, mixed(api));
        for (String side : List.of("port", "starboard")) {
            JsonNode answer = turns.get(side);
            assertThat(answer.get("limitDeg").asDouble()).isBetween(20.0, 90.0);
            assertThat(answer.get("foul").has("otherLineId")).isTrue();
            assertThat(answer.get("halfTurn")).hasSizeGreaterThan(20);
            assertThat(answer.get("halfTurn").get(0).get("lines")).hasSize(6);
        }
        assertThat(turns.get("setting")).hasSize(6);
        assertThat(turns.get("clearing")).hasSize(6);
    }

    /** Whatever it is put together from is compared by value, or nothing would be found again. */
    @Test
    void whatIsAskedAgainIsKnownUntilTheGearIsAnother(Api api) throws Exception {
        for (String boat : List.of(api.quietLedger(), api.sprat())) {
            for (JsonNode title : api.get(boat + "/spreads").json()) {
                ObjectNode body = Api.JSON.createObjectNode();
                body.set("draft", api.spread(boat, title.get("name").asString()).get("draft"));
                assertThat(called(boat, body)).isSameAs(called(boat, body));
            }
        }
        String boat = api.quietLedger();
        TurnsReply before = called(boat, mixed(api));
        raiseTips(api, boat, 0.2);
        assertThat(called(boat, mixed(api))).isNotEqualTo(before);
        raiseTips(api, boat, -0.2);
        assertThat(called(boat, mixed(api))).isSameAs(before);
    }

    private static void raiseTips(Api api, String boat, double byM) {
        JsonNode raised = api.get(boat).json();
        for (JsonNode holder : raised.get("holders")) {
            ObjectNode tip = (ObjectNode) holder.get("tip");
            tip.put("heightM", Math.round((tip.get("heightM").asDouble() + byM) * 100) / 100.0);
        }
        assertThat(api.put(boat, raised).status()).isEqualTo(200);
    }

    private static TurnsReply called(String boat, ObjectNode body) throws Exception {
        UUID vessel = UUID.fromString(boat.substring(boat.lastIndexOf('/') + 1));
        return RunningServer.context()
                .getBean(TurnsService.class)
                .turns(vessel, Api.JSON.treeToValue(body, TurnsBody.class))
                .call();
    }

    @Test
    void anEvenSpreadTurnsTheSameToBothSidesAndALopsidedOneDoesNot(Api api) {
        ObjectNode body = mixed(api);
        ((ArrayNode) body.get("draft").get("lines")).remove(5);
        JsonNode even = turns(api, body);
        assertThat(port(even)).isCloseTo(even.get("starboard").get("limitDeg").asDouble(), within(3.0));

        ArrayNode lines = (ArrayNode) body.get("draft").get("lines");
        lines.remove(4);
        lines.remove(2);
        JsonNode lopsided = turns(api, body);
        assertThat(Math.abs(port(lopsided)
                        - lopsided.get("starboard").get("limitDeg").asDouble()))
                .isGreaterThan(10);
        assertThat(lopsided.has("kinder")).isTrue();
    }

    @Test
    void rightRoundIsAsWideAsItMustBe(Api api) {
        ObjectNode body = mixed(api);
        JsonNode round = api.post(api.quietLedger() + "/turns/round", body).json();
        double radius = round.at("/port/radiusM").asDouble();
        assertThat(radius)
                .isGreaterThan(round.get("tightestM").asDouble())
                .isLessThan(round.get("widestM").asDouble());
        assertThat(round.at("/port/againM").asDouble()).isBetween(50.0, 400.0);
        JsonNode stops = round.at("/port/stops");
        assertThat(stops.has("lineId")).isTrue();
        assertThat(port(turns(api, body.put("radiusM", radius)))).isEqualTo(180);
        assertThat(port(turns(api, body.put("radiusM", radius / 1.16)))).isLessThan(180);
    }

    @Test
    void theMendOfferedDoesWidenTheTurn(Api api) {
        ObjectNode body = mixed(api);
        JsonNode mend = api.post(api.quietLedger() + "/turns/mend", body).json().get("mend");
        assertThat(mend.get("mend").get("changes").size()).isPositive();
        String side = mend.get("side").asString().equals("PORT") ? "port" : "starboard";
        double before = turns(api, body).get(side).get("limitDeg").asDouble();
        for (JsonNode change : mend.get("mend").get("changes")) {
            String id = change.get("lineId").asString();
            switch (change.get("what").asString()) {
                case "LET_OUT" ->
                    line(body, id).put("letOutM", change.get("value").asDouble());
                case "HOLDER" ->
                    line(body, id).put("holderId", change.get("holderId").asString());
                case "TAKE_IN" -> takeIn(body, id);
                default -> throw new AssertionError(change);
            }
        }
        double after = turns(api, body).get(side).get("limitDeg").asDouble();
        assertThat(after)
                .isGreaterThan(before + 5)
                .isGreaterThanOrEqualTo(mend.get("limitDeg").asDouble());
    }

    @Test
    void aLongStraightHelmFoulsNothingAndAFullTurnDoes(Api api) {
        ObjectNode helm = Api.JSON.createObjectNode();
        helm.set("spread", mixed(api));
        ObjectNode ahead = Api.JSON.createObjectNode().put("asternM", -80).put("starboardM", 0);
        helm.putArray("track").add(ahead);
        JsonNode straight = api.post(api.quietLedger() + "/turns/helm", helm).json();
        assertThat(straight.get("fouls")).isEmpty();
        JsonNode end = straight.get("frames").get(straight.get("frames").size() - 1);
        assertThat(end.get("asternM").asDouble()).isCloseTo(-80, within(3.0));
        helm.remove("track");
        helm.putObject("turn").put("side", "PORT").put("angleDeg", 180);
        JsonNode turned = api.post(api.quietLedger() + "/turns/helm", helm).json();
        assertThat(turned.get("fouls")).isNotEmpty();
        assertThat(turned.get("frames")).hasSizeLessThanOrEqualTo(200);
    }

    @Test
    void badTurnsNameTheirFields(Api api) {
        ObjectNode body = mixed(api).put("radiusM", 2).put("clearUpM", -1);
        assertThat(api.post(api.quietLedger() + "/turns", body).fields()).containsExactly("radiusM", "clearUpM");
        ObjectNode helm = Api.JSON.createObjectNode();
        helm.set("spread", mixed(api));
        assertThat(api.post(api.quietLedger() + "/turns/helm", helm).status()).isEqualTo(400);
        assertThat(api.post(api.quietLedger() + "/turns/helm", helm).codes()).containsExactly("NOT_EXACTLY_ONE");
        helm.putArray("track").addNull();
        assertThat(api.post(api.quietLedger() + "/turns/helm", helm).fields()).containsExactly("track[0]");
        ((ObjectNode) helm.get("spread")).put("radiusM", 2);
        assertThat(api.post(api.quietLedger() + "/turns/helm", helm).fields())
                .containsExactly("spread.radiusM", "track[0]");
        ((ObjectNode) helm.get("spread")).remove("radiusM");
        helm.remove("track");
        helm.putObject("weave").put("side", "PORT").put("swingDeg", 500);
        assertThat(api.post(api.quietLedger() + "/turns/helm", helm).fields())
                .containsExactly("weave.swingDeg", "weave.legM", "weave.swings");
    }
}
