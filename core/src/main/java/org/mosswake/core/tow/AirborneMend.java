package org.mosswake.core.tow;

/**
 * One change that puts a flying lure back on the water, all else as it is.
 *
 * @param value in SI: m/s for a speed, m for a length or height, kg for a mass
 */
public record AirborneMend(Change change, double value) {
    public enum Change {
        SLOW_TO,
        LET_OUT,
        LOWER_TIP_TO,
        LURE_MASS
    }
}
