package org.mosswake.core.spread;

import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.tow.DepthSeeker;
import org.mosswake.core.tow.Downrigger;
import org.mosswake.core.tow.Sought;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowShape;
import org.mosswake.core.units.SpeedThroughWater;

/** Single lines solved for searches: where the lure is, and which let-out or cable puts it somewhere. */
public final class LinePlacer {
    private static final int SECANT_STEPS = 4;
    private static final double NEAR_M = 0.1;

    private final LineSolver solver = new LineSolver();

    /** Empty where the line has no shape or flies. */
    public Optional<LurePlace> place(SpreadLine line, SpeedThroughWater speed) {
        LineSolver.Solved solved = solver.solve(line, speed);
        if (!(solved.answer() instanceof TowAnswer.Shaped shaped)) {
            return Optional.empty();
        }
        TowShape shape = shaped.shape();
        double lowest = shape.depthM();
        for (var body : shape.bodies()) {
            lowest = Math.max(lowest, -body.place().heightM());
        }
        lowest = Math.max(lowest, solved.deep().map(DeepPlace::ballDepthM).orElse(0.0));
        lowest = Math.max(lowest, solved.branch().map(BranchPlace::depthM).orElse(0.0));
        return Optional.of(new LurePlace(
                shape.depthM(),
                line.holder().tip().asternM() + shape.asternM(),
                line.holder().tip().starboardM() + shape.lateralM(),
                shape.skippingShare(),
                shape.tensionAtTipN(),
                lowest));
    }

    public LikelyTow likely(SpreadLine line, SpeedThroughWater speed) {
        return solver.likely(line, speed);
    }

    /**
     * Let-out, or cable on a downrigger, that takes the lure to a depth; where none does, the one that comes nearest.
     *
     * @param leastM of what is let out (m), with {@code mostM}
     */
    public Reached toDepth(SpreadLine line, SpeedThroughWater speed, double depthM, double leastM, double mostM) {
        DoubleUnaryOperator depth = out -> solver.settle(out(line, out), speed) instanceof TowAnswer.Shaped shaped
                ? shaped.shape().depthM()
                : Double.NaN;
        if (line.deep().isPresent()) {
            return cabled(line, depth, depthM, mostM);
        }
        double least = Math.max(leastM, leadersM(line) + 1);
        double most = Math.max(least + 1, mostM);
        Sought sought = DepthSeeker.over(new Accepted(least, most, "m"), least, depth, depthM);
        if (sought.value().isPresent()) {
            return new Reached(out(line, tenth(sought.value().get())), true);
        }
        boolean tooDeep = depthM > sought.deepestM();
        double nearest = tooDeep ? sought.atDeepest() : sought.atShallowest();
        return new Reached(out(line, tenth(Math.max(least, nearest))), false);
    }

    /** On a cable depth only grows with what is out: a few secants do, where each look is dear. */
    private static Reached cabled(SpreadLine line, DoubleUnaryOperator depth, double depthM, double mostM) {
        double a = Math.max(
                Downrigger.CABLE_OUT_M.least(), line.deep().orElseThrow().clipAboveM() + 0.6);
        double b = Math.max(a + 1, Math.min(mostM, Downrigger.CABLE_OUT_M.most()));
        double fa = depth.applyAsDouble(a) - depthM;
        double fb = depth.applyAsDouble(b) - depthM;
        if (!(fa <= 0 && fb >= 0)) {
            return new Reached(out(line, tenth(fb < 0 ? b : a)), false);
        }
        double x = b;
        for (int i = 0; i < 24; i++) {
            x = i % 3 == 2 ? (a + b) / 2 : a - fa * (b - a) / (fb - fa);
            double fx = depth.applyAsDouble(x) - depthM;
            if (Double.isNaN(fx)) {
                return new Reached(out(line, tenth(a)), false);
            }
            if (Math.abs(fx) < 0.05) {
                break;
            }
            if (fx < 0) {
                a = x;
                fa = fx;
            } else {
                b = x;
                fb = fx;
            }
        }
        return new Reached(out(line, tenth(x)), true);
    }

    /** @param reached the depth; else the line is as near to it as can be */
    public record Reached(SpreadLine line, boolean reached) {}

    /** The line with its let-out changed so that its lure rides so far astern of the transom, within ends. */
    public SpreadLine toAstern(SpreadLine line, SpeedThroughWater speed, double asternM, double leastM, double mostM) {
        double least = Math.max(leastM, leadersM(line) + 1);
        double most = Math.max(least, mostM);
        double letOut =
                Math.min(most, Math.max(least, asternM - line.holder().tip().asternM()));
        for (int i = 0; i < SECANT_STEPS; i++) {
            if (!(solver.settle(line.withLetOut(letOut), speed) instanceof TowAnswer.Shaped shaped)) {
                break;
            }
            double off =
                    asternM - (line.holder().tip().asternM() + shaped.shape().asternM());
            if (Math.abs(off) < NEAR_M) {
                break;
            }
            letOut = Math.min(most, Math.max(least, letOut + off));
        }
        return line.withLetOut(tenth(letOut));
    }

    private static double tenth(double metres) {
        return Math.round(metres * 10) / 10.0;
    }

    private static SpreadLine out(SpreadLine line, double metres) {
        return line.deep().isPresent() ? line.withCableOut(metres) : line.withLetOut(metres);
    }

    /** Leaders of a line together (m). */
    public static double leadersM(SpreadLine line) {
        return line.letOutM() - line.lengthM(line.tackle().size() - 1);
    }
}
