package org.mosswake.core.strikes;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.strikes.Happening.Landed;

/**
 * One strike as the facts leave it.
 *
 * @param ended when its first fish was landed or it was lost; empty while it is on
 * @param fish  landed, in the order they came
 * @param how    it was lost, where that was said
 * @param placed where the lure was, where somebody said so
 */
public record StrikeState(
        UUID id,
        Instant at,
        UUID line,
        Outcome outcome,
        Optional<Instant> ended,
        List<Landed> fish,
        Optional<Loss> how,
        List<String> notes,
        List<String> eaten,
        Optional<Happening.Place> placed) {
    public enum Outcome {
        /** Nothing said yet: the fish is on. */
        OPEN,
        /** At least one fish was kept. */
        LANDED,
        /** All fish landed went back. */
        RELEASED,
        LOST
    }

    boolean isOnAt(Instant moment) {
        return !at.isAfter(moment) && ended.filter(end -> !end.isAfter(moment)).isEmpty();
    }
}
