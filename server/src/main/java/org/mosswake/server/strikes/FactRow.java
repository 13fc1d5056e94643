package org.mosswake.server.strikes;

import java.time.Instant;
import java.util.UUID;

/** @param body as received, as JSON */
record FactRow(
        UUID factId,
        UUID tripId,
        String kind,
        int edition,
        UUID deviceId,
        Instant happenedAt,
        Instant deviceAt,
        Instant serverAt,
        String body) {}
