package org.mosswake.server.call;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.clock.Timeline;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.server.platform.json.Checked;

/**
 * A day to be called.
 *
 * @param at       the moment the ranking is for
 * @param linesIn  when every line must fish; by the light unless sent
 * @param homeAt   when the day ends; at dusk unless sent
 * @param playbook taken by the skipper instead of the first
 */
record CallBody(
        LocalDate day,
        Instant at,
        PlaceBody place,
        List<AnswerBody> answers,
        @Nullable Double runOutMin,
        @Nullable Double catchBaitMin,
        @Nullable Instant linesIn,
        @Nullable Instant homeAt,
        @Nullable PlaybookId playbook)
        implements Checked {
    static final double USUAL_RUN_MIN = 60;

    /** Of a moment at a place, by what is known; nothing wished for. */
    static CallBody of(LocalDate day, Instant at, PlaceBody place, Conditions known) {
        return new CallBody(day, at, place, AnswerBody.of(known), null, null, null, null, null);
    }

    @Override
    public void check(Faults faults) {
        check(faults, "");
    }

    /** {@code path} ends in a dot or is empty. */
    void check(Faults faults, String path) {
        if (faults.required(path + "day", day)) {
            Instant middle = day.atTime(12, 0).toInstant(ZoneOffset.UTC);
            PlanBody.hour(faults, path + "at", at, middle);
            PlanBody.hour(faults, path + "linesIn", linesIn, middle);
            PlanBody.hour(faults, path + "homeAt", homeAt, middle);
        }
        faults.required(path + "at", at);
        if (faults.required(path + "place", place)) {
            var inside = new Faults();
            place.check(inside);
            inside.list().forEach(fault -> faults.add(fault.under(path + "place")));
        }
        AnswerBody.conditions(faults, path + "answers", answers);
        Timeline.Needs.RUN_MIN.checkOptional(faults, path + "runOutMin", runOutMin);
        Timeline.Needs.BAIT_MIN.checkOptional(faults, path + "catchBaitMin", catchBaitMin);
        if (linesIn != null && homeAt != null && !homeAt.isAfter(linesIn)) {
            faults.add(FaultCode.OUT_OF_RANGE, path + "homeAt", homeAt, linesIn, "later", "");
        }
    }

    Conditions conditions() {
        return AnswerBody.conditions(new Faults(), "answers", answers).orElseThrow();
    }
}
