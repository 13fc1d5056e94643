package org.mosswake.core.course;

import java.util.Optional;
import org.mosswake.core.course.SeenMoving.State;

/**
 * How to bring the lures, and not the hull, through ahead of something that moves: she crosses its course in front of it, straight
 * long enough for the lures to hang behind her, and it comes to where they pass. Asked again as it is seen again.
 *
 * @param way      to steer from now
 * @param inS      until the lures pass ahead of it
 * @param asternM  how far behind her it crosses her way
 * @param nearestM the hull comes to it before
 */
public record Interception(Way way, double inS, double asternM, double nearestM) {
    /** Nearer to the hull it goes down (ESTIMATE, after the rule of 15 m and room for an error). */
    public static final double LEAST_HULL_M = 15;

    private static final double ROOM_M = 5;
    /** Who needs longer meets another flock (s). */
    private static final double LONGEST_S = 2400;

    private static final double STEP_S = 4;
    private static final double SAME_S = 0.5;
    /** Beyond this what it does meanwhile matters more than how it is crossed (m). */
    private static final double FAR_M = 700;

    private static final double[] FAR_CROSS_DEG = {65, 90, 115};
    /** Ways to cross its course, from astern of it to ahead. */
    private static final double[] CROSS_DEG = {50, 70, 90, 110, 130};
    /** Headings that are tried when there is no room for two turns any more. */
    private static final double LAST_DEG = 70;

    private static final double LAST_STEP_DEG = 2.5;
    private static final double LAST_S = 70;
    /** Between two places of a second apart (m). */
    private static final double CROSSED_M = 4;

    /**
     * The boat and what she tows.
     *
     * @param mps     through the water
     * @param radiusM of the tightest turn that her spread stands
     * @param firstM  astern of her is the first lure, the last one {@code lastM}
     */
    public record Train(double mps, double radiusM, double firstM, double lastM) {
        double middleM() {
            return (firstM + lastM) / 2;
        }
    }

    /** Empty where it cannot be done at this speed; it may be by lifting lines and running ahead. */
    public static Optional<Interception> of(Pose boat, Train train, State flock) {
        boolean far = boat.toM(flock.northM(), flock.eastM()) > FAR_M;
        Interception best = null;
        for (double deg : far ? FAR_CROSS_DEG : CROSS_DEG) {
            for (int side = -1; side <= 1; side += 2) {
                for (double astern : far ? new double[] {train.middleM()} : asterns(train)) {
                    Optional<Interception> one =
                            crossing(boat, train, flock, flock.courseRad() + side * Math.toRadians(deg), astern);
                    if (one.isPresent() && (best == null || one.get().betterThan(best))) {
                        best = one.get();
                    }
                }
            }
        }
        Optional<Interception> straight = last(boat, train, flock, best);
        return straight.isPresent() ? straight : Optional.ofNullable(best);
    }

    /** Room for the hull first, as much as there need be; then the sooner one. */
    private boolean betterThan(Interception other) {
        double mine = Math.min(nearestM, LEAST_HULL_M + ROOM_M);
        double its = Math.min(other.nearestM, LEAST_HULL_M + ROOM_M);
        return Math.abs(mine - its) > 0.5 ? mine > its : inS < other.inS;
    }

    private static double[] asterns(Train train) {
        double first = train.firstM();
        double span = train.lastM() - first;
        return new double[] {first + 0.45 * span, first + 0.8 * span};
    }

    /** Two turns, so that she crosses its course straight and by an angle. */
    private static Optional<Interception> crossing(
            Pose boat, Train train, State flock, double headingRad, double asternM) {
        double straight = train.lastM();
        double late = asternM / train.mps();
        // Straight at each other they could meet no sooner; from there on the first moment at which she can be there.
        double closing = train.mps() + flock.speedMps();
        double before = Math.max(0, boat.toM(flock.northM(), flock.eastM()) / closing - late - straight / train.mps());
        for (double t = before; t <= LONGEST_S; t += Math.max(STEP_S, t / 25)) {
            if (isThere(boat, train, flock, headingRad, straight, late, t)) {
                double low = before;
                double high = t;
                while (high - low > SAME_S) {
                    double middle = (low + high) / 2;
                    boolean there = isThere(boat, train, flock, headingRad, straight, late, middle);
                    high = there ? middle : high;
                    low = there ? low : middle;
                }
                Way way = way(boat, train, flock, headingRad, straight, late, high);
                return Optional.of(
                        new Interception(way, high + late, asternM, nearest(way, train, flock, high + late)));
            }
            before = t;
        }
        return Optional.empty();
    }

    private static boolean isThere(
            Pose boat, Train train, State flock, double headingRad, double straight, double late, double t) {
        return way(boat, train, flock, headingRad, straight, late, t).lengthM() <= train.mps() * t;
    }

    private static Way way(
            Pose boat, Train train, State flock, double headingRad, double straight, double late, double t) {
        Pose there = new Pose(flock.northM(t + late), flock.eastM(t + late), headingRad);
        return Way.shortest(boat, there.ahead(-straight), train.radiusM(), straight);
    }

    /** Of the hull to where it should be, until the lures pass. */
    private static double nearest(Way way, Train train, State flock, double untilS) {
        double nearest = Double.MAX_VALUE;
        for (double t = 0; t <= untilS; t += Math.min(STEP_S, Math.max(1, untilS - t))) {
            Pose hull = way.at(train.mps() * t);
            nearest = Math.min(nearest, hull.toM(flock.northM(t), flock.eastM(t)));
            if (t == untilS) {
                break;
            }
        }
        return nearest;
    }

    /** Close by, one turn is all there is room for: that heading by which it crosses her way nearest to the middle of her lures. */
    private static Optional<Interception> last(Pose boat, Train train, State flock, Interception planned) {
        double off = boat.toM(flock.northM(), flock.eastM());
        if (off > LAST_S * (train.mps() + flock.speedMps()) || planned != null && planned.inS() > LAST_S) {
            return Optional.empty();
        }
        Interception best = null;
        double least = Double.MAX_VALUE;
        for (double deg = -LAST_DEG; deg <= LAST_DEG; deg += LAST_STEP_DEG) {
            Way way = Way.turn(boat, boat.headingRad() + Math.toRadians(deg), train.radiusM(), 3 * train.lastM());
            Optional<Interception> one = crossed(way, train, flock);
            if (one.isPresent()) {
                double cost = Math.abs(one.get().asternM() - train.middleM())
                        + 4 * Math.max(0, LEAST_HULL_M + ROOM_M - one.get().nearestM())
                        + 0.05 * Math.abs(deg);
                if (cost < least) {
                    least = cost;
                    best = one.get();
                }
            }
        }
        return Optional.ofNullable(best)
                .filter(one -> one.nearestM() >= LEAST_HULL_M
                        && one.asternM() >= train.firstM()
                        && one.asternM() <= train.lastM());
    }

    /** Where astern of her it crosses her way, if it does within reach. */
    private static Optional<Interception> crossed(Way way, Train train, State flock) {
        int back = (int) Math.ceil(train.lastM() / train.mps());
        int front = (int) (train.firstM() / train.mps());
        int last = (int) (2 * LAST_S);
        var been = new Pose[back + last + 1];
        double nearest = Double.MAX_VALUE;
        for (int i = 0; i < been.length; i++) {
            been[i] = way.at(train.mps() * (i - back));
        }
        for (int t = 0; t <= last; t++) {
            double north = flock.northM(t);
            double east = flock.eastM(t);
            nearest = Math.min(nearest, been[back + t].toM(north, east));
            for (int i = t; i <= back + t - front; i++) {
                if (been[i].toM(north, east) < CROSSED_M) {
                    return Optional.of(new Interception(way, t, train.mps() * (back + t - i), nearest));
                }
            }
        }
        return Optional.empty();
    }
}
