package org.mosswake.server.spread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Lines down a cable, three-ways and the water they are planned in, as kept and as solved. */
@ExtendWith(RunningServer.class)
class DeepSpreadApiTest {
    private static ObjectNode deep(Api api) {
        return (ObjectNode) api.spread(api.sprat(), "Deep in the sound").get("draft");
    }

    private static ObjectNode rig(ObjectNode draft) {
        return (ObjectNode) draft.get("lines").get(0).get("deep");
    }

    private static JsonNode solve(Api api, ObjectNode draft) {
        return api.post(api.sprat() + "/solve", draft).json();
    }

    private static ObjectNode ask(ObjectNode draft, int line, double depth) {
        ObjectNode body = Api.JSON.createObjectNode();
        body.set("draft", draft);
        body.put("lineId", draft.get("lines").get(line).get("lineId").asString());
        body.put("depthM", depth);
        return body;
    }

    @Test
    void cableBranchAndWaterAreKeptAsSaved(Api api) {
        ObjectNode body = Api.JSON.createObjectNode();
        String id = UUID.randomUUID().toString();
        ObjectNode draft = deep(api);
        rig(draft).put("cableOutM", 19.5).put("seat", "HALF");
        ((ObjectNode) draft.get("here")).put("layerM", 9.0).put("aboveC", 14.5);
        draft.put("enginesRunning", 1);
        body.put("spreadId", id).put("version", 0).put("name", "deep copy").set("draft", draft);
        assertThat(api.put(api.sprat() + "/spreads/" + id, body).status()).isEqualTo(200);
        assertThat(api.get(api.sprat() + "/spreads/" + id).json().get("draft")).isEqualTo(draft);
    }

    @Test
    void aDeepLineIsSolvedWithItsCableAndItsBelly(Api api) {
        JsonNode line = solve(api, deep(api)).get("lines").get(0);
        JsonNode deep = line.get("deep");
        assertThat(deep.get("ballDepthM").asDouble() + deep.get("blowBackM").asDouble())
                .isCloseTo(24, within(1e-6));
        assertThat(deep.get("cable")).hasSizeGreaterThan(5);
        assertThat(deep.get("belly")).hasSizeGreaterThan(5);
        assertThat(line.get("tow").get("asternM").asDouble())
                .isGreaterThan(deep.get("clipAsternM").asDouble());
    }

    @Test
    void bothLuresOfAThreeWayAreAnswered(Api api) {
        JsonNode line = solve(api, deep(api)).get("lines").get(1);
        assertThat(line.get("branch").get("depthM").asDouble()).isPositive();
        assertThat(line.get("branch").get("asternM").asDouble())
                .isGreaterThan(line.get("tow").get("asternM").asDouble());
    }

    @Test
    void speedOverTheGroundFollowsTheStream(Api api) {
        ObjectNode draft = deep(api);
        ((ObjectNode) draft.get("here"))
                .put("headingDeg", 90)
                .put("streamMps", 0.5)
                .put("streamTowardsDeg", 90);
        double with = solve(api, draft).get("ground").get("overGroundMps").asDouble();
        ((ObjectNode) draft.get("here")).put("streamTowardsDeg", 270);
        double against = solve(api, draft).get("ground").get("overGroundMps").asDouble();
        assertThat(with - against).isCloseTo(1.0, within(1e-9));
    }

    @Test
    void whatDoesNotBelongNamesItsField(Api api) {
        ObjectNode draft = deep(api);
        rig(draft).put("clipAboveM", 600).remove("ballGearId");
        ((ObjectNode) draft.get("here")).put("streamMps", 0.5).remove("streamTowardsDeg");
        assertThat(api.post(api.sprat() + "/solve", draft).fields())
                .containsExactly("here.streamTowardsDeg", "lines[0].deep.clipAboveM", "lines[0].deep.ballGearId");

        ObjectNode band = deep(api);
        ((ObjectNode) band.get("here")).put("baitTopM", 20).put("baitBottomM", 10);
        assertThat(api.post(api.sprat() + "/solve", band).codes()).containsExactly("UPSIDE_DOWN");

        ObjectNode plain = deep(api);
        ((ObjectNode) plain.get("lines").get(0)).remove("deep");
        assertThat(api.post(api.sprat() + "/solve", plain).fields()).containsExactly("lines[0].deep");
    }

    @Test
    void theWayToADepthBringsTheLureThere(Api api) {
        ObjectNode draft = deep(api);
        double wanted = 15;
        JsonNode ways = api.post(api.sprat() + "/depths", ask(draft, 0, wanted)).json();
        assertThat(ways.has("letOut")).isFalse();
        rig(draft).put("cableOutM", ways.get("cable").get("value").asDouble());
        JsonNode line = solve(api, draft).get("lines").get(0);
        assertThat(line.get("tow").get("depthM").asDouble()).isCloseTo(wanted, within(0.05));
    }

    @Test
    void aDepthThatCannotBeHadSaysWhatEndsIt(Api api) {
        ObjectNode draft = deep(api);
        JsonNode ways = api.post(api.sprat() + "/depths", ask(draft, 2, 200)).json();
        assertThat(ways.get("letOut").has("value")).isFalse();
        assertThat(ways.get("letOut").get("stop").asString()).isEqualTo("MOST");
        assertThat(ways.get("letOut").get("deepestM").asDouble()).isBetween(5.0, 199.0);
        ObjectNode unknown = ask(draft, 2, 5).put("lineId", UUID.randomUUID().toString());
        assertThat(api.post(api.sprat() + "/depths", unknown).fields()).containsExactly("lineId");
    }

    @Test
    void chainsAreTiedOfWhatIsAboard(Api api) {
        JsonNode chains = api.get(api.sprat() + "/chains").json();
        JsonNode threeWay = chains.valueStream()
                .filter(chain -> chain.get("name").asString().equals("THREE_WAY"))
                .findFirst()
                .orElseThrow();
        assertThat(threeWay.get("missing")).isEmpty();
        ObjectNode draft = deep(api);
        ObjectNode line = (ObjectNode) draft.get("lines").get(2);
        line.set("tackle", threeWay.get("tackle"));
        line.put("letOutM", 60);
        assertThat(solve(api, draft).get("lines").get(2).has("branch")).isTrue();
    }

    @Test
    void theSpeedThroughTheWaterForASpeedOverTheGround(Api api) {
        ObjectNode body = Api.JSON.createObjectNode();
        body.put("overGroundMps", 1.5)
                .put("headingDeg", 0)
                .put("streamMps", 0.5)
                .put("streamTowardsDeg", 180);
        JsonNode water = api.post("/api/speeds", body).json();
        assertThat(water.get("throughWaterMps").asDouble()).isCloseTo(2.0, within(1e-6));
        assertThat(water.get("steers").asBoolean()).isTrue();
        body.put("overGroundMps", 0.3).put("streamTowardsDeg", 90);
        assertThat(api.post("/api/speeds", body).json().has("throughWaterMps")).isFalse();
    }
}
