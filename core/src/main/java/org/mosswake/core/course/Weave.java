package org.mosswake.core.course;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * From one limit of the band to the other along a way that keeps in it, where there is room for that: she turns in time for neither
 * hull nor lures to leave it. Where the band is hardly wider than what her lines sweep she keeps to the way.
 */
final class Weave {
    private static final double STEP_M = 10;
    private static final double LOOK_M = 20;
    /** Points of the way that a step may pass. */
    private static final int LOOK = 6;

    private static final double WIDEST_M = 1200;
    /** To either side of the way (rad): flatter ones search little, steeper ones get nowhere. */
    private static final double SWING_RAD = Math.toRadians(38);
    /** Narrower than so many of what she sweeps straight on there is nothing to be gained by it (ESTIMATE). */
    private static final double LEAST_SWEEPS = 3;

    /** Crews turn again after about one longest line; a leg is some more. */
    private static final double LEAST_LEG = 1.5;

    private static final double MARGIN_M = 15;
    /** Fewer from limit to limit are no weave. */
    private static final int LEAST_SWINGS = 3;
    /** The way is aimed at so many radii ahead. */
    private static final double AIM = 1.2;

    private final Band band;
    private final Towed towed;
    private final List<Pose> way;
    private final double[][] room;
    private int swings;

    private Weave(Track about, Band band, Towed towed) {
        this.band = band;
        this.towed = towed;
        way = about.every(STEP_M);
        room = new double[2][way.size()];
        for (int i = 0; i < way.size(); i++) {
            room[0][i] = room(way.get(i), -1);
            room[1][i] = room(way.get(i), 1);
        }
    }

    /** Empty where there is nowhere room for it. */
    static Optional<Track> about(Track way, double lengthM, Band band, Towed towed) {
        var weave = new Weave(way, band, towed);
        Track track = weave.steered(lengthM);
        return weave.swings >= LEAST_SWINGS ? Optional.of(track) : Optional.empty();
    }

    private double room(Pose pose, int side) {
        double room = 0;
        while (room < WIDEST_M) {
            Pose there = pose.beside(side * (room + LOOK_M));
            if (!band.has(there.northM(), there.eastM())) {
                return room;
            }
            room += LOOK_M;
        }
        return room;
    }

    /** The least of what lies before her for a turn: a band that closes in is left in time. */
    private double roomAhead(int side, int at) {
        double least = WIDEST_M;
        int last = Math.min(way.size() - 1, at + (int) (AIM * towed.radiusOverGroundM() / STEP_M));
        for (int i = at; i <= last; i++) {
            least = Math.min(least, room[side > 0 ? 1 : 0][i]);
        }
        return least;
    }

    private double needed() {
        double turning = towed.radiusOverGroundM() * (1 - Math.cos(SWING_RAD));
        double leg = LEAST_LEG * towed.longestM() * Math.sin(SWING_RAD);
        return Math.max(LEAST_SWEEPS * towed.sweepM(), 2 * turning + leg + 2 * asideM());
    }

    private Track steered(double lengthM) {
        var pieces = new ArrayList<Track.Piece>();
        Pose pose = way.get(0);
        int at = 0;
        int side = 1;
        int steps = (int) (lengthM / STEP_M);
        for (int step = 0; step < steps && at < way.size() - 2; step++) {
            at = pose.nearestOn(way, at, at + LOOK);
            Pose guided = way.get(at);
            double away = Math.IEEEremainder(pose.headingRad() - guided.headingRad(), 2 * Math.PI);
            double wanted;
            if (roomAhead(-1, at) + roomAhead(1, at) < needed()) {
                Pose aim = way.get(Math.min(way.size() - 1, at + (int) (AIM * towed.radiusOverGroundM() / STEP_M)));
                wanted = Math.IEEEremainder(pose.bearingRad(aim) - guided.headingRad(), 2 * Math.PI);
            } else {
                if (side * guided.starboardM(pose) + round(side * away) >= limit(side, at)) {
                    side = -side;
                    swings++;
                }
                wanted = side * SWING_RAD;
            }
            double most = 1 / towed.radiusOverGroundM();
            double helm = Math.max(-most, Math.min(most, (wanted - away) / STEP_M));
            pieces.add(new Track.Piece(STEP_M, helm));
            pose = pose.along(STEP_M, helm);
        }
        return new Track(way.get(0), pieces);
    }

    private double limit(int side, int at) {
        return roomAhead(side, at) - asideM();
    }

    /** Room that lures need beside her way: those to the side, and what the stream sets them off it. */
    private double asideM() {
        return towed.halfM() + towed.setM() + MARGIN_M;
    }

    /** How much farther out she comes when she begins to turn back now. */
    private double round(double awayRad) {
        return awayRad <= 0 ? 0 : towed.radiusOverGroundM() * (1 - Math.cos(awayRad));
    }
}
