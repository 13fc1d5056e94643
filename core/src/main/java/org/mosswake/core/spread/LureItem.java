package org.mosswake.core.spread;

import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.tow.Body;

/**
 * A lure or weight of the boat's own, with its own coefficients.
 *
 * @param kind  names the generic kind it was made from
 * @param works speeds at which it works as it should; empty for a weight
 */
public record LureItem(UUID id, String name, String kind, Body body, Optional<SpeedWindow> works) {
    public LureItem(UUID id, String name, String kind, Body body) {
        this(id, name, kind, body, Optional.empty());
    }

    LureItem withBody(Body other) {
        return new LureItem(id, name, kind, other, works);
    }

    public double massKg() {
        return body.massKg();
    }

    /** Positive steers to starboard (m²). */
    public double sideAreaM2() {
        return body.sideAreaM2();
    }

    public boolean dives() {
        return body.diveAreaM2() > 0;
    }

    boolean isA(LureKind other) {
        return kind.equals(other.name());
    }
}
