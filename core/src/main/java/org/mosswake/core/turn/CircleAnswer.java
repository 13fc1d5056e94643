package org.mosswake.core.turn;

/** Where a circling line settled. */
public sealed interface CircleAnswer {
    /**
     * @param lureRadiusM    of the lure's circle, about the same centre (m)
     * @param lagDegrees     angle by which the lure follows the tip, seen from the centre
     * @param lureSpeedMps   through the water (m/s)
     * @param tensionAtTipN  (N)
     * @param settledAfterS  simulated time until the circle stood (s)
     */
    record Settled(
            double lureRadiusM, double lagDegrees, double lureSpeedMps, double tensionAtTipN, double settledAfterS)
            implements CircleAnswer {}

    /** The budget ran out, or a time step found no shape. */
    record NotSettled(String reason) implements CircleAnswer {}
}
