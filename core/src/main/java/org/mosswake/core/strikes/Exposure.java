package org.mosswake.core.strikes;

import java.time.Duration;
import java.time.Instant;
import java.util.List;

/**
 * How long a line was in the water in a span.
 *
 * @param out     fishing; {@code fighting} with a fish on
 * @param unknown gaps: nobody said whether it was out
 */
public record Exposure(Duration out, Duration fighting, Duration unknown) {
    static Exposure of(List<Stretch> stretches, Instant from, Instant to) {
        return new Exposure(
                sum(stretches, Stretch.State.OUT, from, to),
                sum(stretches, Stretch.State.FIGHTING, from, to),
                sum(stretches, Stretch.State.UNKNOWN, from, to));
    }

    private static Duration sum(List<Stretch> stretches, Stretch.State state, Instant from, Instant to) {
        return stretches.stream()
                .filter(stretch -> stretch.state() == state)
                .map(stretch -> stretch.within(from, to))
                .reduce(Duration.ZERO, Duration::plus);
    }
}
