package org.mosswake.core.units;

/** A unit someone types or reads. */
public sealed interface Unit permits LengthUnit, SpeedUnit, MassUnit, ForceUnit, TemperatureUnit {
    UnitSpec spec();

    default double toSi(double value) {
        return (value + spec().offset()) * spec().factor();
    }

    default double fromSi(double si) {
        return si / spec().factor() - spec().offset();
    }

    /** Digits after the point that a crew can use for a value of this size. */
    default int decimals(double value) {
        return Math.abs(value) < 19.95 ? 1 : 0;
    }
}
