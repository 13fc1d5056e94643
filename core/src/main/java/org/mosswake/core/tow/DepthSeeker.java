package org.mosswake.core.tow;

import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.DoubleUnaryOperator;
import org.mosswake.core.fault.Accepted;

/**
 * The tow backwards: which value of one knob (let-out, lead, speed, cable) takes the lure to a wanted depth. The knob's
 * range is looked over first, so that the answer says what depths can be had at all and what ends them; no answer lies
 * between values for which the model found no shape.
 */
public final class DepthSeeker {
    private static final int LOOKS = 28;
    private static final double NEAR_M = 0.005;
    /** The end of what can be had may be asked for as it is printed, to a tenth. */
    private static final double AS_PRINTED_M = 0.05;

    private final TowSolver tows;

    public DepthSeeker(TowSolver tows) {
        this.tows = tows;
    }

    /** Let-out for a depth: the last piece takes what the others leave (m of the whole line). */
    public Sought letOut(Tow tow, double depthM, double mostLetOutM) {
        double others = tow.lengthM() - lastLength(tow);
        var range = new Accepted(
                others + TowLimits.LENGTH_M.least(), Math.min(mostLetOutM, others + TowLimits.LENGTH_M.most()), "m");
        return seek(range, tow.lengthM(), length -> tow.withLastLength(length - others), depthM);
    }

    /** Speed through the water for a depth (m/s). */
    public Sought speed(Tow tow, double depthM) {
        return seek(TowLimits.SPEED_MPS, tow.speed().mps(), tow::withSpeed, depthM);
    }

    private static double lastLength(Tow tow) {
        return tow.chainFromLure().get(tow.chainFromLure().size() - 1).line().lengthM();
    }

    /** Any knob that makes a tow. */
    public Sought seek(Accepted range, double now, DoubleFunction<Tow> with, double depthM) {
        return over(range, now, value -> depthOf(with.apply(value)), depthM);
    }

    /**
     * Any knob at all.
     *
     * @param now   where the knob stands: of several answers the nearest is given
     * @param depth of the lure at a value of the knob (m); NaN where there is no shape
     */
    public static Sought over(Accepted range, double now, DoubleUnaryOperator depth, double depthM) {
        var values = new double[LOOKS];
        var depths = new double[LOOKS];
        double ratio = Math.pow(range.most() / range.least(), 1.0 / (LOOKS - 1));
        for (int i = 0; i < LOOKS; i++) {
            values[i] = i == LOOKS - 1 ? range.most() : range.least() * Math.pow(ratio, i);
            depths[i] = depth.applyAsDouble(values[i]);
        }
        return answer(values, depths, now, depth, depthM);
    }

    private static Sought answer(
            double[] values, double[] depths, double now, DoubleUnaryOperator depth, double depthM) {
        int shallowest = -1;
        int deepest = -1;
        int bracket = -1;
        for (int i = 0; i < LOOKS; i++) {
            if (Double.isNaN(depths[i])) {
                continue;
            }
            shallowest = shallowest < 0 || depths[i] < depths[shallowest] ? i : shallowest;
            deepest = deepest < 0 || depths[i] > depths[deepest] ? i : deepest;
            boolean between = i > 0 && (depths[i - 1] - depthM) * (depths[i] - depthM) <= 0;
            if (between && (bracket < 0 || distance(values, i, now) < distance(values, bracket, now))) {
                bracket = i;
            }
        }
        if (deepest < 0) {
            return new Sought(Optional.empty(), 0, 0, 0, 0, Optional.of(Sought.Stop.NO_SHAPE));
        }
        int end = depthM > depths[deepest] ? deepest : shallowest;
        boolean asPrinted = bracket < 0 && Math.abs(depthM - depths[end]) <= AS_PRINTED_M;
        double found =
                asPrinted ? values[end] : bracket < 0 ? Double.NaN : root(values, depths, bracket, depth, depthM);
        return new Sought(
                Double.isNaN(found) ? Optional.empty() : Optional.of(found),
                depths[shallowest],
                values[shallowest],
                depths[deepest],
                values[deepest],
                Double.isNaN(found) ? Optional.of(stop(depths, end)) : Optional.empty());
    }

    private static double distance(double[] values, int bracket, double now) {
        return Math.max(values[bracket - 1] - now, now - values[bracket]);
    }

    private static Sought.Stop stop(double[] depths, int end) {
        if (end == 0) {
            return Sought.Stop.LEAST;
        }
        if (end == LOOKS - 1) {
            return Sought.Stop.MOST;
        }
        boolean edge = Double.isNaN(depths[end - 1]) || Double.isNaN(depths[end + 1]);
        return edge ? Sought.Stop.NO_SHAPE : Sought.Stop.TURNS_BACK;
    }

    /** Bisection with a secant's guess; NaN when a value between has no shape or the depth jumps over the wanted one. */
    private static double root(double[] values, double[] depths, int i, DoubleUnaryOperator depth, double depthM) {
        double a = values[i - 1];
        double fa = depths[i - 1] - depthM;
        double b = values[i];
        double fb = depths[i] - depthM;
        for (int turn = 0; turn < 60; turn++) {
            double secant = a - fa * (b - a) / (fb - fa);
            double margin = (b - a) * 0.02;
            double x = turn % 3 == 2 || !(secant > a && secant < b)
                    ? (a + b) / 2
                    : Math.min(b - margin, Math.max(a + margin, secant));
            double fx = depth.applyAsDouble(x) - depthM;
            if (Double.isNaN(fx) || Math.abs(fx) < NEAR_M) {
                return Double.isNaN(fx) ? fx : x;
            }
            if (fx > 0 == fa > 0) {
                a = x;
                fa = fx;
            } else {
                b = x;
                fb = fx;
            }
        }
        return Double.NaN;
    }

    private double depthOf(Tow tow) {
        return tows.settle(tow) instanceof TowAnswer.Shaped shaped
                ? shaped.shape().depthM()
                : Double.NaN;
    }
}
