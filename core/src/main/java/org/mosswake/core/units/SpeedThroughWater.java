package org.mosswake.core.units;

import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;

/** Speed of the boat through the water in m/s: what works the lure. */
public record SpeedThroughWater(double mps) {
    public SpeedThroughWater {
        if (!Double.isFinite(mps)) {
            throw FaultException.of(FaultCode.NOT_FINITE, "speed through water", mps);
        }
    }

    public static SpeedThroughWater of(double value, SpeedUnit unit) {
        return new SpeedThroughWater(unit.toSi(value));
    }

    /**
     * As typed by people.
     *
     * @param inUse unit of a bare number
     * @throws FaultException naming the text when it cannot be read
     */
    public static SpeedThroughWater parse(String typed, SpeedUnit inUse) {
        return new SpeedThroughWater(QuantityText.parse(typed, SpeedUnit.values(), inUse)
                .orElseThrow(() ->
                        FaultException.of(FaultCode.UNREADABLE_QUANTITY, "speed through water", typed, "7.5 kn")));
    }

    public double in(SpeedUnit unit) {
        return unit.fromSi(mps);
    }

    public String print(SpeedUnit unit) {
        return QuantityText.print(mps, unit);
    }
}
