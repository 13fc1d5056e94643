package org.mosswake.core.deck;

import java.util.Optional;

/**
 * One thing an instrument told, in the units of its {@link Gauge}.
 *
 * @param second of gauges that tell two things
 */
public record Reading(Gauge gauge, double value, Optional<Double> second) {
    static Reading of(Gauge gauge, double value) {
        return new Reading(gauge, value, Optional.empty());
    }

    static Reading of(Gauge gauge, double value, double second) {
        return new Reading(gauge, value, Optional.of(second));
    }

    /** Within what the sea and a boat can do: an instrument that has lost its mind is not believed. */
    boolean isPossible() {
        double other = second.orElse(0.0);
        if (!Double.isFinite(value) || !Double.isFinite(other)) {
            return false;
        }
        return switch (gauge) {
            case POSITION -> Math.abs(value) <= 90 && Math.abs(other) <= 180;
            case GROUND -> value >= 0 && value <= 40 && other >= 0 && other <= 360;
            case WATER_SPEED -> value >= 0 && value <= 40;
            case HEADING -> value >= 0 && value <= 360;
            case DEPTH -> value > 0 && value <= 11_000;
            case WATER_TEMPERATURE -> value >= -3 && value <= 45;
            case WIND -> value >= 0 && value <= 90 && other >= 0 && other <= 360;
        };
    }
}
