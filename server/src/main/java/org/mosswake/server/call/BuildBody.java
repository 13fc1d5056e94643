package org.mosswake.server.call;

import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.spread.Spread;
import org.mosswake.server.platform.json.Checked;
import org.mosswake.server.spread.SpreadDraft;

/**
 * A first spread wanted.
 *
 * @param lines as many; what boat, crew and bag allow unless sent
 * @param draft whose locked lines stay
 */
record BuildBody(
        CallBody call, @Nullable Integer lines, @Nullable SpreadDraft draft) implements Checked {
    private static final Accepted LINES = new Accepted(1, Spread.MOST_LINES, "");

    @Override
    public void check(Faults faults) {
        if (faults.required("call", call)) {
            call.check(faults, "call.");
        }
        LINES.checkOptional(faults, "lines", lines == null ? null : (double) lines);
        if (draft != null) {
            draft.check(faults, "draft.");
        }
    }
}
