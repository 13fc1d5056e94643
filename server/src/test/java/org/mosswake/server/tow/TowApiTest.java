package org.mosswake.server.tow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class TowApiTest {
    static Stream<JsonNode> cases() throws IOException {
        String text = Files.readString(Path.of("../core/src/test/resources/tow/tow-cases.json"));
        return Api.JSON.readTree(text).valueStream();
    }

    /** The pinned request goes in as it is, and the pinned fields come out. */
    @ParameterizedTest
    @MethodSource("cases")
    void answersTheReferenceRequests(JsonNode reference, Api api) {
        var answer = api.post("/api/tow", reference.get("request"));
        assertThat(answer.status()).isEqualTo(200);
        JsonNode expected = reference.get("expected");
        for (String field : expected.propertyNames()) {
            JsonNode value = expected.get(field);
            if (value.isNumber()) {
                double tolerance = Math.max(0.02, 0.005 * Math.abs(value.asDouble()));
                assertThat(answer.json().get(field).asDouble())
                        .as(field)
                        .isCloseTo(value.asDouble(), within(tolerance));
            } else {
                assertThat(answer.json().get(field)).as(field).isEqualTo(value);
            }
        }
    }

    @Test
    void namesEveryFaultAtOnce(Api api) {
        var answer = api.post("/api/tow", """
                {"speedThroughWaterMps": "fast", "tipHeightM": 1e999, "surprise": {"a": [1]},
                 "chainFromLure": [{"body": {"massKg": -1}, "line": 5}, null]}""");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.fields())
                .contains(
                        "speedThroughWaterMps",
                        "tipHeightM",
                        "surprise",
                        "chainFromLure[0].body.massKg",
                        "chainFromLure[0].body.dragAreaM2",
                        "chainFromLure[0].line",
                        "chainFromLure[1]");
        assertThat(answer.codes()).contains("WRONG_TYPE", "NOT_FINITE", "UNKNOWN_FIELD", "OUT_OF_RANGE", "MISSING");
    }

    @Test
    void aFlyingLureComesWithItsMends(Api api) {
        var answer = api.post("/api/tow", """
                {"speedThroughWaterMps": 7.5, "tipHeightM": 7, "chainFromLure": [
                  {"body": {"massKg": 0.03, "volumeM3": 2e-5, "dragAreaM2": 2e-4, "diveAreaM2": 0, "sideAreaM2": 0},
                   "line": {"lengthM": 7.1, "diameterM": 0.0007, "densityKgPerM3": 1150,
                            "normalDragCoefficient": 1.2, "tangentialDragCoefficient": 0.008}}]}""");
        assertThat(answer.json().get("regime").asString()).isEqualTo("AIRBORNE");
        assertThat(answer.json().get("mends")).isNotEmpty();
        assertThat(answer.json().has("depthM")).isFalse();
    }

    @Test
    void aNeutralLureIsAFault(Api api) {
        var answer = api.post("/api/tow", """
                {"speedThroughWaterMps": 2, "tipHeightM": 1, "chainFromLure": [{"body": null,
                   "line": {"lengthM": 7.1, "diameterM": 0.0007, "densityKgPerM3": 1150,
                            "normalDragCoefficient": 1.2, "tangentialDragCoefficient": 0.008}}]}""");
        assertThat(answer.codes()).containsExactly("LURE_WITHOUT_FORCE");
    }
}
