package org.mosswake.server.spread;

import java.time.Instant;
import java.util.UUID;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.gear.LureGearBody;
import org.mosswake.server.platform.json.Checked;

/** A named spread with its content; {@code version} 0 makes a new one. */
record SpreadBody(UUID spreadId, Integer version, String name, SpreadDraft draft) implements Checked {
    /** As kept: its head revision and when it was saved. */
    record Kept(UUID spreadId, int version, String name, int revision, Instant savedAt, SpreadDraft draft) {}

    /** That version of it, solved as it is kept. */
    record Solved(int version, SolvedReply solved) {}

    /** For a list. */
    record Title(UUID spreadId, int version, String name, int lines, Instant savedAt, boolean putAway) {}

    @Override
    public void check(Faults faults) {
        faults.required("spreadId", spreadId);
        faults.required("version", version);
        faults.text("name", name, LureGearBody.LONGEST_NAME);
        if (faults.required("draft", draft)) {
            draft.check(faults, "draft.");
        }
    }
}
