package org.mosswake.core.live;

import java.time.Instant;
import java.util.Optional;

/**
 * What instruments told in one second; whatever was not told, or not anew, is empty.
 *
 * @param at  when it arrived
 * @param groundMps over ground, with {@code courseDeg}; headings and courses are clockwise from true north
 * @param depthM from the surface to the bottom
 */
public record Sample(
        Instant at,
        Optional<Place> place,
        Optional<Double> groundMps,
        Optional<Double> courseDeg,
        Optional<Double> waterMps,
        Optional<Double> headingDeg,
        Optional<Double> depthM) {
    /** Degrees north and east. */
    public record Place(double latitudeDeg, double longitudeDeg) {}

    /** Of a receiver that tells nothing but places. */
    public static Sample fix(Instant at, double latitudeDeg, double longitudeDeg) {
        return new Sample(
                at,
                Optional.of(new Place(latitudeDeg, longitudeDeg)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    public Sample withGround(double mps, double course) {
        return new Sample(at, place, Optional.of(mps), Optional.of(course), waterMps, headingDeg, depthM);
    }

    public Sample withWater(double mps, double heading) {
        return new Sample(at, place, groundMps, courseDeg, Optional.of(mps), Optional.of(heading), depthM);
    }

    public Sample withDepth(double metres) {
        return new Sample(at, place, groundMps, courseDeg, waterMps, headingDeg, Optional.of(metres));
    }
}
