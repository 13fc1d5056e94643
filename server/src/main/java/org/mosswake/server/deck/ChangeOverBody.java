package org.mosswake.server.deck;

import java.util.List;
import java.util.UUID;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;
import org.mosswake.server.spread.SpreadDraft;

/**
 * From the lines that are out to another spread.
 *
 * @param draft    that is fished now
 * @param spreadId to change to, as it is kept
 */
record ChangeOverBody(SpreadDraft draft, List<UUID> outLineIds, UUID spreadId) implements Checked {
    @Override
    public void check(Faults faults) {
        if (faults.required("draft", draft)) {
            draft.check(faults, "draft.");
        }
        faults.required("outLineIds", outLineIds);
        faults.required("spreadId", spreadId);
    }
}
