package org.mosswake.server.turn;

import org.jspecify.annotations.Nullable;
import org.mosswake.core.turn.CircleAnswer;

/** The pinned answer of {@code POST /api/turn/circle}; a reason instead of figures where no circle stood. */
record CircleReply(
        boolean settled,
        @Nullable Double lureRadiusM,
        @Nullable Double lagDegrees,
        @Nullable Double lureSpeedMps,
        @Nullable Double tensionAtTipN,
        @Nullable Double settledAfterS,
        @Nullable String reason) {
    static CircleReply of(CircleAnswer answer) {
        if (answer instanceof CircleAnswer.Settled s) {
            return new CircleReply(
                    true,
                    s.lureRadiusM(),
                    s.lagDegrees(),
                    s.lureSpeedMps(),
                    s.tensionAtTipN(),
                    s.settledAfterS(),
                    null);
        }
        return new CircleReply(false, null, null, null, null, null, ((CircleAnswer.NotSettled) answer).reason());
    }
}
