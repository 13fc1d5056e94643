package org.mosswake.core.units;

import java.util.List;

/** A unit someone types or reads: {@code si = (value + offset) · factor}. */
public sealed interface Unit permits LengthUnit, SpeedUnit, MassUnit, ForceUnit, TemperatureUnit {
    /** As printed behind the number. */
    String symbol();

    /** Lower-case spellings accepted when typed. */
    List<String> spellings();

    double factor();

    default double offset() {
        return 0;
    }

    default double toSi(double value) {
        return (value + offset()) * factor();
    }

    default double fromSi(double si) {
        return si / factor() - offset();
    }

    /** Digits after the point that a crew can use for a value of this size. */
    default int decimals(double value) {
        return Math.abs(value) < 19.95 ? 1 : 0;
    }
}
