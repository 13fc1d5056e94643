package org.mosswake.server.spread;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.gear.Coefficient;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.spread.Calibration;
import org.mosswake.core.tow.TowLimits;
import org.mosswake.server.gear.LineGearBody;
import org.mosswake.server.platform.json.Checked;
import org.mosswake.server.spread.SpreadDraft.LineDraft;

/** What was seen, to fit one coefficient of one lure, weight or line. */
record CalibrationBody(UUID gearId, Coefficient coefficient, String reason, List<ObservationBody> observations)
        implements Checked {
    private static final Accepted SEEN_M = new Accepted(0.1, 300, "m");
    private static final int MOST = 20;

    /**
     * @param line   as it was towed then; absent for a rating
     * @param stated what the maker rated it with; only for a rating
     */
    record ObservationBody(
            Calibration.Kind kind,
            Double seenM,
            Double speedThroughWaterMps,
            @Nullable LineDraft line,
            @Nullable StatedBody stated) {}

    record StatedBody(LineKind line, Double strengthN, Double letOutM) {}

    @Override
    public void check(Faults faults) {
        faults.required("gearId", gearId);
        faults.required("coefficient", coefficient);
        faults.text("reason", reason, 200);
        if (faults.count("observations", observations, 1, MOST)) {
            for (int i = 0; i < observations.size(); i++) {
                check(faults, "observations[" + i + "]", observations.get(i));
            }
        }
    }

    private static void check(Faults faults, String path, ObservationBody seen) {
        if (!faults.required(path, seen) || !faults.required(path + ".kind", seen.kind())) {
            return;
        }
        SEEN_M.check(faults, path + ".seenM", seen.seenM());
        TowLimits.SPEED_MPS.check(faults, path + ".speedThroughWaterMps", seen.speedThroughWaterMps());
        if (seen.kind() != Calibration.Kind.RATED) {
            SpreadDraft.check(faults, path + ".line", seen.line());
        } else if (faults.required(path + ".stated", seen.stated())) {
            faults.required(path + ".stated.line", seen.stated().line());
            LineGearBody.STRENGTH_N.check(
                    faults, path + ".stated.strengthN", seen.stated().strengthN());
            SpreadDraft.LET_OUT_M.check(
                    faults, path + ".stated.letOutM", seen.stated().letOutM());
        }
    }
}
