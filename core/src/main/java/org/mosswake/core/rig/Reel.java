package org.mosswake.core.rig;

import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.units.Force;

/**
 * A reel on its rod.
 *
 * @param rodClass drag the rod is made for; empty where nobody said
 * @param metal    of the spool
 * @param handM    a hand's pull of line from it to the first guide (m)
 */
public record Reel(
        UUID id,
        String name,
        Spool spool,
        Optional<Backing> backing,
        Optional<Force> rodClass,
        Optional<Metal> metal,
        double handM) {
    public static final Accepted ROD_CLASS_N = new Accepted(10, 1000, "N");
    public static final Accepted HAND_M = new Accepted(0.2, 1.2, "m");

    public enum Metal {
        /** Stainless wire on it corrodes in salt. */
        ALUMINIUM,
        STEEL,
        COMPOSITE
    }

    /** Line under the main line, to fill the spool. */
    public record Backing(String name, Force strength, double diameterM, double lengthM) {}

    /** Main line it takes above its backing (m). */
    public double capacityM(double diameterM) {
        return backing.map(under -> spool.capacityM(diameterM, under.lengthM(), under.diameterM()))
                .orElseGet(() -> spool.capacityM(diameterM));
    }

    /** Left of the main line with so much of it off (m); negative when the spool is too small. */
    public double leftM(double diameterM, double offM) {
        return capacityM(diameterM) - offM;
    }
}
