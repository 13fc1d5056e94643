package org.mosswake.core.course;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.course.Interception.Train;
import org.mosswake.core.course.SeenMoving.State;
import org.mosswake.core.units.Plane;

/**
 * What moves and was seen, and how the lures are brought through ahead of it.
 *
 * @param flock    as it is now
 * @param how      empty where it cannot be done at this speed
 * @param sights   it is known from; of one alone nobody knows which way it goes
 * @param can      whether that holds although its speed is not known exactly
 * @param holdsRad it may turn so far from its course, to either side, and the way still does; 0 where none leads there
 */
public record Meeting(State flock, Optional<Interception> how, Verdict can, int sights, double holdsRad) {
    /** Of what is known of it. */
    public enum Verdict {
        CAN,
        /** Its speed is not known well enough to say so, or not. */
        PERHAPS,
        CANNOT
    }

    /** By eye (practice): a twentieth of the distance and three degrees. */
    private static final SeenMoving.Errors BY_EYE = new SeenMoving.Errors(0.05, Math.toRadians(3));

    private static final double TURN_STEP_RAD = Math.toRadians(5);
    private static final double MOST_TURN_RAD = Math.toRadians(60);
    /** A lure that passes so near is seen (m). */
    private static final double TAKES_M = 10;

    private static final double LATER_S = 60;
    private static final double FASTEST_MPS = 8;
    private static final double UNSURE = 0.12;

    /**
     * Where it was seen, in the water as it lies now.
     *
     * @param atS        seconds, as {@code nowS}
     * @param bearingRad from the boat then
     */
    public record Sight(double atS, double northM, double eastM, double bearingRad, double distanceM) {
        /** No flock flies so fast or is seen so wrongly: that was another one. */
        private boolean canBe(Sight later) {
            double apart = Plane.hypot(later.northM - northM, later.eastM - eastM);
            return apart <= FASTEST_MPS * (later.atS - atS) + UNSURE * (distanceM + later.distanceM);
        }

        private Pose from() {
            return new Pose(northM - distanceM * Math.cos(bearingRad), eastM - distanceM * Math.sin(bearingRad), 0);
        }
    }

    /** @param sights at least one */
    public static Meeting of(List<Sight> sights, Pose boat, Train train, double nowS) {
        Sight last = sights.stream().max(Comparator.comparingDouble(Sight::atS)).orElseThrow();
        List<Sight> inOrder = sights.stream()
                .filter(sight -> sight.canBe(last))
                .sorted(Comparator.comparingDouble(Sight::atS))
                .toList();
        Sight first = inOrder.get(0);
        SeenMoving seen = SeenMoving.first(first.atS(), first.from(), first.bearingRad(), first.distanceM(), BY_EYE);
        inOrder.stream()
                .skip(1)
                .forEach(sight -> seen.seen(sight.atS(), sight.from(), sight.bearingRad(), sight.distanceM(), BY_EYE));
        State flock = seen.at(Math.max(nowS, last.atS()));
        Optional<Interception> how = Interception.of(boat, train, flock);
        return new Meeting(
                flock,
                how,
                verdict(boat, train, flock, how),
                inOrder.size(),
                how.map(one -> holds(one, train, flock)).orElse(0.0));
    }

    /** Asked once more of one that goes faster, or slower, by what it may be. */
    static Verdict verdict(Pose boat, Train train, State flock, Optional<Interception> how) {
        if (how.isPresent()) {
            return Interception.of(boat, train, flock.by(flock.offMps())).isPresent() ? Verdict.CAN : Verdict.PERHAPS;
        }
        return Interception.of(boat, train, flock.by(-flock.offMps())).isPresent() ? Verdict.PERHAPS : Verdict.CANNOT;
    }

    private static double holds(Interception one, Train train, State flock) {
        double turn = TURN_STEP_RAD;
        while (turn <= MOST_TURN_RAD && stands(one, train, flock, turn) && stands(one, train, flock, -turn)) {
            turn += TURN_STEP_RAD;
        }
        return turn - TURN_STEP_RAD;
    }

    /** On the way that was worked out a lure still comes to it, and the hull does not. */
    private static boolean stands(Interception one, Train train, State flock, double turnRad) {
        double course = flock.courseRad() + turnRad;
        double mps = flock.speedMps();
        for (double t = 0; t <= one.inS() + LATER_S; t += 1) {
            double north = flock.northM() + t * mps * Math.cos(course);
            double east = flock.eastM() + t * mps * Math.sin(course);
            double run = train.mps() * t;
            if (one.way().at(run).toM(north, east) < Interception.LEAST_HULL_M) {
                return false;
            }
            for (double astern = train.firstM(); astern <= train.lastM(); astern += TAKES_M / 2) {
                if (one.way().at(run - astern).toM(north, east) <= TAKES_M) {
                    return true;
                }
            }
        }
        return false;
    }
}
