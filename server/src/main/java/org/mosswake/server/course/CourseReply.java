package org.mosswake.server.course;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.course.Field;
import org.mosswake.core.course.Laid;
import org.mosswake.core.course.Legs;
import org.mosswake.core.course.Pose;
import org.mosswake.core.course.Towed;
import org.mosswake.core.water.Spot;

/**
 * A course as it is laid.
 *
 * @param how           absent where none can be laid: {@code lacks} says why
 * @param timeS         it takes, by this stream
 * @param share         of the way that lures are in the band
 * @param straightShare the same of the best straight line of its length, near there
 * @param radiusM       of the tightest turn her lines stand
 * @param tightestM     turn of the course
 * @param turns         she makes
 * @param shoalestM     water on the way, by the grid of depth; absent where none is known
 * @param way           to be drawn: latitude and longitude in turn
 * @param legs          to be held
 * @param covered       where she has been: latitude and longitude in turn
 */
record CourseReply(
        Laid.@Nullable How how,
        double lengthM,
        double timeS,
        @Nullable Double share,
        @Nullable Double straightShare,
        double radiusM,
        @Nullable Double tightestM,
        int turns,
        @Nullable Double shoalestM,
        List<Double> way,
        List<LegToHold> legs,
        @Nullable SetBy stream,
        List<Lack> lacks,
        List<Double> covered) {
    private static final double DRAWN_M = 20;
    private static final double STEERED_M = 40;

    /** What a course is without. */
    enum Lack {
        /** No grid of depth, and the band is one of depths. */
        DEPTH,
        /** A band was needed and none was sent. */
        BAND,
        /** The bottom rises to no top near there. */
        HUMP,
        /** Neither tide nor a picture of the current is known there. */
        STREAM,
        /** It sets faster than she goes. */
        STEMS,
        /** No spread: she goes alone. */
        SPREAD,
        /** Lines meet in every turn that was tried, to one side at least. */
        ROUND
    }

    /** @param turnsAt when it sets the other way */
    record SetBy(
            double mps,
            double towardsDeg,
            boolean byTide,
            boolean byPicture,
            @Nullable Instant turnsAt) {
        static SetBy of(Streams.Stream stream) {
            double deg = (Math.toDegrees(stream.towardsRad()) + 360) % 360;
            return new SetBy(
                    stream.mps(),
                    deg,
                    stream.byTide(),
                    stream.byPicture(),
                    stream.turns().orElse(null));
        }
    }

    /**
     * From a corner to the next.
     *
     * @param courseDeg     made good over ground
     * @param headingDeg    that she steers for it
     * @param overGroundMps what a receiver shows
     */
    record LegToHold(
            double latitudeDeg,
            double longitudeDeg,
            double courseDeg,
            double headingDeg,
            double overGroundMps,
            double lengthM) {}

    static CourseReply none(double radiusM, Optional<Streams.Stream> stream, List<Lack> lacks, List<Double> covered) {
        return new CourseReply(
                null,
                0,
                0,
                null,
                null,
                radiusM,
                null,
                0,
                null,
                List.of(),
                List.of(),
                stream.map(SetBy::of).orElse(null),
                lacks,
                covered);
    }

    static CourseReply of(
            Laid laid,
            Towed towed,
            Spot middle,
            Optional<Field> depth,
            Optional<Streams.Stream> stream,
            List<Lack> lacks,
            List<Double> covered) {
        List<Legs.Leg> legs = Legs.of(laid.track(), towed, STEERED_M);
        var tightest = laid.track().tightestM();
        return new CourseReply(
                laid.how(),
                laid.track().lengthM(),
                legs.stream()
                        .mapToDouble(leg -> leg.lengthM() / Math.max(0.05, leg.overGroundMps()))
                        .sum(),
                laid.share().orElse(null),
                laid.straight().orElse(null),
                towed.radiusM(),
                tightest.isPresent() ? tightest.getAsDouble() : null,
                laid.track().turns(),
                shoalest(laid, depth),
                places(laid.track().every(DRAWN_M), middle),
                legs.stream().map(leg -> leg(leg, middle)).toList(),
                stream.map(SetBy::of).orElse(null),
                lacks,
                covered);
    }

    private static @Nullable Double shoalest(Laid laid, Optional<Field> depth) {
        OptionalDouble least =
                depth.map(field -> field.leastAlong(laid.track())).orElse(OptionalDouble.empty());
        return least.isPresent() ? least.getAsDouble() : null;
    }

    private static LegToHold leg(Legs.Leg leg, Spot middle) {
        Spot from = middle.by(leg.from().northM(), leg.from().eastM());
        return new LegToHold(
                rounded(from.latDeg()),
                rounded(from.lonDeg()),
                degrees(leg.from().headingRad()),
                degrees(leg.headingRad()),
                leg.overGroundMps(),
                leg.lengthM());
    }

    private static double degrees(double rad) {
        return (Math.toDegrees(rad) % 360 + 360) % 360;
    }

    static List<Double> places(List<Pose> poses, Spot middle) {
        return poses.stream()
                .map(pose -> middle.by(pose.northM(), pose.eastM()))
                .flatMap(spot -> java.util.stream.Stream.of(rounded(spot.latDeg()), rounded(spot.lonDeg())))
                .toList();
    }

    /** To a tenth of a metre or so. */
    static double rounded(double deg) {
        return Math.round(deg * 1e6) / 1e6;
    }
}
