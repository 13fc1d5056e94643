package org.mosswake.server.deck.live;

import static org.mosswake.server.platform.wire.Rounded.hundredth;
import static org.mosswake.server.platform.wire.Rounded.tenth;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.course.Meeting;
import org.mosswake.core.live.BackOver;
import org.mosswake.core.live.LiveMoment;
import org.mosswake.core.live.LiveMoment.LivePlace;
import org.mosswake.core.live.LiveSpread;
import org.mosswake.core.live.LiveWarning;
import org.mosswake.core.live.LocalPlane;
import org.mosswake.core.live.LureOver;
import org.mosswake.core.live.Motion;
import org.mosswake.core.live.OtherBoat;
import org.mosswake.core.turn.Bend;
import org.mosswake.core.turn.Side;
import org.mosswake.server.platform.wire.SentenceReply;

/**
 * The spread on the water. Directions are clockwise from true north; places are north and east of the middle of her transom
 * (m).
 *
 * @param now absent while nothing is told of her, or she has no course yet
 * @param back the way back that was asked for; absent where none leads there
 * @param meet how what was seen to move is met with the lures
 * @param along the course that was taken along; absent far off it and past its end
 * @param old what is told ended a while ago: what is shown was so then
 */
record LiveReply(
        Instant asked,
        @Nullable NowReply now,
        @Nullable BackReply back,
        @Nullable MeetReply meet,
        @Nullable AlongReply along,
        boolean old) {
    /** Told nothing for so long, what is shown is of the past. */
    static final Duration OLD = Duration.ofSeconds(8);

    /** Wider she is said to run straight (m). */
    private static final double STRAIGHT_M = 600;

    /** One place of so many seconds is drawn. */
    private static final int WAY_EVERY = 4;

    /**
     * @param throughMps with how uncertain it is (standard deviation), as the stream
     * @param turnDegMin to starboard
     * @param radiusM    of the circle she turns in; absent on a straight course
     * @param holdMps    over ground, on this heading in this stream, for the speed the lures want
     * @param settlesM   to run until what is shown is what is there
     * @param way        over ground, in turn, the oldest first
     */
    record NowReply(
            Instant at,
            double latitudeDeg,
            double longitudeDeg,
            double headingDeg,
            double courseDeg,
            double throughMps,
            double throughDoubtMps,
            double groundMps,
            double turnDegMin,
            @Nullable Double radiusM,
            double streamMps,
            double streamTowardsDeg,
            double streamDoubtMps,
            double holdMps,
            boolean towing,
            double settlesM,
            List<LiveLineReply> lines,
            List<WarningReply> warnings,
            List<OtherReply> others,
            List<Double> way,
            List<BottomReply> bottom) {
        static NowReply of(LiveMoment moment, List<OtherBoat> others, double wantedMps) {
            Motion motion = moment.motion();
            return new NowReply(
                    moment.at(),
                    moment.boat().latitudeDeg(),
                    moment.boat().longitudeDeg(),
                    tenth(motion.headingDeg()),
                    tenth(motion.courseDeg()),
                    hundredth(motion.throughMps()),
                    hundredth(motion.throughDoubtMps()),
                    hundredth(motion.groundMps()),
                    tenth(Math.toDegrees(motion.turnRadS()) * 60),
                    motion.radiusM() > STRAIGHT_M ? null : tenth(motion.radiusM()),
                    hundredth(motion.streamMps()),
                    tenth(motion.streamTowardsDeg()),
                    hundredth(motion.streamDoubtMps()),
                    hundredth(motion.groundAt(wantedMps)),
                    moment.towing(),
                    tenth(moment.settlesM()),
                    moment.lines().stream().map(LiveLineReply::of).toList(),
                    moment.warnings().stream().map(WarningReply::of).toList(),
                    others.stream().map(boat -> OtherReply.of(boat, moment)).toList(),
                    way(moment),
                    moment.bottom().stream().map(BottomReply::of).toList());
        }

        private static List<Double> way(LiveMoment moment) {
            var way = new ArrayList<Double>();
            for (int i = 0; i < moment.way().size(); i += WAY_EVERY) {
                way.add(tenth(moment.way().get(i).northM()));
                way.add(tenth(moment.way().get(i).eastM()));
            }
            return way;
        }
    }

    /**
     * @param nodes      from the lure to the tip: north, east and height over the surface, in turn
     * @param lureMps    its own speed through the water
     * @param offBottomM least water under the lowest of it on the way it will go, and how soon; absent where none is sounded
     * @param slack      it hangs, or has just been laid anew
     */
    record LiveLineReply(
            UUID lineId,
            List<Double> nodes,
            double lureMps,
            double lureDepthM,
            Bend bend,
            @Nullable Double offBottomM,
            @Nullable Double offBottomInS,
            boolean slack) {
        static LiveLineReply of(LivePlace place) {
            var nodes = new ArrayList<Double>();
            for (LiveMoment.Node node : place.nodes()) {
                nodes.add(tenth(node.northM()));
                nodes.add(tenth(node.eastM()));
                nodes.add(tenth(node.heightM()));
            }
            return new LiveLineReply(
                    place.id(),
                    nodes,
                    hundredth(place.lureMps()),
                    hundredth(place.lureDepthM()),
                    place.bend(),
                    place.offBottom().map(one -> tenth(one.metres())).orElse(null),
                    place.offBottom().map(one -> tenth(one.inS())).orElse(null),
                    place.slack());
        }
    }

    record WarningReply(LiveWarning.Kind kind, SentenceReply says, List<UUID> lineIds, double inS) {
        static WarningReply of(LiveWarning warning) {
            return new WarningReply(
                    warning.kind(), SentenceReply.of(warning.says()), warning.lines(), tenth(warning.inS()));
        }
    }

    /** @param seenS how long ago she was told of; she is drawn where she is by now */
    record OtherReply(String id, String name, double northM, double eastM, double mps, double courseDeg, double seenS) {
        static OtherReply of(OtherBoat boat, LiveMoment moment) {
            double seen = Duration.between(boat.at(), moment.at()).toMillis() / 1000.0;
            double course = Math.toRadians(boat.courseDeg());
            double[] there = new LocalPlane(moment.boat()).of(boat.place());
            return new OtherReply(
                    boat.id(),
                    boat.name(),
                    tenth(there[0] + boat.mps() * seen * Math.cos(course)),
                    tenth(there[1] + boat.mps() * seen * Math.sin(course)),
                    hundredth(boat.mps()),
                    tenth(boat.courseDeg()),
                    tenth(seen));
        }
    }

    record BottomReply(double asternM, double depthM) {
        static BottomReply of(LiveMoment.Bottom bottom) {
            return new BottomReply(tenth(bottom.asternM()), tenth(bottom.depthM()));
        }
    }

    /**
     * The way back that brings a lure over a mark.
     *
     * @param northM    of the mark from the boat, with {@code eastM}
     * @param leadM     to run on before
     * @param turnDeg   so far round, in a circle of {@code radiusM}, then straight, steering {@code steerDeg}
     * @param abreastM  of the mark to starboard of the hull's way
     * @param inS       until the lure is over it
     * @param way       hers over ground: north and east, in turn
     */
    record BackReply(
            double northM,
            double eastM,
            double bearingDeg,
            double distanceM,
            double leadM,
            Side side,
            double radiusM,
            double turnDeg,
            double steerDeg,
            double runM,
            double abreastM,
            double inS,
            List<Double> way,
            List<LureThere> lures) {
        static BackReply of(LiveSpread.Returning returning) {
            double north = returning.mark().northM();
            double east = returning.mark().eastM();
            BackOver way = returning.way();
            return new BackReply(
                    tenth(north),
                    tenth(east),
                    tenth((Math.toDegrees(Math.atan2(east, north)) + 360) % 360),
                    tenth(Math.hypot(north, east)),
                    tenth(way.leadM()),
                    way.side(),
                    tenth(way.radiusM()),
                    tenth(Math.toDegrees(way.turnRad())),
                    tenth(way.steerDeg()),
                    tenth(way.runM()),
                    tenth(way.abreastM()),
                    tenth(way.inS()),
                    returning.overGround().stream()
                            .flatMap(one -> Stream.of(tenth(one.northM()), tenth(one.eastM())))
                            .toList(),
                    returning.lures().stream().map(LureThere::of).toList());
        }
    }

    /**
     * A lure as it comes by.
     *
     * @param offM to starboard of the place
     */
    record LureThere(UUID lineId, String label, double inS, double offM) {
        static LureThere of(LureOver lure) {
            return new LureThere(lure.line(), lure.label(), tenth(lure.inS()), tenth(lure.offM()));
        }
    }

    static LiveReply of(
            LiveSpread live,
            Instant asked,
            double wantedMps,
            Optional<LiveSpread.Returning> back,
            Optional<Meeting> meeting,
            Optional<AlongReply> along) {
        return live.moment()
                .map(moment -> new LiveReply(
                        asked,
                        NowReply.of(moment, live.others(), wantedMps),
                        back.map(BackReply::of).orElse(null),
                        meeting.map(one -> MeetReply.of(one, moment)).orElse(null),
                        along.orElse(null),
                        Duration.between(moment.at(), asked).compareTo(OLD) > 0))
                .orElse(new LiveReply(asked, null, null, null, null, false));
    }
}
