package org.mosswake.server.spread;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.gear.Coefficient;
import org.mosswake.core.spread.Calibration;

/**
 * A fit, tried or kept.
 *
 * @param scatterM what the fit leaves of the observations, root mean square
 * @param madeAt   absent for a try
 */
record CalibrationReply(
        @Nullable UUID calibrationId,
        UUID gearId,
        String gearName,
        Coefficient coefficient,
        double oldValue,
        double newValue,
        @Nullable Double standardError,
        double scatterM,
        String reason,
        @Nullable Instant madeAt,
        @Nullable Instant takenBackAt,
        List<SeenReply> observations) {
    /** @param beforeM what the model said of it with the old value */
    record SeenReply(
            Calibration.Kind kind,
            double seenM,
            double beforeM,
            double afterM,
            double speedThroughWaterMps,
            double letOutM,
            @Nullable Double cableOutM) {}
}
