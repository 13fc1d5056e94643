package org.mosswake.core.course;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.units.Plane;

/**
 * The shortest way from one pose to another for a boat that turns no tighter than a radius: a turn, a straight run, a turn (L. E.
 * Dubins, "On curves of minimal length with a constraint on average curvature", Amer. J. Math. 79, 1957; the forms of three turns are
 * left out: with lines behind her she runs straight between two turns), and then straight on.
 */
public final class Way {
    /** @param side 1 to starboard, −1 to port, 0 straight */
    public record Leg(int side, double lengthM) {}

    private final Pose from;
    private final double radiusM;
    private final List<Leg> legs;
    private final double lengthM;

    private Way(Pose from, double radiusM, List<Leg> legs) {
        this.from = from;
        this.radiusM = radiusM;
        this.legs = List.copyOf(legs);
        double sum = 0;
        for (Leg leg : legs) {
            sum += leg.lengthM();
        }
        lengthM = sum;
    }

    /** @param onM straight on after the second pose is reached */
    static Way shortest(Pose from, Pose to, double radiusM, double onM) {
        Way best = null;
        for (int first = -1; first <= 1; first += 2) {
            for (int last = -1; last <= 1; last += 2) {
                Optional<Way> way = of(from, to, radiusM, first, last, onM);
                if (way.isPresent() && (best == null || way.get().lengthM() < best.lengthM())) {
                    best = way.get();
                }
            }
        }
        // Two turns to one side always join.
        return java.util.Objects.requireNonNull(best);
    }

    private static Optional<Way> of(Pose from, Pose to, double r, int first, int last, double onM) {
        double cn1 = from.northM() - first * r * Math.sin(from.headingRad());
        double ce1 = from.eastM() + first * r * Math.cos(from.headingRad());
        double cn2 = to.northM() - last * r * Math.sin(to.headingRad());
        double ce2 = to.eastM() + last * r * Math.cos(to.headingRad());
        double off = Plane.hypot(cn2 - cn1, ce2 - ce1);
        double line = Math.atan2(ce2 - ce1, cn2 - cn1);
        double run = off;
        if (first != last) {
            if (off < 2 * r) {
                return Optional.empty();
            }
            run = Math.sqrt(off * off - 4 * r * r);
            line += first * Math.asin(2 * r / off);
        }
        double turn1 = positive(first * (line - from.headingRad()));
        double turn2 = positive(last * (to.headingRad() - line));
        var legs = new ArrayList<Leg>();
        legs.add(new Leg(first, r * turn1));
        legs.add(new Leg(0, run));
        legs.add(new Leg(last, r * turn2));
        legs.add(new Leg(0, onM));
        return Optional.of(new Way(from, r, legs));
    }

    /** A turn to a heading, and straight on. */
    static Way turn(Pose from, double headingRad, double radiusM, double onM) {
        double by = Math.IEEEremainder(headingRad - from.headingRad(), 2 * Math.PI);
        return new Way(from, radiusM, List.of(new Leg(by >= 0 ? 1 : -1, radiusM * Math.abs(by)), new Leg(0, onM)));
    }

    private static double positive(double rad) {
        double turn = rad % (2 * Math.PI);
        double up = turn < 0 ? turn + 2 * Math.PI : turn;
        // A hair to the other side is no full circle.
        return up > 2 * Math.PI - 1e-9 ? 0 : up;
    }

    public List<Leg> legs() {
        return legs;
    }

    public double lengthM() {
        return lengthM;
    }

    /** Before 0 she came straight on; beyond the end she goes on as she was. */
    public Pose at(double metres) {
        if (metres <= 0) {
            return from.ahead(metres);
        }
        Pose pose = from;
        double left = metres;
        for (Leg leg : legs) {
            double step = Math.min(left, leg.lengthM());
            pose = pose.along(step, leg.side() / radiusM);
            left -= step;
            if (left <= 0) {
                return pose;
            }
        }
        return pose.ahead(left);
    }
}
