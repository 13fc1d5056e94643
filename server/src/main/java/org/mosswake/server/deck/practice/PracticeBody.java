package org.mosswake.server.deck.practice;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.sim.PracticeState;
import org.mosswake.core.sim.Steering;
import org.mosswake.server.platform.json.Checked;
import org.mosswake.server.spread.SpreadDraft;

/** What is asked of a practice day. */
final class PracticeBody {
    private static final Accepted RATE = new Accepted(1, 60, "");
    private static final int MOST_LINES = 60;

    private PracticeBody() {}

    /**
     * @param afresh  what was practised before is forgotten, and the boat copied as she is now
     * @param holdMps through the water, to begin with
     */
    record PracticeBegun(Boolean afresh, Double holdMps) implements Checked {
        @Override
        public void check(Faults faults) {
            faults.required("afresh", afresh);
            PracticeState.HOLD_MPS.check(faults, "holdMps", holdMps);
        }
    }

    /**
     * @param rate     times the clock
     * @param steerDeg wanted, where a course is steered
     * @param radiusM  in which she turns
     * @param holdMps  wanted through the water
     */
    record PracticeHelm(Integer rate, Steering steering, Double steerDeg, Double radiusM, Double holdMps)
            implements Checked {
        @Override
        public void check(Faults faults) {
            RATE.check(faults, "rate", rate == null ? null : (Double) rate.doubleValue());
            faults.required("steering", steering);
            PracticeState.STEER_DEG.check(faults, "steerDeg", steerDeg);
            PracticeState.RADIUS_M.check(faults, "radiusM", radiusM);
            PracticeState.HOLD_MPS.check(faults, "holdMps", holdMps);
        }
    }

    /**
     * @param spreadId that the draft is of
     * @param lines    that are out
     */
    record PracticeLooked(SpreadDraft draft, @Nullable UUID spreadId, List<LineOut> lines) implements Checked {
        /** @param cleanSince when somebody last saw it clean: set, looked over or renewed */
        record LineOut(UUID lineId, Instant cleanSince) {}

        @Override
        public void check(Faults faults) {
            if (faults.required("draft", draft)) {
                draft.check(faults, "draft.");
            }
            if (faults.required("lines", lines) && faults.count("lines", lines, 0, MOST_LINES)) {
                for (int i = 0; i < lines.size(); i++) {
                    if (faults.required("lines[" + i + "]", lines.get(i))) {
                        faults.required("lines[" + i + "].lineId", lines.get(i).lineId());
                        faults.required(
                                "lines[" + i + "].cleanSince", lines.get(i).cleanSince());
                    }
                }
            }
        }
    }
}
