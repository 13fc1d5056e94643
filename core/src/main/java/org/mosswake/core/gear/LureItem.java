package org.mosswake.core.gear;

import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.tow.Body;

/**
 * A lure or weight of the boat's own, with its own coefficients.
 *
 * @param kind  names the generic kind it was made from
 * @param works speeds at which it works as it should; empty for a weight
 * @param lengthM from nose to tail; empty where nobody measured
 */
public record LureItem(
        UUID id,
        String name,
        String kind,
        Body body,
        Optional<SpeedWindow> works,
        Optional<Double> lengthM,
        Fitted fitted) {
    public LureItem(
            UUID id, String name, String kind, Body body, Optional<SpeedWindow> works, Optional<Double> lengthM) {
        this(id, name, kind, body, works, lengthM, Fitted.NOT);
    }

    public LureItem(UUID id, String name, String kind, Body body) {
        this(id, name, kind, body, Optional.empty());
    }

    public LureItem(UUID id, String name, String kind, Body body, Optional<SpeedWindow> works) {
        this(id, name, kind, body, works, Optional.empty());
    }

    public LureItem withBody(Body other) {
        return new LureItem(id, name, kind, other, works, lengthM, fitted);
    }

    public LureItem working(SpeedWindow other) {
        return new LureItem(id, name, kind, body, Optional.of(other), lengthM, fitted);
    }

    public LureItem fitted(Fitted other) {
        return new LureItem(id, name, kind, body, works, lengthM, other);
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

    /** A weight and no lure. */
    public boolean lead() {
        return kind.endsWith("_LEAD");
    }

    public boolean attracts() {
        return isA(LureKind.ROTATING_BLADE) || isA(LureKind.DODGER);
    }

    public boolean isBait() {
        return Arrays.stream(LureKind.values()).anyMatch(kind -> kind.isBait() && isA(kind));
    }

    public boolean splashes() {
        return Arrays.stream(LureKind.values()).anyMatch(kind -> kind.splashes() && isA(kind));
    }

    public boolean isA(LureKind other) {
        return kind.equals(other.name());
    }
}
