package org.mosswake.server.water;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.water.Grid;
import org.mosswake.core.water.Spot;
import org.mosswake.server.water.WaterMapper.GridRow;

/**
 * A grid without its cells.
 *
 * @param name       of the file it came in
 * @param southDeg   middle of its southernmost row, with {@code westDeg} of its westernmost column
 * @param knownShare of its cells
 * @param reachShare of the sea within a day's reach of where the boat lies that it shows
 * @param least      in the unit of its kind, with {@code most}; absent where nothing is known
 */
record GridReply(
        UUID gridId,
        String name,
        Grid.Kind kind,
        @Nullable Instant at,
        int rows,
        int columns,
        double southDeg,
        double westDeg,
        double latStepDeg,
        double lonStepDeg,
        double knownShare,
        double reachShare,
        @Nullable Double least,
        @Nullable Double most) {
    static GridReply of(GridRow row, Spot home) {
        return new GridReply(
                row.gridId(),
                row.name(),
                row.kind(),
                row.at(),
                row.rowCount(),
                row.columnCount(),
                row.southDeg(),
                row.westDeg(),
                row.latStepDeg(),
                row.lonStepDeg(),
                row.knownShare(),
                row.shows(home, WaterService.REACH_M),
                row.least() == null ? null : row.least().doubleValue(),
                row.most() == null ? null : row.most().doubleValue());
    }
}
