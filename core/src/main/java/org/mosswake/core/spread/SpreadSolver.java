package org.mosswake.core.spread;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import org.mosswake.core.tow.Tow;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowLimits;
import org.mosswake.core.tow.TowShape;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

/** Solves every line of a spread, how it answers to speed and let-out, and finds what is worth saying. */
public final class SpreadSolver {
    private static final double KNOT = SpeedUnit.KNOT.toSi(1);
    /** Half steps of the central differences: a quarter knot, and 2.5 m of let-out. */
    private static final double SPEED_STEP = KNOT / 4;

    private static final double LET_OUT_STEP_M = 2.5;

    private final TowSolver tows = new TowSolver();

    public SolvedSpread solve(Spread spread) {
        Map<UUID, String> labels = Labels.of(spread.lines());
        var lines = spread.lines().stream()
                .map(line -> solve(line, labels.get(line.id()), spread.speed()))
                .toList();
        return new SolvedSpread(
                lines, Wake.of(spread.speed(), spread.engines()), new Findings(spread, lines, tows).all());
    }

    private SolvedLine solve(SpreadLine line, String label, SpeedThroughWater speed) {
        Tow tow = line.tow(speed);
        double slower = Math.max(TowLimits.SPEED_MPS.least(), speed.mps() - SPEED_STEP);
        double faster = Math.min(TowLimits.SPEED_MPS.most(), speed.mps() + SPEED_STEP);
        TowAnswer before = tows.settle(tow.withSpeed(slower));
        TowAnswer after = tows.settle(tow.withSpeed(faster));
        double perKnot = KNOT / (faster - slower);
        return new SolvedLine(
                line,
                label,
                tows.solve(tow),
                slope(before, after, TowShape::depthM, perKnot),
                perTenMetres(tow),
                slope(before, after, TowShape::tensionAtTipN, perKnot));
    }

    private Optional<Double> perTenMetres(Tow tow) {
        double main =
                tow.chainFromLure().get(tow.chainFromLure().size() - 1).line().lengthM();
        double shorter = Math.max(TowLimits.LENGTH_M.least(), main - LET_OUT_STEP_M);
        double longer = Math.min(TowLimits.LENGTH_M.most(), main + LET_OUT_STEP_M);
        return slope(
                tows.settle(tow.withLastLength(shorter)),
                tows.settle(tow.withLastLength(longer)),
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
