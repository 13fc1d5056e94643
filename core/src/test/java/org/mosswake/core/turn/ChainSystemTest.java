package org.mosswake.core.turn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** The closed-form sweep against the equations it claims to solve. */
class ChainSystemTest {
    private static final int N = 7;

    /** Balances and lengths, written out: what {@link ChainSystem} was told, times its answer, is the right side. */
    @Test
    void solvesWhatItWasTold() {
        var random = new Random(3);
        for (int trial = 0; trial < 50; trial++) {
            var system = new ChainSystem(N);
            var full = new double[3 * N][3 * N + 1];
            fill(random, system, full);
            assertThat(system.solve()).isTrue();
            for (double[] row : full) {
                double sum = -row[3 * N];
                double size = 1;
                for (int i = 0; i < N; i++) {
                    sum += row[3 * i] * system.dx(i)
                            + row[3 * i + 1] * system.dy(i)
                            + row[3 * i + 2] * system.dTension(i);
                    size += Math.abs(system.dx(i)) + Math.abs(system.dy(i)) + Math.abs(system.dTension(i));
                }
                assertThat(sum).isCloseTo(0, within(1e-8 * size * 30));
            }
        }
    }

    private static void fill(Random random, ChainSystem system, double[][] full) {
        system.clear();
        for (int i = 0; i < N; i++) {
            double angle = random.nextGaussian() / 2;
            double ex = Math.cos(angle);
            double ey = Math.sin(angle);
            double tension = 5 + 20 * random.nextDouble();
            double length = 1 + 5 * random.nextDouble();
            double excess = random.nextGaussian();
            double give = -random.nextDouble();
            system.piece(i, ex, ey, tension, length, excess, give);
            add(full, 3 * i + 2, 3 * i + 2, give);
            force(full, i, tension * ex, tension * ey);
            force(full, i + 1, -tension * ex, -tension * ey);
            for (int axis = 0; axis < 2; axis++) {
                double e = axis == 0 ? ex : ey;
                add(full, 3 * i + axis, 3 * i + 2, e);
                add(full, 3 * (i + 1) + axis, 3 * i + 2, -e);
                add(full, 3 * i + axis, 3 * i + axis, -tension / length);
                add(full, 3 * i + axis, 3 * (i + 1) + axis, tension / length);
                add(full, 3 * (i + 1) + axis, 3 * i + axis, tension / length);
                add(full, 3 * (i + 1) + axis, 3 * (i + 1) + axis, -tension / length);
                add(full, 3 * i + 2, 3 * i + axis, -e);
                add(full, 3 * i + 2, 3 * (i + 1) + axis, e);
            }
            full[3 * i + 2][3 * N] = -excess;
            dragOf(random, system, full, i);
        }
    }

    private static void dragOf(Random random, ChainSystem system, double[][] full, int i) {
        double[] v = {-3 * random.nextDouble() - 1, random.nextGaussian() / 3, -2 * random.nextDouble() - 1};
        double[] t = random.doubles(4, -0.5, 0.5).toArray();
        double fx = random.nextGaussian();
        double fy = random.nextGaussian();
        system.drag(i, fx, fy, v[0], v[1], v[2], t[0], t[1], t[2], t[3]);
        double[][] motion = {{v[0], v[1]}, {v[1], v[2]}};
        double[][] span = {{t[0], t[1]}, {t[2], t[3]}};
        for (int node = i; node <= i + 1; node++) {
            force(full, node, fx, fy);
            for (int row = 0; row < 2; row++) {
                for (int column = 0; column < 2; column++) {
                    add(full, 3 * node + row, 3 * i + column, motion[row][column] - span[row][column]);
                    add(full, 3 * node + row, 3 * (i + 1) + column, motion[row][column] + span[row][column]);
                }
            }
        }
    }

    private static void force(double[][] full, int node, double fx, double fy) {
        if (node < N) {
            full[3 * node][3 * N] -= fx;
            full[3 * node + 1][3 * N] -= fy;
        }
    }

    private static void add(double[][] full, int row, int column, double value) {
        if (row < 3 * N && column < 3 * N) {
            full[row][column] += value;
        }
    }

    @Test
    void saysWhenThereIsNoUniqueSolution() {
        var system = new ChainSystem(1);
        system.clear();
        system.piece(0, 1, 0, 0, 1, 0, 0);
        assertThat(system.solve()).isFalse();
    }
}
