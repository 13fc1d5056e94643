package org.mosswake.core.deck;

/** What an instrument tells. */
public enum Gauge {
    /** Degrees north and east. */
    POSITION,
    /** Speed over ground (m/s) and course (degrees clockwise from true north). */
    GROUND,
    /** Speed through the water (m/s). */
    WATER_SPEED,
    /** Degrees clockwise from true north. */
    HEADING,
    /** From the surface to the bottom, or from the transducer where its offset is not told (m). */
    DEPTH,
    /** At the hull (°C). */
    WATER_TEMPERATURE,
    /** Speed (m/s) and where it comes from, clockwise from the bow (degrees), as felt aboard. */
    WIND
}
