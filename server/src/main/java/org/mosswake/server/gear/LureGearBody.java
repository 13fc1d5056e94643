package org.mosswake.server.gear;

import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.gear.Coefficient;
import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.Shade;
import org.mosswake.core.gear.SpeedWindow;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.TowLimits;
import org.mosswake.server.platform.json.Checked;

/**
 * A lure or weight aboard; {@code version} 0 makes a new one.
 *
 * @param slowestMps with {@code fastestMps} the speeds at which it works; both or neither
 * @param count      aboard; absent is taken as one
 * @param colourRole with {@code shade}: by the words of the colour while absent
 */
public record LureGearBody(
        UUID gearId,
        Integer version,
        String name,
        LureGearKind kind,
        String colour,
        Double lengthM,
        Double massKg,
        Double volumeM3,
        Double dragAreaM2,
        Double diveAreaM2,
        Double sideAreaM2,
        @Nullable Double slowestMps,
        @Nullable Double fastestMps,
        @Nullable Integer count,
        @Nullable ColourRole colourRole,
        @Nullable Shade shade)
        implements Checked {
    static final Accepted COUNT = new Accepted(0, 999, "");
    private static final Accepted LENGTH_M = new Accepted(0.01, 3, "m");
    public static final int LONGEST_NAME = 60;

    @Override
    public void check(Faults faults) {
        faults.required("gearId", gearId);
        faults.required("version", version);
        faults.text("name", name, LONGEST_NAME);
        faults.required("kind", kind);
        faults.text("colour", colour, LONGEST_NAME);
        LENGTH_M.check(faults, "lengthM", lengthM);
        Body.check(faults, "", massKg, volumeM3, dragAreaM2, diveAreaM2, sideAreaM2);
        TowLimits.SPEED_MPS.checkOptional(faults, "slowestMps", slowestMps);
        TowLimits.SPEED_MPS.checkOptional(faults, "fastestMps", fastestMps);
        if (slowestMps != null && faults.required("fastestMps", fastestMps) && slowestMps >= fastestMps) {
            faults.add(FaultCode.OUT_OF_RANGE, "fastestMps", fastestMps, slowestMps, TowLimits.SPEED_MPS.most(), "m/s");
        }
        if (fastestMps != null) {
            faults.required("slowestMps", slowestMps);
        }
        COUNT.checkOptional(faults, "count", count == null ? null : (double) count);
        if (faults.list().isEmpty() && massKg == 0 && dragAreaM2 == 0) {
            faults.add(FaultCode.LURE_WITHOUT_FORCE, "massKg");
        }
    }

    LureItem toCore() {
        return new LureItem(
                gearId,
                name,
                kind.name(),
                new Body(massKg, volumeM3, dragAreaM2, diveAreaM2, sideAreaM2),
                Optional.ofNullable(slowestMps).map(slowest -> new SpeedWindow(slowest, fastestMps)),
                Optional.of(lengthM));
    }

    public LureGearBody with(Coefficient coefficient, double value) {
        Body changed = coefficient.in(toCore().body(), value);
        return new LureGearBody(
                gearId,
                version,
                name,
                kind,
                colour,
                lengthM,
                massKg,
                volumeM3,
                changed.dragAreaM2(),
                changed.diveAreaM2(),
                changed.sideAreaM2(),
                slowestMps,
                fastestMps,
                count,
                colourRole,
                shade);
    }

    LureAboard aboard() {
        return new LureAboard(
                toCore(),
                lengthM,
                colourRole == null ? ColourRole.guess(colour) : colourRole,
                shade == null ? Shade.guess(colour) : shade,
                count == null ? 1 : count);
    }
}
