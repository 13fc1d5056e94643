package org.mosswake.server.gear;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class BoatApiTest {
    /** A boat of its own, shaped like the demo's. */
    private static ObjectNode fresh(Api api) {
        ObjectNode boat = (ObjectNode) api.get(api.quietLedger()).json().deepCopy();
        boat.put("boatId", UUID.randomUUID().toString()).put("version", 0).put("name", "Fresh");
        ((ArrayNode) boat.get("holders"))
                .forEach(h -> ((ObjectNode) h).put("holderId", UUID.randomUUID().toString()));
        return boat;
    }

    private static String path(ObjectNode boat) {
        return "/api/boats/" + boat.get("boatId").asString();
    }

    @Test
    void aNewBoatIsKeptAsItWasSent(Api api) {
        ObjectNode boat = fresh(api);
        var made = api.put(path(boat), boat).json();
        assertThat(made.get("version").asInt()).isEqualTo(1);
        assertThat(made.get("holders")).isEqualTo(boat.get("holders"));
        assertThat(api.get(path(boat)).json()).isEqualTo(made);
        assertThat(api.get(path(boat) + "/spreads").json()).isEmpty();
        assertThat(api.get(path(boat) + "/gear").json().get("lures")).isEmpty();
    }

    @Test
    void whatTheAddressSaysMustBeWhatTheBodySays(Api api) {
        ObjectNode boat = fresh(api);
        var answer = api.put("/api/boats/" + UUID.randomUUID(), boat);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.fields()).containsExactly("boatId");
    }

    @Test
    void namesEveryMeasureThatCannotBe(Api api) {
        ObjectNode boat = fresh(api);
        boat.put("lengthM", 300)
                .put("beamM", -1)
                .put("latitudeDeg", 91)
                .put("timeZone", "Tarrow/Banks")
                .put("name", " ");
        ((ObjectNode) boat.get("holders").get(1).get("tip")).put("heightM", 90);
        ((ObjectNode) boat.get("holders").get(2)).put("kind", "MAST");
        var answer = api.put(path(boat), boat);
        assertThat(answer.fields())
                .contains(
                        "lengthM",
                        "beamM",
                        "latitudeDeg",
                        "timeZone",
                        "name",
                        "holders[1].tip.heightM",
                        "holders[2].kind");
        assertThat(api.get(path(boat)).status()).isEqualTo(404);
    }

    @Test
    void howSlowlySheGoesIsKeptAndMustBeSlowerUnderADrogue(Api api) {
        ObjectNode boat =
                fresh(api).put("idleMps", 2.2).put("drogueAreaM2", 0.4).put("drogueSpeedMps", 1.5);
        api.put(path(boat), boat);
        assertThat(api.get(path(boat)).json().get("drogueSpeedMps").asDouble()).isEqualTo(1.5);
        boat.put("version", 1).put("drogueSpeedMps", 2.5);
        assertThat(api.put(path(boat), boat).fields()).containsExactly("drogueSpeedMps");
        boat.remove("drogueSpeedMps");
        assertThat(api.put(path(boat), boat).codes()).containsExactly("MISSING");
    }

    @Test
    void noHolderTwice(Api api) {
        ObjectNode boat = fresh(api);
        ((ObjectNode) boat.get("holders").get(1))
                .put("holderId", boat.get("holders").get(0).get("holderId").asString());
        assertThat(api.put(path(boat), boat).codes()).containsExactly("TWICE");
    }

    @Test
    void longNamesAreRefusedNotCut(Api api) {
        ObjectNode boat = fresh(api).put("name", "x".repeat(61));
        var answer = api.put(path(boat), boat);
        assertThat(answer.codes()).containsExactly("TOO_LONG");
        assertThat(answer.json().path("faults").get(0).get("mend").asString()).contains("60");
    }

    @Test
    void textOfAnyLanguageIsKept(Api api) {
        ObjectNode boat = fresh(api).put("name", "Mosså 苔 🌊 'Wake\"; drop table boat; --");
        api.put(path(boat), boat);
        assertThat(api.get(path(boat)).json().get("name")).isEqualTo(boat.get("name"));
    }
}
