package org.mosswake.core.tow;

import java.util.Arrays;

/** States along a marched line, as columns: line length from the lure, place, tension vector, piece of the chain. */
final class Nodes {
    int count;
    double[] s = new double[64];
    double[] x = new double[64];
    double[] y = new double[64];
    double[] z = new double[64];
    double[] fx = new double[64];
    double[] fy = new double[64];
    double[] fz = new double[64];
    int[] piece = new int[64];

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
