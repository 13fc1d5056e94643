package org.mosswake.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Random;
import java.util.function.DoublePredicate;
import org.junit.jupiter.api.Test;
import org.mosswake.core.sure.Likely;
import org.mosswake.core.units.Force;

/** Beside draws of the pull: log-normal, four in five between the ends. */
class DragOddsTest {
    private static final double DEVIATION = 0.3;
    private static final int DRAWS = 40_000;

    private static Likely about(double newtons) {
        double times = Math.exp(Likely.FOUR_IN_FIVE * DEVIATION);
        return new Likely(newtons, newtons / times, newtons * times, 0, Map.of());
    }

    private static double share(double newtons, DoublePredicate of) {
        var random = new Random(7);
        int counted = 0;
        for (int i = 0; i < DRAWS; i++) {
            counted += of.test(newtons * Math.exp(DEVIATION * random.nextGaussian())) ? 1 : 0;
        }
        return counted / (double) DRAWS;
    }

    @Test
    void slipsAsOftenAsTheDrawsDo() {
        var window = DragWindow.of(new Force(40), new Force(300));
        for (double set : new double[] {30, 40, 48, 70}) {
            assertThat(window.slips(new Force(set), about(40)))
                    .as("set %.0f N", set)
                    .isCloseTo(share(40, pull -> pull > set), within(0.01));
        }
    }

    @Test
    void leavesNoneAsOftenAsAWindowOfTheDrawnPullIsEmpty() {
        for (double weakest : new double[] {120, 150, 220}) {
            var window = DragWindow.of(new Force(40), new Force(weakest));
            double empty = share(
                    40,
                    pull -> DragWindow.of(new Force(pull), new Force(weakest)).isEmpty());
            assertThat(window.leavesNone(about(40)))
                    .as("weakest %.0f N", weakest)
                    .isCloseTo(empty, within(0.01));
        }
    }
}
