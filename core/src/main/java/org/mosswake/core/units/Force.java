package org.mosswake.core.units;

import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;

/** A force in newtons: tow pull, drag, breaking strength. */
public record Force(double newtons) {
    public Force {
        if (!Double.isFinite(newtons)) {
            throw FaultException.of(FaultCode.NOT_FINITE, "force", newtons);
        }
    }

    public static Force of(double value, ForceUnit unit) {
        return new Force(unit.toSi(value));
    }

    /**
     * As typed by people.
     *
     * @param inUse unit of a bare number
     * @throws FaultException naming the text when it cannot be read
     */
    public static Force parse(String typed, ForceUnit inUse) {
        return new Force(QuantityText.parse(typed, ForceUnit.values(), inUse)
                .orElseThrow(() -> FaultException.of(FaultCode.UNREADABLE_QUANTITY, "force", typed, "5 kg")));
    }

    public double in(ForceUnit unit) {
        return unit.fromSi(newtons);
    }

    public String print(ForceUnit unit) {
        return QuantityText.print(newtons, unit);
    }
}
