package org.mosswake.core.units;

import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;

/** A mass in kilograms. Never a force: see {@link Force}. */
public record Mass(double kilograms) {
    public Mass {
        if (!Double.isFinite(kilograms)) {
            throw FaultException.of(FaultCode.NOT_FINITE, "mass", kilograms);
        }
    }

    public static Mass of(double value, MassUnit unit) {
        return new Mass(unit.toSi(value));
    }

    /**
     * As typed by people.
     *
     * @param inUse unit of a bare number
     * @throws FaultException naming the text when it cannot be read
     */
    public static Mass parse(String typed, MassUnit inUse) {
        return new Mass(QuantityText.parse(typed, MassUnit.values(), inUse)
                .orElseThrow(() -> FaultException.of(FaultCode.UNREADABLE_QUANTITY, "mass", typed, "28 oz")));
    }

    public double in(MassUnit unit) {
        return unit.fromSi(kilograms);
    }

    public String print(MassUnit unit) {
        return QuantityText.print(kilograms, unit);
    }
}
