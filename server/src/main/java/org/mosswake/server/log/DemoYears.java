package org.mosswake.server.log;

import org.mosswake.core.sim.Almanac;
import org.mosswake.server.platform.demo.DemoIds;
import org.mosswake.server.platform.demo.DemoPart;
import org.springframework.stereotype.Component;

/** Twenty invented years of a boat of their own: what the log finds in them can be held against what they were drawn from. */
@Component
class DemoYears implements DemoPart {
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
        entries.invented(DemoIds.SLOW_ALMANAC, Almanac.entries());
    }
}
