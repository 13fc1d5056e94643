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

    /** Pull at which it lets go (N). */
    public double holdN() {
        return holdN;
    }
}
