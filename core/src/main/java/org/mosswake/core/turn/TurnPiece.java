package org.mosswake.core.turn;

import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;

/**
 * A piece of towed line in plan.
 *
 * @param lengthM                   as seen from above (m)
 * @param diameterM                 (m)
 * @param normalDragCoefficient     Cn, across the line
 * @param tangentialDragCoefficient Ct, along it, on the whole skin πd
 */
public record TurnPiece(
        double lengthM, double diameterM, double normalDragCoefficient, double tangentialDragCoefficient) {
    private static final Accepted LENGTH_M = new Accepted(0.5, 400, "m");
    private static final Accepted DIAMETER_M = new Accepted(0.0001, 0.01, "m");
    private static final Accepted NORMAL_DRAG = new Accepted(0.01, 5, "");
    private static final Accepted TANGENTIAL_DRAG = new Accepted(0, 1, "");

    public TurnPiece {
        var faults = new Faults();
        check(faults, "", lengthM, diameterM, normalDragCoefficient, tangentialDragCoefficient);
        faults.throwIfAny();
    }

    /** Adds a fault for each value outside the accepted range; {@code path} ends in a dot or is empty. */
    public static void check(
            Faults faults, String path, Double length, Double diameter, Double normal, Double tangential) {
        LENGTH_M.check(faults, path + "lengthM", length);
        DIAMETER_M.check(faults, path + "diameterM", diameter);
        NORMAL_DRAG.check(faults, path + "normalDragCoefficient", normal);
        TANGENTIAL_DRAG.check(faults, path + "tangentialDragCoefficient", tangential);
    }
}
