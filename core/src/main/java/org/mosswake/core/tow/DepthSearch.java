package org.mosswake.core.tow;

import java.util.function.DoubleUnaryOperator;

/**
 * A bracketed root by secant steps through the last two points, with bisection whenever a step leaves the bracket or
 * three steps have not halved it. The last point evaluated is the root, so that the caller's workspace holds its shape.
 *
 * <p>Where the miss jumps over zero (a line that lies along the surface is wholly in or out of the water in this model)
 * the answer is the place of the jump, seen from its lower end.
 */
final class DepthSearch {
    private final DoubleUnaryOperator miss;
    private static final double JUMP_WIDTH = 1e-9;

    private final double tolerance;
    private final double mostMiss;
    private int evaluationsLeft;
    private double low;
    private double lowMiss;
    private double high;
    private double highMiss;

    /** Unknown within {@code tolerance} and miss within {@code mostMiss}; at most so many evaluations. */
    DepthSearch(DoubleUnaryOperator miss, double tolerance, double mostMiss, int mostEvaluations) {
        this.miss = miss;
        this.tolerance = tolerance;
        this.mostMiss = mostMiss;
        this.evaluationsLeft = mostEvaluations;
    }

    /**
     * @param a     one end, with miss {@code fa} of the other sign than
     * @param b     the other end, with miss {@code fb}
     * @param first where to look first; NaN for the secant of the ends
     * @param slope of the miss near {@code first}; NaN when unknown
     * @return the last evaluated miss (m); NaN when an evaluation failed or the budget ran out
     */
    double run(double a, double fa, double b, double fb, double first, double slope) {
        low = a;
        lowMiss = fa;
        high = b;
        highMiss = fb;
        double x = within(first) ? first : low + (high - low) * lowMiss / (lowMiss - highMiss);
        double previous = Double.NaN;
        double previousMiss = Double.NaN;
        double widthThreeAgo = high - low;
        for (int turn = 0; evaluationsLeft-- > 0; turn++) {
            x = within(x) ? x : (low + high) / 2;
            double fx = miss.applyAsDouble(x);
            if (Double.isNaN(fx)) {
                return fx;
            }
            double secant = turn == 0 ? slope : (fx - previousMiss) / (x - previous);
            double step = -fx / secant;
            if (fx == 0 || (Math.abs(step) <= tolerance && Math.abs(fx) <= mostMiss)) {
                return fx;
            }
            narrow(x, fx);
            if (high - low <= JUMP_WIDTH) {
                return miss.applyAsDouble(low);
            }
            boolean slow = turn % 3 == 2 && high - low > widthThreeAgo / 2;
            widthThreeAgo = turn % 3 == 2 ? high - low : widthThreeAgo;
            previous = x;
            previousMiss = fx;
            x = slow ? (low + high) / 2 : x + step;
        }
        return Double.NaN;
    }

    private boolean within(double x) {
        return x > low && x < high;
    }

    private void narrow(double x, double fx) {
        if (fx > 0 == lowMiss > 0) {
            low = x;
            lowMiss = fx;
        } else {
            high = x;
            highMiss = fx;
        }
    }
}
