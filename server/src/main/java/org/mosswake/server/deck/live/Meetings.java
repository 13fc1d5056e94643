package org.mosswake.server.deck.live;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.course.Interception.Train;
import org.mosswake.core.course.Meeting;
import org.mosswake.core.course.Pose;
import org.mosswake.core.live.LiveMoment;
import org.mosswake.core.live.LocalPlane;
import org.mosswake.core.live.Motion;
import org.mosswake.core.live.Sample;

/** What was seen to move, put beside the lures as they hang now, in the water as it lies now. */
final class Meetings {
    /** Slower she meets nothing (m/s). */
    private static final double SLOWEST_MPS = 0.8;
    /** One lure alone takes a place too (m). */
    private static final double LEAST_TRAIN_M = 12;

    private Meetings() {}

    /** Empty while no line is out or she hardly moves. */
    static Optional<Meeting> of(LiveMoment moment, LiveBody.MeetBody meet) {
        Motion motion = moment.motion();
        List<Double> astern = moment.lines().stream()
                .map(LiveMoment.LivePlace::asternM)
                .sorted()
                .toList();
        if (astern.isEmpty() || motion.throughMps() < SLOWEST_MPS) {
            return Optional.empty();
        }
        double first = astern.get(0);
        double last = Math.max(first + LEAST_TRAIN_M, astern.get(astern.size() - 1));
        var train = new Train(motion.throughMps(), Math.max(meet.portRadiusM(), meet.starboardRadiusM()), first, last);
        var plane = new LocalPlane(moment.boat());
        return Optional.of(Meeting.of(
                meet.sights().stream().map(sight -> sight(sight, moment, plane)).toList(),
                new Pose(0, 0, motion.headingRad()),
                train,
                0));
    }

    /** The water has carried on since: what was there lies so much farther down the stream. */
    private static Meeting.Sight sight(LiveBody.SightBody seen, LiveMoment moment, LocalPlane plane) {
        double since = Duration.between(seen.at(), moment.at()).toMillis() / 1000.0;
        double[] there = plane.of(new Sample.Place(seen.latitudeDeg(), seen.longitudeDeg()));
        Motion motion = moment.motion();
        return new Meeting.Sight(
                -since,
                there[0] + since * motion.streamNorthMps(),
                there[1] + since * motion.streamEastMps(),
                Math.toRadians(seen.bearingDeg()),
                seen.distanceM());
    }
}
