package org.mosswake.core.units;

import java.util.List;

/** Celsius is the product's own; one decimal everywhere, because a step of half a degree matters. */
public enum TemperatureUnit implements Unit {
    CELSIUS("°C", 1, 0, "°c", "c"),
    FAHRENHEIT("°F", 5.0 / 9, -32, "°f", "f");

    private final UnitSpec spec;

    TemperatureUnit(String symbol, double factor, double offset, String... spellings) {
        spec = new UnitSpec(symbol, factor, offset, List.of(spellings));
    }

    @Override
    public UnitSpec spec() {
        return spec;
    }

    @Override
    public int decimals(double value) {
        return 1;
    }
}
