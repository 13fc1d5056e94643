package org.mosswake.server.log;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.log.NotebookColumn;

/**
 * A table looked at, or taken in.
 *
 * @param targets  what a column may hold
 * @param readable rows that can be taken
 * @param refused  the first of those that cannot, each with why; {@code refusedRows} of them all
 * @param taken    absent while it was only looked at
 */
record NotebookReply(
        List<NotebookColumnReply> columns,
        List<TargetReply> targets,
        int rows,
        int readable,
        int refusedRows,
        List<RefusedRow> refused,
        @Nullable TakenIn taken) {
    /** @param samples of its first cells that say something */
    record NotebookColumnReply(String header, NotebookColumn target, List<String> samples) {}

    record TargetReply(NotebookColumn target, String words) {}

    /**
     * @param line   it stands on, from 1
     * @param header of the column that cannot be read; absent where it is the row
     * @param cells  as they were, to be mended
     */
    record RefusedRow(long line, @Nullable String header, String value, String says, List<String> cells) {}

    /** @param again rows that were in the log already */
    record TakenIn(@Nullable UUID importId, int added, int again) {}
}
