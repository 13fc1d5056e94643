package org.mosswake.core.sim;

/** Another boat that comes by every quarter of an hour, on her way across the lines of a boat that holds her course. */
final class Passer {
    private static final int EVERY_S = 900;
    /** From when she is first seen until she is there. */
    private static final double COMES_IN_S = 320;

    private static final double FROM_M = 1100;
    private static final double ASTERN_M = 95;
    private static final double FROM_DEG = 75;

    private double northM;
    private double eastM;
    private double northMps;
    private double eastMps;

    /** Moves on a second; {@code courseDeg} and {@code mps} are those the boat holds on the whole. */
    void second(int second, double boatNorthM, double boatEastM, double mps, double courseDeg) {
        if (second % EVERY_S == 1) {
            double course = Math.toRadians(courseDeg);
            double from = Math.toRadians(courseDeg + FROM_DEG);
            double run = mps * COMES_IN_S - ASTERN_M;
            northM = boatNorthM + run * Math.cos(course) + FROM_M * Math.cos(from);
            eastM = boatEastM + run * Math.sin(course) + FROM_M * Math.sin(from);
            northMps = -FROM_M * Math.cos(from) / COMES_IN_S;
            eastMps = -FROM_M * Math.sin(from) / COMES_IN_S;
        }
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
