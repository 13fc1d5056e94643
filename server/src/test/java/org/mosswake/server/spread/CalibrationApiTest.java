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

/** A coefficient fitted to what was seen changes the gear, is kept with its reason, and can be taken back. */
@ExtendWith(RunningServer.class)
class CalibrationApiTest {
    private static ObjectNode wire(Api api, double seen) {
        JsonNode draft = api.spread(api.sprat(), "Deep in the sound").get("draft");
        JsonNode line = draft.get("lines").get(2);
        ObjectNode body = Api.JSON.createObjectNode();
        body.put("gearId", line.get("tackle").get(1).get("lineGearId").asString())
                .put("coefficient", "NORMAL_DRAG")
                .put("reason", "Felt bottom off the ledge");
        ObjectNode observation = body.putArray("observations").addObject();
        observation
                .put("kind", "BOTTOM")
                .put("seenM", seen)
                .put("speedThroughWaterMps", draft.get("speedThroughWaterMps").asDouble())
                .set("line", line);
        return body;
    }

    private static double drag(Api api, String gearId) {
        return api.get(api.sprat() + "/gear")
                .json()
                .get("lines")
                .valueStream()
                .filter(line -> line.get("gearId").asString().equals(gearId))
                .findFirst()
                .orElseThrow()
                .get("normalDragCoefficient")
                .asDouble();
    }

    private static String fresh(Api api) {
        return api.sprat() + "/calibrations/" + UUID.randomUUID();
    }

    /** High end over low end of the wire line's range. */
    private static double width(Api api) {
        JsonNode draft = api.spread(api.sprat(), "Deep in the sound").get("draft");
        JsonNode likely = api.post(api.sprat() + "/solve", draft).json().at("/lines/2/likely");
        return likely.get("highM").asDouble() / likely.get("lowM").asDouble();
    }

    @Test
    void aFitMakesItsDepthsSurerUntilItIsTakenBack(Api api) {
        double before = width(api);
        double computed = api.post(api.sprat() + "/calibrations/attempt", wire(api, 7))
                .json()
                .at("/observations/0/beforeM")
                .asDouble();
        String fit = fresh(api);
        api.put(fit, wire(api, 1.05 * computed));
        assertThat(width(api)).isLessThan(before - 0.02);
        api.post(fit + "/take-back", "");
        assertThat(width(api)).isCloseTo(before, within(1e-9));
    }

    @Test
    void isTriedKeptAndTakenBack(Api api) {
        ObjectNode body = wire(api, 7);
        String item = body.get("gearId").asString();
        double old = drag(api, item);
        JsonNode attempt = api.post(api.sprat() + "/calibrations/attempt", body).json();
        assertThat(attempt.has("faults")).isFalse();
        double before = attempt.at("/observations/0/beforeM").asDouble();
        body = wire(api, before + 0.8);
        assertThat(drag(api, item)).isEqualTo(old);

        String first = fresh(api);
        JsonNode kept = api.put(first, body).json();
        assertThat(kept.at("/observations/0/afterM").asDouble()).isCloseTo(before + 0.8, within(0.02));
        assertThat(drag(api, item)).isEqualTo(kept.get("newValue").asDouble()).isLessThan(old);
        assertThat(api.put(first, body).json()).isEqualTo(kept);

        String second = fresh(api);
        assertThat(api.put(second, wire(api, before + 0.4)).status()).isEqualTo(200);
        assertThat(api.post(first + "/take-back", "").codes()).containsExactly("CALIBRATION_NOT_LATEST");
        assertThat(api.post(second + "/take-back", "").status()).isEqualTo(200);
        assertThat(api.post(second + "/take-back", "").codes()).containsExactly("CALIBRATION_TAKEN_BACK");
        assertThat(api.post(first + "/take-back", "").json().has("takenBackAt")).isTrue();
        assertThat(drag(api, item)).isEqualTo(old);
        assertThat(api.get(api.sprat() + "/calibrations").json().valueStream())
                .extracting(fit -> fit.get("calibrationId").asString())
                .contains(first.substring(first.lastIndexOf('/') + 1), second.substring(second.lastIndexOf('/') + 1));
    }

    @Test
    void whatWasChangedByHandSinceIsNotTakenBack(Api api) {
        JsonNode lure = api.get(api.sprat() + "/gear")
                .json()
                .get("lures")
                .valueStream()
                .filter(l -> l.get("kind").asString().equals("HAIR_JIG"))
                .findFirst()
                .orElseThrow();
        ObjectNode body =
                wire(api, 5).put("gearId", lure.get("gearId").asString()).put("coefficient", "DRAG_AREA");
        double before = api.post(api.sprat() + "/calibrations/attempt", body)
                .json()
                .at("/observations/0/beforeM")
                .asDouble();
        ((ObjectNode) body.at("/observations/0")).put("seenM", before - 0.3);
        String fit = fresh(api);
        assertThat(api.put(fit, body).status()).isEqualTo(200);
        ObjectNode edited = (ObjectNode) lure;
        double old = lure.get("dragAreaM2").asDouble();
        edited.put("version", lure.get("version").asInt() + 1);
        assertThat(api.put(api.sprat() + "/gear/lures", edited)
                        .json()
                        .get("dragAreaM2")
                        .asDouble())
                .isEqualTo(old);
        assertThat(api.post(fit + "/take-back", "").codes()).containsExactly("CALIBRATION_CHANGED");
    }

    @Test
    void aRatingNeedsItsStatedLineAndWhatCannotBeIsRefused(Api api) {
        ObjectNode body = wire(api, 5);
        ((ObjectNode) body.at("/observations/0")).put("kind", "RATED");
        assertThat(api.post(api.sprat() + "/calibrations/attempt", body).fields())
                .containsExactly("observations[0].stated");
        assertThat(api.post(api.sprat() + "/calibrations/attempt", wire(api, 55))
                        .codes())
                .containsExactly("CALIBRATION_AT_END");
        assertThat(api.put(fresh(api), wire(api, 55)).status()).isEqualTo(400);
    }
}
