package org.mosswake.server.log;

import java.util.List;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.Ledger;
import org.mosswake.core.log.Question;
import org.mosswake.server.log.YearsReply.LogSum;
import org.mosswake.server.platform.wire.SentenceReply;

/**
 * A slice as pictures show it.
 *
 * @param positions what each position of the boat took
 */
record PicturesReply(LogSum sum, List<LogCross> crosses, List<LogPosition> positions) {
    /** A slice told apart by two facets at once. */
    record LogCross(
            Facet rowFacet,
            String rowWords,
            Facet columnFacet,
            String columnWords,
            List<LogLabel> rows,
            List<LogLabel> columns,
            List<LogCell> cells) {
        static LogCross of(Facet rows, Facet columns, Ledger.Cross cross, double pooled) {
            return new LogCross(
                    rows,
                    rows.words(),
                    columns,
                    columns.words(),
                    cross.rows().stream().map(arm -> LogLabel.of(rows, arm)).toList(),
                    cross.columns().stream()
                            .map(arm -> LogLabel.of(columns, arm))
                            .toList(),
                    cross.cells().stream()
                            .map(cell -> new LogCell(cell.row(), cell.column(), LogSum.of(cell.slice(), pooled)))
                            .toList());
        }
    }

    /** @param where the condition that narrows to it */
    record LogLabel(SentenceReply says, String where) {
        static LogLabel of(Facet facet, Ledger.Arm arm) {
            return new LogLabel(
                    SentenceReply.of(Question.words(facet, arm)), WhereText.text(Question.where(facet, arm)));
        }
    }

    /** By places in rows and columns. */
    record LogCell(int row, int column, LogSum sum) {}

    record LogPosition(String position, LogSum sum) {}
}
