package org.mosswake.server.spread;

import java.util.List;
import org.mosswake.core.spread.Mend;
import org.mosswake.server.platform.wire.SentenceReply;

/** @param changes that do it, together; none where it cannot be done from what is aboard */
public record MendReply(SentenceReply words, List<SpreadChangeReply> changes) {
    public static MendReply of(Mend mend) {
        return new MendReply(SentenceReply.of(mend.words()), SpreadChangeReply.of(mend.changes()));
    }
}
