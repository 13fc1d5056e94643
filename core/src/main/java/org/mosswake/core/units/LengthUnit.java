package org.mosswake.core.units;

import java.util.List;

/** Exact by definition (international foot 0.3048 m; fathom of six feet). Compound lengths go foot then inch. */
public enum LengthUnit implements Unit {
    METRE("m", 1, "m", "metre", "metres", "meter", "meters"),
    CENTIMETRE("cm", 0.01, "cm"),
    MILLIMETRE("mm", 0.001, "mm"),
    YARD("yd", 0.9144, "yd", "yds", "yard", "yards"),
    FOOT("ft", 0.3048, "ft", "'", "foot", "feet"),
    INCH("in", 0.0254, "in", "\"", "inch", "inches"),
    FATHOM("fm", 1.8288, "fm", "fathom", "fathoms");

    private final UnitSpec spec;

    LengthUnit(String symbol, double factor, String... spellings) {
        spec = new UnitSpec(symbol, factor, 0, List.of(spellings));
    }

    @Override
    public UnitSpec spec() {
        return spec;
    }
}
