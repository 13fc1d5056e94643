package org.mosswake.core.spread;

/** How far a line sits in a release clip: half-way into the jaws when shallow, all the way when deep. */
public enum ClipSeat {
    /** Two to three kilograms let it go (ESTIMATE). */
    HALF(25),
    /** Five to six kilograms (ESTIMATE). */
    FULL(55);

    private final double holdN;

    ClipSeat(double holdN) {
        this.holdN = holdN;
    }

    /** Deeper than this the line is pushed all the way in, or it lets go early (practice; m, ESTIMATE). */
    private static final double DEEP_M = 12;

    public static ClipSeat usual(double depthM) {
        return depthM > DEEP_M ? FULL : HALF;
    }

    /** A clip should hold this times the pull it feels (ESTIMATE: the pull of a seaway). */
    static final double HOLD_MARGIN = 1.3;

    /** By depth, and all the way in where the line alone would pull a half-seated one open. */
    public static ClipSeat needed(double depthM, double pullN) {
        return HALF.holds(pullN) ? usual(depthM) : FULL;
    }

    /** With room for what a seaway adds. */
    public boolean holds(double pullN) {
        return holdN >= HOLD_MARGIN * pullN;
    }

    /** Pull at which it lets go (N). */
    public double holdN() {
        return holdN;
    }
}
