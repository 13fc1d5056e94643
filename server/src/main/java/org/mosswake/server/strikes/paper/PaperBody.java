package org.mosswake.server.strikes.paper;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.log.PaperDay;
import org.mosswake.core.strikes.Loss;
import org.mosswake.core.strikes.Seen;
import org.mosswake.server.platform.json.Checked;

/**
 * @param tripId   of the day out that is made; sent again it is the same day
 * @param spreadId that was fished
 * @param text     a row each: a time, and what happened then
 * @param take     keep what can be read; without, it is only looked at
 */
record PaperBody(UUID tripId, LocalDate day, String name, UUID spreadId, String text, Boolean take) implements Checked {
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST = 40_000;

    @Override
    public void check(Faults faults) {
        faults.required("tripId", tripId);
        faults.required("day", day);
        faults.text("name", name, LONGEST_NAME);
        faults.required("spreadId", spreadId);
        faults.text("text", text, LONGEST);
        faults.required("take", take);
    }

    /** A row as it was read. */
    record PaperRow(
            int line,
            Instant at,
            PaperDay.Kind kind,
            List<String> labels,
            @Nullable String species,
            @Nullable Double lengthM,
            boolean released,
            @Nullable Loss how,
            @Nullable Seen seen) {}

    record PaperRefused(int line, String text, String why) {}

    /**
     * @param labels of the lines of the spread
     * @param kept   the day is there now
     */
    record PaperReply(List<PaperRow> rows, List<PaperRefused> refused, List<String> labels, boolean kept) {}
}
