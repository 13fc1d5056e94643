package org.mosswake.core.spread;

import java.util.Optional;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;

/**
 * The water the spread swims in, as far as it is known.
 *
 * @param bottomM   depth of water (m)
 * @param bait      a layer seen on the sounder
 * @param layerM    depth where warm water ends (m)
 * @param aboveC    temperature over it (°C)
 * @param belowC    temperature under it (°C)
 * @param headingRad of the boat, clockwise from north
 * @param stream    of the water over the ground
 */
public record Here(
        Optional<Double> bottomM,
        Optional<Band> bait,
        Optional<Double> layerM,
        Optional<Double> aboveC,
        Optional<Double> belowC,
        Optional<Double> headingRad,
        Optional<Stream> stream) {
    public static final Here UNKNOWN = new Here(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());
    public static final Accepted DEPTH_M = new Accepted(0.5, 11_000, "m");
    public static final Accepted TEMPERATURE_C = new Accepted(-3, 40, "°C");
    public static final Accepted STREAM_MPS = new Accepted(0, 6, "m/s");
    public static final Accepted DIRECTION_RAD = new Accepted(0, 2 * Math.PI, "rad");

    /** From top to bottom (m). */
    public record Band(double topM, double bottomM) {}

    /** Speed over the ground, and where to, clockwise from north. */
    public record Stream(double mps, double towardsRad) {}

    public Here {
        var faults = new Faults();
        bottomM.ifPresent(v -> DEPTH_M.check(faults, "bottomM", v));
        layerM.ifPresent(v -> DEPTH_M.check(faults, "layerM", v));
        aboveC.ifPresent(v -> TEMPERATURE_C.check(faults, "aboveC", v));
        belowC.ifPresent(v -> TEMPERATURE_C.check(faults, "belowC", v));
        headingRad.ifPresent(v -> DIRECTION_RAD.check(faults, "headingRad", v));
        stream.ifPresent(v -> {
            STREAM_MPS.check(faults, "streamMps", v.mps());
            DIRECTION_RAD.check(faults, "streamTowardsRad", v.towardsRad());
        });
        bait.ifPresent(band -> {
            new Accepted(0, DEPTH_M.most(), "m").check(faults, "baitTopM", band.topM());
            DEPTH_M.check(faults, "baitBottomM", band.bottomM());
            if (faults.list().isEmpty() && band.bottomM() <= band.topM()) {
                faults.add(FaultCode.UPSIDE_DOWN, "baitBottomM", band.bottomM(), band.topM());
            }
        });
        faults.throwIfAny();
    }
}
