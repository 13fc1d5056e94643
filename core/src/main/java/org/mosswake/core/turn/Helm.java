package org.mosswake.core.turn;

import java.util.ArrayList;
import java.util.List;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.units.Plane;

/** What the helm does: the pivot's way over still water, leg after leg; straight on before and after. */
public record Helm(List<Leg> legs) {
    public static final Accepted RADIUS_M = new Accepted(5, 2000, "m");
    public static final Accepted ANGLE_RAD = new Accepted(-2 * Math.PI, 2 * Math.PI, "rad");
    public static final Accepted STRAIGHT_M = new Accepted(0, 5000, "m");
    public static final int MOST_LEGS = 60;
    /** A corner of a drawn track sharper than this would need to stop and back (rad). */
    private static final double SHARPEST = Math.toRadians(170);

    /** A piece of the way. */
    public sealed interface Leg {
        double lengthM();
    }

    /** @param angleRad to starboard; negative to port */
    public record Arc(double angleRad, double radiusM) implements Leg {
        @Override
        public double lengthM() {
            return Math.abs(angleRad) * radiusM;
        }
    }

    public record Straight(double lengthM) implements Leg {}

    /** A corner of a drawn track: astern and to starboard of the boat's datum at the start (m). */
    public record Mark(double asternM, double starboardM) {}

    public Helm {
        legs = List.copyOf(legs);
        var faults = new Faults();
        faults.count("legs", legs, 0, MOST_LEGS);
        for (int i = 0; i < legs.size(); i++) {
            String path = "legs[" + i + "].";
            if (legs.get(i) instanceof Arc arc) {
                ANGLE_RAD.check(faults, path + "angleRad", arc.angleRad());
                RADIUS_M.check(faults, path + "radiusM", arc.radiusM());
            } else {
                STRAIGHT_M.check(faults, path + "lengthM", legs.get(i).lengthM());
            }
        }
        faults.throwIfAny();
    }

    public static Helm turn(Side side, double angleRad, double radiusM) {
        return new Helm(List.of(new Arc(side.sign * angleRad, radiusM)));
    }

    /**
     * An S-weave about the course: half a swing out, whole swings from side to side, half a swing back.
     *
     * @param swingRad to each side of the course
     * @param legM     straight between the swings (m)
     * @param swings   whole swings
     */
    public static Helm weave(Side first, double swingRad, double radiusM, double legM, int swings) {
        var legs = new ArrayList<Leg>();
        double turn = first.sign * swingRad;
        legs.add(new Arc(turn, radiusM));
        for (int i = 0; i < swings; i++) {
            legs.add(new Straight(legM));
            turn = -turn;
            legs.add(new Arc(2 * turn, radiusM));
        }
        legs.add(new Straight(legM));
        legs.add(new Arc(-turn, radiusM));
        return new Helm(legs);
    }

    /**
     * A drawn track from the boat's datum, its corners rounded. A corner too close to the next for the radius is rounded
     * more sharply.
     */
    public static Helm track(List<Mark> marks, double radiusM) {
        var legs = new ArrayList<Leg>();
        double x = 0;
        double y = 0;
        double heading = 0;
        double cut = 0;
        for (int i = 0; i < marks.size(); i++) {
            double dx = marks.get(i).asternM() - x;
            double dy = marks.get(i).starboardM() - y;
            double length = Plane.hypot(dx, dy);
            double wanted = Math.atan2(dy, -dx);
            double turn = Math.IEEEremainder(wanted - heading, 2 * Math.PI);
            if (length == 0 || Math.abs(turn) > SHARPEST) {
                throw FaultException.of(FaultCode.TRACK_TURNS_BACK, "marks[" + i + "]");
            }
            double before = i == 0 ? 0 : lastLength(legs);
            double half = Math.tan(Math.abs(turn) / 2);
            double room = i == 0 ? length / 2 : Math.min(before, length / 2);
            double corner = Math.min(radiusM * half, room);
            if (Math.abs(turn) > 1e-6) {
                shorten(legs, i == 0 ? 0 : corner);
                legs.add(new Arc(turn, Math.max(RADIUS_M.least(), corner / half)));
                cut = corner;
            } else {
                cut = 0;
            }
            legs.add(new Straight(length - cut));
            x = marks.get(i).asternM();
            y = marks.get(i).starboardM();
            heading = wanted;
        }
        return new Helm(legs);
    }

    private static double lastLength(List<Leg> legs) {
        return legs.get(legs.size() - 1).lengthM();
    }

    private static void shorten(List<Leg> legs, double by) {
        if (by > 0) {
            legs.set(legs.size() - 1, new Straight(lastLength(legs) - by));
        }
    }

    public double lengthM() {
        return legs.stream().mapToDouble(Leg::lengthM).sum();
    }

    /** Turned to starboard in all (rad). */
    public double turnedRad() {
        return legs.stream()
                .mapToDouble(leg -> leg instanceof Arc arc ? arc.angleRad() : 0)
                .sum();
    }

    /** Where the pivot is after so far, having started at {@code start}. */
    Pose after(double distanceM, Pose start) {
        Pose pose = start;
        double left = distanceM;
        for (Leg leg : legs) {
            double run = Math.min(left, leg.lengthM());
            pose = leg instanceof Arc arc ? along(arc, run, pose) : ahead(pose, run);
            left -= run;
            if (left <= 0) {
                return pose;
            }
        }
        return ahead(pose, left);
    }

    private static Pose ahead(Pose from, double run) {
        return new Pose(from.placeX(-run, 0), from.placeY(-run, 0), from.headingRad());
    }

    private static Pose along(Arc arc, double run, Pose from) {
        double out = Math.signum(arc.angleRad()) * arc.radiusM();
        double heading = from.headingRad() + run / out;
        double centreX = from.placeX(0, out);
        double centreY = from.placeY(0, out);
        return new Pose(centreX - out * Math.sin(heading), centreY - out * Math.cos(heading), heading);
    }
}
