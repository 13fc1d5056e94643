package org.mosswake.core.turn;

import java.util.Arrays;

/** A block-tridiagonal system of 3×3 blocks, solved in place by elimination with pivoting inside each block. */
final class Blocks {
    private final int n;
    private final double[][] below;
    private final double[][] middle;
    private final double[][] above;
    private final double[][] right;
    private final double[] work = new double[9];

    Blocks(int n) {
        this.n = n;
        below = new double[n][9];
        middle = new double[n][9];
        above = new double[n][9];
        right = new double[n][3];
    }

    void clear() {
        for (int i = 0; i < n; i++) {
            Arrays.fill(below[i], 0);
            Arrays.fill(middle[i], 0);
            Arrays.fill(above[i], 0);
            Arrays.fill(right[i], 0);
        }
    }

    /** Adds to the derivative of equation {@code row} of node i by unknown {@code column} of node i + {@code offset}. */
    void add(int i, int offset, int row, int column, double value) {
        if (i + offset < n) {
            (offset < 0 ? below : offset == 0 ? middle : above)[i][3 * row + column] += value;
        }
    }

    /** Adds to the residual, which the solution takes to zero. */
    void residual(int i, int row, double value) {
        right[i][row] -= value;
    }

    double unknown(int i, int column) {
        return right[i][column];
    }

    /** Thomas' algorithm on blocks; false when a block is singular. */
    boolean solve() {
        for (int i = 0; i < n; i++) {
            if (i > 0) {
                subtract(middle[i], below[i], above[i - 1]);
                subtractVector(right[i], below[i], right[i - 1]);
            }
            if (!divide(middle[i], above[i], right[i])) {
                return false;
            }
        }
        for (int i = n - 2; i >= 0; i--) {
            subtractVector(right[i], above[i], right[i + 1]);
        }
        return Double.isFinite(right[0][0]);
    }

    private static void subtract(double[] from, double[] a, double[] b) {
        for (int r = 0; r < 3; r++) {
            for (int c = 0; c < 3; c++) {
                from[3 * r + c] -= a[3 * r] * b[c] + a[3 * r + 1] * b[3 + c] + a[3 * r + 2] * b[6 + c];
            }
        }
    }

    private static void subtractVector(double[] from, double[] a, double[] v) {
        for (int r = 0; r < 3; r++) {
            from[r] -= a[3 * r] * v[0] + a[3 * r + 1] * v[1] + a[3 * r + 2] * v[2];
        }
    }

    /** Replaces {@code block} and {@code vector} by A⁻¹ times themselves. */
    private boolean divide(double[] a, double[] block, double[] vector) {
        if (!invert(a)) {
            return false;
        }
        double v0 = vector[0];
        double v1 = vector[1];
        double v2 = vector[2];
        for (int r = 0; r < 3; r++) {
            vector[r] = work[3 * r] * v0 + work[3 * r + 1] * v1 + work[3 * r + 2] * v2;
        }
        for (int c = 0; c < 3; c++) {
            double b0 = block[c];
            double b1 = block[3 + c];
            double b2 = block[6 + c];
            for (int r = 0; r < 3; r++) {
                block[3 * r + c] = work[3 * r] * b0 + work[3 * r + 1] * b1 + work[3 * r + 2] * b2;
            }
        }
        return true;
    }

    private boolean invert(double[] a) {
        double c0 = a[4] * a[8] - a[5] * a[7];
        double c1 = a[5] * a[6] - a[3] * a[8];
        double c2 = a[3] * a[7] - a[4] * a[6];
        double determinant = a[0] * c0 + a[1] * c1 + a[2] * c2;
        if (determinant == 0 || !Double.isFinite(determinant)) {
            return false;
        }
        double d = 1 / determinant;
        work[0] = c0 * d;
        work[1] = (a[2] * a[7] - a[1] * a[8]) * d;
        work[2] = (a[1] * a[5] - a[2] * a[4]) * d;
        work[3] = c1 * d;
        work[4] = (a[0] * a[8] - a[2] * a[6]) * d;
        work[5] = (a[2] * a[3] - a[0] * a[5]) * d;
        work[6] = c2 * d;
        work[7] = (a[1] * a[6] - a[0] * a[7]) * d;
        work[8] = (a[0] * a[4] - a[1] * a[3]) * d;
        return true;
    }
}
