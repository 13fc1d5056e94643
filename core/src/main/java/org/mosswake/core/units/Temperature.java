package org.mosswake.core.units;

import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;

/** A temperature in degrees Celsius. */
public record Temperature(double celsius) {
    public Temperature {
        if (!Double.isFinite(celsius)) {
            throw FaultException.of(FaultCode.NOT_FINITE, "temperature", celsius);
        }
    }

    public static Temperature of(double value, TemperatureUnit unit) {
        return new Temperature(unit.toSi(value));
    }

    /**
     * As typed by people.
     *
     * @param inUse unit of a bare number
     * @throws FaultException naming the text when it cannot be read
     */
    public static Temperature parse(String typed, TemperatureUnit inUse) {
        return new Temperature(QuantityText.parse(typed, TemperatureUnit.values(), inUse)
                .orElseThrow(() -> FaultException.of(FaultCode.UNREADABLE_QUANTITY, "temperature", typed, "78F")));
    }

    public double in(TemperatureUnit unit) {
        return unit.fromSi(celsius);
    }

    public String print(TemperatureUnit unit) {
        return QuantityText.print(celsius, unit);
    }
}
