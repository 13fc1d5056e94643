package org.mosswake.core.deck;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import org.mosswake.core.deck.Instruments.Shown;
import org.mosswake.core.units.Plane;

/**
 * What a receiver shows while the lures have the speed they want, on the heading she keeps (physics §8): the stream is
 * what she makes over ground less what she makes through the water.
 *
 * @param groundMps         over ground, for the speed wanted (m/s)
 * @param streamMps         of the water, towards {@code streamTowardsDeg}, clockwise from true north
 */
public record HoldSpeed(double groundMps, double streamMps, double streamTowardsDeg) {
    /** Streams that boats troll in stay below it; a log that says otherwise is fouled or not calibrated (ESTIMATE). */
    public static final double MOST_STREAM_MPS = 3;
    /** Below it a log's wheel sticks (ESTIMATE). */
    public static final double LEAST_THROUGH_MPS = 0.3;

    /**
     * @param wantedMps through the water
     * @return empty where a log, a heading or a course is not told, has gone quiet or cannot be believed
     */
    public static Optional<HoldSpeed> of(double wantedMps, Map<Gauge, Shown> shown, Instant now) {
        Optional<Reading> water = fresh(shown, Gauge.WATER_SPEED, now);
        Optional<Reading> heading = fresh(shown, Gauge.HEADING, now);
        Optional<Reading> ground = fresh(shown, Gauge.GROUND, now);
        Optional<Double> course = ground.flatMap(Reading::second);
        if (water.isEmpty() || heading.isEmpty() || course.isEmpty()) {
            return Optional.empty();
        }
        double over = ground.get().value();
        double through = water.get().value();
        double head = Math.toRadians(heading.get().value());
        double made = Math.toRadians(course.get());
        double north = over * Math.cos(made) - through * Math.cos(head);
        double east = over * Math.sin(made) - through * Math.sin(head);
        if (through < LEAST_THROUGH_MPS || Plane.hypot(north, east) > MOST_STREAM_MPS) {
            return Optional.empty();
        }
        return Optional.of(new HoldSpeed(
                Plane.hypot(wantedMps * Math.cos(head) + north, wantedMps * Math.sin(head) + east),
                Plane.hypot(north, east),
                (Math.toDegrees(Math.atan2(east, north)) + 360) % 360));
    }

    private static Optional<Reading> fresh(Map<Gauge, Shown> shown, Gauge gauge, Instant now) {
        return Optional.ofNullable(shown.get(gauge))
                .filter(one -> one.age(now).compareTo(Instruments.QUIET) <= 0)
                .map(Shown::reading);
    }
}
