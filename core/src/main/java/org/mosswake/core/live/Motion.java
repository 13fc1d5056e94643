package org.mosswake.core.live;

import org.mosswake.core.units.Plane;

/**
 * How she moves, as well as it is known. The doubts are standard deviations.
 *
 * @param northM      of where the first fix was, with {@code eastM}
 * @param throughMps  through the water, towards {@code headingRad} (clockwise from true north)
 * @param turnRadS    to starboard (rad/s)
 * @param streamNorthMps of the water over ground, with {@code streamEastMps}
 */
public record Motion(
        double northM,
        double eastM,
        double throughMps,
        double headingRad,
        double turnRadS,
        double streamNorthMps,
        double streamEastMps,
        double throughDoubtMps,
        double streamDoubtMps) {
    public double groundNorthMps() {
        return throughMps * Math.cos(headingRad) + streamNorthMps;
    }

    public double groundEastMps() {
        return throughMps * Math.sin(headingRad) + streamEastMps;
    }

    public double groundMps() {
        return Plane.hypot(groundNorthMps(), groundEastMps());
    }

    public double courseDeg() {
        return degrees(Math.atan2(groundEastMps(), groundNorthMps()));
    }

    public double headingDeg() {
        return degrees(headingRad);
    }

    public double streamMps() {
        return Plane.hypot(streamNorthMps, streamEastMps);
    }

    public double streamTowardsDeg() {
        return degrees(Math.atan2(streamEastMps, streamNorthMps));
    }

    /** Of the circle she sails in the water (m); infinite on a straight course. */
    public double radiusM() {
        return Math.abs(throughMps / turnRadS);
    }

    /** Over ground at another speed through the water, on this heading with this stream (m/s). */
    public double groundAt(double mps) {
        return Plane.hypot(mps * Math.cos(headingRad) + streamNorthMps, mps * Math.sin(headingRad) + streamEastMps);
    }

    private static double degrees(double radians) {
        return (Math.toDegrees(radians) % 360 + 360) % 360;
    }
}
