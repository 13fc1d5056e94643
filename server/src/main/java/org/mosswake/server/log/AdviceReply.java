package org.mosswake.server.log;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.advice.DayAdvice;
import org.mosswake.server.platform.wire.SentenceReply;

/**
 * What a day has said until a moment.
 *
 * @param calls  what may be claimed: on a day on which all is equal that happens in fewer than one of twenty
 * @param trying a small change that claims nothing
 * @param hands  where more takes than can be fought
 * @param place  where strikes lie together, where chance would not have made it
 * @param lost   where fish were lost in one way again
 */
record AdviceReply(
        List<PositionReply> positions,
        List<SentenceReply> calls,
        @Nullable SentenceReply trying,
        @Nullable SentenceReply lost,
        @Nullable SentenceReply place,
        @Nullable SentenceReply hands) {
    /** @param expected share of the strikes that its time alone would give it */
    record PositionReply(String position, int strikes, double minutes, double expected) {}

    static AdviceReply of(DayAdvice advice) {
        return new AdviceReply(
                advice.standings().stream()
                        .map(one -> new PositionReply(one.position(), one.strikes(), one.minutes(), one.expected()))
                        .toList(),
                SentenceReply.of(advice.calls()),
                advice.trying().map(SentenceReply::of).orElse(null),
                advice.lost().map(SentenceReply::of).orElse(null),
                advice.place().map(SentenceReply::of).orElse(null),
                advice.hands().map(SentenceReply::of).orElse(null));
    }
}
