package org.mosswake.server.deck.instruments;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.deck.Gauge;
import org.mosswake.core.deck.Heard;

/**
 * What the instruments of a boat tell.
 *
 * @param asked when this was answered, by the server's clock: ages go by it
 * @param now   absent until somebody has listened
 */
record InstrumentsReply(
        Instant asked, List<SourceReply> sources, @Nullable Now now) {
    record SourceReply(UUID sourceId, SourceBody source) {}

    /** @param at when it was written by who listens */
    record Now(Instant at, List<GaugeReply> gauges, List<SourceState> states) {}

    /** @param second of gauges that tell two things; see {@link Gauge} for units */
    record GaugeReply(Gauge gauge, double value, @Nullable Double second, Instant arrived, UUID sourceId) {}

    /** @param trouble why nothing comes in; empty while the wire holds */
    record SourceState(UUID sourceId, int lines, String trouble, List<WrongReply> wrong) {}

    record WrongReply(Heard.Wrong wrong, String words, int count) {}
}
