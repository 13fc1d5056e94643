package org.mosswake.core.course;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.mosswake.core.course.Interception.Train;
import org.mosswake.core.course.Meeting.Verdict;
import org.mosswake.core.units.Plane;

/** A boat with lures meets a flock whose heading wanders, seen with errors each ten seconds. */
final class MetFlock {
    private static final double DT = 1;
    private static final double ASKED_S = 10;
    static final double LONGEST_S = 2400;
    /** By then its way was seen twelve times. */
    private static final int VERDICT_S = 120;
    /** Told so often in a row that it cannot be done she goes elsewhere. */
    private static final int GIVES_UP = 9;

    private static final double TAKES_M = 10;
    private static final double KNOT = 0.514444;
    static final double[] LURES_M = {24, 33, 42, 52, 63, 75};
    private static final double[] ASIDE_M = {4, -4, 6, -6, 2, 0};
    static final double RADIUS_M = 60;
    static final SeenMoving.Errors ERRORS = new SeenMoving.Errors(0.03, Math.toRadians(2));

    final double mps;
    /** North, east of the flock each second. */
    final double[][] flock;

    final double flockMps;
    private final long seed;

    MetFlock(long seed, double wanderDegAMinute) {
        this(seed, wanderDegAMinute, 3, 6);
    }

    MetFlock(long seed, double wanderDegAMinute, double leastKn, double mostKn) {
        this.seed = seed;
        // The first numbers of near seeds are alike.
        var random = new Random(seed * 0x9E3779B97F4A7C15L);
        mps = KNOT * (7 + 2 * random.nextDouble());
        flockMps = KNOT * (leastKn + (mostKn - leastKn) * random.nextDouble());
        double range = 1852 * (1 + random.nextDouble());
        double bearing = 2 * Math.PI * random.nextDouble();
        double heading = 2 * Math.PI * random.nextDouble();
        flock = new double[(int) LONGEST_S + 200][];
        double north = range * Math.cos(bearing);
        double east = range * Math.sin(bearing);
        double shake = Math.toRadians(wanderDegAMinute) / Math.sqrt(60);
        for (int t = 0; t < flock.length; t++) {
            flock[t] = new double[] {north, east};
            heading += shake * random.nextGaussian();
            north += flockMps * Math.cos(heading);
            east += flockMps * Math.sin(heading);
        }
    }

    enum End {
        MET,
        RUN_OVER,
        MISSED,
        CANNOT
    }

    interface Helm {
        /** Heading to turn to now; empty: it is said that it cannot be done. */
        Optional<Way> steer(Pose boat, SeenMoving seen, double nowS);
    }

    private static Train train(double mps) {
        return new Train(mps, RADIUS_M, LURES_M[0], LURES_M[LURES_M.length - 1]);
    }

    static Helm solved(double mps) {
        return (boat, seen, now) ->
                Interception.of(boat, train(mps), seen.at(now)).map(Interception::way);
    }

    private Verdict verdict(Pose boat, SeenMoving.State now) {
        return Meeting.verdict(boat, train(mps), now, Interception.of(boat, train(mps), now));
    }

    static Helm straightAtIt() {
        return (boat, seen, now) -> {
            var flock = seen.at(now);
            double to = Math.atan2(flock.eastM() - boat.eastM(), flock.northM() - boat.northM());
            return Optional.of(Way.turn(boat, to, RADIUS_M, 1e5));
        };
    }

    /** As she comes, when it is first seen. */
    Pose begins() {
        return new Pose(0, 0, 2 * Math.PI * errors().nextDouble());
    }

    private Random errors() {
        return new Random(seed * 0xC2B2AE3D27D4EB4FL);
    }

    /** How an attempt ended, and what was said after two minutes; PERHAPS where it ended before. */
    record Met(End end, Verdict said) {}

    /** The first attempt: until a lure is at its head, the hull too near, it goes away again, or she is told so long that she cannot. */
    Met attempt(Helm helm) {
        var random = errors();
        Pose boat = new Pose(0, 0, 2 * Math.PI * random.nextDouble());
        List<Pose> been = before(boat);
        SeenMoving seen = null;
        Way way = null;
        double begun = 0;
        int cannot = 0;
        Verdict said = Verdict.PERHAPS;
        double closest = Double.MAX_VALUE;
        for (int t = 0; t < LONGEST_S; t++) {
            if (t % ASKED_S == 0) {
                double north = flock[t][0] - boat.northM();
                double east = flock[t][1] - boat.eastM();
                double range = Plane.hypot(north, east) * (1 + ERRORS.rangeShare() * random.nextGaussian());
                double bearing = Math.atan2(east, north) + ERRORS.bearingRad() * random.nextGaussian();
                if (seen == null) {
                    seen = SeenMoving.first(t, boat, bearing, range, ERRORS);
                } else {
                    seen.seen(t, boat, bearing, range, ERRORS);
                }
                if (t >= 20) {
                    Optional<Way> next = helm.steer(boat, seen, t);
                    if (next.isPresent()) {
                        way = next.get();
                        begun = t;
                        cannot = 0;
                    } else if (verdict(boat, seen.at(t)) == Verdict.CANNOT && ++cannot >= GIVES_UP) {
                        return new Met(End.CANNOT, said);
                    }
                    if (t == VERDICT_S) {
                        said = verdict(boat, seen.at(t));
                    }
                }
            }
            been.add(boat);
            Optional<End> end = at(been, t);
            if (end.isPresent()) {
                return new Met(end.get(), said);
            }
            double hull = boat.toM(flock[t][0], flock[t][1]);
            closest = Math.min(closest, hull);
            // It was near, and she has gone on: that attempt is over.
            if (closest < 150 && hull > closest + 250) {
                return new Met(End.MISSED, said);
            }
            boat = way == null ? boat.ahead(mps * DT) : way.at(mps * (t + DT - begun));
        }
        return new Met(End.MISSED, said);
    }

    /** Her way before it was seen, each second. */
    List<Pose> before(Pose boat) {
        List<Pose> been = new ArrayList<>();
        for (int back = 200; back > 0; back--) {
            been.add(boat.ahead(-back * mps * DT));
        }
        return been;
    }

    /** Whether it ends now, she where her way has come to. */
    Optional<End> at(List<Pose> been, int t) {
        for (int i = 0; i < LURES_M.length; i++) {
            if (lure(been, i).toM(flock[t][0], flock[t][1]) <= TAKES_M) {
                return Optional.of(End.MET);
            }
        }
        double hull = been.get(been.size() - 1).toM(flock[t][0], flock[t][1]);
        return hull < Interception.LEAST_HULL_M ? Optional.of(End.RUN_OVER) : Optional.empty();
    }

    /** On the hull's way so far astern, aside of it. */
    private Pose lure(List<Pose> been, int which) {
        double back = LURES_M[which] / (mps * DT);
        int i = been.size() - 1 - (int) Math.round(back);
        Pose on = been.get(Math.max(0, i));
        return new Pose(
                on.northM() - ASIDE_M[which] * Math.sin(on.headingRad()),
                on.eastM() + ASIDE_M[which] * Math.cos(on.headingRad()),
                on.headingRad());
    }
}
