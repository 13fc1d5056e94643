package org.mosswake.core.units;

import java.util.List;

/** Exact by definition (nautical mile 1852 m, statute mile 1609.344 m). */
public enum SpeedUnit implements Unit {
    METRE_PER_SECOND("m/s", 1, "m/s", "mps"),
    KNOT("kn", 1852.0 / 3600, "kn", "kt", "kts", "knot", "knots"),
    MILE_PER_HOUR("mph", 1609.344 / 3600, "mph"),
    KILOMETRE_PER_HOUR("km/h", 1 / 3.6, "km/h", "kmh", "kph");

    private static final double TENTH_KNOT = KNOT.toSi(0.1);
    /** Shares of a tenth that are rounding of the machine. */
    private static final double SAME = 1e-6;

    private final UnitSpec spec;

    SpeedUnit(String symbol, double factor, String... spellings) {
        spec = new UnitSpec(symbol, factor, 0, List.of(spellings));
    }

    @Override
    public UnitSpec spec() {
        return spec;
    }

    /** The next whole tenth of a knot at or below a speed: as it is held at the wheel (m/s). */
    public static double tenthBelow(double mps) {
        return Math.floor(mps / TENTH_KNOT + SAME) * TENTH_KNOT;
    }

    /** The next whole tenth of a knot at or above a speed (m/s). */
    public static double tenthAbove(double mps) {
        return Math.ceil(mps / TENTH_KNOT - SAME) * TENTH_KNOT;
    }
}
