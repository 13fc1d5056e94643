package org.mosswake.core.weights;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mosswake.core.call.Evidence;
import org.mosswake.core.call.Evidence.Piece;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.weights.WeightsReport.Figures;

class WeightFitTest {
    private static final LocalDate DAY = LocalDate.of(2021, 5, 1);

    private static Spell spell(int day, int behind, int strikes, String... keys) {
        List<Piece> pieces =
                List.of(keys).stream().map(key -> new Piece(key, 5)).toList();
        return new Spell(DAY.plusDays(day), PlaybookId.MIXED, pieces, behind, 300, strikes);
    }

    @Test
    void nothingFishedMovesNothing() {
        assertThat(WeightFit.of(List.of(), Set.of()).tenths()).isEmpty();
        assertThat(WeightFit.of(List.of(spell(0, 0, 0, "A")), Set.of()).tenths())
                .isEmpty();
        assertThat(WeightFit.of(new SimulatedOwners(5, 0).days(3), Set.of()).moved())
                .allSatisfy(
                        move -> assertThat(Math.abs(move.to() - move.from())).isLessThan(1));
    }

    /** One weight, no days: the most likely point is the middle of what is likely, found by adding up. */
    @Test
    void oneWeightAgreesWithAddingUp() {
        var spells = new ArrayList<Spell>();
        for (int i = 0; i < 12; i++) {
            spells.add(spell(i, 0, i % 2 == 0 ? 28 : 20, i % 2 == 0 ? new String[] {"A"} : new String[0]));
        }
        MixedPoisson fit = MixedPoisson.fit(List.of("A"), spells, 0.3, 1e-4);
        double all = 12 / 2.0 * 48;
        double[] sums = new double[3];
        for (double base = -0.5; base <= 0.5; base += 0.004) {
            for (double move = -1; move <= 1; move += 0.004) {
                double with = Math.log(all / 12) + base + move;
                double without = Math.log(all / 12) + base;
                double log = 6 * (28 * with - Math.exp(with) + 20 * without - Math.exp(without))
                        - 6 * (28 * Math.log(24) + 20 * Math.log(24) - 48)
                        - base * base / 18
                        - move * move / (2 * 0.09);
                double weight = Math.exp(log);
                sums[0] += weight;
                sums[1] += weight * move;
                sums[2] += weight * move * move;
            }
        }
        double mean = sums[1] / sums[0];
        assertThat(fit.moves()[0]).isCloseTo(mean, within(0.01));
        assertThat(Math.sqrt(fit.variances()[0])).isCloseTo(Math.sqrt(sums[2] / sums[0] - mean * mean), within(0.01));
        assertThat(mean).isBetween(0.15, 0.4);
    }

    /** What is said far too little is found, and said how surely; what the skipper set stays. */
    @Test
    void aWeightThatIsFarOffIsFound() {
        var random = new Random(4);
        var spells = new ArrayList<Spell>();
        for (int i = 0; i < 200; i++) {
            boolean held = random.nextBoolean();
            double worth = Math.exp(0.5 * random.nextGaussian());
            for (int part = 0; part < 2; part++) {
                boolean now = held ^ part == 1;
                int strikes = (int) Math.round(6 * worth * Math.exp(now ? 0.6 : 0));
                spells.add(now ? spell(i, 0, strikes, "A", "B") : spell(i, 0, strikes, "B"));
            }
        }
        WeightFit fit = WeightFit.of(spells, Set.of());
        assertThat(fit.moved().get(0).key()).isEqualTo("A");
        assertThat(fit.tenths().get("A")).isBetween(9.0, 11.0);
        assertThat(fit.moved().get(0).spells()).isEqualTo(200);
        Collections.shuffle(spells, random);
        assertThat(WeightFit.of(spells, Set.of()).tenths()).isEqualTo(fit.tenths());
        assertThat(WeightFit.of(spells, Set.of("A")).moved())
                .noneMatch(move -> move.key().equals("A"));
    }

    @Test
    void noWeightMovesPastItsBounds() {
        var spells = new ArrayList<Spell>();
        for (int i = 0; i < 300; i++) {
            spells.add(i % 2 == 0 ? spell(i / 2, 0, 90, "A") : spell(i / 2, 0, 1, "B"));
        }
        Map<String, Double> to = WeightFit.of(spells, Set.of()).tenths();
        assertThat(to.get("A")).isBetween(10.0, 15.0);
        assertThat(to.get("B")).isBetween(-5.0, 0.0);
    }

    /** The report's figures for all owners stand in docs; here for some. */
    @Test
    void ownersAreCalledBetter() {
        Figures off = WeightsReport.of(4000, 5, 0.2, 160, 10);
        assertThat(off.fitted()).isGreaterThan(off.shipped() + 6);
        assertThat(off.betterOff()).isGreaterThanOrEqualTo(80);
        Figures few = WeightsReport.of(4000, 5, 0.2, 10, 12);
        assertThat(few.fitted()).isGreaterThan(few.shipped() - 2);
        Figures equal = WeightsReport.of(4000, 2, 0, 80, 8);
        assertThat(equal.fitted()).isGreaterThan(95);
    }

    /** Safety, law, boat and box are nothing to learn. */
    @Test
    void onlyWaterLifeAndHourAreLearnt() {
        assertThat(Evidence.shipped().keySet())
                .anyMatch(key -> key.startsWith("BIRDS_DIVING"))
                .noneMatch(key -> key.startsWith("SEA_") || key.startsWith("BOX") || key.startsWith("SEASON"));
    }
}
