package org.mosswake.core.course;

import java.util.ArrayList;
import java.util.List;

/** A way over ground: straight runs and turns, one after another. */
public record Track(Pose start, List<Piece> pieces) {
    /** @param curvature one by the radius of the turn (1/m), to starboard positive; 0 straight */
    public record Piece(double lengthM, double curvature) {
        public double turnedRad() {
            return lengthM * curvature;
        }
    }

    /** A piece that turns less is straight (rad). */
    private static final double STRAIGHT_RAD = Math.toRadians(1);
    /** Less is steering, no turn (rad). */
    private static final double TURN_RAD = Math.toRadians(12);

    private static final double SAME = 1e-9;

    /** Pieces that go on alike are one. */
    public Track {
        var joined = new ArrayList<Piece>();
        for (Piece piece : pieces) {
            int last = joined.size() - 1;
            if (last >= 0 && Math.abs(joined.get(last).curvature() - piece.curvature()) < SAME) {
                joined.set(last, new Piece(joined.get(last).lengthM() + piece.lengthM(), piece.curvature()));
            } else if (piece.lengthM() > 0) {
                joined.add(piece);
            }
        }
        pieces = List.copyOf(joined);
    }

    static Track straight(Pose start, double lengthM) {
        return new Track(start, List.of(new Piece(lengthM, 0)));
    }

    /** This, and a way from where it ends. @param radiusM of the way's turns */
    Track then(Way way, double radiusM) {
        return then(way.legs().stream()
                .map(leg -> new Piece(leg.lengthM(), leg.side() / radiusM))
                .toList());
    }

    /** This, and what comes after it from where it ends. */
    Track then(List<Piece> more) {
        var all = new ArrayList<>(pieces);
        all.addAll(more);
        return new Track(start, all);
    }

    /** As far as it goes within a length. */
    Track upTo(double metres) {
        var kept = new ArrayList<Piece>();
        double left = metres;
        for (Piece piece : pieces) {
            if (left <= 0) {
                break;
            }
            kept.add(new Piece(Math.min(left, piece.lengthM()), piece.curvature()));
            left -= piece.lengthM();
        }
        return new Track(start, kept);
    }

    public double lengthM() {
        return pieces.stream().mapToDouble(Piece::lengthM).sum();
    }

    public Pose end() {
        Pose pose = start;
        for (Piece piece : pieces) {
            pose = pose.along(piece.lengthM(), piece.curvature());
        }
        return pose;
    }

    /** Poses from the start in even steps; what is left over at the end is not one. */
    public List<Pose> every(double stepM) {
        var poses = new ArrayList<Pose>();
        Pose pose = start;
        double into = 0;
        for (Piece piece : pieces) {
            for (; into <= piece.lengthM(); into += stepM) {
                poses.add(pose.along(into, piece.curvature()));
            }
            into -= piece.lengthM();
            pose = pose.along(piece.lengthM(), piece.curvature());
        }
        return poses;
    }

    /** Radius of its tightest turn; empty of a straight one. */
    public java.util.OptionalDouble tightestM() {
        return pieces.stream()
                .filter(piece -> Math.abs(piece.turnedRad()) > STRAIGHT_RAD)
                .mapToDouble(piece -> 1 / Math.abs(piece.curvature()))
                .min();
    }

    /** Turns one after another to the same side are one turn; a helm that is kept quiet makes none. */
    public int turns() {
        int turns = 0;
        double turned = 0;
        for (Piece piece : pieces) {
            boolean on = piece.turnedRad() * turned > 0;
            turned = on ? turned + piece.turnedRad() : piece.turnedRad();
            boolean just = Math.abs(turned) >= TURN_RAD && (!on || Math.abs(turned - piece.turnedRad()) < TURN_RAD);
            turns += just ? 1 : 0;
        }
        return turns;
    }
}
