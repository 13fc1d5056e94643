package org.mosswake.server.water.sounder;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.water.sounder.Sounder;
import org.mosswake.server.platform.json.Checked;
import org.mosswake.server.spread.SpreadDraft;

/**
 * A trace as it is seen.
 *
 * @param coneDeg    full angle of the sounder's cone
 * @param depthM     of the upper rim of the trace
 * @param columns    that it is wide; with {@code heightM}, absent where only the lures are asked for
 * @param throughMps of the boat
 * @param groundMps  of the boat; as through the water unless sent
 * @param acrossMps  of the stream, across her course to starboard; 0 unless sent
 * @param draft      of what she tows
 */
record SounderBody(
        Double coneDeg,
        Double pingsHz,
        Double depthM,
        @Nullable Double columns,
        @Nullable Double heightM,
        Double throughMps,
        @Nullable Double groundMps,
        @Nullable Double acrossMps,
        @Nullable SpreadDraft draft)
        implements Checked {
    static final Accepted CONE_DEG = new Accepted(4, 90, "°");
    private static final Accepted DEPTH_M = new Accepted(0.5, 1000, "m");
    private static final Accepted COLUMNS = new Accepted(1, 100_000, "");
    private static final Accepted HEIGHT_M = new Accepted(0, 300, "m");
    private static final Accepted MPS = new Accepted(0, 20, "m/s");
    private static final Accepted ACROSS_MPS = new Accepted(-6, 6, "m/s");

    @Override
    public void check(Faults faults) {
        CONE_DEG.check(faults, "coneDeg", coneDeg);
        Sounder.PINGS_HZ.check(faults, "pingsHz", pingsHz);
        DEPTH_M.check(faults, "depthM", depthM);
        COLUMNS.checkOptional(faults, "columns", columns);
        HEIGHT_M.checkOptional(faults, "heightM", heightM);
        MPS.check(faults, "throughMps", throughMps);
        MPS.checkOptional(faults, "groundMps", groundMps);
        ACROSS_MPS.checkOptional(faults, "acrossMps", acrossMps);
        if (draft != null) {
            draft.check(faults, "draft.");
        }
    }

    Sounder sounder() {
        return new Sounder(Math.toRadians(coneDeg), pingsHz);
    }

    double overGroundMps() {
        return Optional.ofNullable(groundMps).orElse(throughMps);
    }
}
