package org.mosswake.core.units;

import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;

/** A length, depth or distance in metres. */
public record Length(double metres) {
    public Length {
        if (!Double.isFinite(metres)) {
            throw FaultException.of(FaultCode.NOT_FINITE, "length", metres);
        }
    }

    public static Length of(double value, LengthUnit unit) {
        return new Length(unit.toSi(value));
    }

    /**
     * As typed by people.
     *
     * @param inUse unit of a bare number
     * @throws FaultException naming the text when it cannot be read
     */
    public static Length parse(String typed, LengthUnit inUse) {
        return new Length(QuantityText.parse(typed, LengthUnit.values(), inUse)
                .orElseThrow(
                        () -> FaultException.of(FaultCode.UNREADABLE_QUANTITY, "length", typed, "120 yd or 2'6\"")));
    }

    public double in(LengthUnit unit) {
        return unit.fromSi(metres);
    }

    public String print(LengthUnit unit) {
        return QuantityText.print(metres, unit);
    }
}
