package org.mosswake.server.turn;

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
class TurnApiTest {
    static Stream<JsonNode> cases() throws IOException {
        String text = Files.readString(Path.of("../core/src/test/resources/turn/circle-cases.json"));
        return Api.JSON.readTree(text).valueStream();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void answersTheReferenceRequests(JsonNode reference, Api api) {
        JsonNode answer = api.post("/api/turn/circle", reference.get("request")).json();
        assertThat(answer.get("settled").asBoolean()).isTrue();
        double radius = reference.get("expected").get("lureRadiusM").asDouble();
        assertThat(answer.get("lureRadiusM").asDouble()).isCloseTo(radius, within(0.02 * radius));
        double lag = reference.get("expected").get("lagDegrees").asDouble();
        assertThat(answer.get("lagDegrees").asDouble()).isCloseTo(lag, within(2.0));
    }

    @Test
    void namesEveryFault(Api api) {
        var answer = api.post("/api/turn/circle", """
                {"turnRadiusM": 0, "speedMps": "4", "segmentsFromLure": [{"lengthM": 1000, "diameterM": 0.001}]}""");
        assertThat(answer.fields())
                .contains(
                        "turnRadiusM",
                        "speedMps",
                        "lureDragAreaM2",
                        "segmentsFromLure[0].lengthM",
                        "segmentsFromLure[0].normalDragCoefficient");
    }
}
