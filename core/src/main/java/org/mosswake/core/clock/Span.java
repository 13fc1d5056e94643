package org.mosswake.core.clock;

import java.time.Duration;
import java.time.Instant;

/** A stretch of the time line; it may run over midnight of any zone. */
public record Span(Instant from, Instant to) {
    /** @throws IllegalArgumentException where it would be empty or run backwards */
    public Span {
        if (!from.isBefore(to)) {
            throw new IllegalArgumentException("a span ends after it begins: " + from + " to " + to);
        }
    }

    public boolean holds(Instant at) {
        return !at.isBefore(from) && !at.isAfter(to);
    }

    /** What of it lies in another, which it must meet. */
    public Span within(Span other) {
        return new Span(from.isBefore(other.from) ? other.from : from, to.isAfter(other.to) ? other.to : to);
    }

    /** Longer by so much at both ends. */
    public Span with(Duration beside) {
        return new Span(from.minus(beside), to.plus(beside));
    }
}
