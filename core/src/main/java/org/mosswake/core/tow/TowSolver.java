package org.mosswake.core.tow;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;

/**
 * Solves the steady tow by shooting from the lure: the unknown is the lure's depth, or, for a lure that cannot stay
 * under, the share of it that is still in the water.
 *
 * <p>Ladder: wholly under at a depth in [0, L + max(0, −h)]; else held at the surface with an immersion 0 &lt; φ ≤ 1;
 * else airborne. Depth is found within 1e-4 m + 5e-6 of the let-out; the line itself within
 * {@value #MARCH_TOLERANCE} relative per step, which keeps depth within 0.5 % or 2 cm of a solution ten times finer on thousands of random
 * chains. A running lure whose line does not end at the tip is no answer.
 */
public final class TowSolver {
    static final double MARCH_TOLERANCE = 5e-5;
    private static final int MOST_STEPS = 60_000;
    private static final int MOST_EVALUATIONS = 120;
    private static final double IMMERSION_TOLERANCE = 2e-5;

    private final double tolerance;
    private final int mostSteps;

    public TowSolver() {
        this(MARCH_TOLERANCE, MOST_STEPS);
    }

    /** With a relative error per step and a budget of steps of one's own; for convergence studies. */
    public TowSolver(double tolerance, int mostSteps) {
        this.tolerance = tolerance;
        this.mostSteps = mostSteps;
    }

    public TowAnswer solve(Tow tow) {
        TowAnswer answer = settled(tow, true);
        return answer instanceof TowAnswer.Airborne ? new TowAnswer.Airborne(mends(tow)) : answer;
    }

    /**
     * As {@link #solve}, without a path to draw and without mends for a lure that flies: for searches that try many
     * tows.
     */
    public TowAnswer settle(Tow tow) {
        return settled(tow, false);
    }

    /** The solved line as columns; empty when it flies or did not converge. */
    public Optional<TowProfile> profile(Tow tow) {
        var trial = new Trial(tow, tolerance, mostSteps);
        return settled(tow, trial, false) instanceof TowAnswer.Shaped
                ? Optional.of(new TowProfile(trial))
                : Optional.empty();
    }

    private TowAnswer settled(Tow tow, boolean drawn) {
        return settled(tow, new Trial(tow, tolerance, mostSteps), drawn);
    }

    /**
     * Where the lure runs, and with how much to spare.
     *
     * @param depthM  0 where it does not run under; NaN where no shape was found
     * @param marginM height of the line's end over the tip with the lure just under the surface (m): negative when it
     *                cannot stay under; NaN as above
     * @param pullN   at the tip (N), of a lure at the surface too; NaN where it flies or has no shape
     */
    public record Under(double depthM, double marginM, double pullN) {}

    public Under under(Tow tow) {
        var trial = new Trial(tow, tolerance, mostSteps);
        double margin = trial.missAtSurface(1);
        if (settled(tow, trial, margin, false) instanceof TowAnswer.Shaped shaped) {
            return new Under(
                    margin < 0 ? 0 : shaped.shape().depthM(),
                    margin,
                    shaped.shape().tensionAtTipN());
        }
        return new Under(margin < 0 ? 0 : Double.NaN, margin, Double.NaN);
    }

    private TowAnswer settled(Tow tow, Trial trial, boolean drawn) {
        return settled(tow, trial, trial.missAtSurface(1), drawn);
    }

    private TowAnswer settled(Tow tow, Trial trial, double justUnder, boolean drawn) {
        if (Double.isNaN(justUnder)) {
            return failed(trial);
        }
        return justUnder >= 0 ? running(tow, trial, justUnder, drawn) : atSurface(tow, trial, justUnder, drawn);
    }

    private TowAnswer running(Tow tow, Trial trial, double justUnder, boolean drawn) {
        double deepest = trial.totalLength() + Math.max(0, -tow.tipHeightM());
        double deepestMiss = trial.missAtDepth(deepest);
        double guess = trial.firstGuess();
        double depthTolerance = 1e-4 + 5e-6 * trial.totalLength();
        var search = new DepthSearch(trial::missAtDepth, depthTolerance, mostMiss(trial), MOST_EVALUATIONS);
        double miss = search.run(0, justUnder, deepest, deepestMiss, guess, -trial.firstSlope());
        return Double.isNaN(miss) ? failed(trial) : shaped(trial, miss, Regime.RUNNING, 1, tow, drawn);
    }

    private TowAnswer atSurface(Tow tow, Trial trial, double whole, boolean drawn) {
        if (tow.lure().massKg() == 0) {
            return new TowAnswer.Airborne(List.of());
        }
        double lifted = trial.missAtSurface(0);
        if (lifted < 0) {
            return new TowAnswer.Airborne(List.of());
        }
        var immersion = new double[1];
        var search = new DepthSearch(
                share -> trial.missAtSurface(immersion[0] = share),
                IMMERSION_TOLERANCE,
                mostMiss(trial),
                MOST_EVALUATIONS);
        double miss = search.run(0, lifted, 1, whole, Double.NaN, Double.NaN);
        return Double.isNaN(miss) ? failed(trial) : shaped(trial, miss, Regime.SURFACE, immersion[0], tow, drawn);
    }

    /** How far the end may be from the tip (m): a hand's breadth on a long line. */
    private static double mostMiss(Trial trial) {
        return 0.01 + 2e-4 * trial.totalLength();
    }

    private static TowAnswer shaped(Trial trial, double miss, Regime regime, double immersion, Tow tow, boolean drawn) {
        boolean jumped = Math.abs(miss) > mostMiss(trial);
        if (jumped && regime == Regime.RUNNING) {
            return new TowAnswer.NotConverged("No shape ends at the tip.", miss);
        }
        if (jumped && tow.tipHeightM() <= 0) {
            return new TowAnswer.NotConverged("The line would lie along the surface there.", miss);
        }
        double lift = jumped ? tow.tipHeightM() / (tow.tipHeightM() + miss) : 1;
        return new TowAnswer.Shaped(new ShapeReader(trial, lift, miss).read(regime, immersion, tow.lure(), drawn));
    }

    private TowAnswer failed(Trial trial) {
        String reason = trial.spent()
                ? "No shape was found within " + mostSteps + " steps along the line."
                : "The line loses its tension part way up: weight and lift cancel there.";
        return new TowAnswer.NotConverged(reason, 0);
    }

    /** Single changes that end the flight, each the smallest found by bisection within the accepted ranges. */
    private List<AirborneMend> mends(Tow tow) {
        var mends = new ArrayList<AirborneMend>();
        add(mends, AirborneMend.Change.SLOW_TO, tow.speed().mps(), TowLimits.SPEED_MPS.least(), tow::withSpeed);
        double last =
                tow.chainFromLure().get(tow.chainFromLure().size() - 1).line().lengthM();
        double others = tow.lengthM() - last;
        lengthened(tow, last).ifPresent(v -> mends.add(new AirborneMend(AirborneMend.Change.LET_OUT, v + others)));
        add(mends, AirborneMend.Change.LOWER_TIP_TO, tow.tipHeightM(), 0, tow::withTipHeight);
        double mass = tow.lure().massKg();
        add(
                mends,
                AirborneMend.Change.LURE_MASS,
                mass,
                Math.min(100, 20 * mass + 0.5),
                m -> tow.withLure(tow.lure().withMass(m)));
        return mends;
    }

    private OptionalDouble lengthened(Tow tow, double last) {
        return nearest(last, TowLimits.LENGTH_M.most(), tow::withLastLength);
    }

    private void add(
            List<AirborneMend> mends, AirborneMend.Change change, double from, double to, DoubleFunction<Tow> with) {
        nearest(from, to, with).ifPresent(value -> mends.add(new AirborneMend(change, value)));
    }

    /** The value nearest {@code flying} that does not fly, if {@code safe} does not. */
    private OptionalDouble nearest(double flying, double safe, DoubleFunction<Tow> with) {
        if (!settles(with.apply(safe))) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(Boundary.lastYes(safe, flying, 12, value -> settles(with.apply(value))));
    }

    private boolean settles(Tow tow) {
        return settle(tow) instanceof TowAnswer.Shaped;
    }
}
