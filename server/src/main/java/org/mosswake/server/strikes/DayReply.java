package org.mosswake.server.strikes;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.strikes.DayState;
import org.mosswake.core.strikes.Exposure;
import org.mosswake.core.strikes.Stretch;

/** Answers about a day. */
final class DayReply {
    private DayReply() {}

    /** How one line is, since when, and with how much out where that was said. */
    record LineState(
            UUID lineId,
            Stretch.State state,
            Instant since,
            @Nullable Double letOutM) {}

    /**
     * The day at a moment.
     *
     * @param on   strikes whose fish is on, in time
     * @param bag  fish kept, by species
     * @param well bait alive, by kind
     */
    record State(
            List<LineState> lines,
            List<UUID> on,
            Map<String, Integer> bag,
            @Nullable Integer engines,
            Map<String, Integer> well) {
        static State of(DayState state) {
            return new State(
                    state.lines().entrySet().stream()
                            .map(line -> new LineState(
                                    UUID.fromString(line.getKey()),
                                    line.getValue().state(),
                                    line.getValue().from(),
                                    line.getValue().letOutM().orElse(null)))
                            .toList(),
                    state.on(),
                    state.bag(),
                    state.engines().orElse(null),
                    state.well());
        }
    }

    /** Seconds of a span: in the water, with a fish on, and nobody knows. */
    record LineExposure(UUID lineId, double outS, double fightingS, double unknownS) {
        static LineExposure of(String line, Exposure exposure) {
            return new LineExposure(
                    UUID.fromString(line),
                    exposure.out().toMillis() / 1000.0,
                    exposure.fighting().toMillis() / 1000.0,
                    exposure.unknown().toMillis() / 1000.0);
        }
    }
}
