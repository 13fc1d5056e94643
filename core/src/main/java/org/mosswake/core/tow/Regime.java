package org.mosswake.core.tow;

/** How the lure fares. */
public enum Regime {
    /** Under the surface. */
    RUNNING,
    /** Held at the surface, partly in the water: it skips, or floats. */
    SURFACE,
    /** Nothing keeps it in the water. */
    AIRBORNE
}
