package org.mosswake.core.tow;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** What is answered is what ever finer steps come to: 0.5 % or 2 cm, and the same regime, on two thousand random chains. */
class ConvergenceTest {
    private static final double TEN_TIMES_FINER = TowSolver.MARCH_TOLERANCE / 1000;

    @Test
    void aSolutionWithTenTimesFinerStepsIsTheSame() {
        var finer = new TowSolver(TEN_TIMES_FINER, 2_000_000);
        List<Tow> off = RandomTows.many()
                .filter(tow -> !same(new TowSolver().settle(tow), finer.settle(tow)))
                .toList();
        assertThat(off).isEmpty();
    }

    private static boolean same(TowAnswer answer, TowAnswer finer) {
        if (answer instanceof TowAnswer.Shaped one && finer instanceof TowAnswer.Shaped other) {
            return one.shape().regime() == other.shape().regime()
                    && near(one.shape().depthM(), other.shape().depthM())
                    && near(one.shape().asternM(), other.shape().asternM());
        }
        // One that is refused is no wrong answer.
        return answer instanceof TowAnswer.NotConverged || answer.getClass() == finer.getClass();
    }

    private static boolean near(double one, double other) {
        return Math.abs(one - other) <= Math.max(0.02, 0.005 * Math.abs(other));
    }

    /** Refused chains are rare, or refusing would be a way to be right. */
    @Test
    void hardlyAnyIsRefused() {
        long refused = RandomTows.many()
                .filter(tow -> new TowSolver().settle(tow) instanceof TowAnswer.NotConverged)
                .count();
        assertThat(refused).isLessThan(10);
    }

    /** A line that lies along the surface is the one exception (decision 2): its depth is none. */
    @Test
    void whatIsAnsweredEndsAtTheTip() {
        assertThat(RandomTows.many()
                        .map(tow -> new TowSolver().settle(tow))
                        .filter(TowAnswer.Shaped.class::isInstance)
                        .map(answer -> ((TowAnswer.Shaped) answer).shape())
                        .filter(shape -> shape.regime() == Regime.RUNNING))
                .allMatch(shape -> Math.abs(shape.residualM()) < 0.06);
    }

    /** A leader lighter than its main line stands up again where the line is heavy. */
    @Test
    void aLightLeaderBeforeAHeavyLineKeepsItsRoot() {
        TowCase lost = TowCases.corpus()
                .filter(one -> one.name().equals("light leader 7"))
                .findFirst()
                .orElseThrow();
        var shape = ((TowAnswer.Shaped) new TowSolver().solve(lost.tow())).shape();
        assertThat(shape.depthM()).isBetween(1.49, 1.52);
    }
}
