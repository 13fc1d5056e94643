package org.mosswake.server.gear;

import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.rig.Pulls;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.rig.Spool;
import org.mosswake.core.units.Force;
import org.mosswake.server.platform.json.Checked;

/**
 * Rods with reels, alike ones together; {@code version} 0 makes new ones.
 *
 * @param ratedM         metres of line the maker rates it for, of diameter {@code ratedDiameterM}
 * @param mainLineGearId what is spooled; absent for one kept for something else
 * @param rodClassN      drag the rod is made for
 * @param handM          a hand's pull of line; absent for the usual
 * @param backingM       metres of backing, with {@code backingLineGearId}
 */
record ReelGearBody(
        UUID gearId,
        Integer version,
        String name,
        Integer count,
        Double ratedM,
        Double ratedDiameterM,
        Double fullRadiusM,
        Double arborRadiusM,
        @Nullable UUID mainLineGearId,
        @Nullable Double rodClassN,
        Reel.@Nullable Metal spoolMetal,
        @Nullable Double handM,
        @Nullable UUID backingLineGearId,
        @Nullable Double backingM)
        implements Checked {
    private static final Accepted BACKING_M = new Accepted(1, 2000, "m");
    private static final Accepted COUNT = new Accepted(0, 40, "");

    @Override
    public void check(Faults faults) {
        faults.required("gearId", gearId);
        faults.required("version", version);
        faults.text("name", name, LureGearBody.LONGEST_NAME);
        COUNT.check(faults, "count", count == null ? null : (double) count);
        Reel.ROD_CLASS_N.checkOptional(faults, "rodClassN", rodClassN);
        Reel.HAND_M.checkOptional(faults, "handM", handM);
        BACKING_M.checkOptional(faults, "backingM", backingM);
        if (backingM != null) {
            faults.required("backingLineGearId", backingLineGearId);
        }
        if (backingLineGearId != null) {
            faults.required("backingM", backingM);
        }
        Spool.check(faults, "", ratedM, ratedDiameterM, fullRadiusM, arborRadiusM);
    }

    Reel toCore(Optional<LineItem> backing) {
        return new Reel(
                gearId,
                name,
                new Spool(ratedM, ratedDiameterM, fullRadiusM, arborRadiusM),
                backing.map(line -> new Reel.Backing(line.name(), line.strength(), line.diameterM(), backingM)),
                Optional.ofNullable(rodClassN).map(Force::new),
                Optional.ofNullable(spoolMetal),
                handM == null ? Pulls.USUAL.handM() : handM);
    }
}
