package org.mosswake.core.spread;

import java.util.UUID;
import org.mosswake.core.tow.Body;

/** A lure or weight of the boat's own, with its own coefficients; {@code kind} is empty text for a weight. */
public record LureItem(UUID id, String name, String kind, Body body) {
    public boolean dives() {
        return body.diveAreaM2() > 0;
    }
}
