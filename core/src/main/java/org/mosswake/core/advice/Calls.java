package org.mosswake.core.advice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What may be claimed of a day: that one arm of one question takes more than its share. Each arm holds a stake that grows
 * with every strike on it and shrinks with every strike elsewhere, at odds that are fair while all is equal: the product
 * of likelihood ratios of a strike on that arm, over a mixture of how many times better it may be. Such a product is
 * twenty times its stake on fewer than one day in twenty, however often it is looked at (Ville, 1939), and stakes are
 * shared among all arms of all questions, so that asking more never claims more. Lines may be moved meanwhile: what counts
 * is how they lie as the fish takes.
 */
public final class Calls {
    /** Of days on which all is equal so many are spoken of at the most. */
    public static final double FALSE_DAYS = 0.05;

    private static final int LEAST_STRIKES = 3;
    /** How many times better than the others an arm may be, each as likely beforehand. */
    private static final double[] BETTER = {2, 3, 5, 9};

    private final int[] armsOf;
    private final double[][][] stakes;
    private final int[][] struck;

    /** @param armsOf how many arms each question has */
    public Calls(int... armsOf) {
        this.armsOf = armsOf.clone();
        stakes = new double[armsOf.length][][];
        struck = new int[armsOf.length][];
        for (int q = 0; q < armsOf.length; q++) {
            stakes[q] = new double[armsOf[q]][BETTER.length];
            struck[q] = new int[armsOf[q]];
            for (double[] arm : stakes[q]) {
                // Each question holds the same, and shares it among its arms.
                Arrays.fill(arm, 1.0 / armsOf.length / armsOf[q] / BETTER.length);
            }
        }
    }

    /**
     * A fish took.
     *
     * @param lines that were in the water then
     * @param taken that it took
     */
    public void struck(List<Cell> lines, Cell taken) {
        for (int q = 0; q < armsOf.length; q++) {
            struck[q][taken.arm(q)]++;
            for (int arm = 0; arm < armsOf[q]; arm++) {
                double share = share(lines, q, arm);
                boolean on = taken.arm(q) == arm;
                for (int i = 0; i < BETTER.length; i++) {
                    double then = BETTER[i] * share / (BETTER[i] * share + 1 - share);
                    stakes[q][arm][i] *= share <= 0 || share >= 1 ? 1 : on ? then / share : (1 - then) / (1 - share);
                }
            }
        }
    }

    private static double share(List<Cell> lines, int question, int arm) {
        double on = 0;
        for (Cell line : lines) {
            on += line.arm(question) == arm ? 1 : 0;
        }
        return lines.isEmpty() ? 0 : on / lines.size();
    }

    /**
     * A claim.
     *
     * @param evidence how many times its stake an equal arm would have had to win
     */
    public record Claim(int question, int arm, int strikes, double evidence) {}

    /** What can be claimed now, the clearest first; at most one arm of a question. */
    public List<Claim> claims() {
        var claims = new ArrayList<Claim>();
        for (int q = 0; q < armsOf.length; q++) {
            best(q).ifPresent(claims::add);
        }
        claims.sort(Comparator.comparingDouble(claim -> -claim.evidence()));
        return claims;
    }

    private Optional<Claim> best(int q) {
        int best = 0;
        for (int arm = 1; arm < armsOf[q]; arm++) {
            best = stake(q, arm) > stake(q, best) ? arm : best;
        }
        double evidence = stake(q, best);
        return evidence >= 1 / FALSE_DAYS && struck[q][best] >= LEAST_STRIKES
                ? Optional.of(new Claim(q, best, struck[q][best], evidence))
                : Optional.empty();
    }

    private double stake(int q, int arm) {
        double sum = 0;
        for (double part : stakes[q][arm]) {
            sum += part;
        }
        return sum;
    }
}
