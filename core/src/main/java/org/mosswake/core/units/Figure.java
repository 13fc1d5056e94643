package org.mosswake.core.units;

import java.time.Instant;

/**
 * A figure within a sentence; whoever prints it chooses the unit.
 *
 * @param si value in the SI unit of its kind
 */
public record Figure(Kind kind, double si) {
    public enum Kind {
        /** Let-outs, depths, ranges (m). */
        DISTANCE,
        /** How far to run (m); said in nautical miles. */
        MILES,
        /** Lures, baits and leaders (m). */
        SMALL,
        /** m/s. */
        SPEED,
        /** kg. */
        MASS,
        /** N. */
        PULL,
        /** °C. */
        TEMPERATURE,
        /** A difference of temperatures (K): no offset when printed. */
        TEMPERATURE_STEP,
        /** Drag areas (m²). */
        AREA,
        /** rad. */
        ANGLE,
        COUNT,
        /** 0 to 1. */
        SHARE,
        /** s. */
        DURATION,
        /** Seconds since 1970, UTC; printed on the clock of the place. */
        CLOCK
    }

    public static Figure distance(double metres) {
        return new Figure(Kind.DISTANCE, metres);
    }

    public static Figure miles(double metres) {
        return new Figure(Kind.MILES, metres);
    }

    public static Figure small(double metres) {
        return new Figure(Kind.SMALL, metres);
    }

    public static Figure speed(double mps) {
        return new Figure(Kind.SPEED, mps);
    }

    public static Figure pull(double newtons) {
        return new Figure(Kind.PULL, newtons);
    }

    public static Figure temperature(double celsius) {
        return new Figure(Kind.TEMPERATURE, celsius);
    }

    public static Figure step(double kelvin) {
        return new Figure(Kind.TEMPERATURE_STEP, kelvin);
    }

    public static Figure area(double squareMetres) {
        return new Figure(Kind.AREA, squareMetres);
    }

    public static Figure angle(double radians) {
        return new Figure(Kind.ANGLE, radians);
    }

    public static Figure count(double number) {
        return new Figure(Kind.COUNT, number);
    }

    public static Figure duration(double seconds) {
        return new Figure(Kind.DURATION, seconds);
    }

    public static Figure share(double share) {
        return new Figure(Kind.SHARE, share);
    }

    public static Figure minutes(double minutes) {
        return new Figure(Kind.DURATION, minutes * 60);
    }

    public static Figure clock(Instant at) {
        return new Figure(Kind.CLOCK, at.getEpochSecond());
    }
}
