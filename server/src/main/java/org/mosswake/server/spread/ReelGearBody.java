package org.mosswake.server.spread;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.rig.Spool;
import org.mosswake.server.platform.json.Checked;

/**
 * Rods with reels, alike ones together; {@code version} 0 makes new ones.
 *
 * @param ratedM         metres of line the maker rates it for, of diameter {@code ratedDiameterM}
 * @param mainLineGearId what is spooled; absent for one kept for something else
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
        @Nullable UUID mainLineGearId)
        implements Checked {
    private static final Accepted COUNT = new Accepted(0, 40, "");

    @Override
    public void check(Faults faults) {
        faults.required("gearId", gearId);
        faults.required("version", version);
        faults.text("name", name, LureGearBody.LONGEST_NAME);
        COUNT.check(faults, "count", count == null ? null : (double) count);
        Spool.check(faults, "", ratedM, ratedDiameterM, fullRadiusM, arborRadiusM);
    }

    Spool spool() {
        return new Spool(ratedM, ratedDiameterM, fullRadiusM, arborRadiusM);
    }
}
