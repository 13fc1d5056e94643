package org.mosswake.server.deck;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mosswake.server.call.AnswerBody;
import org.mosswake.server.platform.wire.SentenceReply;

/**
 * The call weighed again by what was seen.
 *
 * @param seen  answers to what the plan of the day asks
 * @param leads where another method has come to lead clearly
 * @param well  where live bait is too few by the hour, and what then
 */
record WeighedReply(
        List<AnswerBody> seen,
        @Nullable SentenceReply leads,
        @Nullable SentenceReply well) {}
