package org.mosswake.core.turn;

import java.util.List;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;

/**
 * The question: a line, all under water, whose tip goes round a circle.
 *
 * @param turnRadiusM      of the tip's circle (m)
 * @param speedMps         of the tip along it (m/s)
 * @param lureDragAreaM2   drag coefficient times area of the lure (m²)
 * @param segmentsFromLure from the lure to the tip
 */
public record Circling(double turnRadiusM, double speedMps, double lureDragAreaM2, List<TurnPiece> segmentsFromLure) {
    public static final Accepted RADIUS_M = new Accepted(3, 2000, "m");
    public static final Accepted SPEED_MPS = new Accepted(0.2, 11, "m/s");
    public static final Accepted LURE_AREA_M2 = new Accepted(1e-6, 2, "m²");
    public static final int MOST_SEGMENTS = 20;

    public Circling {
        segmentsFromLure = List.copyOf(segmentsFromLure);
        var faults = new Faults();
        check(faults, turnRadiusM, speedMps, lureDragAreaM2, segmentsFromLure);
        faults.throwIfAny();
    }

    /** Adds a fault for each value outside the accepted range. */
    public static void check(Faults faults, Double radius, Double speed, Double lureArea, List<?> segments) {
        RADIUS_M.check(faults, "turnRadiusM", radius);
        SPEED_MPS.check(faults, "speedMps", speed);
        LURE_AREA_M2.check(faults, "lureDragAreaM2", lureArea);
        faults.count("segmentsFromLure", segments, 1, MOST_SEGMENTS);
    }

    public double lengthM() {
        return segmentsFromLure.stream().mapToDouble(TurnPiece::lengthM).sum();
    }
}
