package org.mosswake.core.gear;

import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

/** Speeds at which a lure works as it should: below the least it hangs, above the most it rolls over or skips (m/s). */
public record SpeedWindow(double leastMps, double mostMps) {
    static SpeedWindow knots(double least, double most) {
        return new SpeedWindow(SpeedUnit.KNOT.toSi(least), SpeedUnit.KNOT.toSi(most));
    }

    public boolean holds(SpeedThroughWater speed) {
        // A figure as typed in knots must not fall out by rounding.
        return speed.mps() >= leastMps - 1e-6 && speed.mps() <= mostMps + 1e-6;
    }

    /** What suits both; empty (least above most) when nothing does. */
    public SpeedWindow and(SpeedWindow other) {
        return new SpeedWindow(Math.max(leastMps, other.leastMps), Math.min(mostMps, other.mostMps));
    }

    public boolean isEmpty() {
        return leastMps > mostMps;
    }
}
