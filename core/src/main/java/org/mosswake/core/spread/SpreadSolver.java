package org.mosswake.core.spread;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import org.mosswake.core.tow.Downrigger;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowLimits;
import org.mosswake.core.tow.TowShape;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

/** Solves every line of a spread, how it answers to speed and let-out, and finds what is worth saying. */
public final class SpreadSolver {
    private static final double KNOT = SpeedUnit.KNOT.toSi(1);
    /** Half steps of the central differences: a quarter knot, and 2.5 m of let-out. */
    private static final double SPEED_STEP = KNOT / 4;

    private static final double LET_OUT_STEP_M = 2.5;

    private final LineSolver solver = new LineSolver();

    public SolvedSpread solve(Spread spread) {
        Map<UUID, String> labels = Labels.of(spread.lines());
        var lines = spread.lines().stream()
                .map(line -> solve(line, labels.get(line.id()), spread.speed()))
                .toList();
        List<Finding> findings = new Findings(spread, lines, solver).all();
        return new SolvedSpread(lines, spread.wake(), findings, ground(spread));
    }

    private static Optional<TwoSpeeds> ground(Spread spread) {
        return spread.here().stream()
                .flatMap(stream -> spread.here()
                        .headingRad()
                        .map(heading -> TwoSpeeds.of(spread.speed().mps(), heading, stream)));
    }

    private SolvedLine solve(SpreadLine line, String label, SpeedThroughWater speed) {
        double slower = Math.max(TowLimits.SPEED_MPS.least(), speed.mps() - SPEED_STEP);
        double faster = Math.min(TowLimits.SPEED_MPS.most(), speed.mps() + SPEED_STEP);
        TowAnswer before = solver.settle(line, new SpeedThroughWater(slower));
        TowAnswer after = solver.settle(line, new SpeedThroughWater(faster));
        double perKnot = KNOT / (faster - slower);
        LineSolver.Solved solved = solver.solve(line, speed);
        return new SolvedLine(
                line,
                label,
                solved.answer(),
                slope(before, after, TowShape::depthM, perKnot),
                perTenMetres(line, speed),
                slope(before, after, TowShape::tensionAtTipN, perKnot),
                solved.deep(),
                solved.branch(),
                solver.likely(line, speed));
    }

    /** More line let out; on a downrigger more cable, which is what the crew lets out there. */
    private Optional<Double> perTenMetres(SpreadLine line, SpeedThroughWater speed) {
        if (line.deep().isPresent()) {
            double out = line.deep().get().cableOutM();
            double less = Math.max(out - LET_OUT_STEP_M, line.deep().get().clipAboveM() + 1.5);
            double more = Math.min(out + LET_OUT_STEP_M, Downrigger.CABLE_OUT_M.most());
            return slope(
                    solver.settle(line.withCableOut(less), speed),
                    solver.settle(line.withCableOut(more), speed),
                    TowShape::depthM,
                    10 / (more - less));
        }
        double main = line.lengthM(line.tackle().size() - 1);
        double shorter = Math.max(TowLimits.LENGTH_M.least(), main - LET_OUT_STEP_M);
        double longer = Math.min(TowLimits.LENGTH_M.most(), main + LET_OUT_STEP_M);
        return slope(
                solver.settle(line.withLetOut(line.letOutM() - main + shorter), speed),
                solver.settle(line.withLetOut(line.letOutM() - main + longer), speed),
                TowShape::depthM,
                10 / (longer - shorter));
    }

    private static Optional<Double> slope(
            TowAnswer before, TowAnswer after, ToDoubleFunction<TowShape> figure, double scale) {
        if (before instanceof TowAnswer.Shaped a && after instanceof TowAnswer.Shaped b) {
            return Optional.of(scale * (figure.applyAsDouble(b.shape()) - figure.applyAsDouble(a.shape())));
        }
        return Optional.empty();
    }
}
