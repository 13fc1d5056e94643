package org.mosswake.core.course;

import java.util.List;
import org.mosswake.core.units.Plane;

/**
 * What hangs behind her, as a course needs to know it before it is followed in full: lures come after her along her way through the
 * water, which the stream carries off meanwhile.
 *
 * @param mps      through the water
 * @param radiusM  of the tightest turn that she and her lines stand
 * @param asternM  of her pivot, of each lure
 * @param halfM    how far the widest lure swims to the side
 * @param streamNorthMps and {@code streamEastMps}: of the water
 */
public record Towed(
        double mps, double radiusM, List<Double> asternM, double halfM, double streamNorthMps, double streamEastMps) {
    /** More tell no more of a course. */
    private static final int LOOKED_AT = 4;

    /** A fish comes to a lure from so far (m, ESTIMATE). */
    private static final double SEEN_M = 25;

    public Towed {
        asternM = List.copyOf(asternM);
    }

    /**
     * Of the turn over ground that is none tighter through the water on any heading: while the stream carries her along a circle
     * over ground is gone through faster, and her heading turns faster than her course.
     */
    double radiusOverGroundM() {
        double faster = 1 + Plane.hypot(streamNorthMps, streamEastMps) / mps;
        return radiusM * faster * faster;
    }

    /** The same with wider turns. */
    Towed turning(double radius) {
        return new Towed(mps, radius, asternM, halfM, streamNorthMps, streamEastMps);
    }

    /** A few that stand for all, from the nearest to the farthest; her own place where no line is out. */
    double[] some() {
        double[] all =
                asternM.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        if (all.length <= LOOKED_AT) {
            return all.length == 0 ? new double[] {0} : all;
        }
        var some = new double[LOOKED_AT];
        for (int i = 0; i < LOOKED_AT; i++) {
            some[i] = all[i * (all.length - 1) / (LOOKED_AT - 1)];
        }
        return some;
    }

    double longestM() {
        return asternM.stream().mapToDouble(Double::doubleValue).max().orElse(0);
    }

    /** How far the stream sets the farthest lure off her track at most. */
    double setM() {
        return longestM() * Plane.hypot(streamNorthMps, streamEastMps) / mps;
    }

    /** Width of the water that her lures are seen in. */
    double sweepM() {
        return 2 * (halfM + SEEN_M);
    }

    /** Over ground, on a course made good; 0 where the stream is too strong to make it. */
    public double overGroundMps(double courseRad) {
        double along = streamNorthMps * Math.cos(courseRad) + streamEastMps * Math.sin(courseRad);
        double across = acrossMps(courseRad);
        return across * across >= mps * mps ? 0 : Math.max(0, along + Math.sqrt(mps * mps - across * across));
    }

    /** Which way she heads to make a course good: up against what sets her aside. */
    double headingRad(double courseRad) {
        return courseRad - Math.asin(Math.max(-1, Math.min(1, acrossMps(courseRad) / mps)));
    }

    /** To starboard of a course. */
    private double acrossMps(double courseRad) {
        return streamEastMps * Math.cos(courseRad) - streamNorthMps * Math.sin(courseRad);
    }

    /** How far the water has carried a lure since the boat was where it is, to the north. */
    double setNorthM(double asternM) {
        return streamNorthMps * asternM / mps;
    }

    double setEastM(double asternM) {
        return streamEastMps * asternM / mps;
    }

    /** How far behind along her track over ground a lure is, on a course. */
    double behindM(double asternM, double courseRad) {
        return asternM * overGroundMps(courseRad) / mps;
    }
}
