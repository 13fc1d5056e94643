package org.mosswake.core.course;

/**
 * Where the lures are wanted: where a quantity lies between two values.
 *
 * @param field depth of the bottom, or how far off an edge it is (m)
 * @param from  least of it
 * @param to    most of it
 */
public record Band(Field field, double from, double to) {
    /** From 1 in the middle of it over 0 at its limits to below; NaN where nothing is known. */
    double within(double northM, double eastM) {
        double value = field.at(northM, eastM);
        // Off a line there is no inner limit: on it is the middle.
        double inner = from <= 0 ? Double.MAX_VALUE : value - from;
        return Math.min(inner, to - value) / (from <= 0 ? to : (to - from) / 2);
    }

    boolean has(double northM, double eastM) {
        return within(northM, eastM) >= 0;
    }
}
