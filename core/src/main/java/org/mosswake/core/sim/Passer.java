package org.mosswake.core.sim;

/** Another boat that comes by every quarter of an hour, on her way across the lines of a boat that holds her course. */
final class Passer {
    private static final int EVERY_S = 900;
    /** From when she is first seen until she is there. */
    static final int COMES_IN_S = 320;

    private static final double FROM_M = 1100;
    private static final double ASTERN_M = 95;
    private static final double FROM_DEG = 75;

    private double northM;
    private double eastM;
    private double northMps;
    private double eastMps;

    /** Whether she sets out in this second, towards where the boat will be {@link #COMES_IN_S} later. */
    static boolean setsOut(int second) {
        return second % EVERY_S == 1;
    }

    /** @param headingDeg of the boat by then; {@code northM} and {@code eastM} where she will be */
    void setOut(double boatNorthM, double boatEastM, double headingDeg) {
        double course = Math.toRadians(headingDeg);
        double from = Math.toRadians(headingDeg + FROM_DEG);
        northM = boatNorthM - ASTERN_M * Math.cos(course) + FROM_M * Math.cos(from);
        eastM = boatEastM - ASTERN_M * Math.sin(course) + FROM_M * Math.sin(from);
        northMps = -FROM_M * Math.cos(from) / COMES_IN_S;
        eastMps = -FROM_M * Math.sin(from) / COMES_IN_S;
    }

    void second() {
        northM += northMps;
        eastM += eastMps;
    }

    double northM() {
        return northM;
    }

    double eastM() {
        return eastM;
    }

    double mps() {
        return Math.hypot(northMps, eastMps);
    }

    double courseDeg() {
        return (Math.toDegrees(Math.atan2(eastMps, northMps)) + 360) % 360;
    }
}
