package org.mosswake.core.fault;

/**
 * A closed range a number must lie in.
 *
 * @param unit written behind the values in messages
 */
public record Accepted(double least, double most, String unit) {
    /** Present, finite and inside, or a fault is added. */
    public void check(Faults faults, String field, Double value) {
        if (faults.required(field, value)) {
            checkPresent(faults, field, value);
        }
    }

    /** As {@link #check}, but absence is fine. */
    public void checkOptional(Faults faults, String field, Double value) {
        if (value != null) {
            checkPresent(faults, field, value);
        }
    }

    private void checkPresent(Faults faults, String field, double value) {
        if (!Double.isFinite(value)) {
            faults.add(FaultCode.NOT_FINITE, field, value);
        } else if (value < least || value > most) {
            faults.add(FaultCode.OUT_OF_RANGE, field, value, least, most, unit);
        }
    }

    /** The accepted value nearest to this one. */
    public double nearest(double value) {
        return Math.max(least, Math.min(most, value));
    }
}
