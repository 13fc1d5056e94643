package org.mosswake.core.units;

import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;

/** Speed over the ground in m/s: what a satellite receiver shows and what covers bottom. */
public record SpeedOverGround(double mps) {
    public SpeedOverGround {
        if (!Double.isFinite(mps)) {
            throw FaultException.of(FaultCode.NOT_FINITE, "speed over ground", mps);
        }
    }

    public static SpeedOverGround of(double value, SpeedUnit unit) {
        return new SpeedOverGround(unit.toSi(value));
    }

    /**
     * As typed by people.
     *
     * @param inUse unit of a bare number
     * @throws FaultException naming the text when it cannot be read
     */
    public static SpeedOverGround parse(String typed, SpeedUnit inUse) {
        return new SpeedOverGround(QuantityText.parse(typed, SpeedUnit.values(), inUse)
                .orElseThrow(
                        () -> FaultException.of(FaultCode.UNREADABLE_QUANTITY, "speed over ground", typed, "7.5 kn")));
    }

    public double in(SpeedUnit unit) {
        return unit.fromSi(mps);
    }

    public String print(SpeedUnit unit) {
        return QuantityText.print(mps, unit);
    }
}
