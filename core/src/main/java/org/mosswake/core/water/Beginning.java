package org.mosswake.core.water;

import java.util.List;
import org.mosswake.core.units.Sentence;

/**
 * A place where it is worth putting the lures in.
 *
 * @param tenths  its reasons add up to it
 * @param title   in two or three words
 * @param outM    from where the boat lies
 * @param bearingDeg on which it lies from there, clockwise from north
 * @param stepPerMile of temperature where it is steepest (K to a nautical mile), no more than the cells can show; 0 where there
 *                is none
 * @param reasons the heaviest first
 */
public record Beginning(
        Spot spot, int tenths, String title, double outM, double bearingDeg, double stepPerMile, List<Reason> reasons) {
    /** @param rule its name */
    public record Reason(Rule rule, int tenths, Sentence says) {}

    /** All that speaks for a place or against it. Weights are ESTIMATE, as those of a call. */
    public enum Rule {
        STEP,
        OVER_STRUCTURE,
        STRUCTURE,
        COLOUR,
        BEND,
        HELD,
        MOVED,
        WARMTH,
        STREAM,
        STRIKES,
        OLD,
        FAR
    }

    public Beginning {
        reasons = List.copyOf(reasons);
    }
}
