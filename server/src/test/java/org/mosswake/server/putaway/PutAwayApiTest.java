package org.mosswake.server.putaway;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class PutAwayApiTest {
    private String boat;

    /** A boat of its own with a usual box. */
    @BeforeEach
    void aBoat(Api api) {
        ObjectNode body = (ObjectNode) api.get(api.quietLedger()).json().deepCopy();
        String id = UUID.randomUUID().toString();
        body.put("boatId", id).put("version", 0).put("name", "Put away");
        ((ArrayNode) body.get("holders"))
                .forEach(h -> ((ObjectNode) h).put("holderId", UUID.randomUUID().toString()));
        boat = "/api/boats/" + id;
        api.put(boat, body);
        api.post(boat + "/gear/starter", "{\"waters\": \"WARM\"}");
    }

    private int put(Api api, String thing) {
        return api.send("PUT", boat + "/put-away/" + thing, null).status();
    }

    private JsonNode lure(Api api, int at) {
        return api.get(boat + "/gear").json().get("lures").get(at);
    }

    private List<String> away(Api api) {
        return api.get(boat + "/put-away")
                .json()
                .valueStream()
                .map(one -> one.get("thing").asString() + (one.get("removable").asBoolean() ? "" : " stays"))
                .toList();
    }

    @Test
    void whatIsPutAwayIsListedAsSuchAndTakenOutAgain(Api api) {
        String lure = lure(api, 0).get("gearId").asString();
        assertThat(put(api, lure)).isEqualTo(204);
        assertThat(put(api, lure)).as("twice is once").isEqualTo(204);
        assertThat(away(api)).containsExactly(lure);
        assertThat(api.send("DELETE", boat + "/put-away/" + lure, null).status())
                .isEqualTo(204);
        assertThat(away(api)).isEmpty();
    }

    @Test
    void whatNothingNeedsIsRemovedForGoodOnceItIsPutAway(Api api) {
        JsonNode lure = lure(api, 0);
        String gone = boat + "/gear/" + lure.get("gearId").asString();
        assertThat(api.send("DELETE", gone, null).status())
                .as("not put away yet")
                .isEqualTo(404);
        put(api, lure.get("gearId").asString());
        assertThat(api.send("DELETE", gone, null).status()).isEqualTo(204);
        assertThat(api.get(boat + "/gear").json().get("lures").valueStream()).doesNotContain(lure);
        assertThat(away(api)).isEmpty();
        ObjectNode again = ((ObjectNode) lure.deepCopy()).put("version", 0);
        assertThat(api.put(boat + "/gear/lures", again).status())
                .as("typed anew under the same id")
                .isEqualTo(200);
    }

    @Test
    void whatAReelCarriesStays(Api api) {
        String main = api.get(boat + "/gear")
                .json()
                .get("reels")
                .get(0)
                .get("mainLineGearId")
                .asString();
        put(api, main);
        assertThat(away(api)).containsExactly(main + " stays");
        var answer = api.send("DELETE", boat + "/gear/" + main, null);
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.codes()).containsExactly("STILL_NEEDED");
    }

    @Test
    void aSpreadAndTheBoatHerselfCanBePutAway(Api api) {
        String spread = UUID.randomUUID().toString();
        String body = """
                {"spreadId": "%s", "version": 0, "name": "Old one",
                 "draft": {"speedThroughWaterMps": 3.0, "lines": []}}""".formatted(spread);
        assertThat(api.put(boat + "/spreads/" + spread, body).status()).isEqualTo(200);
        put(api, spread);
        assertThat(api.get(boat + "/spreads").json().get(0).get("putAway").asBoolean())
                .isTrue();
        String self = boat.substring(boat.lastIndexOf('/') + 1);
        put(api, self);
        assertThat(api.get("/api/boats?count=200").json().valueStream())
                .anyMatch(one -> one.get("boatId").asString().equals(self)
                        && one.get("putAway").asBoolean());
    }

    @Test
    void theCallCountsNoLureThatIsPutAway(Api api) {
        String call = """
                {"day": "2026-06-18", "at": "2026-06-18T09:00:00Z", "answers": [{"topic": "TARGET", "choice": "MAHI"}],
                 "place": {"latitudeDeg": 27.6, "longitudeDeg": -47.3, "timeZone": "Etc/GMT+3"}}""";
        java.util.function.IntSupplier lacking =
                () -> api.post(boat + "/call", call).text().split("no lure", -1).length;
        int before = lacking.getAsInt();
        var lures = api.get(boat + "/gear").json().get("lures");
        lures.valueStream().forEach(lure -> put(api, lure.get("gearId").asString()));
        assertThat(lacking.getAsInt()).isGreaterThan(before);
    }

    @Test
    void nothingUnknownIsPutAway(Api api) {
        assertThat(put(api, UUID.randomUUID().toString())).isEqualTo(404);
    }

    private String spread(Api api) {
        String id = UUID.randomUUID().toString();
        var kept = api.put(boat + "/spreads/" + id, """
                {"spreadId": "%s", "version": 0, "name": "Never fished", "draft": {"speedThroughWaterMps": 3, "lines": []}}""".formatted(id));
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        return id;
    }

    private String titles(Api api) {
        return api.get(boat + "/spreads").text();
    }

    @Test
    void aSpreadThatNobodyFishedIsRemovedForGood(Api api) {
        String spread = spread(api);
        String path = boat + "/spreads/" + spread;
        assertThat(api.send("DELETE", path, null).codes()).containsExactly("NOT_FOUND");
        put(api, spread);
        assertThat(away(api)).containsExactly(spread);
        assertThat(api.send("DELETE", path, null).status()).isEqualTo(204);
        assertThat(titles(api)).doesNotContain(spread);
        assertThat(away(api)).isEmpty();
        assertThat(api.get(path).status()).isEqualTo(404);
        assertThat(api.send("DELETE", path, null).status()).isEqualTo(404);
    }

    @Test
    void aSpreadThatWasFishedStays(Api api) {
        String demo = api.quietLedger();
        String spread = Api.named(api.get(demo + "/spreads").json(), "Mixed surface", "spreadId");
        assertThat(api.send("PUT", demo + "/put-away/" + spread, null).status()).isEqualTo(204);
        try {
            assertThat(api.send("DELETE", demo + "/spreads/" + spread, null).codes())
                    .containsExactly("STILL_NEEDED");
        } finally {
            api.send("DELETE", demo + "/put-away/" + spread, null);
        }
        assertThat(api.mixedSurface().get("name").asString()).isEqualTo("Mixed surface");
    }
}
