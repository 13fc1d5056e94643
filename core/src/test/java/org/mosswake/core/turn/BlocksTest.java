package org.mosswake.core.turn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class BlocksTest {
    private static final int N = 12;

    @Test
    void solvesWhatItWasGiven() {
        var random = new Random(3);
        var matrix = new double[3 * N][3 * N];
        var residual = new double[3 * N];
        var blocks = new Blocks(N);
        blocks.clear();
        for (int i = 0; i < N; i++) {
            for (int row = 0; row < 3; row++) {
                residual[3 * i + row] = random.nextDouble();
                blocks.residual(i, row, residual[3 * i + row]);
                for (int offset = -1; offset <= 1; offset++) {
                    fill(random, matrix, blocks, i, row, offset);
                }
            }
        }
        assertThat(blocks.solve()).isTrue();
        for (int row = 0; row < 3 * N; row++) {
            double sum = residual[row];
            for (int column = 0; column < 3 * N; column++) {
                sum += matrix[row][column] * blocks.unknown(column / 3, column % 3);
            }
            assertThat(sum).isCloseTo(0, within(1e-9));
        }
    }

    private static void fill(Random random, double[][] matrix, Blocks blocks, int i, int row, int offset) {
        for (int column = 0; column < 3; column++) {
            double value = random.nextDouble() - 0.5 + (offset == 0 && row == column ? 4 : 0);
            int node = i + offset;
            if (node >= 0 && node < N) {
                matrix[3 * i + row][3 * node + column] += value;
                blocks.add(i, offset, row, column, value);
            }
        }
    }

    @Test
    void saysWhenThereIsNoSolution() {
        var blocks = new Blocks(2);
        blocks.clear();
        blocks.residual(0, 0, 1);
        assertThat(blocks.solve()).isFalse();
    }
}
