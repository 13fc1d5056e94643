package org.mosswake.server.deck;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.deck.ChangeOver;
import org.mosswake.server.platform.wire.SentenceReply;

/** How one spread becomes another, in order; see {@link ChangeOver}. */
record ChangeOverReply(
        List<OverStepReply> in,
        List<OverStepReply> moved,
        List<OverStepReply> out,
        List<SentenceReply> missing,
        double seconds) {
    /** @param wasLineId of a line that stays, in the spread that is fished now */
    record OverStepReply(UUID lineId, @Nullable UUID wasLineId, String label, SentenceReply says) {
        static OverStepReply of(ChangeOver.Step step) {
            return new OverStepReply(step.line(), step.was().orElse(null), step.label(), SentenceReply.of(step.says()));
        }
    }

    static ChangeOverReply of(ChangeOver change) {
        return new ChangeOverReply(
                change.in().stream().map(OverStepReply::of).toList(),
                change.moved().stream().map(OverStepReply::of).toList(),
                change.out().stream().map(OverStepReply::of).toList(),
                SentenceReply.of(change.missing()),
                change.seconds());
    }
}
