package org.mosswake.server.call;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.clock.Timeline;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;

/** What is known of a day; {@code version} 0 makes a new plan. */
record PlanBody(
        LocalDate day,
        Integer version,
        List<AnswerBody> answers,
        Double runOutMin,
        @Nullable Double catchBaitMin,
        @Nullable Instant linesIn,
        @Nullable Instant homeAt)
        implements Checked {
    static PlanBody empty(LocalDate day) {
        return new PlanBody(day, 0, List.of(), CallBody.USUAL_RUN_MIN, null, null, null);
    }

    @Override
    public void check(Faults faults) {
        if (faults.required("day", day) && (day.getYear() < 1900 || day.getYear() > 2200)) {
            faults.add(FaultCode.OUT_OF_RANGE, "day", day, 1900.0, 2200.0, "(year)");
        }
        faults.required("version", version);
        AnswerBody.conditions(faults, "answers", answers);
        Timeline.Needs.RUN_MIN.check(faults, "runOutMin", runOutMin);
        Timeline.Needs.BAIT_MIN.checkOptional(faults, "catchBaitMin", catchBaitMin);
        if (linesIn != null && homeAt != null && !homeAt.isAfter(linesIn)) {
            faults.add(FaultCode.OUT_OF_RANGE, "homeAt", homeAt, linesIn, "later", "");
        }
    }
}
