package org.mosswake.server.strikes;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.strikes.StrikeState;

/** The day so far: its strikes in time, as folded from the events. */
record LogReply(TripBody trip, List<StrikeReply> strikes) {
    /** Figures are those computed at the strike; they never change afterwards. */
    record StrikeReply(
            UUID eventId,
            Instant happenedAt,
            UUID lineId,
            UUID spreadId,
            int revision,
            String label,
            String holderName,
            String lureName,
            double speedThroughWaterMps,
            double letOutM,
            String regime,
            @Nullable Double depthM,
            @Nullable Double asternM,
            @Nullable Double towPullN,
            String solverEdition,
            StrikeState.Outcome outcome,
            List<String> species,
            List<String> notes) {}
}
