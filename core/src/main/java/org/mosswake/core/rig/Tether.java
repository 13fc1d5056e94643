package org.mosswake.core.rig;

import org.mosswake.core.units.Force;

/**
 * What ties a rod to a cleat. Thin coated cable parts at its splice; wide webbing rated 180 kg or more is the safe kind
 * (handbook practice).
 *
 * @param holds    of the webbing
 * @param splicedN what a coated cable of the same rating holds
 * @param shockN   of a fish with the drag locked: what a rod that left its holder brings onto it
 */
public record Tether(Force holds, double splicedN, double shockN) {
    public static Tether of(Shock shock, RigNumbers numbers) {
        double rated = numbers.of(RigNumbers.TETHER_N);
        return new Tether(new Force(rated), rated * numbers.of(RigNumbers.SPLICE_SHARE), shock.peakN());
    }

    public boolean webbingHolds() {
        return shockN <= holds.newtons();
    }

    public boolean cableHolds() {
        return shockN <= splicedN;
    }
}
