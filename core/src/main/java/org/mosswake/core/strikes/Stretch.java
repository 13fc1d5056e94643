package org.mosswake.core.strikes;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * A time in which one line was in one state.
 *
 * @param to      empty while it lasts
 * @param letOutM as set or changed, where that was said
 */
public record Stretch(Instant from, Optional<Instant> to, State state, Optional<Double> letOutM) {
    public enum State {
        /** In the water, fishing. */
        OUT,
        /** With a fish on. */
        FIGHTING,
        /** Aboard. */
        IN,
        /** A gap: nobody said whether it was out. */
        UNKNOWN
    }

    Stretch until(Instant end) {
        return new Stretch(from, Optional.of(end), state, letOutM);
    }

    Stretch as(State other) {
        return new Stretch(from, to, other, letOutM);
    }

    boolean holds(Instant moment) {
        return !from.isAfter(moment) && to.filter(end -> !end.isAfter(moment)).isEmpty();
    }

    /** Of it inside the span. */
    Duration within(Instant begin, Instant end) {
        Instant first = from.isBefore(begin) ? begin : from;
        Instant last = to.filter(own -> own.isBefore(end)).orElse(end);
        return last.isAfter(first) ? Duration.between(first, last) : Duration.ZERO;
    }
}
