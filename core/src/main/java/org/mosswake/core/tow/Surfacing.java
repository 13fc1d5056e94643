package org.mosswake.core.tow;

/** What a crew sees of a lure, by the share of time it is out of the water. */
public enum Surfacing {
    UNDER,
    /** A buoyant body riding at its own waterline. */
    FLOATS,
    /** Leaves the water at times. */
    TOUCHES,
    /** Out more than half of the time. */
    SKIPS,
    /** Out more than 0.7 of the time: it fishes no more. */
    BLOWN_OUT;

    static final double SKIPS_FROM = 0.5;
    static final double BLOWN_OUT_FROM = 0.7;

    static Surfacing of(Regime regime, double share) {
        if (regime == Regime.RUNNING) {
            return UNDER;
        }
        if (share <= 0) {
            return FLOATS;
        }
        return share > BLOWN_OUT_FROM ? BLOWN_OUT : share > SKIPS_FROM ? SKIPS : TOUCHES;
    }
}
