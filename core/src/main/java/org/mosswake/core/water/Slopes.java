package org.mosswake.core.water;

import java.util.Arrays;
import org.mosswake.core.units.Plane;

/**
 * The plane that fits best about each cell of some rows, by weighted least squares under a Gaussian, over the cells that are
 * known: gaps neither count nor pull. Slopes are per cell, noise is that of a slope where the values have a noise of one.
 */
final class Slopes {
    /** Of the window (cells): a step over two to four cells is seen, noise of single cells is not (tried, decision 27). */
    static final double SIGMA = 1.6;

    static final int REACH = 5;

    /** Cells that lie nearly on one line say nothing of a slope across it (cells²). */
    private static final double FLAT = 1e-4;

    private static final float[] GAUSS = new float[2 * REACH + 1];
    private static final double WHOLE;

    static {
        double all = 0;
        for (int i = -REACH; i <= REACH; i++) {
            GAUSS[i + REACH] = (float) Math.exp(-i * i / (2 * SIGMA * SIGMA));
            all += GAUSS[i + REACH];
        }
        WHOLE = all * all;
    }

    final int from;
    final int to;
    final int columns;
    /** Of the plane at the cell; NaN where nothing is known about it. */
    final float[] level;
    /** To the next column. */
    final float[] east;
    /** To the next row. */
    final float[] north;

    final float[] steep;
    final float[] noise;
    /** Share of the window that is known, 0 to 1. */
    final float[] cover;

    /** Of rows {@code from} to before {@code to}, which must be in the grid; rows beside them are looked at as well. */
    Slopes(Grid grid, int from, int to) {
        this.from = from;
        this.to = to;
        columns = grid.frame().columns();
        int cells = (to - from) * columns;
        level = new float[cells];
        east = new float[cells];
        north = new float[cells];
        steep = new float[cells];
        noise = new float[cells];
        cover = new float[cells];
        fit(grid);
    }

    int index(int row, int column) {
        return (row - from) * columns + column;
    }

    private void fit(Grid grid) {
        float mean = mean(grid.values(), Math.max(0, from - REACH) * columns, to * columns);
        int low = Math.max(0, from - REACH);
        int high = Math.min(grid.frame().rows(), to + REACH);
        // Known, known by x, known by x², value, value by x; and the squared window for the noise.
        var across = new float[6][(high - low) * columns];
        for (int row = low; row < high; row++) {
            across(grid, row, mean, across, (row - low) * columns);
        }
        var sums = new float[10][columns];
        for (int row = from; row < to; row++) {
            for (float[] sum : sums) {
                Arrays.fill(sum, 0);
            }
            for (int y = Math.max(-REACH, low - row); y <= Math.min(REACH, high - 1 - row); y++) {
                up(across, (row + y - low) * columns, GAUSS[y + REACH], y, sums);
            }
            solve(row, mean, sums);
        }
    }

    /** Small numbers keep their last digits in a sum of squares. */
    private static float mean(float[] values, int from, int to) {
        double sum = 0;
        int count = 0;
        for (int i = from; i < to; i++) {
            if (!Float.isNaN(values[i])) {
                sum += values[i];
                count++;
            }
        }
        return count == 0 ? 0 : (float) (sum / count);
    }

    private void across(Grid grid, int row, float mean, float[][] out, int at) {
        var known = new float[columns];
        var value = new float[columns];
        for (int column = 0; column < columns; column++) {
            float here = grid.values()[row * columns + column];
            boolean is = here == here;
            known[column] = is ? 1 : 0;
            value[column] = is ? here - mean : 0;
        }
        for (int x = -REACH; x <= REACH; x++) {
            float w = GAUSS[x + REACH];
            int from = Math.max(0, -x);
            int to = Math.min(columns, columns - x);
            for (int column = from; column < to; column++) {
                float k = w * known[column + x];
                float v = w * value[column + x];
                out[0][at + column] += k;
                out[1][at + column] += k * x;
                out[2][at + column] += k * x * x;
                out[3][at + column] += v;
                out[4][at + column] += v * x;
                out[5][at + column] += w * k;
            }
        }
    }

    private void up(float[][] across, int at, float w, int y, float[][] sums) {
        for (int column = 0; column < columns; column++) {
            float k = w * across[0][at + column];
            float v = w * across[3][at + column];
            sums[0][column] += k;
            sums[1][column] += w * across[1][at + column];
            sums[2][column] += k * y;
            sums[3][column] += w * across[2][at + column];
            sums[4][column] += w * across[1][at + column] * y;
            sums[5][column] += k * y * y;
            sums[6][column] += v;
            sums[7][column] += w * across[4][at + column];
            sums[8][column] += v * y;
            sums[9][column] += w * w * across[5][at + column];
        }
    }

    /** Three equations for level and slopes; where the known cells lie on one line there is no slope. */
    private void solve(int row, float mean, float[][] m) {
        for (int c = 0; c < columns; c++) {
            int i = index(row, c);
            double n = m[0][c];
            if (n < 1e-6) {
                level[i] = Float.NaN;
                steep[i] = Float.NaN;
                continue;
            }
            double mx = m[1][c] / n;
            double my = m[2][c] / n;
            double xx = m[3][c] / n - mx * mx;
            double xy = m[4][c] / n - mx * my;
            double yy = m[5][c] / n - my * my;
            double v = m[6][c] / n;
            double xv = m[7][c] / n - mx * v;
            double yv = m[8][c] / n - my * v;
            double det = xx * yy - xy * xy;
            cover[i] = (float) (n / WHOLE);
            if (det < FLAT) {
                level[i] = (float) (mean + v);
                steep[i] = Float.NaN;
                continue;
            }
            double bx = (yy * xv - xy * yv) / det;
            double by = (xx * yv - xy * xv) / det;
            level[i] = (float) (mean + v - bx * mx - by * my);
            east[i] = (float) bx;
            north[i] = (float) by;
            steep[i] = (float) Plane.hypot(bx, by);
            // Squared weights spread half as wide as the weights: half of their second moment.
            double narrow = Math.min(xx, yy);
            noise[i] = (float) Math.sqrt(m[9][c] / (n * n) / (2 * narrow));
        }
    }
}
