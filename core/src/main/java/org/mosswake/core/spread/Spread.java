package org.mosswake.core.spread;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.gear.Idle;
import org.mosswake.core.tow.TowLimits;
import org.mosswake.core.units.SpeedThroughWater;

/**
 * A line-up at one speed through the water.
 *
 * @param engines running
 * @param here    the water as far as it is known
 * @param idle    of the boat, when it is known
 * @param propSpreadM between her outermost propellers (m), when it is known
 */
public record Spread(
        SpeedThroughWater speed,
        int engines,
        List<SpreadLine> lines,
        Here here,
        Optional<Idle> idle,
        Optional<Double> propSpreadM) {
    public static final int MOST_LINES = 12;

    public Spread(SpeedThroughWater speed, int engines, List<SpreadLine> lines) {
        this(speed, engines, lines, Here.UNKNOWN, Optional.empty(), Optional.empty());
    }

    public Spread(SpeedThroughWater speed, int engines, List<SpreadLine> lines, Here here, Optional<Idle> idle) {
        this(speed, engines, lines, here, idle, Optional.empty());
    }

    public Wake wake() {
        return Wake.of(speed, engines, propSpreadM);
    }

    public Spread {
        lines = List.copyOf(lines);
        var faults = new Faults();
        TowLimits.SPEED_MPS.check(faults, "speedThroughWaterMps", speed.mps());
        faults.count("lines", lines, 0, MOST_LINES);
        checkIdentities(faults, lines);
        faults.throwIfAny();
    }

    private static void checkIdentities(Faults faults, List<SpreadLine> lines) {
        var ids = new HashSet<UUID>();
        var holders = new HashMap<UUID, Integer>();
        for (int i = 0; i < lines.size(); i++) {
            SpreadLine line = lines.get(i);
            if (!ids.add(line.id())) {
                faults.add(FaultCode.TWICE, "lines[" + i + "].lineId", line.id().toString());
            }
            Integer other = holders.putIfAbsent(line.holder().id(), i);
            if (other != null) {
                faults.add(FaultCode.HOLDER_TAKEN, "lines[" + i + "].holderId", other + 1);
            }
        }
    }

    /** The same with one line changed; it is found by its id. */
    public Spread with(SpreadLine changed) {
        var others = lines.stream()
                .map(line -> line.id().equals(changed.id()) ? changed : line)
                .toList();
        return new Spread(speed, engines, others, here, idle, propSpreadM);
    }

    public Spread without(UUID line) {
        var others = lines.stream().filter(other -> !other.id().equals(line)).toList();
        return new Spread(speed, engines, others, here, idle, propSpreadM);
    }
}
