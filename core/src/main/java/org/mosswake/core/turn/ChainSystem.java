package org.mosswake.core.turn;

import java.util.Arrays;

/**
 * Newton's linear system of a chain: at node i two balances of force and the length of piece i, in the unknowns place of
 * node i and tension of piece i. Block-tridiagonal; every 3×3 block on the diagonal has the form
 *
 * <pre>
 * |  A   e | |d|   |r|
 * | −eᵀ  γ | |τ| = |g|
 * </pre>
 *
 * and is solved in closed form along e and across it, so that a sweep costs about a hundred operations a node.
 */
final class ChainSystem {
    private final int n;
    // Diagonal block A and direction e; coupling of the balances to node i−1 (place) and i+1 (place).
    private final double[] a11;
    private final double[] a12;
    private final double[] a21;
    private final double[] a22;
    private final double[] ex;
    private final double[] ey;
    private final double[] b11;
    private final double[] b12;
    private final double[] b21;
    private final double[] b22;
    private final double[] c11;
    private final double[] c12;
    private final double[] c21;
    private final double[] c22;
    private final double[] rx;
    private final double[] ry;
    private final double[] g;
    private final double[] gives;
    // Eliminated: unknowns of node i as right side minus W times the place of node i+1.
    private final double[] w;
    private final double[] right = new double[9];

    ChainSystem(int n) {
        this.n = n;
        a11 = new double[n];
        a12 = new double[n];
        a21 = new double[n];
        a22 = new double[n];
        ex = new double[n];
        ey = new double[n];
        b11 = new double[n];
        b12 = new double[n];
        b21 = new double[n];
        b22 = new double[n];
        c11 = new double[n];
        c12 = new double[n];
        c21 = new double[n];
        c22 = new double[n];
        rx = new double[n];
        ry = new double[n];
        g = new double[n];
        gives = new double[n];
        w = new double[6 * n];
    }

    void clear() {
        for (double[] column : new double[][] {a11, a12, a21, a22, b11, b12, b21, b22, c11, c12, c21, c22, rx, ry}) {
            Arrays.fill(column, 0);
        }
    }

    /** A force on node i. */
    void force(int i, double fx, double fy) {
        rx[i] -= fx;
        ry[i] -= fy;
    }

    /** How a force on node i answers to the place of node i. */
    void slope(int i, double xx, double xy, double yx, double yy) {
        a11[i] += xx;
        a12[i] += xy;
        a21[i] += yx;
        a22[i] += yy;
    }

    /**
     * Piece i with direction e, tension and length: it pulls node i forwards and node i + 1 back, and keeps its length.
     *
     * @param excess by how much it is too long for its tension (m)
     * @param give   how the excess answers to the tension (m/N)
     */
    void piece(int i, double eX, double eY, double tension, double length, double excess, double give) {
        double stiff = tension / length;
        ex[i] = eX;
        ey[i] = eY;
        g[i] = -excess;
        gives[i] = give;
        rx[i] -= tension * eX;
        ry[i] -= tension * eY;
        a11[i] -= stiff;
        a22[i] -= stiff;
        c11[i] += stiff;
        c22[i] += stiff;
        if (i + 1 < n) {
            rx[i + 1] += tension * eX;
            ry[i + 1] += tension * eY;
            a11[i + 1] -= stiff;
            a22[i + 1] -= stiff;
            b11[i + 1] += stiff;
            b22[i + 1] += stiff;
        }
    }

    /**
     * Half the drag of piece i on each of its nodes.
     *
     * @param vxx how the half answers to the place of either node by the piece's motion (symmetric: vxx, vxy, vyy)
     * @param txx how it answers to the piece's span by its direction (txx, txy, tyx, tyy)
     */
    void drag(
            int i,
            double fx,
            double fy,
            double vxx,
            double vxy,
            double vyy,
            double txx,
            double txy,
            double tyx,
            double tyy) {
        force(i, fx, fy);
        slope(i, vxx - txx, vxy - txy, vxy - tyx, vyy - tyy);
        c11[i] += vxx + txx;
        c12[i] += vxy + txy;
        c21[i] += vxy + tyx;
        c22[i] += vyy + tyy;
        if (i + 1 < n) {
            force(i + 1, fx, fy);
            slope(i + 1, vxx + txx, vxy + txy, vxy + tyx, vyy + tyy);
            b11[i + 1] += vxx - txx;
            b12[i + 1] += vxy - txy;
            b21[i + 1] += vxy - tyx;
            b22[i + 1] += vyy - tyy;
        }
    }

    /** False when no unique solution exists. */
    boolean solve() {
        for (int i = 0; i < n; i++) {
            if (i > 0) {
                eliminate(i);
            }
            if (!invert(i)) {
                return false;
            }
        }
        for (int i = n - 2; i >= 0; i--) {
            double dx = rx[i + 1];
            double dy = ry[i + 1];
            rx[i] -= w[6 * i] * dx + w[6 * i + 1] * dy;
            ry[i] -= w[6 * i + 2] * dx + w[6 * i + 3] * dy;
            g[i] -= w[6 * i + 4] * dx + w[6 * i + 5] * dy;
        }
        return Double.isFinite(rx[0] + ry[0] + g[0]);
    }

    /** Takes the unknowns of node i − 1 out of the balances of node i. */
    private void eliminate(int i) {
        int j = 6 * (i - 1);
        double tx = -ex[i - 1];
        double ty = -ey[i - 1];
        a11[i] -= b11[i] * w[j] + b12[i] * w[j + 2] + tx * w[j + 4];
        a12[i] -= b11[i] * w[j + 1] + b12[i] * w[j + 3] + tx * w[j + 5];
        a21[i] -= b21[i] * w[j] + b22[i] * w[j + 2] + ty * w[j + 4];
        a22[i] -= b21[i] * w[j + 1] + b22[i] * w[j + 3] + ty * w[j + 5];
        rx[i] -= b11[i] * rx[i - 1] + b12[i] * ry[i - 1] + tx * g[i - 1];
        ry[i] -= b21[i] * rx[i - 1] + b22[i] * ry[i - 1] + ty * g[i - 1];
    }

    /** Solves the diagonal block for the right side and for the coupling to node i + 1. */
    private boolean invert(int i) {
        double x = ex[i];
        double y = ey[i];
        double square = x * x + y * y;
        double acrossX = a21[i] * x - a11[i] * y;
        double acrossY = a22[i] * x - a12[i] * y;
        double stiffness = acrossY * x - acrossX * y;
        if (stiffness == 0 || square == 0) {
            return false;
        }
        double perStiffness = 1 / stiffness;
        double perSquare = 1 / square;
        double alongX = a11[i] * x + a21[i] * y;
        double alongY = a12[i] * x + a22[i] * y;
        double acrossAlong = acrossX * x + acrossY * y;
        double alongAlong = alongX * x + alongY * y;
        double alongAcross = alongY * x - alongX * y;
        double p1 = gives[i] * perSquare;
        double q1 = -p1 * acrossAlong * perStiffness;
        double perTension = 1 / (square + alongAlong * p1 + alongAcross * q1);
        load(i, x, y);
        for (int k = 0; k < 9; k += 3) {
            double p = -right[k + 2] * perSquare;
            double q = (right[k + 1] * x - right[k] * y - p * acrossAlong) * perStiffness;
            double tension = (right[k] * x + right[k + 1] * y - alongAlong * p - alongAcross * q) * perTension;
            p += p1 * tension;
            q += q1 * tension;
            right[k] = p * x - q * y;
            right[k + 1] = p * y + q * x;
            right[k + 2] = tension;
        }
        rx[i] = right[0];
        ry[i] = right[1];
        g[i] = right[2];
        int j = 6 * i;
        w[j] = right[3];
        w[j + 2] = right[4];
        w[j + 4] = right[5];
        w[j + 1] = right[6];
        w[j + 3] = right[7];
        w[j + 5] = right[8];
        return true;
    }

    private void load(int i, double x, double y) {
        right[0] = rx[i];
        right[1] = ry[i];
        right[2] = g[i];
        right[3] = c11[i];
        right[4] = c21[i];
        right[5] = x;
        right[6] = c12[i];
        right[7] = c22[i];
        right[8] = y;
    }

    double dx(int i) {
        return rx[i];
    }

    double dy(int i) {
        return ry[i];
    }

    double dTension(int i) {
        return g[i];
    }
}
