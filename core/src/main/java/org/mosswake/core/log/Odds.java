package org.mosswake.core.log;

import java.util.Optional;
import org.hipparchus.distribution.continuous.BetaDistribution;
import org.hipparchus.special.Erf;

/**
 * What counts and minutes say of rates. Strikes are Poisson in the time fished times what the day is worth; the logarithm
 * of a day's worth varies by {@link #DAY}. Days that two slices share pull both alike and cancel; others do not, so that
 * plain Poisson odds would be too sure of them.
 */
public final class Odds {
    /** Standard deviation of the logarithm of what a day is worth (ESTIMATE). */
    static final double DAY = 0.6;
    /** How far apart two ways of fishing usually are: standard deviation of the logarithm of their ratio (ESTIMATE). */
    static final double APART = 0.6;
    /** Within so many standard deviations eight in ten lie (normal). */
    private static final double EIGHT_IN_TEN = 1.2815515655446004;

    private static final int STEPS = 161;
    private static final double WIDE = 4;

    private Odds() {}

    /**
     * Strikes in 100 line-minutes.
     *
     * @param low where eight in ten lie, with {@code high}
     */
    public record Rate(double per100, double low, double high) {}

    /**
     * @param pooled rate of all that it is a part of (1/min): a prior worth one strike
     * @return of a slice of which nothing was fished: the prior
     */
    public static Rate rate(Slice slice, double pooled) {
        if (pooled <= 0) {
            return new Rate(0, 0, 0);
        }
        double mean = (slice.strikes() + 1) / (slice.minutes() + 1 / pooled);
        double off = Math.sqrt(1 / (slice.strikes() + 1.0) + DAY * DAY * own(slice));
        return new Rate(
                100 * mean, 100 * mean * Math.exp(-EIGHT_IN_TEN * off), 100 * mean * Math.exp(EIGHT_IN_TEN * off));
    }

    /**
     * Of all strikes, those that came to the boat. Where eight in ten lie is the posterior of Jeffreys, a beta with half a
     * success and half a failure beforehand; days are not told apart.
     *
     * @param share of those counted; absent without strikes
     */
    public record Share(double share, double low, double high) {}

    public static Optional<Share> landed(int landed, int strikes) {
        if (strikes == 0) {
            return Optional.empty();
        }
        var posterior = new BetaDistribution(landed + 0.5, strikes - landed + 0.5);
        return Optional.of(new Share(
                (double) landed / strikes,
                landed == 0 ? 0 : posterior.inverseCumulativeProbability(0.1),
                landed == strikes ? 1 : posterior.inverseCumulativeProbability(0.9)));
    }

    /** One over how many days it is spread over, by their minutes. */
    private static double own(Slice slice) {
        double squares = 0;
        for (float minutes : slice.fishedOn()) {
            squares += (double) minutes * minutes;
        }
        return slice.minutes() > 0 ? squares / (slice.minutes() * slice.minutes()) : 0;
    }

    /** How much of a day's worth is left in the ratio of two slices: nothing where they shared all days alike. */
    private static double apart(Slice a, Slice b) {
        double squares = 0;
        for (int day = 0; day < a.fishedOn().length; day++) {
            double off = a.fishedOn()[day] / a.minutes() - b.fishedOn()[day] / b.minutes();
            squares += off * off;
        }
        return squares;
    }

    /**
     * That the first takes more, for the same time; a half where either was not fished.
     *
     * <p>Posterior by quadrature: given all strikes of both, those of the first are binomial in the share that its minutes,
     * the ratio of rates and the days' luck give it; the ratio's logarithm is normal beforehand.
     */
    public static double takesMore(Slice a, Slice b) {
        if (a.minutes() <= 0 || b.minutes() <= 0 || a.strikes() + b.strikes() == 0) {
            return 0.5;
        }
        double luck = DAY * DAY * apart(a, b);
        double all = APART * APART + luck;
        double offset = Math.log(a.minutes() / b.minutes());
        // Of the sum of ratio and luck the part that is ratio is normal again, about its share of the sum.
        double sd = Math.sqrt(all);
        double left = Math.sqrt(APART * APART * luck / all);
        double best = Double.NEGATIVE_INFINITY;
        var log = new double[STEPS];
        for (int i = 0; i < STEPS; i++) {
            double sum = sd * WIDE * (2.0 * i / (STEPS - 1) - 1);
            log[i] = -sum * sum / (2 * all) + likelihood(a.strikes(), b.strikes(), sum + offset);
            best = Math.max(best, log[i]);
        }
        double weight = 0;
        double more = 0;
        for (int i = 0; i < STEPS; i++) {
            double sum = sd * WIDE * (2.0 * i / (STEPS - 1) - 1);
            double w = Math.exp(log[i] - best);
            double mean = sum * APART * APART / all;
            weight += w;
            more += w * (left < 1e-9 ? step(mean) : normal(mean / left));
        }
        return more / weight;
    }

    private static double step(double x) {
        return x > 0 ? 1 : x < 0 ? 0 : 0.5;
    }

    /** Logarithm of how likely so many of both are of the first. */
    private static double likelihood(int first, int second, double logRatio) {
        return -first * Math.log1p(Math.exp(-logRatio)) - second * Math.log1p(Math.exp(logRatio));
    }

    private static double normal(double x) {
        return 0.5 * Erf.erfc(-x / Math.sqrt(2));
    }
}
