package org.mosswake.core.call;

import java.util.Optional;
import org.mosswake.core.gear.Boat;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.gear.Idle;
import org.mosswake.core.rig.RigNumbers;

/**
 * The boat and what she carries.
 *
 * @param propSpreadM between her outermost propellers (m), when it is known
 * @param bench       what her joints leave of a line, and the other numbers of the bench
 */
public record Outfit(Boat boat, Optional<Idle> idle, Box box, Optional<Double> propSpreadM, RigNumbers bench) {
    private static final double SMALL_M = 6;

    public Outfit(Boat boat, Optional<Idle> idle, Box box) {
        this(boat, idle, box, Optional.empty(), RigNumbers.USUAL);
    }

    /** Too short for a crowd of lines and for running fast in a sea (m, handbook practice: a 5 m boat fishes three). */
    boolean isSmall() {
        return boat.lengthM() < SMALL_M;
    }

    boolean has(HolderKind kind) {
        return boat.holders().stream().anyMatch(holder -> holder.kind() == kind);
    }

    long count(HolderKind kind) {
        return boat.holders().stream().filter(holder -> holder.kind() == kind).count();
    }
}
