package org.mosswake.core.rig;

import org.mosswake.core.units.Force;

/**
 * A fish that takes line: as the spool empties its radius falls and the drag rises with R₀/R at the same brake, and the
 * line it drags lengthwise adds π·Ct·½ρd·v² a metre (physics §9).
 *
 * @param runM     line it has taken, beyond the let-out
 * @param leftM    still on the reel; not below 0
 * @param reelN    at the reel, the brake as set with the lure out
 * @param waterN   of the line in the water
 * @param easeToN  setting that gives the first drag at the fish again; not below 0
 */
public record Run(double runM, double leftM, double reelN, double waterN, double easeToN) {
    private static final double SEA_WATER_KG_PER_M3 = 1025;

    /**
     * @param offM     main line already out
     * @param tangent  Ct of the main line
     * @param fishMps  speed the line is drawn at
     */
    public static Run of(
            Reel reel, double diameterM, double tangent, double offM, double runM, Force drag, double fishMps) {
        Spool spool = reel.spool();
        double rise = spool.dragRise(diameterM, offM + runM) / spool.dragRise(diameterM, offM);
        double water = Math.PI * tangent * 0.5 * SEA_WATER_KG_PER_M3 * diameterM * fishMps * fishMps * (offM + runM);
        double reelN = drag.newtons() * rise;
        double ease = Math.max(0, (drag.newtons() - water) / rise);
        return new Run(runM, Math.max(0, reel.leftM(diameterM, offM + runM)), reelN, water, ease);
    }

    /** What the fish and the leader feel (N). */
    public double totalN() {
        return reelN + waterN;
    }
}
