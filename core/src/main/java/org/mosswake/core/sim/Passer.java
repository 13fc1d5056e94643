package org.mosswake.core.sim;

import org.mosswake.core.units.Plane;

/**
 * Another boat that comes by every quarter of an hour, on her way across the lines of a boat that holds her course.
 *
 * @param northM   of where the sea is reckoned from, with {@code eastM}
 * @param northMps over ground, with {@code eastMps}
 */
public record Passer(double northM, double eastM, double northMps, double eastMps) {
    private static final int EVERY_S = 900;
    /** From when she is first seen until she is there. */
    static final int COMES_IN_S = 320;

    private static final double FROM_M = 1100;
    private static final double ASTERN_M = 95;
    private static final double FROM_DEG = 75;

    /** Whether she sets out in this second, towards where the boat will be {@link #COMES_IN_S} later. */
    static boolean setsOut(long second) {
        return second % EVERY_S == 1;
    }

    /** @param headingDeg of the boat by then; {@code boatNorthM} and {@code boatEastM} where she will be */
    static Passer towards(double boatNorthM, double boatEastM, double headingDeg) {
        double course = Math.toRadians(headingDeg);
        double from = Math.toRadians(headingDeg + FROM_DEG);
        return new Passer(
                boatNorthM - ASTERN_M * Math.cos(course) + FROM_M * Math.cos(from),
                boatEastM - ASTERN_M * Math.sin(course) + FROM_M * Math.sin(from),
                -FROM_M * Math.cos(from) / COMES_IN_S,
                -FROM_M * Math.sin(from) / COMES_IN_S);
    }

    Passer second() {
        return new Passer(northM + northMps, eastM + eastMps, northMps, eastMps);
    }

    double mps() {
        return Plane.hypot(northMps, eastMps);
    }

    double courseDeg() {
        return NmeaWriter.towards(northMps, eastMps);
    }
}
