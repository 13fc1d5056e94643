package org.mosswake.server.gear;

import org.mosswake.server.platform.demo.DemoIds;
import org.mosswake.server.platform.demo.DemoPart;
import org.springframework.stereotype.Component;

/** A starter box for each of the two boats. */
@Component
class DemoGear implements DemoPart {
    private final StarterBox box;

    DemoGear(StarterBox box) {
        this.box = box;
    }

    @Override
    public int order() {
        return 2;
    }

    @Override
    public void load() {
        box.fill(DemoIds.QUIET_LEDGER, StarterBox.Waters.WARM);
        box.fill(DemoIds.SPRAT, StarterBox.Waters.COLD);
        box.fill(DemoIds.SLOW_ALMANAC, StarterBox.Waters.WARM);
    }
}
