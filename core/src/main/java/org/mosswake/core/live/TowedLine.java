package org.mosswake.core.live;

import java.util.UUID;
import org.mosswake.core.spread.LinePlacer;
import org.mosswake.core.spread.LurePlace;
import org.mosswake.core.spread.Skipping;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.tow.TowLimits;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.turn.TurnLine;
import org.mosswake.core.units.SpeedThroughWater;

/**
 * A line that is out.
 *
 * @param staysInToMps slowest speed of its own at which the lure is out of the water more than it is meant to;
 *     infinite where none was found
 * @param hangsBelowM  of its lure, the lowest thing of the line: a ball, a lead, a second lure (m)
 */
public record TowedLine(UUID id, String label, TurnLine turned, double staysInToMps, double hangsBelowM) {
    /** Looked for up to so much faster than the spread, in steps of this share. */
    private static final double FASTEST_SHARE = 1.7;

    private static final double STEP_SHARE = 0.05;

    /** @param speed of the spread */
    public static TowedLine of(SpreadLine line, String label, SpeedThroughWater speed, TowSolver tows) {
        var placer = new LinePlacer();
        double below = placer.place(line, speed)
                .map(place -> Math.max(0, place.lowestM() - place.depthM()))
                .orElse(0.0);
        return new TowedLine(line.id(), label, line.turned(speed, tows), staysInTo(line, speed, placer), below);
    }

    private static double staysInTo(SpreadLine line, SpeedThroughWater speed, LinePlacer placer) {
        for (double share = 1; share <= FASTEST_SHARE; share += STEP_SHARE) {
            double mps = TowLimits.SPEED_MPS.nearest(share * speed.mps());
            boolean skips = placer.place(line, new SpeedThroughWater(mps))
                    .map(LurePlace::skippingShare)
                    .filter(out -> Skipping.tooMuch(line.lure(), out))
                    .isPresent();
            if (skips) {
                return mps;
            }
        }
        return Double.POSITIVE_INFINITY;
    }
}
