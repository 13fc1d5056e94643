package org.mosswake.core.deck;

import java.util.Optional;

/**
 * Another boat, as a radar or her own transponder told of her.
 *
 * @param id      the same for as long as she is followed
 * @param place   hers; empty where she is told of by distance and bearing
 * @param from    seen from this boat
 * @param mps     over ground, towards {@code courseDeg} (clockwise from true north); empty of one that tells no way
 */
public record Contact(
        String id,
        Optional<String> name,
        Optional<Place> place,
        Optional<From> from,
        Optional<Double> mps,
        Optional<Double> courseDeg) {
    /** Degrees north and east. */
    public record Place(double latitudeDeg, double longitudeDeg) {}

    /** @param relative the bearing counts from the bow, not from true north */
    public record From(double metres, double bearingDeg, boolean relative) {}
}
