package org.mosswake.core.tow;

import java.util.Arrays;

/** States along a marched line, as columns: line length from the lure, place, tension vector, piece of the chain. */
final class Nodes {
    private static final int FIRST_SIZE = 32;

    int count;
    double[] s = new double[FIRST_SIZE];
    double[] x = new double[FIRST_SIZE];
    double[] y = new double[FIRST_SIZE];
    double[] z = new double[FIRST_SIZE];
    double[] fx = new double[FIRST_SIZE];
    double[] fy = new double[FIRST_SIZE];
    double[] fz = new double[FIRST_SIZE];
    int[] piece = new int[FIRST_SIZE];

    void push(MarchState state) {
        if (count == s.length) {
            grow();
        }
        s[count] = state.s;
        x[count] = state.x;
        y[count] = state.y;
        z[count] = state.z;
        fx[count] = state.fx;
        fy[count] = state.fy;
        fz[count] = state.fz;
        piece[count++] = state.piece;
    }

    void load(int i, MarchState state) {
        state.s = s[i];
        state.x = x[i];
        state.y = y[i];
        state.z = z[i];
        state.fx = fx[i];
        state.fy = fy[i];
        state.fz = fz[i];
        state.piece = piece[i];
    }

    double tension(int i) {
        return Math.sqrt(fx[i] * fx[i] + fy[i] * fy[i] + fz[i] * fz[i]);
    }

    private void grow() {
        int size = 2 * s.length;
        s = Arrays.copyOf(s, size);
        x = Arrays.copyOf(x, size);
        y = Arrays.copyOf(y, size);
        z = Arrays.copyOf(z, size);
        fx = Arrays.copyOf(fx, size);
        fy = Arrays.copyOf(fy, size);
        fz = Arrays.copyOf(fz, size);
        piece = Arrays.copyOf(piece, size);
    }
}
