package org.mosswake.core.tow;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.units.Plane;

/**
 * The line from a downrigger's clip up to the rod: the same field equations between two fixed ends, in the plane of the
 * tow. Its pull at the clip is given; the direction there is sought so that the line meets the rod's tip, and its length
 * follows. What the crew takes up is the difference between the length at a slack pull and at a firm one.
 *
 * @param speedMps    through the water (m/s)
 * @param clipDepthM  (m)
 * @param clipBehindM of the clip behind the rod's tip (m)
 * @param tipHeightM  over the water (m)
 * @param line        one metre of it
 */
public record Belly(double speedMps, double clipDepthM, double clipBehindM, double tipHeightM, LinePiece line) {
    /** A quarter of a kilogram: the line just hangs (N). */
    public static final double SLACK_N = Physics.GRAVITY / 4;

    private static final double MOST_N = 2000;
    private static final int STEPS = 64;
    private static final int ANGLES = 24;
    /** From twice what holds to what holds, within 2 %. */
    private static final int SIX_HALVINGS = 6;

    /**
     * @param lengthM   of line from clip to tip
     * @param pullAtTipN bends the rod (N)
     * @param onClip    what it pulls on the clip with
     * @param path      from the clip to the tip, from the tip (m)
     */
    public record Shape(double lengthM, double pullAtTipN, Pull onClip, List<Point> path) {}

    /** A pull on the clip (N). */
    public record Pull(double aheadN, double upN) {
        public static final Pull NONE = new Pull(0, 0);
    }

    /** Empty when no direction at the clip takes the line to the tip with this pull (N). */
    public Optional<Shape> at(double pullAtClipN) {
        double before = Double.NaN;
        double beforeAngle = 0;
        // From straight up to streaming far astern.
        for (int i = 0; i <= ANGLES; i++) {
            double angle = Math.toRadians(168.0 * i / ANGLES - 80);
            double miss = miss(pullAtClipN, angle);
            if (!Double.isNaN(before) && !Double.isNaN(miss) && before * miss <= 0) {
                return Optional.of(shape(pullAtClipN, root(pullAtClipN, beforeAngle, before, angle)));
            }
            before = miss;
            beforeAngle = angle;
        }
        return Optional.empty();
    }

    /**
     * The slackest belly: at a quarter of a kilogram, or, where the water would carry so slack a line away, at the least
     * pull that holds it (within 2 %).
     */
    public Optional<Shape> slackest() {
        double holds = SLACK_N;
        while (at(holds).isEmpty()) {
            holds *= 2;
            if (holds > MOST_N) {
                return Optional.empty();
            }
        }
        return at(
                holds > SLACK_N
                        ? Boundary.lastYes(holds, holds / 2, SIX_HALVINGS, pull -> at(pull).isPresent())
                        : holds);
    }

    private double root(double pull, double a, double fa, double b) {
        // Past the end of the line there is nothing to miss, so there is a boundary here and no function with a root.
        return Boundary.lastYes(a, b, 40, angle -> miss(pull, angle) * fa > 0);
    }

    /** How far ahead of the tip the line passes the tip's height (m); NaN when it never comes up to it. */
    private double miss(double pull, double angle) {
        double[] end = march(pull, angle, null);
        return end == null ? Double.NaN : -end[0] - clipBehindM;
    }

    private Shape shape(double pull, double angle) {
        var path = new ArrayList<Point>();
        double[] end = march(pull, angle, path);
        var onClip = new Pull(pull * Math.sin(angle), pull * Math.cos(angle));
        return new Shape(end[2], end[3], onClip, List.copyOf(path));
    }

    /**
     * Runge and Kutta's classical method over the height, from the clip up: x astern, tension and length as functions of
     * z would be singular where the line lies level, so steps go along the line and the last is cut at the tip's height.
     *
     * @param angle of the line at the clip from the vertical, ahead positive (rad)
     * @return x from the clip, z, length, tension at the tip; null when the line never gets there
     */
    private double[] march(double pull, double angle, List<Point> path) {
        double reach = clipDepthM + tipHeightM;
        double ds = (reach + Math.abs(clipBehindM)) / STEPS;
        double[] at = {0, -clipDepthM, -pull * Math.sin(angle), pull * Math.cos(angle)};
        double length = 0;
        for (int i = 0; i < 8 * STEPS; i++) {
            if (path != null) {
                path.add(new Point(at[0] + clipBehindM, 0, at[1]));
            }
            double[] next = step(at, ds);
            if (next[1] >= tipHeightM) {
                double share = (tipHeightM - at[1]) / (next[1] - at[1]);
                double[] end = step(at, share * ds);
                if (path != null) {
                    path.add(new Point(end[0] + clipBehindM, 0, tipHeightM));
                }
                return new double[] {end[0], end[1], length + share * ds, Plane.hypot(end[2], end[3])};
            }
            length += ds;
            at = next;
        }
        return null;
    }

    private double[] step(double[] at, double ds) {
        double[] k1 = slope(at);
        double[] k2 = slope(moved(at, k1, ds / 2));
        double[] k3 = slope(moved(at, k2, ds / 2));
        double[] k4 = slope(moved(at, k3, ds));
        var next = new double[4];
        for (int i = 0; i < 4; i++) {
            next[i] = at[i] + ds / 6 * (k1[i] + 2 * k2[i] + 2 * k3[i] + k4[i]);
        }
        return next;
    }

    private static double[] moved(double[] at, double[] slope, double ds) {
        return new double[] {at[0] + ds * slope[0], at[1] + ds * slope[1], at[2] + ds * slope[2], at[3] + ds * slope[3]
        };
    }

    /** dr/ds = t, dF/ds = −f, as for the tow. */
    private double[] slope(double[] at) {
        double tension = Plane.hypot(at[2], at[3]);
        double tx = at[2] / tension;
        double tz = at[3] / tension;
        double density = at[1] < 0 ? Physics.SEA_WATER_DENSITY : Physics.AIR_DENSITY;
        double half = density * line.diameterM() / 2;
        double along = speedMps * tx;
        double nx = speedMps - along * tx;
        double nz = -along * tz;
        double normal = half * line.normalDragCoefficient() * Plane.hypot(nx, nz);
        double skin = half * Math.PI * line.tangentialDragCoefficient() * Math.abs(along) * along;
        double weight =
                (line.densityKgPerM3() - density) * Physics.GRAVITY * Math.PI * line.diameterM() * line.diameterM() / 4;
        return new double[] {tx, tz, -normal * nx - skin * tx, -normal * nz - skin * tz + weight};
    }
}
