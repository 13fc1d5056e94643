package org.mosswake.server.call;

import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.build.FirstSpread;
import org.mosswake.core.call.LineCount;
import org.mosswake.core.handling.SpreadTurns;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.turn.Side;
import org.mosswake.server.call.CallReply.CountReply;
import org.mosswake.server.platform.wire.SentenceReply;
import org.mosswake.server.spread.MendReply;
import org.mosswake.server.spread.SpreadDraft;

/**
 * One word of a build as it goes on: a first picture, how far it is, and the spread with its reasons.
 *
 * @param share done, 0 to 1
 * @param spread of a picture, and of what was made
 * @param made  with the last one
 */
record BuildEvent(
        Kind kind,
        double share,
        @Nullable SpreadDraft spread,
        @Nullable MadeReply made) {
    enum Kind {
        PICTURE,
        PROGRESS,
        DONE,
        /** Our own fault; nothing was made. */
        FAILED
    }

    record StoryReply(UUID lineId, List<SentenceReply> says) {}

    /**
     * @param fouls which lines stop a turn to the narrower side
     */
    record RoomReply(double portDeg, double starboardDeg, Side narrower, List<UUID> fouls) {}

    /** What would let her turn farther. */
    record WidenReply(MendReply mend, double limitDeg) {
        static WidenReply of(SpreadTurns.Widening wider) {
            return new WidenReply(MendReply.of(wider.mend()), Math.toDegrees(wider.limitRad()));
        }
    }

    /** @param tried arrangements weighed, for {@code points} of the objective */
    record MadeReply(
            PlaybookId playbook,
            CountReply lines,
            List<StoryReply> stories,
            RoomReply room,
            @Nullable WidenReply widen,
            List<SentenceReply> lacks,
            List<SentenceReply> notes,
            double points,
            int tried) {}

    static BuildEvent picture(Spread spread, List<SpreadLine> locked) {
        return new BuildEvent(Kind.PICTURE, 0.1, draft(spread, locked), null);
    }

    static BuildEvent failed() {
        return new BuildEvent(Kind.FAILED, 1, null, null);
    }

    static BuildEvent progress(double share) {
        return new BuildEvent(Kind.PROGRESS, share, null, null);
    }

    static BuildEvent done(FirstSpread.Wish wish, LineCount count, FirstSpread.Made made) {
        var room = made.room();
        return new BuildEvent(
                Kind.DONE,
                1,
                draft(made.spread(), wish.locked()),
                new MadeReply(
                        wish.p().id(),
                        CountReply.of(count),
                        made.stories().stream()
                                .map(story -> new StoryReply(story.line(), SentenceReply.of(story.says())))
                                .toList(),
                        new RoomReply(
                                Math.toDegrees(room.portRad()),
                                Math.toDegrees(room.starboardRad()),
                                room.side(),
                                room.fouls()),
                        made.widen().map(WidenReply::of).orElse(null),
                        SentenceReply.of(made.lacks()),
                        SentenceReply.of(made.notes()),
                        made.points(),
                        made.tried()));
    }

    private static SpreadDraft draft(Spread spread, List<SpreadLine> locked) {
        return SpreadDraft.of(spread, locked.stream().map(SpreadLine::id).collect(Collectors.toSet()));
    }
}
