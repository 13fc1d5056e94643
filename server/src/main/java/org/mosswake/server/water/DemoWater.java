package org.mosswake.server.water;

import java.time.LocalDate;
import org.mosswake.core.sim.InventedWater;
import org.mosswake.core.sim.InventedWater.Coast;
import org.mosswake.server.platform.demo.DemoIds;
import org.mosswake.server.platform.demo.DemoPart;
import org.springframework.stereotype.Component;

/** What a satellite and a survey would have of both invented coasts, for the days of the demo. */
@Component
class DemoWater implements DemoPart {
    private static final LocalDate WARM_DAY = LocalDate.of(2026, 6, 18);
    private static final LocalDate COLD_DAY = LocalDate.of(2026, 7, 6);
    private static final int EVENINGS = 4;

    private final WaterService water;

    DemoWater(WaterService water) {
        this.water = water;
    }

    @Override
    public int order() {
        return 7;
    }

    @Override
    public void load() {
        water.keep(DemoIds.QUIET_LEDGER, "invented sea", InventedWater.of(Coast.WARM, WARM_DAY, EVENINGS));
        water.keep(DemoIds.SPRAT, "invented sea", InventedWater.of(Coast.COLD, COLD_DAY, EVENINGS));
    }
}
