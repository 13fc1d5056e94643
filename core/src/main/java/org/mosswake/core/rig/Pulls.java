package org.mosswake.core.rig;

import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;

/**
 * Pulls of line by hand, and metres. A hand takes {@code handM}; a counted pull is taken for {@code countedM} and made
 * true by one extra, uncounted pull after every tenth: 11 × 56 cm ≈ 10 × 61 cm (handbook practice).
 */
public record Pulls(double handM, double countedM) {
    static final double HAND_M = 0.56;
    static final double COUNTED_M = 0.61;
    public static final Pulls USUAL = new Pulls(HAND_M, COUNTED_M);
    public static final Accepted METRES = new Accepted(0, 1000, "m");
    private static final int EVERY = 10;

    /**
     * A let-out in pulls.
     *
     * @param counted said aloud
     * @param extra   pulls that were not counted
     * @param restM   still to go after the last whole pull (m)
     */
    public record Count(int counted, int extra, double restM) {
        /** Times the hand moved. */
        public int hands() {
            return counted + extra;
        }
    }

    public Pulls {
        var faults = new Faults();
        new Accepted(0.2, 1.2, "m").check(faults, "handM", handM);
        new Accepted(0.2, 1.2, "m").check(faults, "countedM", countedM);
        faults.throwIfAny();
    }

    /** With the extra pull after every tenth. */
    public Count of(double metres) {
        int hands = hands(metres);
        int rounds = hands / (EVERY + 1);
        int counted = rounds * EVERY + Math.min(EVERY, hands % (EVERY + 1));
        return new Count(counted, hands - counted, metres - hands * handM);
    }

    /** What really ran out. */
    public double metres(Count count) {
        return count.hands() * handM + count.restM();
    }

    /** What really ran out at so many counted pulls, the extra one after the last tenth made too. */
    public double metres(int counted) {
        return (counted + counted / EVERY) * handM;
    }

    /** Every pull counted, none extra. */
    public int bare(double metres) {
        return (int) Math.round(metres / handM);
    }

    /** What the crew takes so many counted pulls for. */
    public double said(int counted) {
        return counted * countedM;
    }

    private int hands(double metres) {
        return (int) Math.floor(metres / handM + 1e-9);
    }
}
