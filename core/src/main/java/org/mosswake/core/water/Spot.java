package org.mosswake.core.water;

import org.mosswake.core.units.Plane;

/** A place at sea. */
public record Spot(double latDeg, double lonDeg) {
    static final double MILE_M = 1852;

    /** On a plane about here: good to a percent over a day's run (m). */
    public double toM(Spot other) {
        return Plane.hypot(northM(other), eastM(other));
    }

    public double northM(Spot other) {
        return (other.latDeg - latDeg) * Grid.DEGREE_M;
    }

    public double eastM(Spot other) {
        return (other.lonDeg - lonDeg) * Grid.DEGREE_M * Math.cos(Math.toRadians((latDeg + other.latDeg) / 2));
    }

    /** So many metres north and east of here. */
    public Spot by(double northM, double eastM) {
        return on(Math.atan2(eastM, northM), Plane.hypot(northM, eastM));
    }

    /** So far from here, clockwise from north. */
    public Spot on(double bearingRad, double metres) {
        double lat = latDeg + metres * Math.cos(bearingRad) / Grid.DEGREE_M;
        return new Spot(
                lat,
                lonDeg
                        + metres
                                * Math.sin(bearingRad)
                                / (Grid.DEGREE_M * Math.cos(Math.toRadians((lat + latDeg) / 2))));
    }

    /** Clockwise from north. */
    public double bearingRad(Spot other) {
        return Math.atan2(eastM(other), northM(other));
    }
}
