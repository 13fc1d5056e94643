package org.mosswake.server.devices;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A device that was paired.
 *
 * @param seenAt    to the minute
 * @param shutOutAt absent while it may come in
 */
record DeviceReply(
        UUID deviceId,
        String name,
        Instant pairedAt,
        Instant seenAt,
        @Nullable Instant shutOutAt) {}
