package org.mosswake.core.tow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class TowPropertyTest {
    private static final double SLACK_M = 0.02;
    private final TowSolver solver = new TowSolver();

    static Stream<Tow> sinking() {
        return RandomTows.sinking();
    }

    static Stream<Tow> any() {
        return RandomTows.any();
    }

    @ParameterizedTest
    @MethodSource("sinking")
    void moreLineIsNeverShallower(Tow tow) {
        double length =
                tow.chainFromLure().get(tow.chainFromLure().size() - 1).line().lengthM();
        assertThat(depth(tow.withLastLength(length * 1.3))).isGreaterThan(depth(tow) - SLACK_M);
    }

    @ParameterizedTest
    @MethodSource("sinking")
    void aHeavierLeadIsNeverShallower(Tow tow) {
        Body lead = tow.lure();
        double mass = lead.massKg() * 1.5;
        Body heavier = new Body(mass, mass / Physics.LEAD_DENSITY, lead.dragAreaM2(), 0, 0);
        assertThat(depth(tow.withLure(heavier))).isGreaterThan(depth(tow) - SLACK_M);
    }

    @ParameterizedTest
    @MethodSource("any")
    void mirroredSideAreasMirrorThePath(Tow tow) {
        var mirrored = new ArrayList<Link>();
        tow.chainFromLure().forEach(link -> mirrored.add(new Link(link.body().map(Body::mirrored), link.line())));
        TowAnswer there = solver.solve(tow);
        TowAnswer back = solver.solve(new Tow(tow.speed(), tow.tipHeightM(), mirrored));
        assertThat(back.getClass()).isEqualTo(there.getClass());
        if (there instanceof TowAnswer.Shaped a && back instanceof TowAnswer.Shaped b) {
            assertThat(b.shape().lateralM()).isCloseTo(-a.shape().lateralM(), within(1e-9));
            assertThat(b.shape().depthM()).isCloseTo(a.shape().depthM(), within(1e-9));
            assertThat(b.shape().path()).hasSameSizeAs(a.shape().path());
        }
    }

    /** Whatever is asked: an answer, finite figures, and a line that ends at its tip and keeps its length. */
    @ParameterizedTest
    @MethodSource("any")
    void everyAnswerIsFiniteAndHangsFromItsTip(Tow tow) {
        if (!(solver.solve(tow) instanceof TowAnswer.Shaped answer)) {
            return;
        }
        TowShape shape = answer.shape();
        assertThat(List.of(shape.depthM(), shape.asternM(), shape.lateralM(), shape.immersion()))
                .allMatch(Double::isFinite);
        assertThat(List.of(shape.tensionAtLureN(), shape.tensionAtTipN())).allMatch(t -> t >= 0 && Double.isFinite(t));
        assertThat(shape.depthM()).isNotNegative();
        assertThat(shape.immersion()).isBetween(0.0, 1.0);
        Point tip = shape.path().get(shape.path().size() - 1);
        assertThat(tip.asternM()).isZero();
        assertThat(tip.heightM()).isCloseTo(tow.tipHeightM(), within(0.05 + 1e-3 * tow.lengthM()));
        assertThat(drawnLength(shape)).isCloseTo(tow.lengthM(), within(0.02 * tow.lengthM()));
    }

    /** The accuracy the solver states: within 0.2 % or 1 cm of a solution a thousand times finer. */
    @ParameterizedTest
    @MethodSource("any")
    void staysWithinItsStatedAccuracy(Tow tow) {
        TowAnswer usual = solver.solve(tow);
        TowAnswer fine = new TowSolver(1e-7, 2_000_000).solve(tow);
        assertThat(usual.getClass()).isEqualTo(fine.getClass());
        if (usual instanceof TowAnswer.Shaped a && fine instanceof TowAnswer.Shaped b) {
            assertThat(a.shape().depthM())
                    .isCloseTo(
                            b.shape().depthM(),
                            within(Math.max(0.01, 0.002 * b.shape().depthM())));
            assertThat(a.shape().tensionAtTipN())
                    .isCloseTo(
                            b.shape().tensionAtTipN(), within(0.01 * b.shape().tensionAtTipN() + 1e-3));
        }
    }

    private double depth(Tow tow) {
        return ((TowAnswer.Shaped) solver.solve(tow)).shape().depthM();
    }

    private static double drawnLength(TowShape shape) {
        double sum = 0;
        for (int i = 1; i < shape.path().size(); i++) {
            Point a = shape.path().get(i - 1);
            Point b = shape.path().get(i);
            sum += Math.sqrt(Math.pow(a.asternM() - b.asternM(), 2)
                    + Math.pow(a.lateralM() - b.lateralM(), 2)
                    + Math.pow(a.heightM() - b.heightM(), 2));
        }
        return sum;
    }
}
