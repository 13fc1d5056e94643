package org.mosswake.core.turn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class ClearanceTest {
    private final Clearance clearance = new Clearance(TurnSpreads.rules(7.5, 40));

    private static Strand strand(double... xyz) {
        int n = xyz.length / 3;
        var x = new double[n];
        var y = new double[n];
        var z = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = xyz[3 * i];
            y[i] = xyz[3 * i + 1];
            z[i] = xyz[3 * i + 2];
        }
        return new Strand(x, y, z);
    }

    @Test
    void acrossAndUpBothCount() {
        Strand one = strand(0, 0, 0, 50, 0, 0);
        assertThat(clearance.least(one, strand(0, 0.75, 0, 50, 0.75, 0), 1)).isCloseTo(0.5, within(1e-9));
        assertThat(clearance.least(one, strand(0, 0, -0.8, 50, 0, -0.8), 1)).isCloseTo(0.8, within(1e-9));
        assertThat(clearance.least(one, strand(0, 0, -2, 50, 0, -2), 1)).isEqualTo(1);
        assertThat(clearance.least(one, strand(0, 2, 0, 50, 2, 0), 1)).isEqualTo(1);
    }

    @Test
    void aCrossingCountsByItsHeights() {
        Strand one = strand(0, 0, 0, 20, 20, 0);
        assertThat(clearance.least(one, strand(0, 20, -0.3, 20, 0, -0.3), 1)).isCloseTo(0.3, within(1e-9));
        assertThat(clearance.nearestX).isCloseTo(10, within(1e-9));
        assertThat(clearance.nearestZ).isCloseTo(-0.15, within(1e-9));
    }

    /** Whatever the boxes leave out, the answer is never above that of points sampled along both. */
    @Test
    void neverMissesWhatSamplingFinds() {
        var random = new Random(11);
        for (int trial = 0; trial < 200; trial++) {
            Strand a = random(random);
            Strand b = random(random);
            double found = clearance.least(a, b, 5);
            assertThat(found).isLessThanOrEqualTo(sampled(a, b) + 0.25);
            assertThat(clearance.least(b, a, 5)).isCloseTo(found, within(1e-9));
        }
    }

    private static Strand random(Random random) {
        var xyz = new double[15];
        double y = random.nextGaussian() * 3;
        for (int i = 0; i < 5; i++) {
            xyz[3 * i] = i * 4 + random.nextDouble();
            xyz[3 * i + 1] = y + random.nextGaussian();
            xyz[3 * i + 2] = 0;
        }
        return strand(xyz);
    }

    private double sampled(Strand a, Strand b) {
        double best = 5;
        for (double s = 0; s < 4; s += 0.02) {
            for (double t = 0; t < 4; t += 0.02) {
                double dx = at(a.x, s) - at(b.x, t);
                double dy = at(a.y, s) - at(b.y, t);
                double dz = at(a.z, s) - at(b.z, t);
                best = Math.min(best, Math.max(Math.hypot(dx, dy) / 1.5, Math.abs(dz)));
            }
        }
        return best;
    }

    private static double at(double[] column, double s) {
        int i = (int) s;
        return column[i] + (s - i) * (column[i + 1] - column[i]);
    }
}
