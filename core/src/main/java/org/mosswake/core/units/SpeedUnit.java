package org.mosswake.core.units;

import java.util.List;

/** Exact by definition (nautical mile 1852 m, statute mile 1609.344 m). */
public enum SpeedUnit implements Unit {
    METRE_PER_SECOND("m/s", 1, "m/s", "mps"),
    KNOT("kn", 1852.0 / 3600, "kn", "kt", "kts", "knot", "knots"),
    MILE_PER_HOUR("mph", 1609.344 / 3600, "mph"),
    KILOMETRE_PER_HOUR("km/h", 1 / 3.6, "km/h", "kmh", "kph");

    private final UnitSpec spec;

    SpeedUnit(String symbol, double factor, String... spellings) {
        spec = new UnitSpec(symbol, factor, 0, List.of(spellings));
    }

    @Override
    public UnitSpec spec() {
        return spec;
    }
}
