package org.mosswake.core.units;

import java.util.List;

/** Celsius is the product's own; one decimal everywhere, because a step of half a degree matters. */
public enum TemperatureUnit implements Unit {
    CELSIUS("°C", 1, 0, "°c", "c"),
    FAHRENHEIT("°F", 5.0 / 9, -32, "°f", "f");

    private final String symbol;
    private final double factor;
    private final double offset;
    private final List<String> spellings;

    TemperatureUnit(String symbol, double factor, double offset, String... spellings) {
        this.symbol = symbol;
        this.factor = factor;
        this.offset = offset;
        this.spellings = List.of(spellings);
    }

    @Override
    public String symbol() {
        return symbol;
    }

    @Override
    public List<String> spellings() {
        return spellings;
    }

    @Override
    public double factor() {
        return factor;
    }

    @Override
    public double offset() {
        return offset;
    }

    @Override
    public int decimals(double value) {
        return 1;
    }
}
