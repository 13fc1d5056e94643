package org.mosswake.core.turn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Agreement with the exact steady circles: 2 % in radius and speed, 2° in lag, 5 % in tension. */
class CircleReferenceTest {
    static Stream<JsonNode> cases() {
        return JsonMapper.shared()
                .readTree(CircleReferenceTest.class.getResourceAsStream("/turn/circle-cases.json"))
                .valueStream();
    }

    private static Circling circling(JsonNode request) {
        List<TurnPiece> pieces = request.get("segmentsFromLure")
                .valueStream()
                .map(p -> new TurnPiece(
                        p.get("lengthM").asDouble(),
                        p.get("diameterM").asDouble(),
                        p.get("normalDragCoefficient").asDouble(),
                        p.get("tangentialDragCoefficient").asDouble()))
                .toList();
        return new Circling(
                request.get("turnRadiusM").asDouble(),
                request.get("speedMps").asDouble(),
                request.get("lureDragAreaM2").asDouble(),
                pieces);
    }

    private static CircleAnswer.Settled settled(Circling circling) {
        return (CircleAnswer.Settled) new CircleSolver().solve(circling);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void settlesToTheExactCircle(JsonNode reference) {
        JsonNode expected = reference.get("expected");
        CircleAnswer.Settled answer = settled(circling(reference.get("request")));
        share(answer.lureRadiusM(), expected.get("lureRadiusM").asDouble(), 0.02);
        share(answer.lureSpeedMps(), expected.get("lureSpeedMps").asDouble(), 0.02);
        share(answer.tensionAtTipN(), expected.get("tensionAtTipN").asDouble(), 0.05);
        assertThat(answer.lagDegrees()).isCloseTo(expected.get("lagDegrees").asDouble(), within(2.0));
    }

    private static void share(double actual, double expected, double tolerance) {
        assertThat(actual).isCloseTo(expected, within(tolerance * expected));
    }

    /** Halving both steps moves the answer by less than half a percent. */
    @ParameterizedTest
    @MethodSource("cases")
    void hasConverged(JsonNode reference) {
        Circling circling = circling(reference.get("request"));
        CircleAnswer.Settled usual = settled(circling);
        var fine = (CircleAnswer.Settled) new CircleSolver(80, 0.015).solve(circling);
        share(usual.lureRadiusM(), fine.lureRadiusM(), 0.005);
        share(usual.tensionAtTipN(), fine.tensionAtTipN(), 0.01);
    }

    @Test
    void aWideCircleIsNearlyAStraightCourse() {
        var piece = new TurnPiece(50, 0.0007, 1.2, 0.008);
        CircleAnswer.Settled wide = settled(new Circling(2000, 4, 0.0004, List.of(piece)));
        double straight = 1025.0 / 2 * 16 * (0.0004 + 50 * 0.0007 * Math.PI * 0.008);
        share(wide.tensionAtTipN(), straight, 0.01);
        assertThat(wide.lureSpeedMps()).isCloseTo(4, within(0.01));
        assertThat(wide.lagDegrees()).isCloseTo(Math.toDegrees(50.0 / 2000), within(0.05));
    }
}
