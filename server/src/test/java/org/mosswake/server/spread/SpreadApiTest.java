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

@ExtendWith(RunningServer.class)
class SpreadApiTest {
    /** A spread of its own for a test, a copy of the demo's. */
    private static ObjectNode copy(Api api, String name) {
        ObjectNode body = Api.JSON.createObjectNode();
        body.put("spreadId", UUID.randomUUID().toString());
        body.put("version", 0);
        body.put("name", name);
        body.set("draft", api.mixedSurface().get("draft"));
        var made = api.put(path(api, body), body);
        assertThat(made.status()).isEqualTo(200);
        body.put("version", made.json().get("version").asInt());
        return body;
    }

    private static String path(Api api, ObjectNode body) {
        return api.quietLedger() + "/spreads/" + body.get("spreadId").asString();
    }

    private static ObjectNode firstLine(ObjectNode body) {
        return (ObjectNode) body.get("draft").get("lines").get(0);
    }

    @Test
    void keepsWhatIsSavedAsANewRevision(Api api) {
        ObjectNode body = copy(api, "revisions");
        firstLine(body).put("letOutM", 151.25);
        body.put("name", "renamed");
        JsonNode saved = api.put(path(api, body), body).json();
        assertThat(saved.get("revision").asInt()).isEqualTo(2);
        JsonNode kept = api.get(path(api, body)).json();
        assertThat(kept).isEqualTo(saved);
        assertThat(kept.get("name").asString()).isEqualTo("renamed");
        assertThat(kept.get("draft")).isEqualTo(body.get("draft"));
    }

    @Test
    void aStaleWriteGetsBothSidesAndChangesNothing(Api api) {
        ObjectNode body = copy(api, "two tabs");
        ObjectNode other = body.deepCopy();
        firstLine(body).put("letOutM", 140);
        firstLine(other).put("letOutM", 130);
        assertThat(api.put(path(api, body), body).status()).isEqualTo(200);
        var conflict = api.put(path(api, other), other);
        assertThat(conflict.status()).isEqualTo(409);
        assertThat(letOut(conflict.json().get("yours"))).isEqualTo(130);
        assertThat(letOut(conflict.json().get("theirs"))).isEqualTo(140);
        assertThat(letOut(api.get(path(api, body)).json())).isEqualTo(140);
    }

    private static double letOut(JsonNode spread) {
        return spread.get("draft").get("lines").get(0).get("letOutM").asDouble();
    }

    @Test
    void makingTheSameSpreadTwiceIsAConflict(Api api) {
        ObjectNode body = copy(api, "twice");
        body.put("version", 0);
        assertThat(api.put(path(api, body), body).status()).isEqualTo(409);
    }

    @Test
    void isSolvedAsItIsKept(Api api) {
        String kept = "/spreads/" + api.mixedSurface().get("spreadId").asString();
        JsonNode answer = api.get(api.quietLedger() + kept + "/solved").json();
        assertThat(answer.get("version")).isEqualTo(api.mixedSurface().get("version"));
        assertThat(answer.get("solved"))
                .isEqualTo(api.post(
                                api.quietLedger() + "/solve", api.mixedSurface().get("draft"))
                        .json());
        assertThat(api.get(api.sprat() + kept + "/solved").codes()).containsExactly("NOT_FOUND");
    }

    @Test
    void solvesADraft(Api api) {
        JsonNode solved = api.post(
                        api.quietLedger() + "/solve", api.mixedSurface().get("draft"))
                .json();
        assertThat(solved.get("lines")).hasSize(6);
        JsonNode diver = solved.get("lines")
                .valueStream()
                .filter(line -> line.get("label").asString().equals("D1"))
                .findFirst()
                .orElseThrow();
        assertThat(diver.get("tow").get("depthM").asDouble()).isCloseTo(5.5, within(0.3));
        assertThat(solved.get("findings")).isNotEmpty();
    }

    @Test
    void namesWhatIsNotAboard(Api api) {
        ObjectNode draft = (ObjectNode) api.mixedSurface().get("draft");
        ObjectNode line = (ObjectNode) draft.get("lines").get(2);
        line.put("holderId", UUID.randomUUID().toString());
        ((ObjectNode) line.get("tackle").get(0))
                .put("lureGearId", UUID.randomUUID().toString());
        ((ObjectNode) draft.get("lines").get(3)).put("letOutM", 2);
        var answer = api.post(api.quietLedger() + "/solve", draft);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.fields())
                .containsExactly("lines[2].holderId", "lines[2].tackle[0].lureGearId", "lines[3].letOutM");
    }

    @Test
    void anotherBoatsSpreadIsNotFound(Api api) {
        String sprat = "/api/boats/" + Api.named(api.get("/api/boats").json(), "Sprat", "boatId");
        String spread = api.mixedSurface().get("spreadId").asString();
        assertThat(api.get(sprat + "/spreads/" + spread).status()).isEqualTo(404);
    }

    @Test
    void editingGearChangesTheAnswerAndIsGuardedByItsVersion(Api api) {
        String boat = api.quietLedger();
        ObjectNode lure =
                (ObjectNode) api.get(boat + "/gear").json().get("lures").get(0);
        lure.put("gearId", UUID.randomUUID().toString()).put("version", 0).put("name", "Test lure");
        assertThat(api.put(boat + "/gear/lures", lure).json().get("version").asInt())
                .isEqualTo(1);
        lure.put("version", 1).put("massKg", 0.2);
        assertThat(api.put(boat + "/gear/lures", lure).json().get("version").asInt())
                .isEqualTo(2);
        var stale = api.put(boat + "/gear/lures", lure);
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.json().get("theirs").get("version").asInt()).isEqualTo(2);
        lure.put("version", 2).put("massKg", 0).put("dragAreaM2", 0);
        assertThat(api.put(boat + "/gear/lures", lure).codes()).containsExactly("LURE_WITHOUT_FORCE");
    }

    @Test
    void aBoatCanBeChangedButKeepsTheHoldersItsSpreadsUse(Api api) {
        String boat = api.quietLedger();
        ObjectNode body = (ObjectNode) api.get(boat).json();
        body.put("beamM", 3.5);
        JsonNode saved = api.put(boat, body).json();
        assertThat(saved.get("beamM").asDouble()).isEqualTo(3.5);
        assertThat(saved.get("holders")).isEqualTo(body.get("holders"));
        assertThat(api.put(boat, body).status()).isEqualTo(409);

        ObjectNode fewer = (ObjectNode) saved.deepCopy();
        ((tools.jackson.databind.node.ArrayNode) fewer.get("holders")).remove(0);
        assertThat(api.put(boat, fewer).codes()).containsExactly("HOLDER_IN_USE");
        assertThat(api.get(boat).json()).isEqualTo(saved);
    }

    @Test
    void aKindOfLineIsScaledToItsStrength(Api api) {
        JsonNode metre = api.get("/api/line-kinds/MONO?strengthN=222.411").json();
        assertThat(metre.get("diameterM").asDouble()).isCloseTo(0.0007, within(1e-6));
        assertThat(api.get("/api/line-kinds/MONO?strengthN=0").status()).isEqualTo(400);
        assertThat(api.get("/api/line-kinds/STRING?strengthN=5").status()).isEqualTo(400);
    }
}
