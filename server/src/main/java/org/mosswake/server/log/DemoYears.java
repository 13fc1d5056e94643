package org.mosswake.server.log;

import java.time.ZoneId;
import org.mosswake.core.clock.DemoTides;
import org.mosswake.core.sim.InventedYears;
import org.mosswake.server.platform.demo.DemoIds;
import org.mosswake.server.platform.demo.DemoPart;
import org.springframework.stereotype.Component;

/** Twenty invented years of a boat of their own: what the log finds in them can be held against what they were drawn from. */
@Component
class DemoYears implements DemoPart {
    private static final long SEED = 2007;

    private final EntryStore entries;

    DemoYears(EntryStore entries) {
        this.entries = entries;
    }

    @Override
    public int order() {
        return 6;
    }

    @Override
    public void load() {
        entries.invented(
                DemoIds.SLOW_ALMANAC,
                InventedYears.of(
                        SEED, 2007, 2026, 27.6, -47.3, ZoneId.of("Etc/GMT+3"), DemoTides.TARROW_BANKS::streamMps));
    }
}
