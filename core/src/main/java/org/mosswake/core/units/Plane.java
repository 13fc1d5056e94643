package org.mosswake.core.units;

/** Lengths in a plane. */
public final class Plane {
    private Plane() {}

    /** Of a way of so much and so much at right angles. {@link Math#hypot} guards against overflow, which no metre of ours meets, at ten times the cost. */
    public static double hypot(double a, double b) {
        return Math.sqrt(a * a + b * b);
    }
}
