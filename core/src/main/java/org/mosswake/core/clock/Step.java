package org.mosswake.core.clock;

import java.time.Duration;
import java.time.Instant;
import org.mosswake.core.units.Sentence;

/**
 * One thing to do, and when.
 *
 * @param takes from {@code at}; zero for a moment
 * @param title a few words
 * @param because why then
 */
public record Step(Kind kind, Instant at, Duration takes, String title, Sentence because) {
    public enum Kind {
        EVENING,
        LEAVE,
        BAIT,
        SET,
        FISH,
        DEPTH,
        TIDE,
        CHANGE,
        HOME
    }

    public Instant ends() {
        return at.plus(takes);
    }
}
