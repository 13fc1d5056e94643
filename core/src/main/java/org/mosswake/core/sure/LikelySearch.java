package org.mosswake.core.sure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Carries errors through a computation: central differences at one standard deviation of each error give the direction
 * in which all errors together change a figure most; along it the ends of the range are computed, not extrapolated. A
 * lure that may come up is looked at the same way, by how far its line misses the tip with the lure just under.
 *
 * @see Likely
 */
public final class LikelySearch {
    /** Shallower than this (m), or pulled less (N), nothing has a logarithm worth a slope. */
    private static final double NEARLY_NONE = 0.02;
    /** A chance below this is not followed up. */
    private static final double NEVER = 0.002;

    private static final double FAR = 5;

    /** What is computed with these errors. */
    @FunctionalInterface
    public interface Computed {
        Outcome at(Doubts.Moved moved);
    }

    /**
     * @param figures what is asked for, the depth that the margin is of first; NaN where there is none
     * @param marginM positive while the lure runs under, negative when it does not; NaN where that is no question
     */
    public record Outcome(double[] figures, double marginM) {}

    private final Doubts doubts;
    private final Computed computed;
    private final Outcome base;
    private final Outcome[] more;
    private final Outcome[] less;

    public LikelySearch(Doubts doubts, Computed computed) {
        this.doubts = doubts;
        this.computed = computed;
        int n = doubts.size();
        base = at(new double[n]);
        more = new Outcome[n];
        less = new Outcome[n];
        for (int k = 0; k < n; k++) {
            var deviations = new double[n];
            deviations[k] = 1;
            more[k] = at(deviations);
            deviations[k] = -1;
            less[k] = at(deviations);
        }
    }

    private Outcome at(double[] independent) {
        return computed.at(doubts.moved(independent));
    }

    /** Every figure asked for; empty where it has no range: it is never under, or some errors leave it without a shape. */
    public List<Optional<Likely>> all() {
        var surface = surface();
        var found = new ArrayList<Optional<Likely>>();
        for (int i = 0; i < base.figures().length; i++) {
            found.add(i == 0 && surface.isPresent() ? surface.get().rest() : alone(i));
        }
        return found;
    }

    private Optional<Likely> alone(int i) {
        double[] slopes = new double[doubts.size()];
        for (int k = 0; k < slopes.length; k++) {
            slopes[k] = logs(more[k].figures()[i], less[k].figures()[i]);
        }
        double length = length(slopes);
        double best = base.figures()[i];
        if (!(best > NEARLY_NONE) || !(length > 0)) {
            return Optional.empty();
        }
        double low = along(slopes, length, -Likely.FOUR_IN_FIVE).figures()[i];
        double high = along(slopes, length, Likely.FOUR_IN_FIVE).figures()[i];
        return Double.isNaN(low) || Double.isNaN(high)
                ? Optional.empty()
                : Optional.of(new Likely(best, low, high, 0, named(slopes, best)));
    }

    private static double logs(double more, double less) {
        return more > NEARLY_NONE && less > NEARLY_NONE ? Math.log(more / less) / 2 : Double.NaN;
    }

    private Map<Factor, Double> named(double[] slopes, double scale) {
        var named = new HashMap<Factor, Double>();
        for (int k = 0; k < slopes.length; k++) {
            named.merge(doubts.factor(k), slopes[k] * scale, Double::sum);
        }
        return named;
    }

    private static double length(double[] vector) {
        double squares = 0;
        for (double part : vector) {
            squares += part * part;
        }
        return Math.sqrt(squares);
    }

    private Outcome along(double[] direction, double length, double deviations) {
        var all = new double[direction.length];
        for (int k = 0; k < all.length; k++) {
            all[k] = direction[k] / length * deviations;
        }
        return at(all);
    }

    /** The way of a lure that may come up, and how likely that is; empty where it never or always runs under. */
    private Optional<Rising> surface() {
        if (Double.isNaN(base.marginM())) {
            return Optional.empty();
        }
        double[] slopes = new double[doubts.size()];
        for (int k = 0; k < slopes.length; k++) {
            slopes[k] = (more[k].marginM() - less[k].marginM()) / 2;
        }
        double length = length(slopes);
        if (!(length > 0)) {
            return Optional.empty();
        }
        double comesUpAt = crossing(slopes, length);
        return comesUpAt < Likely.quantile(NEVER)
                ? Optional.empty()
                : Optional.of(new Rising(slopes, length, comesUpAt));
    }

    /** Deviations along the way at which the margin is nil, by regula falsi; ±{@value #FAR} where it is beyond. */
    private double crossing(double[] slopes, double length) {
        double low = base.marginM() < 0 ? 0 : -FAR;
        double high = base.marginM() < 0 ? FAR : 0;
        double below = low == 0 ? base.marginM() : along(slopes, length, low).marginM();
        double above = high == 0 ? base.marginM() : along(slopes, length, high).marginM();
        if (!(below < 0)) {
            return -FAR;
        }
        if (!(above > 0)) {
            return FAR;
        }
        for (int i = 0; i < 12 && high - low > 0.02; i++) {
            double share = Math.max(0.1, Math.min(0.9, below / (below - above)));
            double middle = low + share * (high - low);
            double margin = along(slopes, length, middle).marginM();
            if (margin < 0) {
                low = middle;
                below = margin;
            } else {
                high = middle;
                above = margin;
            }
        }
        return (low + high) / 2;
    }

    private final class Rising {
        private final double[] way;
        private final double length;
        private final double atSurface;

        Rising(double[] way, double length, double comesUpAt) {
            this.way = way;
            this.length = length;
            atSurface = Likely.normal(comesUpAt);
        }

        /** The range of those that run. */
        Optional<Likely> rest() {
            double best = Double.isNaN(base.figures()[0]) ? 0 : base.figures()[0];
            if (atSurface > 1 - NEVER) {
                return Optional.empty();
            }
            double low = depth(0.1);
            double high = depth(0.9);
            if (Double.isNaN(low) || Double.isNaN(high)) {
                return Optional.empty();
            }
            var slopes = new double[way.length];
            double per = (high - low) / (2 * Likely.FOUR_IN_FIVE) / length;
            for (int k = 0; k < way.length; k++) {
                slopes[k] = way[k] * per;
            }
            return Optional.of(new Likely(best, low, high, atSurface, named(slopes, 1)));
        }

        private double depth(double share) {
            double of = atSurface + (1 - atSurface) * share;
            return along(way, length, Likely.quantile(of)).figures()[0];
        }
    }
}
