package org.mosswake.core.sure;

import java.util.Map;
import org.hipparchus.special.Erf;

/**
 * A depth, and how far it may be off.
 *
 * @param bestM     with every coefficient as it is (m)
 * @param lowM      four times in five it lies between this
 * @param highM     and this (m); where some do not run, of those that do
 * @param atSurface chance that the lure does not run under, 0 to 1
 * @param slopesM   what one standard deviation of each factor changes (m), at first order
 */
public record Likely(double bestM, double lowM, double highM, double atSurface, Map<Factor, Double> slopesM) {
    /** Standard deviations on either side that hold four in five. */
    public static final double FOUR_IN_FIVE = 1.2815515655446004;

    public Likely {
        slopesM = Map.copyOf(slopesM);
    }

    /** Chance that it is deeper than this (m), 0 to 1: log-normal about the range. */
    public double deeperThan(double metres) {
        if (metres <= 0 || lowM <= 0 || highM <= lowM) {
            return bestM > metres ? 1 - atSurface : 0;
        }
        return (1 - atSurface) * (1 - normal((Math.log(metres) - middle()) / deviation()));
    }

    /** Depth (m) below which it is with these odds, 0 to 1: log-normal about the range. */
    public double withOdds(double odds) {
        return lowM <= 0 || highM <= lowM ? bestM : Math.exp(middle() + quantile(1 - odds) * deviation());
    }

    private double middle() {
        return (Math.log(lowM) + Math.log(highM)) / 2;
    }

    private double deviation() {
        return (Math.log(highM) - Math.log(lowM)) / (2 * FOUR_IN_FIVE);
    }

    /** Standard deviation of this depth less the other's (m): what errs in both alike cancels. */
    public double gapDeviationM(Likely other) {
        double squares = 0;
        for (var slope : slopesM.entrySet()) {
            double apart = slope.getValue() - other.slopesM.getOrDefault(slope.getKey(), 0.0);
            squares += apart * apart;
        }
        for (var slope : other.slopesM.entrySet()) {
            squares += slopesM.containsKey(slope.getKey()) ? 0 : slope.getValue() * slope.getValue();
        }
        return Math.sqrt(squares);
    }

    static double normal(double deviations) {
        return Erf.erfc(-deviations / Math.sqrt(2)) / 2;
    }

    /** Standard deviations below which this share lies. */
    static double quantile(double share) {
        return Math.sqrt(2) * Erf.erfInv(2 * share - 1);
    }
}
