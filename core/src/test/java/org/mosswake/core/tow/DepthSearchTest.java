package org.mosswake.core.tow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

class DepthSearchTest {
    private int evaluations;
    private double last;

    private double search(DoubleUnaryOperator miss, double a, double b, double first, double slope, int most) {
        DoubleUnaryOperator counted = x -> {
            evaluations++;
            last = x;
            return miss.applyAsDouble(x);
        };
        return new DepthSearch(counted, 1e-6, 1e-3, most)
                .run(a, miss.applyAsDouble(a), b, miss.applyAsDouble(b), first, slope);
    }

    @Test
    void theLastPointEvaluatedIsTheRoot() {
        assertThat(search(x -> 2 - x * x, 0, 10, Double.NaN, Double.NaN, 100)).isCloseTo(0, within(1e-3));
        assertThat(last).isCloseTo(Math.sqrt(2), within(1e-5));
        assertThat(evaluations).isLessThan(20);
    }

    @Test
    void aGoodGuessWithItsSlopeIsEnough() {
        search(x -> 5 - x, 0, 1000, 5, -1, 100);
        assertThat(evaluations).isEqualTo(1);
    }

    @Test
    void aBadGuessOfTheSlopeIsNotBelieved() {
        search(x -> 5 - x, 0, 1000, 900, -1e12, 100);
        assertThat(last).isCloseTo(5, within(1e-5));
    }

    @Test
    void aStiffCurveEndsByBisection() {
        search(x -> Math.atan(1e6 * (0.3 - x)), 0, 1, Double.NaN, Double.NaN, 100);
        assertThat(last).isCloseTo(0.3, within(1e-5));
        assertThat(evaluations).isLessThan(80);
    }

    @Test
    void aJumpIsAnsweredFromItsLowerEnd() {
        double miss = search(x -> x < 0.7 ? 4 : -3, 0, 1, Double.NaN, Double.NaN, 200);
        assertThat(miss).isEqualTo(4);
        assertThat(last).isCloseTo(0.7, within(1e-8)).isLessThan(0.7);
    }

    @Test
    void aSpentBudgetOrAFailedEvaluationIsNotANumber() {
        assertThat(search(x -> 2 - x * x * x, 0, 10, Double.NaN, Double.NaN, 2)).isNaN();
        assertThat(search(x -> x == 0 ? 1 : x == 1 ? -1 : Double.NaN, 0, 1, 0.4, -1, 50))
                .isNaN();
    }
}
