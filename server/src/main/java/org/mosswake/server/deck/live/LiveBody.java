package org.mosswake.server.deck.live;

import java.util.List;
import java.util.UUID;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;
import org.mosswake.server.spread.SpreadDraft;
import org.mosswake.server.strikes.FixBody;

/**
 * A spread at sea.
 *
 * @param outLineIds lines that are out; others are not shown
 * @param fixes      of the device that asks, since it was last answered: for a boat without instruments
 */
record LiveBody(SpreadDraft draft, List<UUID> outLineIds, List<FixBody> fixes) implements Checked {
    private static final int MOST_FIXES = 600;

    @Override
    public void check(Faults faults) {
        if (faults.required("draft", draft)) {
            draft.check(faults, "draft.");
        }
        faults.required("outLineIds", outLineIds);
        if (faults.count("fixes", fixes, 0, MOST_FIXES)) {
            for (int i = 0; i < fixes.size(); i++) {
                if (faults.required("fixes[" + i + "]", fixes.get(i))) {
                    fixes.get(i).check(faults, "fixes[" + i + "].");
                }
            }
        }
    }
}
