package org.mosswake.core.rig;

import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;

/**
 * What a reel's spool takes. Line packs as squares of its diameter: Σ length·d² fills the spool's volume (PUBLISHED
 * practice: a rated capacity at a rated diameter is converted that way). While line runs off, the radius falls by
 * R² = Rc² + (R₀² − Rc²)·fill, and at the same brake the drag rises with R₀/R.
 *
 * @param ratedM         metres of line of
 * @param ratedDiameterM this diameter (m)
 * @param fullRadiusM    R₀, of the full spool (m)
 * @param arborRadiusM   Rc, of the bare spool (m)
 */
public record Spool(double ratedM, double ratedDiameterM, double fullRadiusM, double arborRadiusM) {
    public static final Accepted RATED_M = new Accepted(10, 5000, "m");
    public static final Accepted DIAMETER_M = new Accepted(0.0001, 0.003, "m");
    public static final Accepted RADIUS_M = new Accepted(0.005, 0.2, "m");

    public Spool {
        var faults = new Faults();
        check(faults, "", ratedM, ratedDiameterM, fullRadiusM, arborRadiusM);
        faults.throwIfAny();
    }

    /** @param path ends in a dot or is empty */
    public static void check(
            Faults faults, String path, Double ratedM, Double ratedDiameterM, Double fullRadiusM, Double arborRadiusM) {
        RATED_M.check(faults, path + "ratedM", ratedM);
        DIAMETER_M.check(faults, path + "ratedDiameterM", ratedDiameterM);
        RADIUS_M.check(faults, path + "fullRadiusM", fullRadiusM);
        if (faults.list().isEmpty()) {
            new Accepted(0.002, 0.95 * fullRadiusM, "m").check(faults, path + "arborRadiusM", arborRadiusM);
        }
    }

    /** Σ length·d² that fills it (m³). */
    private double volume() {
        return ratedM * ratedDiameterM * ratedDiameterM;
    }

    /** Metres of one line that fill it. */
    public double capacityM(double diameterM) {
        return volume() / (diameterM * diameterM);
    }

    /** Metres of main line above so much backing; 0 when the backing alone fills it. */
    public double capacityM(double diameterM, double backingM, double backingDiameterM) {
        return Math.max(0, volume() - backingM * backingDiameterM * backingDiameterM) / (diameterM * diameterM);
    }

    /** Left on a reel that was full (m); negative when the spool is too small. */
    public double leftM(double diameterM, double letOutM) {
        return capacityM(diameterM) - letOutM;
    }

    /** Radius with so much of the line off (m); the bare arbor when all is. */
    public double radiusM(double diameterM, double offM) {
        double fill = Math.min(1, Math.max(0, 1 - offM / capacityM(diameterM)));
        double arbor = arborRadiusM * arborRadiusM;
        return Math.sqrt(arbor + (fullRadiusM * fullRadiusM - arbor) * fill);
    }

    /** Drag with so much line off, over the drag at a full spool. */
    public double dragRise(double diameterM, double offM) {
        return fullRadiusM / radiusM(diameterM, offM);
    }
}
