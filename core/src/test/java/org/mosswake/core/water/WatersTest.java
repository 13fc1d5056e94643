package org.mosswake.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mosswake.core.water.Grid.Frame;

class WatersTest {
    private static final double REACH_M = 46_300;

    /** Beside points thrown at random about the place. */
    @Test
    void howMuchOfTheSeaInReachAGridShows() {
        var random = new Random(3);
        for (int i = 0; i < 40; i++) {
            var middle = new Spot(-60 + 120 * random.nextDouble(), -20 + 40 * random.nextDouble());
            var frame = new Frame(
                    20,
                    30,
                    middle.latDeg() - 0.6 * random.nextDouble(),
                    middle.lonDeg() - 0.9 * random.nextDouble(),
                    0.01 + 0.05 * random.nextDouble(),
                    0.01 + 0.05 * random.nextDouble());
            int in = 0;
            int all = 20_000;
            for (int n = 0; n < all; n++) {
                Spot there =
                        middle.by(REACH_M * (2 * random.nextDouble() - 1), REACH_M * (2 * random.nextDouble() - 1));
                double row = frame.row(there.latDeg());
                double column = frame.column(there.lonDeg());
                in += row >= -0.5 && row <= 19.5 && column >= -0.5 && column <= 29.5 ? 1 : 0;
            }
            assertThat(frame.shareOf(middle, REACH_M)).isCloseTo((double) in / all, within(0.02));
        }
    }

    /** A scrap that came last does not stand for the whole; where all are scraps the newest does. */
    @Test
    void aScrapIsPassedOver() {
        assertThat(Waters.wide(List.of(0.2, 0.9, 0.6, 0.44), share -> share)).containsExactly(0.9, 0.6);
        assertThat(Waters.wide(List.of(0.1, 0.15), share -> share)).containsExactly(0.1, 0.15);
        assertThat(Waters.wide(List.<Double>of(), share -> share)).isEmpty();
    }
}
