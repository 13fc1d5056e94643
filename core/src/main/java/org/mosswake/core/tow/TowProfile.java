package org.mosswake.core.tow;

import java.util.Arrays;

/**
 * A solved line as columns from the lure to the tip: what a turn of the same line starts from. Places from the tip
 * (x astern, y starboard) and height above the surface (m), F the tension vector towards the tip (N). Where a body
 * hangs two nodes share one place: below it and above it.
 */
public final class TowProfile {
    private final double[] s;
    private final double[] x;
    private final double[] y;
    private final double[] z;
    private final double[] fx;
    private final double[] fy;
    private final double[] fz;

    TowProfile(Trial trial) {
        int n = trial.nodes();
        s = new double[n];
        x = new double[n];
        y = new double[n];
        z = new double[n];
        fx = new double[n];
        fy = new double[n];
        fz = new double[n];
        for (int i = 0; i < n; i++) {
            s[i] = trial.s(i);
            x[i] = trial.x(i) - trial.x(n - 1);
            y[i] = trial.y(i) - trial.y(n - 1);
            z[i] = trial.z(i) - trial.surface();
            fx[i] = trial.fx(i);
            fy[i] = trial.fy(i);
            fz[i] = trial.fz(i);
        }
    }

    public double lengthM() {
        return s[s.length - 1];
    }

    /** At its upper end (N). */
    public double pullAtTipN() {
        int tip = s.length - 1;
        return Math.sqrt(fx[tip] * fx[tip] + fy[tip] * fy[tip] + fz[tip] * fz[tip]);
    }

    /** Length of line from the lure to the last place where it leaves the water (m); all of it when the tip is under. */
    public double wetM() {
        for (int i = s.length - 1; i > 0; i--) {
            if (z[i] > 0 && z[i - 1] <= 0) {
                return s[i - 1];
            }
        }
        return z[z.length - 1] > 0 ? 0 : lengthM();
    }

    /** Where the line is {@code lengthM} of line above the lure; a body's own place counts as above it. */
    public At at(double lengthM) {
        int above = Arrays.binarySearch(s, lengthM);
        int b = above >= 0 ? above : Math.min(-above - 1, s.length - 1);
        while (b + 1 < s.length && s[b + 1] <= lengthM) {
            b++;
        }
        int a = Math.max(0, s[b] <= lengthM ? b : b - 1);
        double u = s[b] > s[a] ? (lengthM - s[a]) / (s[b] - s[a]) : 0;
        return mix(a, b, u);
    }

    /** Pull just under a place of the line (N): differs from {@link #at} where a body hangs. */
    public At below(double lengthM) {
        int b = 0;
        while (b + 1 < s.length && s[b] < lengthM) {
            b++;
        }
        int a = Math.max(0, b - 1);
        double u = s[b] > s[a] ? Math.min(1, (lengthM - s[a]) / (s[b] - s[a])) : 0;
        return mix(a, b, u);
    }

    private At mix(int a, int b, double u) {
        return new At(
                mix(x, a, b, u),
                mix(y, a, b, u),
                mix(z, a, b, u),
                mix(fx, a, b, u),
                mix(fy, a, b, u),
                mix(fz, a, b, u));
    }

    private static double mix(double[] column, int a, int b, double u) {
        return column[a] + u * (column[b] - column[a]);
    }

    /** A place of the line and its pull towards the tip, both in the boat frame: so with a negative pull astern. */
    public record At(
            double asternM,
            double starboardM,
            double heightM,
            double pullAsternN,
            double pullStarboardN,
            double pullUpN) {}
}
