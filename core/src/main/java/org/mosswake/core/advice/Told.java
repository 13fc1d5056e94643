package org.mosswake.core.advice;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import org.hipparchus.special.Beta;

/**
 * What a day has told so far: minutes and strikes of each way a line fished, and what of it is worth how much. Factors of
 * different questions multiply; each is a gamma about one, worth one strike beforehand (physics §10).
 *
 * @see #factor(int, int)
 */
public final class Told {
    /** Strikes that the prior of an arm is worth. */
    private static final double PRIOR = 1;

    private static final int ROUNDS = 12;

    private final int[] armsOf;
    private final Map<Cell, double[]> cells = new HashMap<>();
    private double minutes;
    private int strikes;
    private double[][] factors;
    private double[][] weights;
    private double pooled;
    private boolean fresh;

    /** @param armsOf how many arms each question has */
    public Told(int... armsOf) {
        this.armsOf = armsOf.clone();
    }

    public int questions() {
        return armsOf.length;
    }

    public int arms(int question) {
        return armsOf[question];
    }

    public void fished(Cell cell, double more) {
        cells.computeIfAbsent(cell, one -> new double[2])[0] += more;
        minutes += more;
        fresh = false;
    }

    public void struck(Cell cell) {
        cells.computeIfAbsent(cell, one -> new double[2])[1]++;
        strikes++;
        fresh = false;
    }

    public int strikes() {
        return strikes;
    }

    public double minutes() {
        return minutes;
    }

    /** By the mean, in turn, until they settle. */
    private void settle() {
        if (fresh) {
            return;
        }
        factors = new double[armsOf.length][];
        weights = new double[armsOf.length][];
        for (int q = 0; q < armsOf.length; q++) {
            factors[q] = new double[armsOf[q]];
            weights[q] = new double[armsOf[q]];
            Arrays.fill(factors[q], 1);
        }
        pooled = minutes > 0 ? (strikes + PRIOR / 2) / minutes : 0;
        for (int round = 0; round < ROUNDS && minutes > 0; round++) {
            for (int q = 0; q < armsOf.length; q++) {
                settle(q);
            }
            pooled = (strikes + PRIOR / 2) / (awaited() / pooled);
        }
        fresh = true;
    }

    private void settle(int q) {
        var awaited = new double[armsOf[q]];
        var struck = new double[armsOf[q]];
        for (Map.Entry<Cell, double[]> cell : cells.entrySet()) {
            int arm = cell.getKey().arm(q);
            awaited[arm] += pooled * cell.getValue()[0] * worth(cell.getKey()) / factors[q][arm];
            struck[arm] += cell.getValue()[1];
        }
        for (int arm = 0; arm < armsOf[q]; arm++) {
            weights[q][arm] = PRIOR + awaited[arm];
            factors[q][arm] = (PRIOR + struck[arm]) / weights[q][arm];
        }
    }

    private double awaited() {
        double sum = 0;
        for (Map.Entry<Cell, double[]> cell : cells.entrySet()) {
            sum += pooled * cell.getValue()[0] * worth(cell.getKey());
        }
        return sum;
    }

    private double worth(Cell cell) {
        double worth = 1;
        for (int q = 0; q < armsOf.length; q++) {
            worth *= factors[q][cell.arm(q)];
        }
        return worth;
    }

    /** Strikes a minute that a line of this kind is awaited to have. */
    public double rate(Cell cell) {
        settle();
        return pooled * worth(cell);
    }

    /** What an arm is worth against a usual one: the mean. */
    public double factor(int question, int arm) {
        settle();
        return factors[question][arm];
    }

    /** That one arm is worth more than another of the same question. */
    public double better(int question, int arm, int than) {
        settle();
        double shape = factors[question][arm] * weights[question][arm];
        double other = factors[question][than] * weights[question][than];
        double rate = weights[question][arm];
        double otherRate = weights[question][than];
        // P(X > Y) of two gammas: X·rate over the sum of both so scaled is beta.
        return 1 - Beta.regularizedBeta(rate / (rate + otherRate), shape, other);
    }
}
