package org.mosswake.core.strikes;

import java.time.Instant;
import java.util.UUID;

/** Something that happened or was said; {@code at} is when it happened by the device's clock. */
public sealed interface Event {
    UUID id();

    Instant at();

    /** A fish took. */
    record Struck(UUID id, Instant at, UUID line) implements Event {}

    /** One fish of a strike came aboard or alongside. */
    record Landed(UUID id, Instant at, UUID strike, String species) implements Event {}

    /** The fish of a strike got away. */
    record Lost(UUID id, Instant at, UUID strike) implements Event {}

    /** A note on another event. */
    record Annotated(UUID id, Instant at, UUID target, String note) implements Event {}

    /** Another event is taken back; taking back a retraction restores what it took. */
    record Retracted(UUID id, Instant at, UUID target) implements Event {}
}
