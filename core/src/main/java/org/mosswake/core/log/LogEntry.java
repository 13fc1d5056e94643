package org.mosswake.core.log;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * A stretch of one line in the water, or a strike; with whatever is known of it.
 *
 * @param day     at its place; of a row that names a month alone its first
 * @param at      when a stretch began or the fish took, where that is known
 * @param minutes that the line fished; 0 of a strike
 * @param timed   of a strike: the time fished for it is in the log too. Without, it counts as a strike and in no rate
 * @param choices by facet, as texts
 * @param numbers by facet, in SI
 * @param place   where the lure was
 */
public record LogEntry(
        UUID id,
        LocalDate day,
        Optional<Instant> at,
        Kind kind,
        double minutes,
        boolean timed,
        Map<Facet, String> choices,
        Map<Facet, Double> numbers,
        Optional<Place> place) {
    public enum Kind {
        FISHED,
        STRUCK
    }

    public record Place(double latitudeDeg, double longitudeDeg) {}

    /** What became of a fish, as {@link Facet#OUTCOME} says it. */
    public static final String LANDED = "landed";

    public static final String RELEASED = "released";
    public static final String LOST = "lost";

    public LogEntry {
        choices = Map.copyOf(choices);
        numbers = Map.copyOf(numbers);
    }
}
