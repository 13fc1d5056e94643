package org.mosswake.core.tow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class HermiteTest {
    @Test
    void reproducesACubic() {
        for (double u : new double[] {0, 0.2, 0.5, 0.9, 1}) {
            double value = 2 + u - 3 * u * u + u * u * u;
            assertThat(Hermite.at(u, 2, 1, 1, -2)).isCloseTo(value, within(1e-12));
        }
    }

    @Test
    void findsWhereItPassesZero() {
        var random = new Random(5);
        for (int i = 0; i < 500; i++) {
            double a = -random.nextDouble();
            double b = random.nextDouble();
            double slopeA = 2 * random.nextDouble();
            double slopeB = 2 * random.nextDouble();
            double u = Hermite.crossing(a, b, slopeA, slopeB);
            assertThat(u).isBetween(0.0, 1.0);
            assertThat(Hermite.at(u, a, b, slopeA, slopeB)).isCloseTo(0, within(1e-9));
        }
    }

    @Test
    void startingOnZeroItFindsTheLaterCrossing() {
        double u = Hermite.crossing(0, -0.5, 1, -2);
        assertThat(u).isBetween(0.3, 1.0);
        assertThat(Hermite.at(u, 0, -0.5, 1, -2)).isCloseTo(0, within(1e-9));
    }
}
