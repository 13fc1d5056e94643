package org.mosswake.server.deck.live;

import static org.mosswake.server.platform.wire.Rounded.tenth;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.course.Along;
import org.mosswake.core.course.Pose;
import org.mosswake.core.live.LiveMoment;
import org.mosswake.core.live.LocalPlane;
import org.mosswake.core.live.Motion;
import org.mosswake.core.live.Sample;

/**
 * Where she is on the course that was taken along.
 *
 * @param offM    of it, to starboard positive
 * @param legDeg  made good on it now
 * @param nextM   to the next turn; {@code nextS} at the speed she makes
 * @param turnDeg there, to starboard positive; 0 at the end of the course
 * @param leftM   to its end
 * @param way     what lies before her: north and east of her, in turn (m)
 */
record AlongReply(
        double offM, double legDeg, double nextM, double nextS, double turnDeg, double leftM, List<Double> way) {
    private static final double SLOWEST_MPS = 0.3;
    private static final int DRAWN = 12;

    /** @param places its corners, in order */
    static Optional<AlongReply> of(List<Sample.Place> places, LiveMoment moment) {
        if (places.size() < 2) {
            return Optional.empty();
        }
        var plane = new LocalPlane(moment.boat());
        List<Pose> corners = places.stream()
                .map(plane::of)
                .map(at -> new Pose(at[0], at[1], 0))
                .toList();
        Motion motion = moment.motion();
        return Along.of(corners, new Pose(0, 0, Math.toRadians(motion.courseDeg())))
                .map(along -> of(along, corners, motion));
    }

    private static AlongReply of(Along along, List<Pose> corners, Motion motion) {
        var way = new ArrayList<Double>();
        int last = Math.min(corners.size() - 1, along.leg() + DRAWN);
        for (Pose corner : corners.subList(along.leg(), last + 1)) {
            way.add(tenth(corner.northM()));
            way.add(tenth(corner.eastM()));
        }
        Pose from = corners.get(along.leg());
        Pose to = corners.get(along.leg() + 1);
        double leg = Math.atan2(to.eastM() - from.eastM(), to.northM() - from.northM());
        return new AlongReply(
                tenth(along.offM()),
                tenth((Math.toDegrees(leg) + 360) % 360),
                tenth(along.nextM()),
                tenth(along.nextM() / Math.max(SLOWEST_MPS, motion.groundMps())),
                tenth(Math.toDegrees(along.turnRad())),
                tenth(along.leftM()),
                way);
    }
}
