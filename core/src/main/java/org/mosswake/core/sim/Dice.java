package org.mosswake.core.sim;

import java.util.SplittableRandom;

/** Chance that depends on nothing but what it is asked about: the same question has the same answer on every machine. */
final class Dice {
    private final long seed;

    Dice(long seed) {
        this.seed = seed;
    }

    private SplittableRandom about(String what, long which) {
        long mixed = seed * 0x9E3779B97F4A7C15L + what.hashCode() * 0xC2B2AE3D27D4EB4FL + which;
        // The first of near seeds are alike: SplittableRandom mixes what follows.
        var random = new SplittableRandom(mixed);
        random.nextLong();
        return random;
    }

    /** From 0 to 1. */
    double share(String what, long which) {
        return about(what, which).nextDouble();
    }

    double between(double least, double most, String what, long which) {
        return least + (most - least) * share(what, which);
    }

    /** With mean 1 and this standard deviation of its logarithm. */
    double factor(double spread, String what, long which) {
        return Math.exp(spread * about(what, which).nextGaussian() - spread * spread / 2);
    }
}
