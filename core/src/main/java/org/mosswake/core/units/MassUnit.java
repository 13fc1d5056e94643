package org.mosswake.core.units;

import java.util.List;

/** Avoirdupois pound 0.45359237 kg by definition. */
public enum MassUnit implements Unit {
    KILOGRAM("kg", 1, "kg", "kilo", "kilos"),
    GRAM("g", 0.001, "g", "gram", "grams"),
    POUND("lb", 0.45359237, "lb", "lbs", "pound", "pounds"),
    OUNCE("oz", 0.45359237 / 16, "oz", "ounce", "ounces");

    private final UnitSpec spec;

    MassUnit(String symbol, double factor, String... spellings) {
        spec = new UnitSpec(symbol, factor, 0, List.of(spellings));
    }

    @Override
    public UnitSpec spec() {
        return spec;
    }

    @Override
    public int decimals(double value) {
        return Math.abs(value) < 0.995 ? 2 : Unit.super.decimals(value);
    }
}
