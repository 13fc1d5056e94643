package org.mosswake.server.spread;

import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A spread as it was fished, as a device kept it.
 *
 * @param revision that was saved; absent where it was fished otherwise than saved
 * @param seen     versions of boat and gear by id, as the device had them
 */
public record FishedBody(
        @Nullable UUID spreadId,
        @Nullable Integer revision,
        SpreadDraft draft,
        @Nullable Map<UUID, Integer> seen) {}
