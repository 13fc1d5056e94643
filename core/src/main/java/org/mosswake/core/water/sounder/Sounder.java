package org.mosswake.core.water.sounder;

import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.units.Plane;

/**
 * A sounder that looks straight down in a cone, and draws a column for each ping.
 *
 * @param coneRad full angle of the cone, where an echo has half of its strength
 * @param pingsHz a second
 */
public record Sounder(double coneRad, double pingsHz) {
    public static final Accepted CONE_RAD = new Accepted(Math.toRadians(4), Math.toRadians(90), "rad");
    public static final Accepted PINGS_HZ = new Accepted(0.2, 60, "1/s");

    /** Of sound in sea water (m/s); it differs by some percent with warmth and salt. */
    static final double SOUND_MPS = 1500;
    /** A strong echo shows outside the cone too: so many times as wide (ESTIMATE). */
    static final double STRONG = 1.3;

    private static final double SPECK = 2;
    private static final double ARCH = 40;
    /** Slower she lies still. */
    static final double LIES_MPS = 0.15;

    /** What a trace looks like. */
    public enum Shape {
        /** One or two columns. */
        SPECK,
        /** Up and down again, by the longer way to the rim of the cone. */
        ARCH,
        /** So long that nobody sees it bend. */
        WORM,
        /** As long as she lies there. */
        LINE
    }

    public Sounder {
        var faults = new Faults();
        CONE_RAD.check(faults, "coneRad", coneRad);
        PINGS_HZ.check(faults, "pingsHz", pingsHz);
        faults.throwIfAny();
    }

    /** A ping must be back before the next one goes: most of them a second, for a range (m). */
    public static double mostPingsHz(double rangeM) {
        return SOUND_MPS / (2 * rangeM);
    }

    /** Across the cone at a depth. */
    public double footprintM(double depthM) {
        return 2 * depthM * Math.tan(coneRad / 2);
    }

    /** That what stays still is in the cone, where its middle goes over it; endless where she lies still. */
    public double inConeS(double depthM, double mps) {
        return mps < LIES_MPS ? Double.POSITIVE_INFINITY : footprintM(depthM) / mps;
    }

    /** Of a thing that is small beside the cone, crossed in the middle. */
    public double columns(double depthM, double mps) {
        return inConeS(depthM, mps) * pingsHz;
    }

    /** How much deeper than in its middle the ends of an arch are drawn. */
    public double sagM(double depthM) {
        return depthM / Math.cos(coneRad / 2) - depthM;
    }

    public Shape shape(double columns, double mps) {
        if (mps < LIES_MPS) {
            return Shape.LINE;
        }
        return columns <= SPECK ? Shape.SPECK : columns <= ARCH ? Shape.ARCH : Shape.WORM;
    }

    /** What a thing shows as: so long along her way, so thick, its middle so far to the side. */
    public Trace trace(double depthM, double mps, double lengthM, double thickM, double asideM) {
        double radius = footprintM(depthM) / 2;
        if (asideM >= radius) {
            return new Trace(Shape.SPECK, 0, 0);
        }
        double chord = 2 * Math.sqrt(radius * radius - asideM * asideM);
        double columns = mps < LIES_MPS ? Double.POSITIVE_INFINITY : (lengthM + chord) / mps * pingsHz;
        double near = Plane.hypot(depthM, asideM);
        double far = Plane.hypot(depthM, radius);
        return new Trace(shape(columns, mps), columns, thickM + far - near);
    }

    /** @param heightM from the upper rim of the trace to its lower one */
    public record Trace(Shape shape, double columns, double heightM) {}
}
