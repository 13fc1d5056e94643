package org.mosswake.core.tow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.mosswake.core.fault.Accepted;

class FitTest {
    private static final Accepted DRAG = new Accepted(0.3, 5, "");
    private final TowSolver tows = new TowSolver();

    /** Depth of a jig on wire, by the wire's normal drag. */
    private DoubleUnaryOperator wire(double speed, double letOut) {
        return normal -> {
            Tow tow = Deep.wire(speed, letOut);
            LinePiece line = tow.chainFromLure().get(1).line();
            var other = new LinePiece(
                    line.lengthM(), line.diameterM(), line.densityKgPerM3(), normal, line.tangentialDragCoefficient());
            var changed = new Tow(
                    tow.speed(), tow.tipHeightM(), List.of(tow.chainFromLure().get(0), Link.bare(other)));
            return ((TowAnswer.Shaped) tows.settle(changed)).shape().depthM();
        };
    }

    @Test
    void oneObservationIsMetExactly() {
        double seen = wire(1.45, 60).applyAsDouble(1.4);
        Fit fit = Fit.of(List.of(new Fit.Observation(wire(1.45, 60), seen)), 2.0, DRAG)
                .orElseThrow();
        assertThat(fit.value()).isCloseTo(1.4, within(0.01));
        assertThat(fit.after().get(0)).isCloseTo(seen, within(0.01));
        assertThat(fit.before().get(0)).isLessThan(seen);
        assertThat(fit.standardError()).isEmpty();
        assertThat(fit.atBound()).isFalse();
    }

    @Test
    void disagreeingObservationsAreShared() {
        double shallow = wire(1.45, 60).applyAsDouble(1.4) - 0.4;
        double deep = wire(1.45, 90).applyAsDouble(1.4) + 0.4;
        Fit fit = Fit.of(
                        List.of(
                                new Fit.Observation(wire(1.45, 60), shallow),
                                new Fit.Observation(wire(1.45, 90), deep)),
                        2.0,
                        DRAG)
                .orElseThrow();
        assertThat(fit.value()).isCloseTo(1.4, within(0.25));
        assertThat(fit.scatterM()).isBetween(0.2, 0.6);
        assertThat(fit.standardError()).hasValueSatisfying(e -> assertThat(e).isPositive());
    }

    @Test
    void whatTheModelCannotReachIsSaidToBeAtTheBound() {
        Fit fit = Fit.of(List.of(new Fit.Observation(wire(1.45, 60), 59)), 2.0, DRAG)
                .orElseThrow();
        assertThat(fit.atBound()).isTrue();
    }

    @Test
    void nothingFitsWhatHasNoShape() {
        assertThat(Fit.of(List.of(new Fit.Observation(v -> Double.NaN, 5)), 1, DRAG))
                .isEmpty();
    }
}
