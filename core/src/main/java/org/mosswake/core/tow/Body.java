package org.mosswake.core.tow;

import org.mosswake.core.fault.Faults;
import org.mosswake.core.units.SpeedThroughWater;

/**
 * A lure, weight or bait as the water feels it. Areas are drag coefficient times area; force = area · ½ρV².
 *
 * @param massKg     mass in air (kg)
 * @param volumeM3   water displaced when wholly under (m³)
 * @param dragAreaM2 along the flow (m²)
 * @param diveAreaM2 downwards when the water moves it (m²); negative lifts
 * @param sideAreaM2 to starboard (m²); negative to port
 */
public record Body(double massKg, double volumeM3, double dragAreaM2, double diveAreaM2, double sideAreaM2) {
    /** Immersion is smoothed over at least this radius (m): a body never meets the surface at a point. */
    private static final double LEAST_RADIUS_M = 0.03;

    public Body {
        var faults = new Faults();
        check(faults, "", massKg, volumeM3, dragAreaM2, diveAreaM2, sideAreaM2);
        faults.throwIfAny();
    }

    /** Adds a fault for each value outside the accepted range; {@code path} ends in a dot or is empty. */
    public static void check(
            Faults faults, String path, Double mass, Double volume, Double drag, Double dive, Double side) {
        TowLimits.MASS_KG.check(faults, path + "massKg", mass);
        TowLimits.VOLUME_M3.check(faults, path + "volumeM3", volume);
        TowLimits.DRAG_AREA_M2.check(faults, path + "dragAreaM2", drag);
        TowLimits.STEERING_AREA_M2.check(faults, path + "diveAreaM2", dive);
        TowLimits.STEERING_AREA_M2.check(faults, path + "sideAreaM2", side);
    }

    /** Radius (m) of the sphere of the same volume, at least 3 cm. */
    double radiusM() {
        return Math.max(LEAST_RADIUS_M, Math.cbrt(3 * volumeM3 / (4 * Math.PI)));
    }

    /** Share of its volume that must be under for it to float still: m/ρv, above 1 for one that sinks. */
    double floatingShare() {
        return volumeM3 == 0 ? Double.POSITIVE_INFINITY : massKg / (Physics.SEA_WATER_DENSITY * volumeM3);
    }

    public Body withMass(double kilograms) {
        return new Body(kilograms, volumeM3, dragAreaM2, diveAreaM2, sideAreaM2);
    }

    /** The same body with a line's pull on it, at this speed: as areas, so that it is towed as one. */
    public Body pulled(Belly.Pull pull, SpeedThroughWater speed) {
        double q = Physics.SEA_WATER_DENSITY * speed.mps() * speed.mps() / 2;
        double drag = Math.max(0, dragAreaM2 - pull.aheadN() / q);
        return new Body(massKg, volumeM3, drag, diveAreaM2 - pull.upN() / q, sideAreaM2);
    }

    /** The same body steering the other way. */
    public Body mirrored() {
        return new Body(massKg, volumeM3, dragAreaM2, diveAreaM2, 0.0 - sideAreaM2);
    }
}
