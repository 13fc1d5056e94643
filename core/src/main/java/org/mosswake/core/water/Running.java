package org.mosswake.core.water;

import java.util.Optional;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.units.SpeedUnit;

/**
 * How a boat runs out and what she burns, as far as her skipper told.
 *
 * @param toldRunMps   over ground (m/s)
 * @param runLph       of fuel at that speed (litres an hour)
 * @param trollLph     while she trolls
 * @param tankL        that can be used when it is full
 */
public record Running(
        Optional<Double> toldRunMps, Optional<Double> runLph, Optional<Double> trollLph, Optional<Double> tankL) {
    public static final Accepted RUN_MPS = new Accepted(1, 40, "m/s");
    public static final Accepted LPH = new Accepted(0.1, 2000, "l/h");
    public static final Accepted TANK_L = new Accepted(1, 20_000, "l");

    public static final Running UNTOLD =
            new Running(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** Until somebody says. */
    private static final double USUAL_MPS = SpeedUnit.KNOT.toSi(16);
    /** A third out, a third home, a third kept back (ESTIMATE: what crews say of small craft). */
    private static final double USED = 2.0 / 3;

    private static final double HOUR_S = 3600;

    /**
     * What it takes to be at a place.
     *
     * @param runS       one way
     * @param bothWaysL  out and home; absent where nobody told what she burns
     * @param trollH     that the rest of the tank lasts with a third kept back; absent where it is not told
     * @param isTooFar   out and home take more than two thirds of the tank
     */
    public record Reach(double runS, Optional<Double> bothWaysL, Optional<Double> trollH, boolean isTooFar) {}

    public double runMps() {
        return toldRunMps.orElse(USUAL_MPS);
    }

    /** @param outM from where she lies */
    public Reach to(double outM) {
        double runS = outM / runMps();
        Optional<Double> both = runLph.map(burns -> 2 * runS / HOUR_S * burns);
        Optional<Double> left = both.flatMap(litres -> tankL.map(tank -> USED * tank - litres));
        return new Reach(
                runS,
                both,
                left.flatMap(litres -> trollLph.map(burns -> Math.max(0, litres) / burns)),
                left.filter(litres -> litres < 0).isPresent());
    }
}
