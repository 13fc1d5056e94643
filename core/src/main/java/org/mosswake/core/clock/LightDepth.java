package org.mosswake.core.clock;

import java.time.Duration;
import java.time.Instant;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;

/**
 * Fish that go down with the light: a band at first light, so much deeper with each hour of sun, and a step down at a set
 * time after sunrise.
 *
 * @param topM       at first light (m), with {@code bottomM}
 * @param perHourM   deeper for each hour since sunrise (m)
 * @param stepAfter  sunrise, when they go down for the day
 * @param stepTopM   from then on (m), with {@code stepBottomM}
 */
public record LightDepth(
        double topM, double bottomM, double perHourM, Duration stepAfter, double stepTopM, double stepBottomM) {
    private static final Accepted DEPTH_M = new Accepted(0.5, 300, "m");
    /** Coho (practice): 9–18 m at first light, 3 m an hour, 36–46 m from three hours after sunrise. */
    public static final LightDepth COHO = new LightDepth(9, 18, 3, Duration.ofHours(3), 36, 46);

    /** From top to bottom (m). */
    public record Band(double topM, double bottomM) {
        /** Lifted clear of the bottom of the sea; never thinner than a metre. */
        public Band over(double seaM, double clearM) {
            double bottom = Math.min(bottomM, seaM - clearM);
            return bottom >= bottomM
                    ? this
                    : new Band(Math.max(0.5, Math.min(topM, bottom - 1)), Math.max(1.5, bottom));
        }
    }

    public LightDepth {
        var faults = new Faults();
        DEPTH_M.check(faults, "topM", topM);
        DEPTH_M.check(faults, "bottomM", bottomM);
        DEPTH_M.check(faults, "stepTopM", stepTopM);
        DEPTH_M.check(faults, "stepBottomM", stepBottomM);
        new Accepted(0, 60, "m").check(faults, "perHourM", perHourM);
        if (bottomM <= topM) {
            faults.add(FaultCode.UPSIDE_DOWN, "bottomM", bottomM, topM);
        }
        if (stepBottomM <= stepTopM) {
            faults.add(FaultCode.UPSIDE_DOWN, "stepBottomM", stepBottomM, stepTopM);
        }
        faults.throwIfAny();
    }

    /** Where they are at a moment; before sunrise as at first light. */
    public Band at(Instant at, Instant sunrise) {
        Duration sun = Duration.between(sunrise, at);
        if (sun.compareTo(stepAfter) >= 0) {
            return new Band(stepTopM, stepBottomM);
        }
        double deeper = perHourM * Math.max(0, sun.toSeconds()) / 3600;
        return new Band(topM + deeper, bottomM + deeper);
    }
}
