package org.mosswake.core.course;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.mosswake.core.course.Courses.Ask;

/** Ways that cover ground: lanes beside one another, and a widening round. */
final class Lanes {
    /** Lanes of a ladder are so many turns long. */
    private static final double LONG = 12;

    private static final double LEAST_LONG_M = 800;
    private static final double LOOK_M = 50;
    /** Of a lane: more of it covered and it is left out. */
    private static final double COVERED = 0.6;

    private static final int MOST_LANES = 400;
    private static final double FIRST = 1.1;

    private Lanes() {}

    /**
     * Lanes that follow one another are two radii apart at least, so that she comes from one into the next by half a turn; those
     * between are taken on the way back.
     */
    static Track ladder(Ask ask) {
        Towed towed = ask.towed();
        double heading = Double.isNaN(ask.towardsRad()) ? ask.start().headingRad() : ask.towardsRad();
        var start = new Pose(ask.start().northM(), ask.start().eastM(), heading);
        double laneM = Math.max(LEAST_LONG_M, LONG * towed.radiusOverGroundM());
        double apart = towed.sweepM();
        int over = Math.max(1, (int) Math.ceil(2 * towed.radiusOverGroundM() / apart));
        Track track = new Track(start, List.of());
        boolean there = true;
        for (int lane = 0; lane < MOST_LANES && track.lengthM() < ask.lengthM(); lane++) {
            Pose begin = start.beside(apart * place(lane, over));
            if (covered(begin, laneM, apart / 2, ask.covered())) {
                continue;
            }
            Pose from = there ? begin : begin.ahead(laneM).turned();
            if (track.pieces().isEmpty()) {
                track = Track.straight(from, laneM);
            } else {
                Way turn = Way.shortest(track.end(), from, towed.radiusOverGroundM(), laneM);
                track = track.then(turn, towed.radiusOverGroundM());
            }
            there = !there;
        }
        return track.upTo(ask.lengthM());
    }

    /** 0, over, 1, over + 1, … and after both stacks are full the next two. */
    private static int place(int lane, int over) {
        int stack = lane / (2 * over);
        int within = lane % (2 * over);
        return stack * 2 * over + within / 2 + (within % 2) * over;
    }

    private static boolean covered(Pose begin, double laneM, double withinM, List<Pose> covered) {
        int been = 0;
        int looks = 0;
        for (double into = 0; into <= laneM; into += LOOK_M) {
            Pose here = begin.ahead(into);
            been += covered.stream().anyMatch(one -> here.toM(one) < withinM) ? 1 : 0;
            looks++;
        }
        return been > COVERED * looks;
    }

    /**
     * Half circles, each wider by half of what lanes are apart: they join without a corner. About the same middle it begins outside of
     * what was covered.
     */
    static Track spiral(Ask ask) {
        Towed towed = ask.towed();
        double first = FIRST * towed.radiusOverGroundM();
        Pose middle = ask.start().beside(first);
        double widest = first + MOST_LANES * towed.sweepM();
        while (first < widest && coveredRound(middle, first, towed.sweepM() / 2, ask.covered())) {
            first += towed.sweepM();
        }
        var pieces = new ArrayList<Track.Piece>();
        double length = 0;
        for (double radius = first; length < ask.lengthM(); radius += towed.sweepM() / 2) {
            double half = Math.min(Math.PI * radius, ask.lengthM() - length);
            pieces.add(new Track.Piece(half, 1 / radius));
            length += half;
        }
        return new Track(middle.beside(-first), pieces);
    }

    private static boolean coveredRound(Pose middle, double radius, double withinM, List<Pose> covered) {
        int looks = (int) Math.ceil(2 * Math.PI * radius / LOOK_M);
        long been = IntStream.range(0, looks)
                .mapToObj(i -> new Pose(middle.northM(), middle.eastM(), 2 * Math.PI * i / looks).ahead(radius))
                .filter(here -> covered.stream().anyMatch(one -> here.toM(one) < withinM))
                .count();
        return been > COVERED * looks;
    }
}
