package org.mosswake.server.log;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;
import org.mosswake.server.platform.wire.SentenceReply;
import org.mosswake.server.spread.MendReply;
import org.mosswake.server.spread.SpreadDraft;

/**
 * @param draft   as it is fished
 * @param leftMin until she turns for home
 */
record MoveBody(SpreadDraft draft, Instant at, Double leftMin) implements Checked {
    static final Accepted LEFT_MIN = new Accepted(0, 1440, "min");

    @Override
    public void check(Faults faults) {
        if (faults.required("draft", draft)) {
            draft.check(faults, "draft.");
        }
        faults.required("at", at);
        LEFT_MIN.check(faults, "leftMin", leftMin);
    }

    /**
     * @param says    what the day suggests; absent where it suggests nothing
     * @param resting two moves in half an hour: let them fish
     * @param move    that does it, solved; absent where no change of this spread passes the checks
     * @param checked what was looked at
     */
    record MoveReply(
            @Nullable SentenceReply says,
            boolean resting,
            @Nullable MendReply move,
            @Nullable SentenceReply checked) {}
}
