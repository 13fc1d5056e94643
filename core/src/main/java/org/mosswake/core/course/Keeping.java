package org.mosswake.core.course;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The way along a guide that keeps the lures, not the hull, in the band for longest, with no turn tighter than her lines stand: a
 * search from step to step over places and headings, of which the best few hundred are followed on (a beam search).
 */
final class Keeping {
    private static final double[] HELMS = {0, -0.5, 0.5, -1, 1};
    private static final double LEAST_STEP_M = 30;
    private static final double MOST_STEP_M = 70;
    private static final int FOLLOWED = 90;
    /** Farther off the guide is another course (m). */
    private static final double CORRIDOR_M = 500;

    private static final double MOST_AWAY_RAD = Math.toRadians(100);
    /** States of a place and heading are one. */
    private static final double ALIKE_M = 25;

    private static final double ALIKE_RAD = Math.toRadians(10);
    /** Being well inside, and a quiet helm, are worth this beside a step of all lures in the band. */
    private static final double INSIDE = 0.2;

    /** Farther in than so much of the way to its middle is well inside. */
    private static final double WELL = 0.35;

    private static final double HELM_COST = 0.02;
    private static final double OTHER_SIDE_COST = 0.08;
    private static final double OFF_COST = 0.1;
    /** Within so many points of the end of a guide that stops there. */
    private static final int NEAR_END = 8;

    private static final double STOP_COST = 60;
    /** So many points of the guide lie within a step at most. */
    private static final int LOOK = 4;

    private static final double BEGIN_RAD = Math.toRadians(15);

    private final Band band;
    private final Towed towed;
    private final List<Pose> guide;
    private final boolean stops;
    private final double stepM;
    private final double[] asterns;

    private static final class State {
        final Pose pose;
        final Optional<State> before;
        final double helm;
        final double worth;
        final int at;
        final double side;

        State(Pose pose, Optional<State> before, double helm, double worth, int at, double side) {
            this.pose = pose;
            this.before = before;
            this.helm = helm;
            this.worth = worth;
            this.at = at;
            this.side = side;
        }
    }

    /** @param stops true where the guide ends at a place that she is to come to */
    Keeping(Band band, Towed towed, List<Pose> guide, boolean stops) {
        this.stops = stops;
        this.band = band;
        this.towed = towed;
        this.guide = guide;
        stepM = Math.max(LEAST_STEP_M, Math.min(MOST_STEP_M, towed.radiusOverGroundM() / 3));
        asterns = towed.some();
    }

    /**
     * @param begins true to begin where the guide does on the best heading; else on that of {@code start}
     * @return empty where the guide leads nowhere that she can steer
     */
    Optional<Track> search(Pose start, boolean begins, double lengthM) {
        if (guide.size() < 2) {
            return Optional.empty();
        }
        List<State> beam = new ArrayList<>();
        for (int k = begins ? -3 : 0; k <= (begins ? 3 : 0); k++) {
            double heading = begins ? guide.get(0).headingRad() + k * BEGIN_RAD : start.headingRad();
            beam.add(new State(
                    new Pose(start.northM(), start.eastM(), heading), Optional.empty(), 0, -0.01 * Math.abs(k), 0, 0));
        }
        State last = beam.get(0);
        int steps = (int) Math.round(lengthM / stepM);
        for (int step = 0; step < steps; step++) {
            beam = on(beam);
            if (beam.isEmpty() || beam.get(0).at >= guide.size() - 1) {
                break;
            }
            last = beam.get(0);
        }
        return last.before.isEmpty() ? Optional.empty() : Optional.of(track(last));
    }

    /** The best first. */
    private List<State> on(List<State> beam) {
        Map<Long, State> best = new HashMap<>();
        for (State from : beam) {
            for (double helm : HELMS) {
                on(from, helm)
                        .ifPresent(next -> best.merge(alike(next.pose), next, (a, b) -> a.worth >= b.worth ? a : b));
            }
        }
        var next = new ArrayList<>(best.values());
        next.sort((a, b) -> Double.compare(b.worth, a.worth));
        return next.size() > FOLLOWED ? next.subList(0, FOLLOWED) : next;
    }

    private static long alike(Pose pose) {
        long north = Math.round(pose.northM() / ALIKE_M) & 0xFFFFF;
        long east = Math.round(pose.eastM() / ALIKE_M) & 0xFFFFF;
        long heading = Math.round(Math.IEEEremainder(pose.headingRad(), 2 * Math.PI) / ALIKE_RAD) & 0xFF;
        return north << 28 | east << 8 | heading;
    }

    private Optional<State> on(State from, double helm) {
        Pose pose = from.pose.along(stepM, helm / towed.radiusOverGroundM());
        int at = pose.nearestOn(guide, from.at, from.at + LOOK);
        Pose guided = guide.get(at);
        double off = pose.toM(guided);
        double away = Math.IEEEremainder(pose.headingRad() - guided.headingRad(), 2 * Math.PI);
        if (off > CORRIDOR_M || Math.abs(away) > MOST_AWAY_RAD) {
            return Optional.empty();
        }
        double side = helm == 0 ? from.side : Math.signum(helm);
        double cost = HELM_COST * Math.abs(helm)
                + (side != from.side ? OTHER_SIDE_COST : 0)
                + (stops && at > guide.size() - NEAR_END ? STOP_COST : OFF_COST)
                        * off
                        * off
                        / (CORRIDOR_M * CORRIDOR_M);
        return Optional.of(new State(pose, Optional.of(from), helm, from.worth + worth(pose, from) - cost, at, side));
    }

    /** Of the lures as they are when she is there: they come where she was. */
    private double worth(Pose pose, State from) {
        double worth = 0;
        for (double astern : asterns) {
            int back = (int) Math.round(towed.behindM(astern, pose.headingRad()) / stepM);
            Pose there = back == 0 ? pose : before(from, back - 1);
            double within =
                    band.within(there.northM() + towed.setNorthM(astern), there.eastM() + towed.setEastM(astern));
            worth += within >= 0 ? 1 + INSIDE * Math.min(1, within / WELL) : 0;
        }
        return worth / asterns.length;
    }

    /** Before the start she came straight on. */
    private Pose before(State from, int back) {
        State at = from;
        for (int left = back; left > 0; left--) {
            if (at.before.isEmpty()) {
                return at.pose.ahead(-left * stepM);
            }
            at = at.before.get();
        }
        return at.pose;
    }

    private Track track(State last) {
        var pieces = new ArrayList<Track.Piece>();
        State at = last;
        while (at.before.isPresent()) {
            pieces.add(new Track.Piece(stepM, at.helm / towed.radiusOverGroundM()));
            at = at.before.get();
        }
        Collections.reverse(pieces);
        return new Track(at.pose, pieces);
    }
}
