package org.mosswake.core.weights;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.mosswake.core.call.Evidence;

/**
 * A Poisson mixed model at one spread of the weights, at its most likely point. Days are eliminated first, one by one (they
 * meet no other day), so that many years cost as little as few.
 *
 * @param scale     of what the call said
 * @param moves     of each weight, on the scale of strikes
 * @param variances of them
 * @param evidence  logarithm, up to what all spreads share
 */
record MixedPoisson(double scale, double[] moves, double[] variances, double evidence) {
    private static final int MOST_STEPS = 40;
    /** The scale of strikes is believed near that of the weights (ESTIMATE). */
    private static final double SCALE = 0.3;
    /** How often a line is taken is hardly known before. */
    private static final double BASE = 3;

    static MixedPoisson fit(List<String> keys, List<Spell> spells, double spread, double daySpread) {
        return new Search(keys, spells, spread, daySpread).run();
    }

    /** Newton's method; the parameters are the base, the scale, the weights, and beside them the days. */
    private static final class Search {
        private final int[][] held;
        private final double[] said;
        private final double[] offset;
        private final int[] strikes;
        private final int[] dayOf;
        private final double[] theta;
        private final double[] precision;
        private final double[] days;
        private final double dayPrecision;
        private double[] gradient;
        private double[] dayGradient;
        private double[] dayCurve;
        private CholeskyDecomposition curve;
        private double[][] cross;

        Search(List<String> keys, List<Spell> spells, double spread, double daySpread) {
            Map<String, Integer> at = new HashMap<>();
            keys.forEach(key -> at.put(key, at.size() + 2));
            Map<LocalDate, Integer> dates = new HashMap<>();
            int n = spells.size();
            held = new int[n][];
            said = new double[n];
            offset = new double[n];
            strikes = new int[n];
            dayOf = new int[n];
            double all = spells.stream().mapToInt(Spell::strikes).sum();
            double expected = 0;
            for (int i = 0; i < n; i++) {
                Spell spell = spells.get(i);
                held[i] = spell.pieces().stream()
                        .map(Evidence.Piece::key)
                        .filter(at::containsKey)
                        .mapToInt(at::get)
                        .toArray();
                said[i] = spell.behind() / 10.0;
                strikes[i] = spell.strikes();
                dayOf[i] = dates.computeIfAbsent(spell.day(), day -> dates.size());
                offset[i] = Math.log(spell.minutes());
                expected += spell.minutes() * Math.exp(said[i]);
            }
            for (int i = 0; i < n; i++) {
                offset[i] += Math.log(all / expected);
            }
            theta = new double[keys.size() + 2];
            theta[1] = 1;
            precision = new double[theta.length];
            java.util.Arrays.fill(precision, 1 / (spread * spread));
            precision[0] = 1 / (BASE * BASE);
            precision[1] = 1 / (SCALE * SCALE);
            days = new double[dates.size()];
            dayPrecision = 1 / (daySpread * daySpread);
        }

        MixedPoisson run() {
            double now = objective();
            for (int step = 0; step < MOST_STEPS; step++) {
                double gained = step(now);
                now += gained;
                if (gained < 1e-7) {
                    break;
                }
            }
            bend();
            return done(now);
        }

        private double fitted(int i) {
            double f = offset[i] + theta[0] + theta[1] * said[i] + days[dayOf[i]];
            for (int k : held[i]) {
                f += theta[k];
            }
            return f;
        }

        private double objective() {
            double sum = 0;
            for (int i = 0; i < said.length; i++) {
                double f = fitted(i);
                sum += strikes[i] * f - Math.exp(f);
            }
            for (int k = 0; k < theta.length; k++) {
                double off = theta[k] - (k == 1 ? 1 : 0);
                sum -= precision[k] * off * off / 2;
            }
            for (double day : days) {
                sum -= dayPrecision * day * day / 2;
            }
            return sum;
        }

        /** Gradient and curvature, with the days taken out of the latter (Schur's complement). */
        private void bend() {
            int p = theta.length;
            gradient = new double[p];
            dayGradient = new double[days.length];
            dayCurve = new double[days.length];
            cross = new double[days.length][p];
            var full = new double[p][p];
            for (int k = 0; k < p; k++) {
                gradient[k] = -precision[k] * (theta[k] - (k == 1 ? 1 : 0));
                full[k][k] = precision[k];
            }
            for (int d = 0; d < days.length; d++) {
                dayGradient[d] = -dayPrecision * days[d];
                dayCurve[d] = dayPrecision;
            }
            for (int i = 0; i < said.length; i++) {
                double mean = Math.exp(fitted(i));
                double off = strikes[i] - mean;
                dayGradient[dayOf[i]] += off;
                dayCurve[dayOf[i]] += mean;
                int[] at = new int[held[i].length + 2];
                double[] x = new double[at.length];
                at[1] = 1;
                System.arraycopy(held[i], 0, at, 2, held[i].length);
                java.util.Arrays.fill(x, 1);
                x[1] = said[i];
                for (int a = 0; a < at.length; a++) {
                    gradient[at[a]] += off * x[a];
                    cross[dayOf[i]][at[a]] += mean * x[a];
                    for (int b = 0; b < at.length; b++) {
                        full[at[a]][at[b]] += mean * x[a] * x[b];
                    }
                }
            }
            for (int d = 0; d < days.length; d++) {
                takeOut(full, cross[d], dayCurve[d]);
            }
            curve = new CholeskyDecomposition(new Array2DRowRealMatrix(full, false), 1e-9, 1e-14);
        }

        /** A day meets few of the weights. */
        private static void takeOut(double[][] full, double[] row, double curve) {
            int[] met = IntStream.range(0, row.length).filter(k -> row[k] != 0).toArray();
            for (int a : met) {
                for (int b : met) {
                    full[a][b] -= row[a] * row[b] / curve;
                }
            }
        }

        /** @return what was gained, halving the way until something is */
        private double step(double before) {
            bend();
            double[] right = gradient.clone();
            for (int d = 0; d < days.length; d++) {
                for (int k = 0; k < right.length; k++) {
                    right[k] -= cross[d][k] * dayGradient[d] / dayCurve[d];
                }
            }
            double[] way = curve.getSolver().solve(new ArrayRealVector(right)).toArray();
            var dayWay = new double[days.length];
            for (int d = 0; d < days.length; d++) {
                double left = dayGradient[d];
                for (int k = 0; k < way.length; k++) {
                    left -= cross[d][k] * way[k];
                }
                dayWay[d] = left / dayCurve[d];
            }
            double[] from = theta.clone();
            double[] dayFrom = days.clone();
            for (double share = 1; share > 1e-4; share /= 2) {
                for (int k = 0; k < way.length; k++) {
                    theta[k] = from[k] + share * way[k];
                }
                for (int d = 0; d < days.length; d++) {
                    days[d] = dayFrom[d] + share * dayWay[d];
                }
                double gained = objective() - before;
                if (gained >= 0) {
                    return gained;
                }
            }
            System.arraycopy(from, 0, theta, 0, from.length);
            System.arraycopy(dayFrom, 0, days, 0, dayFrom.length);
            return 0;
        }

        private MixedPoisson done(double objective) {
            double evidence = objective;
            for (int k = 2; k < theta.length; k++) {
                evidence += Math.log(precision[k]) / 2;
            }
            for (double one : dayCurve) {
                evidence += (Math.log(dayPrecision) - Math.log(one)) / 2;
            }
            RealMatrix lower = curve.getL();
            for (int k = 0; k < theta.length; k++) {
                evidence -= Math.log(lower.getEntry(k, k));
            }
            RealMatrix inverse = curve.getSolver().getInverse();
            int weights = theta.length - 2;
            var variances = new double[weights];
            for (int k = 0; k < weights; k++) {
                variances[k] = inverse.getEntry(k + 2, k + 2);
            }
            double[] moves = new double[weights];
            System.arraycopy(theta, 2, moves, 0, weights);
            return new MixedPoisson(theta[1], moves, variances, evidence);
        }
    }
}
