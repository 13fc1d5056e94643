package org.mosswake.core.water;

import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import org.mosswake.core.units.Plane;

/** Seas whose fronts are known: a level line of smooth waves, with a step over some cells, noise, and cloud in patches. */
final class SeededFronts {
    static final int SIZE = 140;

    final Grid grid;
    /** Cells from the nearest true front, with its sign. */
    final double[] off = new double[SIZE * SIZE];

    final double step;

    /** @param correlated noise is alike over a cell or so */
    SeededFronts(long seed, boolean correlated) {
        // The first numbers of near seeds are alike.
        var random = new Random(seed * 0x9E3779B97F4A7C15L);
        step = 0.4 + 0.6 * random.nextDouble();
        double wide = 2 + 2 * random.nextDouble();
        double noise = 0.1 + 0.1 * random.nextDouble();
        double[][] waves = new double[4][];
        for (int i = 0; i < waves.length; i++) {
            double length = 50 + 90 * random.nextDouble();
            double way = 2 * Math.PI * random.nextDouble();
            waves[i] = new double[] {
                2 * Math.PI / length * Math.cos(way),
                2 * Math.PI / length * Math.sin(way),
                2 * Math.PI * random.nextDouble(),
                length / 90
            };
        }
        double slope = 0.004 * random.nextDouble();
        double slopeWay = 2 * Math.PI * random.nextDouble();
        var values = new float[SIZE * SIZE];
        float[] speckle = field(random, correlated ? 0.8 : 0);
        float[] cloud = field(random, 6);
        float[] sorted = cloud.clone();
        Arrays.sort(sorted);
        float covered = sorted[(int) (0.4 * sorted.length)];
        for (int row = 0; row < SIZE; row++) {
            for (int column = 0; column < SIZE; column++) {
                int i = row * SIZE + column;
                off[i] = distance(waves, row, column);
                double share = Math.max(-0.5, Math.min(0.5, off[i] / wide));
                values[i] = cloud[i] < covered
                        ? Float.NaN
                        : (float) (24
                                + step * share
                                + slope * (Math.cos(slopeWay) * column + Math.sin(slopeWay) * row)
                                + noise * speckle[i]);
            }
        }
        grid = new Grid(
                Grid.Kind.TEMPERATURE, Optional.empty(), new Grid.Frame(SIZE, SIZE, 27, -48, 0.01, 0.01), values);
    }

    /** To first order, from the level and its slope; good near the line. */
    private static double distance(double[][] waves, double row, double column) {
        double value = 0;
        double x = 0;
        double y = 0;
        for (double[] wave : waves) {
            double phase = wave[0] * column + wave[1] * row + wave[2];
            value += wave[3] * Math.sin(phase);
            x += wave[3] * wave[0] * Math.cos(phase);
            y += wave[3] * wave[1] * Math.cos(phase);
        }
        return value / Math.max(0.02, Plane.hypot(x, y));
    }

    /** Normal numbers of deviation one, alike over so many cells. */
    private static float[] field(Random random, double alike) {
        var field = new float[SIZE * SIZE];
        for (int i = 0; i < field.length; i++) {
            field[i] = (float) random.nextGaussian();
        }
        if (alike == 0) {
            return field;
        }
        int reach = (int) Math.ceil(3 * alike);
        var weight = new double[2 * reach + 1];
        for (int d = -reach; d <= reach; d++) {
            weight[d + reach] = Math.exp(-d * d / (2 * alike * alike));
        }
        for (int pass = 0; pass < 2; pass++) {
            var next = new float[field.length];
            for (int row = 0; row < SIZE; row++) {
                for (int column = 0; column < SIZE; column++) {
                    double sum = 0;
                    for (int d = -reach; d <= reach; d++) {
                        int r = pass == 0 ? row : Math.floorMod(row + d, SIZE);
                        int c = pass == 0 ? Math.floorMod(column + d, SIZE) : column;
                        sum += weight[d + reach] * field[r * SIZE + c];
                    }
                    next[row * SIZE + column] = (float) sum;
                }
            }
            field = next;
        }
        double square = 0;
        for (float value : field) {
            square += value * value;
        }
        float scale = (float) (1 / Math.sqrt(square / field.length));
        for (int i = 0; i < field.length; i++) {
            field[i] *= scale;
        }
        return field;
    }

    /** The true line passes between this cell and one beside or above it. */
    boolean isTrue(int row, int column) {
        double here = off[row * SIZE + column];
        return row + 1 < SIZE && here * off[(row + 1) * SIZE + column] <= 0
                || column + 1 < SIZE && here * off[row * SIZE + column + 1] <= 0;
    }

    /** Three in five of the five by five cells about it are clear. */
    boolean canBeSeen(int row, int column) {
        int clear = 0;
        int all = 0;
        for (int r = Math.max(0, row - 2); r <= Math.min(SIZE - 1, row + 2); r++) {
            for (int c = Math.max(0, column - 2); c <= Math.min(SIZE - 1, column + 2); c++) {
                all++;
                clear += Float.isNaN(grid.value(r, c)) ? 0 : 1;
            }
        }
        return clear >= 0.6 * all;
    }

    /** @param found cells that are said to lie on a front */
    record Score(int visible, int met, int found, int astray) {
        Score and(Score other) {
            return new Score(visible + other.visible, met + other.met, found + other.found, astray + other.astray);
        }

        double recall() {
            return (double) met / visible;
        }

        double strays() {
            return found == 0 ? 0 : (double) astray / found;
        }
    }

    static final Score NOTHING = new Score(0, 0, 0, 0);

    Score score(boolean[] found) {
        int visible = 0;
        int met = 0;
        int all = 0;
        int astray = 0;
        for (int row = 0; row < SIZE; row++) {
            for (int column = 0; column < SIZE; column++) {
                if (isTrue(row, column) && canBeSeen(row, column)) {
                    visible++;
                    met += within(row, column, 1.5, (r, c) -> found[r * SIZE + c]) ? 1 : 0;
                }
                if (found[row * SIZE + column]) {
                    all++;
                    astray += within(row, column, 2.3, this::isTrue) ? 0 : 1;
                }
            }
        }
        return new Score(visible, met, all, astray);
    }

    interface Cells {
        boolean are(int row, int column);
    }

    private static boolean within(int row, int column, double cells, Cells what) {
        int reach = (int) Math.floor(cells);
        for (int r = Math.max(0, row - reach); r <= Math.min(SIZE - 1, row + reach); r++) {
            for (int c = Math.max(0, column - reach); c <= Math.min(SIZE - 1, column + reach); c++) {
                if (Plane.hypot(r - row, c - column) <= cells && what.are(r, c)) {
                    return true;
                }
            }
        }
        return false;
    }

    static boolean[] cells(java.util.List<Front> fronts) {
        var cells = new boolean[SIZE * SIZE];
        fronts.stream()
                .flatMap(front -> front.points().stream())
                .forEach(point -> cells[point.row() * SIZE + point.column()] = true);
        return cells;
    }
}
