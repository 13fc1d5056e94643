package org.mosswake.core.tow;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;
import org.mosswake.core.fault.Accepted;

/**
 * Fits one coefficient to what was observed, by least squares: a skipper feels bottom at a charted depth, sees the lure
 * on the sounder, or knows a plug's rated depth.
 *
 * @param value          of the coefficient
 * @param standardError  of it, from the scatter of several observations; empty for one
 * @param scatterM       root mean square of what the fit leaves (m)
 * @param atBound        true when the best value is the end of the range looked at: the observations ask for more
 * @param before         depths (or offsets) computed with the old value, one for each observation (m)
 * @param after          with the new value (m)
 */
public record Fit(
        double value,
        Optional<Double> standardError,
        double scatterM,
        boolean atBound,
        List<Double> before,
        List<Double> after) {
    private static final int LOOKS = 41;
    /** Worse than any sum of squares of depths (m²). */
    private static final double NO_SHAPE = 1e100;

    /**
     * One observation.
     *
     * @param computed what the model gives at a value of the coefficient (m); NaN where it finds no shape
     * @param seenM    what was observed (m)
     */
    public record Observation(DoubleUnaryOperator computed, double seenM) {}

    /**
     * @param range values looked at, both of one sign; the best of a coarse look is refined by Brent's method
     * @param old   the value so far
     * @return empty when no value in the range gives a shape for every observation
     */
    public static Optional<Fit> of(List<Observation> observations, double old, Accepted range) {
        int best = -1;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < LOOKS; i++) {
            double squares = squares(observations, look(range, i));
            if (squares < least) {
                least = squares;
                best = i;
            }
        }
        if (best < 0) {
            return Optional.empty();
        }
        double value =
                refined(observations, look(range, Math.max(0, best - 1)), look(range, Math.min(LOOKS - 1, best + 1)));
        return Optional.of(fit(observations, old, value, range));
    }

    private static double look(Accepted range, int i) {
        return range.least() * Math.pow(range.most() / range.least(), i / (LOOKS - 1.0));
    }

    private static double refined(List<Observation> observations, double from, double to) {
        return new BrentOptimizer(1e-7, 1e-12)
                .optimize(
                        new MaxEval(200),
                        new UnivariateObjectiveFunction(value -> Math.min(NO_SHAPE, squares(observations, value))),
                        GoalType.MINIMIZE,
                        new SearchInterval(from, to))
                .getPoint();
    }

    private static double squares(List<Observation> observations, double value) {
        double sum = 0;
        for (Observation observation : observations) {
            double off = observation.computed().applyAsDouble(value) - observation.seenM();
            sum += off * off;
        }
        return Double.isNaN(sum) ? Double.POSITIVE_INFINITY : sum;
    }

    private static Fit fit(List<Observation> observations, double old, double value, Accepted range) {
        double squares = squares(observations, value);
        int n = observations.size();
        double width = Math.abs(range.most() - range.least());
        double edge = Math.min(Math.abs(value - range.least()), Math.abs(value - range.most()));
        return new Fit(
                value,
                n < 2 ? Optional.empty() : standardError(observations, value, squares / (n - 1)),
                Math.sqrt(squares / n),
                edge < 1e-3 * width,
                computed(observations, old),
                computed(observations, value));
    }

    /** σ/√Σ(∂computed/∂value)²; empty where the observations do not answer to the coefficient. */
    private static Optional<Double> standardError(List<Observation> observations, double value, double variance) {
        double step = 1e-3 * value;
        double sum = 0;
        for (Observation observation : observations) {
            double slope = (observation.computed().applyAsDouble(value + step)
                            - observation.computed().applyAsDouble(value - step))
                    / (2 * step);
            sum += slope * slope;
        }
        return sum > 0 && Double.isFinite(sum) ? Optional.of(Math.sqrt(variance / sum)) : Optional.empty();
    }

    private static List<Double> computed(List<Observation> observations, double value) {
        return observations.stream()
                .map(observation -> observation.computed().applyAsDouble(value))
                .toList();
    }
}
