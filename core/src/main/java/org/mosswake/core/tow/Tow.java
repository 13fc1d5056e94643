package org.mosswake.core.tow;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.units.SpeedThroughWater;

/**
 * The question: a chain, a tip and a speed.
 *
 * @param tipHeightM    of the rod tip or clip above the surface (m); negative for a clip under water
 * @param chainFromLure from the lure up; the first link holds the lure
 */
public record Tow(SpeedThroughWater speed, double tipHeightM, List<Link> chainFromLure) {
    public Tow {
        chainFromLure = List.copyOf(chainFromLure);
        var faults = new Faults();
        TowLimits.SPEED_MPS.check(faults, "speedThroughWaterMps", speed.mps());
        TowLimits.TIP_HEIGHT_M.check(faults, "tipHeightM", tipHeightM);
        faults.count("chainFromLure", chainFromLure, 1, TowLimits.MOST_PIECES);
        faults.throwIfAny();
        if (isWithoutForce(chainFromLure.get(0).body())) {
            throw FaultException.of(FaultCode.LURE_WITHOUT_FORCE, "chainFromLure[0].body");
        }
    }

    private static boolean isWithoutForce(Optional<Body> lure) {
        return lure.isEmpty()
                || (lure.get().dragAreaM2() == 0
                        && lure.get().sideAreaM2() == 0
                        && lure.get().diveAreaM2() == 0
                        && lure.get().massKg()
                                == Physics.SEA_WATER_DENSITY * lure.get().volumeM3());
    }

    public Body lure() {
        return chainFromLure.get(0).body().orElseThrow();
    }

    /** All line from the lure to the tip (m): the let-out. */
    public double lengthM() {
        return chainFromLure.stream().mapToDouble(link -> link.line().lengthM()).sum();
    }

    public Tow withSpeed(double mps) {
        return new Tow(new SpeedThroughWater(mps), tipHeightM, chainFromLure);
    }

    public Tow withTipHeight(double metres) {
        return new Tow(speed, metres, chainFromLure);
    }

    /** The same chain with another length of the last piece, the one that is let out. */
    public Tow withLastLength(double metres) {
        var last = chainFromLure.get(chainFromLure.size() - 1);
        return with(chainFromLure.size() - 1, new Link(last.body(), last.line().withLength(metres)));
    }

    public Tow withLure(Body lure) {
        return with(0, Link.of(lure, chainFromLure.get(0).line()));
    }

    private Tow with(int index, Link link) {
        var links = new ArrayList<>(chainFromLure);
        links.set(index, link);
        return new Tow(speed, tipHeightM, links);
    }
}
