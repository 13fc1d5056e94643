package org.mosswake.core.sim;

/**
 * A bar across the stream on the shoal side of the ledge: water quickens over it, and where it runs hard enough a rip
 * stands behind it in which fish wait. Lengths along and across the ledge; every figure is invented.
 *
 * @param crestM how deep the bar comes up to
 */
record RipShoal(double alongM, double acrossM, double crestM) {
    private static final double THICK_M = 70;
    private static final double LONG_M = 280;
    /** The rip stands so far behind the crest. */
    private static final double BEHIND_M = 60;

    private static final double RIP_M = 40;
    /** A stream under that makes none (m/s). */
    private static final double LEAST_MPS = 0.15;

    private static final double FULL_MPS = 0.45;
    private static final double QUICKER = 0.7;

    /** To the bottom, where it would be that deep without the bar. */
    double depthM(double without, double along, double across) {
        return without <= crestM ? without : without - (without - crestM) * over(along, across);
    }

    /** How much quicker the stream runs there: 1 away from it. */
    double quicker(double along, double across) {
        return 1 + QUICKER * over(along, across);
    }

    private double over(double along, double across) {
        return Math.exp(-square((along - alongM) / THICK_M) - square((across - acrossM) / LONG_M));
    }

    /** How much of a rip there is, 0 to 1. */
    double rip(double along, double across, double floodMps) {
        double runs = Math.min(1, Math.max(0, (Math.abs(floodMps) - LEAST_MPS) / (FULL_MPS - LEAST_MPS)));
        double behind = along - alongM - Math.signum(floodMps) * BEHIND_M;
        return runs * Math.exp(-square(behind / RIP_M) - square((across - acrossM) / LONG_M));
    }

    private static double square(double x) {
        return x * x;
    }
}
