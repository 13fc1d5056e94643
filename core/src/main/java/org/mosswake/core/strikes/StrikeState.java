package org.mosswake.core.strikes;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * One strike as the events leave it.
 *
 * @param species of the fish landed, in the order they came
 */
public record StrikeState(UUID id, Instant at, UUID line, Outcome outcome, List<String> species, List<String> notes) {
    public enum Outcome {
        /** Nothing said yet. */
        OPEN,
        LANDED,
        LOST
    }
}
