package org.mosswake.core.units;

import java.util.List;

/** Pull and drag. Anglers say "5 kg of drag": that is a kilogram-force, 9.80665 N, and never a mass. */
public enum ForceUnit implements Unit {
    NEWTON("N", 1, "n", "newton", "newtons"),
    KILOGRAM_FORCE("kg", 9.80665, "kg", "kgf", "kilo", "kilos"),
    GRAM_FORCE("g", 9.80665e-3, "g", "gf", "gram", "grams"),
    POUND_FORCE("lb", 9.80665 * 0.45359237, "lb", "lbf", "lbs", "pound", "pounds"),
    OUNCE_FORCE("oz", 9.80665 * 0.45359237 / 16, "oz", "ozf", "ounce", "ounces");

    private final UnitSpec spec;

    ForceUnit(String symbol, double factor, String... spellings) {
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
