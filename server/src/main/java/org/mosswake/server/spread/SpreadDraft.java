package org.mosswake.server.spread;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.tow.TowLimits;
import org.mosswake.server.platform.json.Checked;

/** A line-up by the ids of what it is made of, as edited on the page. */
public record SpreadDraft(Double speedThroughWaterMps, List<LineDraft> lines) implements Checked {
    private static final Accepted LET_OUT_M = new Accepted(1, 400, "m");
    private static final Accepted DRAG_N = new Accepted(0, 5000, "N");

    /** @param tackle from the lure up; the last is the main line and has no length */
    public record LineDraft(UUID lineId, UUID holderId, Double letOutM, Double strikeDragN, List<PieceDraft> tackle) {}

    public record PieceDraft(
            @Nullable UUID lureGearId,
            UUID lineGearId,
            @Nullable Double lengthM) {}

    @Override
    public void check(Faults faults) {
        check(faults, "");
    }

    public void check(Faults faults, String path) {
        TowLimits.SPEED_MPS.check(faults, path + "speedThroughWaterMps", speedThroughWaterMps);
        if (faults.count(path + "lines", lines, 0, Spread.MOST_LINES)) {
            for (int i = 0; i < lines.size(); i++) {
                check(faults, path + "lines[" + i + "]", lines.get(i));
            }
        }
    }

    private static void check(Faults faults, String path, LineDraft line) {
        if (!faults.required(path, line)) {
            return;
        }
        faults.required(path + ".lineId", line.lineId());
        faults.required(path + ".holderId", line.holderId());
        LET_OUT_M.check(faults, path + ".letOutM", line.letOutM());
        DRAG_N.check(faults, path + ".strikeDragN", line.strikeDragN());
        if (faults.count(path + ".tackle", line.tackle(), 1, TowLimits.MOST_PIECES)) {
            for (int i = 0; i < line.tackle().size(); i++) {
                check(faults, path + ".tackle[" + i + "]", line.tackle().get(i));
            }
        }
    }

    private static void check(Faults faults, String path, PieceDraft piece) {
        if (faults.required(path, piece)) {
            faults.required(path + ".lineGearId", piece.lineGearId());
            TowLimits.LENGTH_M.checkOptional(faults, path + ".lengthM", piece.lengthM());
        }
    }
}
