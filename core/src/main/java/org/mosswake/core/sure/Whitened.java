package org.mosswake.core.sure;

import java.util.List;

/**
 * Errors that are tied to one another by what was seen, as independent ones: error = root · independent. The root of the
 * covariance is carried through each sighting by Potter's square-root update, so that it never loses its sign.
 */
final class Whitened {
    private final double[][] root;

    Whitened(List<Doubt> doubts, List<Sighting> seen) {
        int n = doubts.size();
        root = new double[n][n];
        for (int i = 0; i < n; i++) {
            root[i][i] = 1;
        }
        for (Sighting sighting : seen) {
            var slopes = new double[n];
            for (int i = 0; i < n; i++) {
                Doubt doubt = doubts.get(i);
                slopes[i] = sighting.slopes().getOrDefault(doubt.factor(), 0.0) * doubt.deviation();
            }
            update(slopes, sighting.noise() * sighting.noise());
        }
    }

    private void update(double[] slopes, double variance) {
        int n = slopes.length;
        var across = new double[n];
        double square = 0;
        for (int j = 0; j < n; j++) {
            for (int i = 0; i < n; i++) {
                across[j] += root[i][j] * slopes[i];
            }
            square += across[j] * across[j];
        }
        double total = square + variance;
        double gain = total > 0 ? 1 / (total + Math.sqrt(variance * total)) : 0;
        for (double[] row : root) {
            double along = 0;
            for (int j = 0; j < n; j++) {
                along += row[j] * across[j];
            }
            for (int j = 0; j < n; j++) {
                row[j] -= gain * along * across[j];
            }
        }
    }

    /** Standard deviations of each doubt for independent ones. */
    double[] of(double[] independent) {
        var all = new double[independent.length];
        for (int i = 0; i < all.length; i++) {
            for (int j = 0; j < all.length; j++) {
                all[i] += root[i][j] * independent[j];
            }
        }
        return all;
    }
}
