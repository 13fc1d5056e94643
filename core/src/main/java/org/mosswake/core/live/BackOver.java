package org.mosswake.core.live;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.mosswake.core.turn.Side;
import org.mosswake.core.units.Plane;

/**
 * The way back that brings a lure, not the hull, over a mark: on as she goes for as long as it takes, one turn as tight as
 * the spread stands, then straight for so long that the lures hang behind her again; with the stream that carries boat
 * and lures away meanwhile.
 *
 * @param leadM    to run on before she turns
 * @param side     to turn
 * @param turnRad  so far round
 * @param steerDeg then, through the water (clockwise from true north)
 * @param runM     straight, until the hull is abreast of the mark
 * @param abreastM of the mark, to starboard of the hull's way; negative to port
 * @param inS      until the lure is over it
 */
public record BackOver(
        double leadM,
        Side side,
        double radiusM,
        double turnRad,
        double steerDeg,
        double runM,
        double abreastM,
        double inS) {
    private static final int ROUNDS = 30;
    private static final double SAME_S = 0.05;
    /** Turned by less, lures stay where they hang. */
    private static final double SLIGHT_RAD = Math.toRadians(5);
    /** A mark that lies too near is come back to after running on, by steps of so much and at most this many. */
    private static final double LEAD_STEP_M = 10;

    private static final int MOST_LEADS = 100;
    /** With the mark beside her or astern, who goes straight on passes near enough (m). */
    private static final double NEAR_M = 8;

    /** @param northM of the mark from the boat, with {@code eastM} */
    public record Mark(double northM, double eastM) {}

    private record Asked(Motion motion, Mark mark, double lengthM, double starboardM) {}

    /**
     * @param lengthM    how far behind her the lure lies on a straight course
     * @param starboardM of her way it lies there
     * @param portRadiusM     in which nothing meets to that side, as {@code starboardRadiusM}
     * @return empty where she hardly moves, or the stream outruns her
     */
    public static Optional<BackOver> of(
            Motion motion, Mark mark, double lengthM, double starboardM, double portRadiusM, double starboardRadiusM) {
        if (motion.throughMps() < WayModel.SLOWEST_MPS || motion.streamMps() > motion.throughMps()) {
            return Optional.empty();
        }
        var asked = new Asked(motion, mark, lengthM, starboardM);
        for (int lead = 0; lead <= MOST_LEADS; lead++) {
            double leadM = lead * LEAD_STEP_M;
            Optional<BackOver> port = to(Side.PORT, leadM, portRadiusM, asked);
            Optional<BackOver> starboard = to(Side.STARBOARD, leadM, starboardRadiusM, asked);
            if (lead == 0 && !slight(port) && !slight(starboard)) {
                Optional<BackOver> on = straightOn(asked, portRadiusM);
                if (on.isPresent()) {
                    return on;
                }
            }
            // Lures that have not straightened out behind her come elsewhere: such a way is none.
            Optional<BackOver> quickest = Stream.of(port, starboard)
                    .flatMap(Optional::stream)
                    .filter(way -> way.settles(lengthM))
                    .min(Comparator.comparingDouble(BackOver::inS));
            if (quickest.isPresent()) {
                return quickest;
            }
        }
        return Optional.empty();
    }

    private static boolean slight(Optional<BackOver> way) {
        return way.filter(one -> one.turnRad() < SLIGHT_RAD).isPresent();
    }

    /** Past what lies on the ground, once she steers for it. */
    double pastMps(Motion motion) {
        double steer = Math.toRadians(steerDeg);
        return Math.max(
                WayModel.SLOWEST_MPS,
                motion.throughMps()
                        + motion.streamNorthMps() * Math.cos(steer)
                        + motion.streamEastMps() * Math.sin(steer));
    }

    /** So far astern lures hang straight behind her when the hull is there. */
    double straightM() {
        return turnRad < SLIGHT_RAD ? Double.MAX_VALUE : runM;
    }

    private boolean settles(double lengthM) {
        return runM >= lengthM || turnRad < SLIGHT_RAD;
    }

    /** The hull is nearly there, or past it, and the lure comes over it if nobody touches the helm. */
    private static Optional<BackOver> straightOn(Asked asked, double radiusM) {
        Motion motion = asked.motion();
        Mark mark = asked.mark();
        double lengthM = asked.lengthM();
        double starboardM = asked.starboardM();
        double ahead = Math.cos(motion.headingRad());
        double aside = Math.sin(motion.headingRad());
        // The mark goes against the stream until the lure is there; along her way that only changes when.
        double streamAlong = motion.streamNorthMps() * ahead + motion.streamEastMps() * aside;
        double along = mark.northM() * ahead + mark.eastM() * aside;
        double in = (along + lengthM) / (motion.throughMps() + streamAlong);
        double north = mark.northM() - motion.streamNorthMps() * in;
        double east = mark.eastM() - motion.streamEastMps() * in;
        double off = east * ahead - north * aside - starboardM;
        double run = in * motion.throughMps() - lengthM;
        if (in <= 0 || run > lengthM || Math.abs(off) > NEAR_M) {
            return Optional.empty();
        }
        double degrees = (Math.toDegrees(motion.headingRad()) % 360 + 360) % 360;
        return Optional.of(
                new BackOver(0, Side.STARBOARD, radiusM, 0, degrees, Math.max(0, run), starboardM + off, in));
    }

    /** Where she will be over ground on that way, north and east of where she is (m), so many seconds apart. */
    public List<Mark> overGround(Motion motion, double everyS) {
        var way = new ArrayList<Mark>();
        int sign = side == Side.STARBOARD ? 1 : -1;
        double end = (leadM + radiusM * turnRad + runM) / motion.throughMps();
        double last = motion.headingRad() + sign * turnRad;
        for (double t = 0; t < end + everyS; t += everyS) {
            double at = Math.min(t, end);
            double sailed = motion.throughMps() * at;
            double led = Math.min(leadM, sailed);
            double turned = Math.min(turnRad, (sailed - led) / radiusM);
            double heading = motion.headingRad() + sign * turned;
            double straight = Math.max(0, sailed - leadM - radiusM * turnRad);
            double north = led * Math.cos(motion.headingRad())
                    + sign * radiusM * (Math.sin(heading) - Math.sin(motion.headingRad()))
                    + straight * Math.cos(last)
                    + at * motion.streamNorthMps();
            double east = led * Math.sin(motion.headingRad())
                    + sign * radiusM * (Math.cos(motion.headingRad()) - Math.cos(heading))
                    + straight * Math.sin(last)
                    + at * motion.streamEastMps();
            way.add(new Mark(north, east));
        }
        return way;
    }

    /** The quicker of two that may be: by the way round, and by that of a boat that heads for it already. */
    private static Optional<BackOver> to(Side side, double leadM, double radiusM, Asked asked) {
        double far = Plane.hypot(asked.mark().northM(), asked.mark().eastM());
        double direct = (far + asked.lengthM()) / asked.motion().throughMps();
        return Stream.of(0.0, direct)
                .flatMap(guess -> to(side, leadM, radiusM, asked, guess).stream())
                .min(Comparator.comparingDouble(BackOver::inS));
    }

    private static Optional<BackOver> to(Side side, double leadM, double radiusM, Asked asked, double guessS) {
        Motion motion = asked.motion();
        Mark mark = asked.mark();
        double starboardM = asked.starboardM();
        int sign = side == Side.STARBOARD ? 1 : -1;
        double heading = motion.headingRad();
        double centreNorth = leadM * Math.cos(heading) - sign * radiusM * Math.sin(heading);
        double centreEast = leadM * Math.sin(heading) + sign * radiusM * Math.cos(heading);
        double in = guessS;
        double steer = heading;
        for (int round = 0; round < ROUNDS; round++) {
            // In the water the mark goes against the stream; the hull passes it so much to the side as the lure lies.
            double north = mark.northM() - motion.streamNorthMps() * in + starboardM * Math.sin(steer) - centreNorth;
            double east = mark.eastM() - motion.streamEastMps() * in - starboardM * Math.cos(steer) - centreEast;
            double far = Plane.hypot(north, east);
            if (far < radiusM) {
                return Optional.empty();
            }
            double tangent = Math.acos(radiusM / far);
            steer = Math.atan2(east, north) + sign * (Math.PI / 2 - tangent);
            double turn = turn(sign * (steer - heading));
            double run = Math.sqrt(far * far - radiusM * radiusM);
            double then = (leadM + radiusM * turn + run + asked.lengthM()) / motion.throughMps();
            if (Math.abs(then - in) < SAME_S) {
                double degrees = (Math.toDegrees(steer) % 360 + 360) % 360;
                return Optional.of(new BackOver(leadM, side, radiusM, turn, degrees, run, starboardM, then));
            }
            in = then;
        }
        return Optional.empty();
    }

    /** From nought to right round. */
    private static double turn(double radians) {
        double round = 2 * Math.PI;
        double turn = (radians % round + round) % round;
        return turn > round - 1e-9 ? 0 : turn;
    }
}
