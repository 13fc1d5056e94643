package org.mosswake.core.sure;

import java.util.List;

/** Everything not known of one thing, and what sightings have said of it since. */
public final class Doubts {
    private final List<Doubt> all;
    private final Whitened tied;

    public Doubts(List<Doubt> all, List<Sighting> seen) {
        this.all = List.copyOf(all);
        tied = new Whitened(this.all, seen);
    }

    public int size() {
        return all.size();
    }

    public Factor factor(int i) {
        return all.get(i).factor();
    }

    /** Values as they are for independent errors of one standard deviation each. */
    public Moved moved(double[] independent) {
        return new Moved(tied.of(independent));
    }

    public final class Moved {
        private final double[] deviations;

        private Moved(double[] deviations) {
            this.deviations = deviations;
        }

        /** A value that has this factor's error; itself where nothing is doubted of it. */
        public double of(Factor factor, double value) {
            for (int i = 0; i < deviations.length; i++) {
                if (all.get(i).factor().equals(factor)) {
                    return all.get(i).moved(value, deviations[i]);
                }
            }
            return value;
        }
    }

    /** Slopes of a logarithm a unit of each factor, from slopes a standard deviation. */
    public double perUnit(int i, double perDeviation) {
        return perDeviation / all.get(i).deviation();
    }
}
