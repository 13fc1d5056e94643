package org.mosswake.core.tow;

import org.mosswake.core.fault.Faults;

/**
 * A piece of line of one kind.
 *
 * @param lengthM   unstretched (m)
 * @param diameterM (m)
 * @param densityKgPerM3 of the material
 * @param normalDragCoefficient     Cn, across the line
 * @param tangentialDragCoefficient Ct, along it, on the whole skin πd
 */
public record LinePiece(
        double lengthM,
        double diameterM,
        double densityKgPerM3,
        double normalDragCoefficient,
        double tangentialDragCoefficient) {
    public LinePiece {
        var faults = new Faults();
        check(faults, "", lengthM, diameterM, densityKgPerM3, normalDragCoefficient, tangentialDragCoefficient);
        faults.throwIfAny();
    }

    /** Adds a fault for each value outside the accepted range; {@code path} ends in a dot or is empty. */
    public static void check(
            Faults faults,
            String path,
            Double length,
            Double diameter,
            Double density,
            Double normal,
            Double tangential) {
        TowLimits.LENGTH_M.check(faults, path + "lengthM", length);
        TowLimits.DIAMETER_M.check(faults, path + "diameterM", diameter);
        TowLimits.LINE_DENSITY.check(faults, path + "densityKgPerM3", density);
        TowLimits.NORMAL_DRAG.check(faults, path + "normalDragCoefficient", normal);
        TowLimits.TANGENTIAL_DRAG.check(faults, path + "tangentialDragCoefficient", tangential);
    }

    public LinePiece withLength(double metres) {
        return new LinePiece(metres, diameterM, densityKgPerM3, normalDragCoefficient, tangentialDragCoefficient);
    }
}
