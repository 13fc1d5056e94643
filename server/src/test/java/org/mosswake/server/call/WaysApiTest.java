package org.mosswake.server.call;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.core.playbook.School;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class WaysApiTest {
    private static ObjectNode side(String school, int side, int version) {
        return Api.JSON
                .createObjectNode()
                .put("school", school)
                .put("side", side)
                .put("version", version);
    }

    /** The version that the next write must name. */
    private static int version(Api api, String path, String school) {
        return api.get(path)
                .json()
                .valueStream()
                .filter(s -> s.get("school").asString().equals(school))
                .findFirst()
                .orElseThrow()
                .get("version")
                .asInt();
    }

    private static int of(Api api, String playbook) {
        JsonNode call = api.post(api.sprat() + "/call", CallApiTest.warm("TARGET WAHOO"))
                .json();
        return call.get("scores")
                .valueStream()
                .filter(score -> score.get("playbook").asString().equals(playbook))
                .findFirst()
                .orElseThrow()
                .get("tenths")
                .asInt();
    }

    @Test
    void aSideTakenIsRememberedAndChangesTheCall(Api api) {
        String schools = api.sprat() + "/schools";
        assertThat(api.get(schools).json()).hasSize(School.values().length);
        int before = of(api, "LADDER");
        int version = version(api, schools, "FAST");
        assertThat(api.put(schools, side("FAST", 1, version)).status()).isEqualTo(200);
        assertThat(of(api, "LADDER")).isLessThan(before);
        var stale = api.put(schools, side("FAST", 0, version));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.json().get("theirs").get("side").asInt()).isEqualTo(1);
        assertThat(stale.json().get("yours").get("side").asInt()).isZero();
        assertThat(api.get(schools).json().valueStream())
                .anyMatch(s -> s.get("school").asString().equals("FAST")
                        && s.get("side").asInt() == 1);
        api.put(schools, side("FAST", 0, version(api, schools, "FAST")));
        assertThat(of(api, "LADDER")).isEqualTo(before);
        assertThat(api.put(schools, side("FAST", 7, 1)).status()).isEqualTo(400);
        assertThat(api.put(schools, side("SLOW", 0, 0)).fields()).containsExactly("school");
    }

    private static ObjectNode numbers(int version, Object... keysAndValues) {
        ObjectNode body = Api.JSON.createObjectNode().put("version", version);
        var set = body.putArray("set");
        for (int i = 0; i < keysAndValues.length; i += 2) {
            set.addObject().put("key", (String) keysAndValues[i]).put("value", (Double) keysAndValues[i + 1]);
        }
        return body;
    }

    @Test
    void aNumberSetIsKeptAndGoesBackWhenLeftOut(Api api) {
        String path = api.sprat() + "/numbers";
        int before = of(api, "TOOTHY");
        int version = api.get(path).json().get("version").asInt();
        api.put(path, numbers(version, "TARGET_FIRST.M2", 55.0));
        assertThat(of(api, "TOOTHY")).isEqualTo(before + 25);
        assertThat(api.get(path).json().get("set")).hasSize(1);
        assertThat(api.put(path, numbers(version)).status()).isEqualTo(409);
        api.put(path, numbers(version + 1));
        assertThat(of(api, "TOOTHY")).isEqualTo(before);
        assertThat(api.put(path, numbers(version + 2, "M2.startMps", 99.0)).fields())
                .contains("M2.startMps");
        assertThat(api.put(path, numbers(version + 2, "nothing.at.all", 1.0)).status())
                .isEqualTo(400);
        JsonNode catalogue = api.get("/api/call/catalogue").json();
        assertThat(catalogue.get("numbers").size()).isGreaterThan(500);
        assertThat(catalogue.get("numbers").valueStream())
                .allMatch(n -> n.get("basis").asString().matches("PRACTICE|ESTIMATE"));
    }

    private static ObjectNode rule() {
        return Api.JSON
                .createObjectNode()
                .put("species", "CHINOOK")
                .put("version", 0)
                .put("dated", "2026-06-02")
                .put("seasonFrom", "07-01")
                .put("seasonTo", "09-15")
                .put("bag", 2)
                .put("leastLengthM", 0.62)
                .put("barbless", true)
                .put("mostLines", 1)
                .put("gear", "invented");
    }

    @Test
    void theTableIsTheSkippersOwn(Api api) {
        String path = api.sprat() + "/rules";
        ObjectNode rule = rule();
        JsonNode kept = api.put(path, rule).json();
        assertThat(kept.get("version").asInt()).isEqualTo(1);
        assertThat(api.put(path, rule).status()).isEqualTo(409);
        JsonNode call = api.post(
                        api.sprat() + "/call",
                        CallApiTest.warm("TARGET CHINOOK").put("playbook", "FLASH_FLY"))
                .json();
        assertThat(call.get("rule").get("barbless").asBoolean()).isTrue();
        assertThat(call.get("lines").get("lines").asInt()).isEqualTo(1);
        assertThat(call.get("lines").get("bounds").get(0).get("what").asString())
                .isEqualTo("TABLE");
        assertThat(api.send("DELETE", path + "/CHINOOK?version=7", null).status())
                .isEqualTo(409);
        assertThat(api.send("DELETE", path + "/CHINOOK?version=1", null).status())
                .isEqualTo(204);
        assertThat(api.put(path, rule.put("version", 1)).status()).isEqualTo(409);
        assertThat(api.get(path).json().get("rules").valueStream())
                .noneMatch(r -> r.get("species").asString().equals("CHINOOK"));
    }

    @Test
    void aTableThatCannotBeIsRefusedByField(Api api) {
        String path = api.sprat() + "/rules";
        ObjectNode odd = rule();
        odd.remove("seasonTo");
        assertThat(api.put(path, odd).fields()).containsExactly("seasonTo");
        assertThat(api.put(path, rule().put("seasonFrom", "31st")).fields()).containsExactly("seasonFrom");
        assertThat(api.put(path, rule().put("bag", -1)).fields()).containsExactly("bag");
        assertThat(api.put(path, rule().put("mostLengthM", 0.3)).fields()).containsExactly("mostLengthM");
    }

    @Test
    void aPlanIsKeptForItsDay(Api api) {
        String path = api.sprat() + "/plans/2026-08-01";
        ObjectNode plan = (ObjectNode) api.get(path).json();
        assertThat(plan.get("version").asInt()).isZero();
        ObjectNode answer = Api.JSON.createObjectNode().put("topic", "CREW").put("value", 2);
        plan.putArray("answers").add(answer);
        plan.put("runOutMin", 35.0).put("linesIn", "2026-08-01T09:00:00Z");
        JsonNode kept = api.put(path, plan).json();
        assertThat(kept.get("version").asInt()).isEqualTo(1);
        assertThat(api.get(path).json()).isEqualTo(kept);
        assertThat(api.put(path, plan).status()).isEqualTo(409);
        plan.put("version", 1).put("runOutMin", 5000.0);
        assertThat(api.put(path, plan).fields()).containsExactly("runOutMin");
        assertThat(api.put(api.sprat() + "/plans/2026-08-02", plan.put("runOutMin", 5.0))
                        .fields())
                .containsExactly("day");
    }

    @Test
    void whereASpreadCameFromIsKeptBesideIt(Api api) {
        String boat = api.quietLedger();
        String spread = api.mixedSurface().get("spreadId").asString();
        String path = boat + "/spreads/" + spread + "/origin";
        assertThat(api.get(path).status()).isEqualTo(204);
        ObjectNode body = Api.JSON.createObjectNode().put("playbook", "MIXED").put("version", 0);
        body.putArray("stories");
        body.putArray("lacks")
                .addObject()
                .put("text", "a feather of {0}")
                .putArray("figures")
                .addObject()
                .put("kind", "SMALL")
                .put("si", 0.1);
        body.putArray("notes");
        assertThat(api.put(path, body).json().get("lacks")).isEqualTo(body.get("lacks"));
        assertThat(api.get(path).json().get("playbook").asString()).isEqualTo("MIXED");
        assertThat(api.get(boat + "/spreads/" + java.util.UUID.randomUUID() + "/origin")
                        .status())
                .isEqualTo(404);
        assertThat(api.put(boat + "/spreads/" + java.util.UUID.randomUUID() + "/origin", body)
                        .status())
                .isEqualTo(404);
    }
}
