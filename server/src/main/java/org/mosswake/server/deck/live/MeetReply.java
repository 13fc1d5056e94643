package org.mosswake.server.deck.live;

import static org.mosswake.server.platform.wire.Rounded.tenth;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.course.Interception;
import org.mosswake.core.course.Meeting;
import org.mosswake.core.course.Pose;
import org.mosswake.core.course.Way;
import org.mosswake.core.live.LiveMoment;
import org.mosswake.core.live.LureOver;
import org.mosswake.core.live.Motion;
import org.mosswake.core.turn.Side;

/**
 * How the lures are brought through ahead of something that moves. Places are north and east of the boat (m), over ground.
 *
 * @param mpsDoubt  how far off its speed may be, with {@code courseDoubtDeg} (standard deviation); 180° where nobody can say
 * @param sights   it is known from; of one alone nobody knows which way it goes
 * @param can      whether that holds although its speed is not known exactly
 * @param how      absent where it cannot be done at this speed
 */
record MeetReply(
        double northM,
        double eastM,
        double mps,
        double mpsDoubt,
        double courseDeg,
        double courseDoubtDeg,
        double doubtM,
        int sights,
        Meeting.Verdict can,
        @Nullable HowReply how) {
    private static final double EVERY_S = 5;

    /**
     * @param turnDeg   first, to that side
     * @param steerDeg  then, through the water
     * @param inS       until the lures pass ahead of it
     * @param asternM   how far behind her it crosses her way
     * @param nearestM  the hull comes to it before
     * @param holdsDeg  it may turn so far to either side, and this way still does
     * @param way       hers: north and east, in turn
     */
    record HowReply(
            Side side,
            double turnDeg,
            double steerDeg,
            double inS,
            double asternM,
            double nearestM,
            double holdsDeg,
            List<Double> way,
            List<LiveReply.LureThere> lures) {}

    static MeetReply of(Meeting meeting, LiveMoment moment) {
        Motion motion = moment.motion();
        var flock = meeting.flock();
        double north = flock.northMps() + motion.streamNorthMps();
        double east = flock.eastMps() + motion.streamEastMps();
        return new MeetReply(
                tenth(flock.northM()),
                tenth(flock.eastM()),
                tenth(Math.hypot(north, east)),
                tenth(flock.offMps()),
                tenth((Math.toDegrees(Math.atan2(east, north)) + 360) % 360),
                tenth(Math.toDegrees(flock.offCourseRad())),
                tenth(flock.offM()),
                meeting.sights(),
                meeting.can(),
                meeting.how().map(how -> how(how, meeting.holdsRad(), moment)).orElse(null));
    }

    private static HowReply how(Interception how, double holdsRad, LiveMoment moment) {
        Motion motion = moment.motion();
        Way.Leg first = how.way().legs().get(0);
        Pose after = how.way().at(first.lengthM());
        double turn = Math.IEEEremainder(after.headingRad() - motion.headingRad(), 2 * Math.PI);
        var way = new ArrayList<Double>();
        for (double t = 0; t < how.inS() + EVERY_S; t += EVERY_S) {
            Pose there = how.way().at(motion.throughMps() * t);
            way.add(tenth(there.northM() + t * motion.streamNorthMps()));
            way.add(tenth(there.eastM() + t * motion.streamEastMps()));
        }
        return new HowReply(
                first.side() >= 0 ? Side.STARBOARD : Side.PORT,
                Math.abs(Math.round(Math.toDegrees(turn))),
                Math.floorMod(Math.round(Math.toDegrees(after.headingRad())), 360),
                tenth(how.inS()),
                tenth(how.asternM()),
                tenth(how.nearestM()),
                Math.round(Math.toDegrees(holdsRad)),
                way,
                lures(how, moment));
    }

    /** Each as it crosses its way; the middle of them does where it is then. */
    private static List<LiveReply.LureThere> lures(Interception how, LiveMoment moment) {
        List<LureOver.Hangs> out = LureOver.hang(moment.lines(), line -> 0);
        return LureOver.all(out, how.asternM(), 0, how.inS(), moment.motion().throughMps(), Double.MAX_VALUE).stream()
                .map(LiveReply.LureThere::of)
                .toList();
    }
}
