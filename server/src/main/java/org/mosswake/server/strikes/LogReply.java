package org.mosswake.server.strikes;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.strikes.Loss;
import org.mosswake.core.strikes.StrikeState;
import tools.jackson.databind.JsonNode;

/**
 * The day so far.
 *
 * @param strikes in time, as folded from the facts
 * @param facts   all of it, in order of arrival, in today's words, so that a device can fold its own among them
 */
record LogReply(TripBody trip, List<StrikeReply> strikes, List<FactReply> facts) {
    /**
     * @param line      computed for the strike: it never changes afterwards, and is absent until it is computed
     * @param lureAt    where the lure was: as it was said, else once the fixes about it are in
     * @param eventId   of the strike's fact
     */
    record StrikeReply(
            UUID eventId,
            Instant happenedAt,
            UUID lineId,
            StrikeState.Outcome outcome,
            @Nullable Loss how,
            List<String> species,
            List<String> notes,
            @Nullable String solverEdition,
            @Nullable StruckLine line,
            @Nullable LureAt lureAt) {}

    /** Degrees north and east. */
    record LureAt(double latitudeDeg, double longitudeDeg) {}

    /** One fact as it is kept. */
    record FactReply(
            UUID factId,
            String kind,
            UUID deviceId,
            Instant happenedAt,
            Instant deviceAt,

            @Schema(
                    type = "object",
                    additionalProperties = Schema.AdditionalPropertiesValue.TRUE,
                    implementation = Object.class)
            JsonNode payload) {}
}
