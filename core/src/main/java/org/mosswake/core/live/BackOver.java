package org.mosswake.core.live;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.turn.Side;

/**
 * The way back that brings a lure, not the hull, over a mark: one turn as tight as the spread stands, then straight, with
 * the stream that carries boat and lures away from it meanwhile.
 *
 * @param side     to turn
 * @param turnRad  so far round
 * @param steerDeg then, through the water (clockwise from true north)
 * @param runM     straight, until the hull is abreast of the mark
 * @param abreastM of the mark, to starboard of the hull's way; negative to port
 * @param inS      until the lure is over it
 */
public record BackOver(
        Side side, double radiusM, double turnRad, double steerDeg, double runM, double abreastM, double inS) {
    private static final int ROUNDS = 30;
    private static final double SAME_S = 0.05;

    /** @param northM of the mark from the boat, with {@code eastM} */
    public record Mark(double northM, double eastM) {}

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
        Optional<BackOver> port = to(Side.PORT, portRadiusM, motion, mark, lengthM, starboardM);
        Optional<BackOver> starboard = to(Side.STARBOARD, starboardRadiusM, motion, mark, lengthM, starboardM);
        if (port.isEmpty() || starboard.isEmpty()) {
            return port.or(() -> starboard);
        }
        // Lures that have not straightened out behind her come elsewhere: then the longer way is the sure one.
        boolean settled = port.get().runM() >= lengthM;
        if (settled != starboard.get().runM() >= lengthM) {
            return settled ? port : starboard;
        }
        return port.get().inS() <= starboard.get().inS() ? port : starboard;
    }

    /** Where she will be over ground on that way, north and east of where she is (m), so many seconds apart. */
    public List<Mark> overGround(Motion motion, double everyS) {
        var way = new ArrayList<Mark>();
        int sign = side == Side.STARBOARD ? 1 : -1;
        double end = (radiusM * turnRad + runM) / motion.throughMps();
        double last = motion.headingRad() + sign * turnRad;
        for (double t = 0; t < end + everyS; t += everyS) {
            double at = Math.min(t, end);
            double sailed = motion.throughMps() * at;
            double turned = Math.min(turnRad, sailed / radiusM);
            double heading = motion.headingRad() + sign * turned;
            double straight = Math.max(0, sailed - radiusM * turnRad);
            double north = sign * radiusM * (Math.sin(heading) - Math.sin(motion.headingRad()))
                    + straight * Math.cos(last)
                    + at * motion.streamNorthMps();
            double east = sign * radiusM * (Math.cos(motion.headingRad()) - Math.cos(heading))
                    + straight * Math.sin(last)
                    + at * motion.streamEastMps();
            way.add(new Mark(north, east));
        }
        return way;
    }

    private static Optional<BackOver> to(
            Side side, double radiusM, Motion motion, Mark mark, double lengthM, double starboardM) {
        int sign = side == Side.STARBOARD ? 1 : -1;
        double heading = motion.headingRad();
        double centreNorth = -sign * radiusM * Math.sin(heading);
        double centreEast = sign * radiusM * Math.cos(heading);
        double in = 0;
        double steer = heading;
        for (int round = 0; round < ROUNDS; round++) {
            // In the water the mark goes against the stream; the hull passes it so much to the side as the lure lies.
            double north = mark.northM() - motion.streamNorthMps() * in + starboardM * Math.sin(steer) - centreNorth;
            double east = mark.eastM() - motion.streamEastMps() * in - starboardM * Math.cos(steer) - centreEast;
            double far = Math.hypot(north, east);
            if (far < radiusM) {
                return Optional.empty();
            }
            double tangent = Math.acos(radiusM / far);
            steer = Math.atan2(east, north) + sign * (Math.PI / 2 - tangent);
            double turn = turn(sign * (steer - heading));
            double run = Math.sqrt(far * far - radiusM * radiusM);
            double then = (radiusM * turn + run + lengthM) / motion.throughMps();
            if (Math.abs(then - in) < SAME_S) {
                double degrees = (Math.toDegrees(steer) % 360 + 360) % 360;
                return Optional.of(new BackOver(side, radiusM, turn, degrees, run, starboardM, then));
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
