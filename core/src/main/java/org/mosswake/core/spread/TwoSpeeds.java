package org.mosswake.core.spread;

import java.util.Optional;
import org.mosswake.core.spread.Here.Stream;
import org.mosswake.core.units.Plane;

/**
 * Two speeds, always both: through the water, which works the lure, and over the ground, which covers bottom. Directions
 * clockwise from north; ground vector = water vector + stream.
 *
 * @param throughWaterMps (m/s)
 * @param overGroundMps   (m/s)
 * @param courseRad       over the ground
 * @param aheadMps        of the stream along the heading; negative when it comes from ahead (m/s)
 */
public record TwoSpeeds(double throughWaterMps, double overGroundMps, double courseRad, double aheadMps) {
    /** Below this a hull hardly answers her helm (m/s, ESTIMATE). */
    public static final double STEERAGE_MPS = 0.5;
    /** Less over the ground than this covers nothing (m/s, ESTIMATE). */
    public static final double COVERS_MPS = 0.3;

    public static TwoSpeeds of(double throughWaterMps, double headingRad, Stream stream) {
        double north = throughWaterMps * Math.cos(headingRad) + stream.mps() * Math.cos(stream.towardsRad());
        double east = throughWaterMps * Math.sin(headingRad) + stream.mps() * Math.sin(stream.towardsRad());
        double course = Math.atan2(east, north);
        return new TwoSpeeds(
                throughWaterMps,
                Plane.hypot(north, east),
                course < 0 ? course + 2 * Math.PI : course,
                stream.mps() * Math.cos(stream.towardsRad() - headingRad));
    }

    /** Speed through the water that makes a speed over the ground good on a heading; empty when none does. */
    public static Optional<TwoSpeeds> forGround(double overGroundMps, double headingRad, Stream stream) {
        double ahead = stream.mps() * Math.cos(stream.towardsRad() - headingRad);
        double across = stream.mps() * Math.sin(stream.towardsRad() - headingRad);
        double square = overGroundMps * overGroundMps - across * across;
        if (square < 0) {
            return Optional.empty();
        }
        double through = Math.sqrt(square) - ahead;
        return through < 0 ? Optional.empty() : Optional.of(of(through, headingRad, stream));
    }

    /** A course into the stream that no longer moves over the bottom. */
    public boolean stopsCoverage() {
        return aheadMps < 0 && overGroundMps * Math.signum(throughWaterMps + aheadMps) < COVERS_MPS;
    }
}
