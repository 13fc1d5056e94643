package org.mosswake.core.sure;

import java.util.Map;
import org.hipparchus.special.Erf;

/**
 * A figure, and how far it may be off: a depth (m) or a pull (N), as it was asked for.
 *
 * @param best      with every coefficient as it is
 * @param low       four times in five it lies between this
 * @param high      and this; of a depth where some do not run, of those that do
 * @param atSurface of a depth: chance that the lure does not run under, 0 to 1
 * @param slopes    what one standard deviation of each factor changes, at first order
 */
public record Likely(double best, double low, double high, double atSurface, Map<Factor, Double> slopes) {
    /** A chance below this is not worth a word, nor is what is surer than its rest. */
    public static final double WORTH_SAYING = 0.05;

    /** Standard deviations on either side that hold four in five. */
    public static final double FOUR_IN_FIVE = 1.2815515655446004;

    public Likely {
        slopes = Map.copyOf(slopes);
    }

    /** Chance that it is more than this, 0 to 1: log-normal about the range. */
    public double moreThan(double figure) {
        if (figure <= 0 || low <= 0 || high <= low) {
            return best > figure ? 1 - atSurface : 0;
        }
        return (1 - atSurface) * (1 - normal((Math.log(figure) - middle()) / deviation()));
    }

    /** What it is more than with these odds, 0 to 1: log-normal about the range. */
    public double withOdds(double odds) {
        return low <= 0 || high <= low ? best : Math.exp(middle() + quantile(1 - odds) * deviation());
    }

    private double middle() {
        return (Math.log(low) + Math.log(high)) / 2;
    }

    private double deviation() {
        return (Math.log(high) - Math.log(low)) / (2 * FOUR_IN_FIVE);
    }

    /** Standard deviation of this depth less the other's: what errs in both alike cancels. */
    public double gapDeviation(Likely other) {
        double squares = 0;
        for (var slope : slopes.entrySet()) {
            double apart = slope.getValue() - other.slopes.getOrDefault(slope.getKey(), 0.0);
            squares += apart * apart;
        }
        for (var slope : other.slopes.entrySet()) {
            squares += slopes.containsKey(slope.getKey()) ? 0 : slope.getValue() * slope.getValue();
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
