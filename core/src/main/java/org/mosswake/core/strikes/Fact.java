package org.mosswake.core.strikes;

import java.time.Instant;
import java.util.Comparator;
import java.util.UUID;

/**
 * Something that happened or was said.
 *
 * @param id made by the device; the same id is the same fact
 * @param at when it happened, by the device's clock
 */
public record Fact(UUID id, Instant at, Happening what) {
    /** In time; of one moment by the text of the id, as the device orders them too. */
    static final Comparator<Fact> IN_TIME =
            Comparator.comparing(Fact::at).thenComparing(fact -> fact.id().toString());
}
