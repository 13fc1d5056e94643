package org.mosswake.server.call;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.clock.Timeline;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * What is known of a day; {@code version} 0 makes a new plan.
 *
 * @param setAside answers kept from before that today's program does not take; sent back as they came, or left out to
 *                 be dropped
 */
record PlanBody(
        LocalDate day,
        Integer version,
        List<AnswerBody> answers,
        Double runOutMin,
        @Nullable Double catchBaitMin,
        @Nullable Instant linesIn,
        @Nullable Instant homeAt,
        @Nullable List<SetAside> setAside)
        implements Checked {
    private static final int MOST_ASIDE = 40;
    private static final int LONGEST_ASIDE = 2000;
    /** Hours of a day lie no farther from the middle of its date, on any clock there is. */
    private static final Duration FARTHEST = Duration.ofHours(60);

    /** @param kept the answer as it is stored, with what it {@code says} is wrong and the {@code mend} */
    record SetAside(String topic, String kept, String says, String mend) {}

    /** The rest of a plan as it is stored. */
    record Hours(
            Double runOutMin,
            @Nullable Double catchBaitMin,
            @Nullable Instant linesIn,
            @Nullable Instant homeAt) {
        static final Hours USUAL = new Hours(CallBody.USUAL_RUN_MIN, null, null, null);
    }

    static PlanBody empty(LocalDate day, int version) {
        return of(day, version, List.of(), Hours.USUAL, null);
    }

    static PlanBody of(
            LocalDate day, int version, List<AnswerBody> answers, Hours hours, @Nullable List<SetAside> aside) {
        return new PlanBody(
                day,
                version,
                answers,
                hours.runOutMin() == null ? (Double) CallBody.USUAL_RUN_MIN : hours.runOutMin(),
                hours.catchBaitMin(),
                hours.linesIn(),
                hours.homeAt(),
                aside);
    }

    @Override
    public void check(Faults faults) {
        faults.required("day", day);
        faults.required("version", version);
        AnswerBody.conditions(faults, "answers", answers);
        Timeline.Needs.RUN_MIN.check(faults, "runOutMin", runOutMin);
        Timeline.Needs.BAIT_MIN.checkOptional(faults, "catchBaitMin", catchBaitMin);
        if (day != null) {
            Instant middle = day.atTime(12, 0).toInstant(ZoneOffset.UTC);
            hour(faults, "linesIn", linesIn, middle);
            hour(faults, "homeAt", homeAt, middle);
        }
        if (linesIn != null && homeAt != null && !homeAt.isAfter(linesIn)) {
            faults.add(FaultCode.OUT_OF_RANGE, "homeAt", homeAt, linesIn, "later", "");
        }
        if (setAside != null && faults.count("setAside", setAside, 0, MOST_ASIDE)) {
            for (int i = 0; i < setAside.size(); i++) {
                aside(faults, "setAside[" + i + "]", setAside.get(i));
            }
        }
    }

    /** No farther from the middle of its day than any clock can put it. */
    static void hour(Faults faults, String field, @Nullable Instant at, Instant middle) {
        if (at != null && Duration.between(middle, at).abs().compareTo(FARTHEST) > 0) {
            faults.add(FaultCode.OUT_OF_TIME, field, at, middle.minus(FARTHEST), middle.plus(FARTHEST));
        }
    }

    private static void aside(Faults faults, String path, SetAside aside) {
        if (!faults.required(path, aside)) {
            return;
        }
        faults.text(path + ".kept", aside.kept(), LONGEST_ASIDE);
        try {
            if (aside.kept() != null
                    && !JsonMapper.shared().readTree(aside.kept()).isObject()) {
                faults.add(FaultCode.WRONG_TYPE, path + ".kept", "something else", "the answer as it came");
            }
        } catch (JacksonException e) {
            faults.add(FaultCode.WRONG_TYPE, path + ".kept", "something else", "the answer as it came");
        }
    }
}
