package org.mosswake.core.tow;

/** Constants of the tow. The reference answers were made with the same values. */
public final class Physics {
    /** Sea water, kg/m³: salinity 35 near 20 °C (PUBLISHED, rounded from UNESCO EOS-80). */
    public static final double SEA_WATER_DENSITY = 1025;

    /** Air at 15 °C and sea level, kg/m³ (PUBLISHED, ISA). */
    public static final double AIR_DENSITY = 1.225;

    /** Standard gravity, m/s² (PUBLISHED, CGPM 1901). */
    public static final double GRAVITY = 9.80665;

    /** Lead, kg/m³ (PUBLISHED). */
    public static final double LEAD_DENSITY = 11340;

    /** Names the equations and coefficients a stored answer came from; raise it when answers change. */
    public static final String SOLVER_EDITION = "tow-1";

    private Physics() {}
}
