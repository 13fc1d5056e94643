package org.mosswake.core.gear;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.tow.TowLimits;
import org.mosswake.core.units.SpeedUnit;

/**
 * A boat as its lines see it. Dimensions in metres.
 *
 * @param toldTopMps the most she makes through the water, as her skipper says (m/s)
 */
public record Boat(
        String name, double lengthM, double beamM, int engines, List<Holder> holders, Optional<Double> toldTopMps) {
    public static final Accepted LENGTH_M = new Accepted(2, 60, "m");
    public static final Accepted BEAM_M = new Accepted(0.6, 15, "m");
    public static final Accepted ENGINES = new Accepted(0, 6, "");
    public static final Accepted DECK_M = new Accepted(-60, 20, "m");
    public static final Accepted TOP_MPS = new Accepted(0.5, 30, "m/s");
    /** Of a planing hull of a metre; it grows with the root of her length, as the speed of a hull's wave does (ESTIMATE). */
    private static final double PLANING_MPS = SpeedUnit.KNOT.toSi(9);

    private static final double PLANING_MOST_MPS = SpeedUnit.KNOT.toSi(30);
    /** Without an engine she makes the speed of her own wave: 1.34 kn times the root of feet (PUBLISHED, hull speed). */
    private static final double HULL_MPS = SpeedUnit.KNOT.toSi(2.43);

    public static final int MOST_HOLDERS = 40;
    public static final int LONGEST_NAME = 60;

    public Boat(String name, double lengthM, double beamM, int engines, List<Holder> holders) {
        this(name, lengthM, beamM, engines, holders, Optional.empty());
    }

    /** As she was told, else from her length (m/s). */
    public double topMps() {
        double root = Math.sqrt(lengthM);
        return toldTopMps.orElse(engines == 0 ? HULL_MPS * root : Math.min(PLANING_MOST_MPS, PLANING_MPS * root));
    }

    public Boat {
        holders = List.copyOf(holders);
        var faults = new Faults();
        check(faults, name, lengthM, beamM, engines, holders);
        toldTopMps.ifPresent(top -> TOP_MPS.check(faults, "topMps", top));
        faults.throwIfAny();
    }

    private static void check(
            Faults faults, String name, double lengthM, double beamM, int engines, List<Holder> holders) {
        faults.text("name", name, LONGEST_NAME);
        LENGTH_M.check(faults, "lengthM", lengthM);
        BEAM_M.check(faults, "beamM", beamM);
        ENGINES.check(faults, "engines", (double) engines);
        faults.count("holders", holders, 1, MOST_HOLDERS);
        var seen = new HashSet<UUID>();
        for (int i = 0; i < holders.size(); i++) {
            checkHolder(faults, "holders[" + i + "]", holders.get(i), seen);
        }
    }

    private static void checkHolder(Faults faults, String path, Holder holder, HashSet<UUID> seen) {
        if (!seen.add(holder.id())) {
            faults.add(FaultCode.TWICE, path + ".id", holder.id().toString());
        }
        faults.text(path + ".name", holder.name(), LONGEST_NAME);
        checkPoint(faults, path + ".base", holder.base());
        checkPoint(faults, path + ".tip", holder.tip());
    }

    private static void checkPoint(Faults faults, String path, DeckPoint point) {
        DECK_M.check(faults, path + ".asternM", point.asternM());
        DECK_M.check(faults, path + ".starboardM", point.starboardM());
        new Accepted(-2, TowLimits.TIP_HEIGHT_M.most(), "m").check(faults, path + ".heightM", point.heightM());
    }

    public Optional<Holder> holder(UUID id) {
        return holders.stream().filter(h -> h.id().equals(id)).findFirst();
    }
}
