package org.mosswake.core.tow;

import java.util.Optional;

/**
 * A value that takes the lure to a wanted depth, or why there is none.
 *
 * @param value        of the knob, in its SI unit
 * @param shallowestM  depth that can be had (m), at {@code atShallowest} of the knob
 * @param deepestM     depth that can be had (m), at {@code atDeepest} of the knob
 * @param stop         what ends the depths on the side of the wanted one; empty when a value was found
 */
public record Sought(
        Optional<Double> value,
        double shallowestM,
        double atShallowest,
        double deepestM,
        double atDeepest,
        Optional<Stop> stop) {
    public enum Stop {
        /** The knob is at the least accepted. */
        LEAST,
        /** The knob is at the most accepted. */
        MOST,
        /** Further on the depth comes back again. */
        TURNS_BACK,
        /** Further on the lure flies or the line has no shape. */
        NO_SHAPE
    }
}
