package org.mosswake.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mosswake.core.units.Plane;

class FrontsTest {
    private static final int SIZE = 60;
    /** As many as a test has time for; {@code ./moss bench fronts} takes the 200. */
    private static final int SEAS = 60;
    /** Of what is only set beside it. */
    private static final int SOME = 30;

    private interface Field {
        double at(int row, int column);
    }

    private static Grid grid(Field field) {
        var values = new float[SIZE * SIZE];
        for (int i = 0; i < values.length; i++) {
            values[i] = (float) field.at(i / SIZE, i % SIZE);
        }
        return new Grid(
                Grid.Kind.TEMPERATURE, Optional.empty(), new Grid.Frame(SIZE, SIZE, 27, -48, 0.01, 0.01), values);
    }

    private static double ramp(double off, double wide) {
        return Math.max(-0.5, Math.min(0.5, off / wide));
    }

    /** The line that the issue draws: nine of ten that can be seen, one of twenty astray; noise that is alike shown apart. */
    @Test
    void frontsOfSeededSeasAreFoundAndFewOthers() {
        SeededFronts.Score score = FrontsReport.over(1000, SEAS, false, FrontsReport::fronts);
        assertThat(score.visible()).isGreaterThan(6_000);
        assertThat(score.recall()).isGreaterThanOrEqualTo(0.9);
        assertThat(score.strays()).isLessThanOrEqualTo(0.05);
        SeededFronts.Score alike = FrontsReport.over(1000, SOME, true, FrontsReport::fronts);
        assertThat(alike.recall()).isGreaterThanOrEqualTo(0.8);
        assertThat(alike.strays()).isLessThanOrEqualTo(0.05);
    }

    /** No threshold of the plain gradient finds them without more lies than truth. */
    @Test
    void aPlainThresholdDoesNot() {
        for (double threshold : new double[] {0.15, 0.25}) {
            SeededFronts.Score plain = FrontsReport.over(1000, SOME, false, grid -> PlainGradient.of(grid, threshold));
            assertThat(plain.recall() >= 0.9 && plain.strays() <= 0.05).isFalse();
            assertThat(plain.strays()).isGreaterThan(0.2);
        }
    }

    @Test
    void stepSideAndSteepnessAreThoseOfTheSea() {
        var random = new Random(3);
        List<Front> fronts =
                Fronts.of(grid((row, column) -> 24 - 0.8 * ramp(row - 30.3, 3) + 0.1 * random.nextGaussian()));
        assertThat(fronts).hasSize(1);
        Front front = fronts.get(0);
        assertThat(front.points()).hasSizeGreaterThan(50);
        assertThat(front.step()).isCloseTo(0.8, within(0.08));
        assertThat(front.points())
                .filteredOn(point -> Math.abs(point.column() - 30) < 26)
                .allSatisfy(point -> {
                    assertThat(point.row()).isBetween(29, 32);
                    assertThat(Math.cos(point.toRad())).as("warm side south").isLessThan(-0.9);
                    // Blurred by the window: not as steep as the ramp itself, which is 0.44 K in a mile.
                    assertThat(point.perMile()).isBetween(0.2, 0.5);
                });
    }

    @Test
    void aWarmingSeaWithoutAnEdgeHasNone() {
        int cells = 0;
        for (int seed = 0; seed < 40; seed++) {
            var random = new Random(seed);
            cells += Fronts.of(grid((row, column) -> 20 + 0.02 * row + 0.15 * random.nextGaussian())).stream()
                    .mapToInt(front -> front.points().size())
                    .sum();
        }
        assertThat(cells).isLessThan(40);
    }

    @Test
    void cloudIsNoEdgeAndNothingKnownIsNoFault() {
        assertThat(Fronts.of(grid((row, column) -> Float.NaN))).isEmpty();
        assertThat(Fronts.of(grid((row, column) -> 21))).isEmpty();
        var random = new Random(4);
        assertThat(Fronts.of(grid((row, column) ->
                        Plane.hypot(row - 30, column - 30) < 14 ? Float.NaN : 21 + 0.1 * random.nextGaussian())))
                .isEmpty();
    }
}
