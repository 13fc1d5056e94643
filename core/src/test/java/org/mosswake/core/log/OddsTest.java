package org.mosswake.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.distribution.continuous.BetaDistribution;
import org.junit.jupiter.api.Test;

class OddsTest {
    private static Slice slice(int[] struck, float[] fished) {
        int strikes = 0;
        double minutes = 0;
        for (int day = 0; day < struck.length; day++) {
            strikes += struck[day];
            minutes += fished[day];
        }
        return new Slice(strikes, 0, 0, minutes, struck, fished);
    }

    /** Of shares drawn at random eight in ten lie where it says, at every number of strikes. */
    @Test
    void theShareLandedLiesWhereItSays() {
        for (int strikes : new int[] {1, 4, 15, 120}) {
            var random = new Random(5);
            int inside = 0;
            for (int i = 0; i < 4000; i++) {
                double share = random.nextDouble();
                int landed = 0;
                for (int strike = 0; strike < strikes; strike++) {
                    landed += random.nextDouble() < share ? 1 : 0;
                }
                Odds.Share said = Odds.landed(landed, strikes).orElseThrow();
                inside += share >= said.low() && share <= said.high() ? 1 : 0;
            }
            assertThat(inside / 4000.0).as(strikes + " strikes").isBetween(0.76, 0.9);
        }
        assertThat(Odds.landed(0, 0)).isEmpty();
        assertThat(Odds.landed(3, 3).orElseThrow().high()).isEqualTo(1);
    }

    private static int poisson(double mean, Random random) {
        int count = 0;
        for (double left = Math.exp(-mean), at = random.nextDouble(); at > left; at *= random.nextDouble()) {
            count++;
        }
        return count;
    }

    /** Two ways of fishing by one owner: on the same days, on days of their own, or both. */
    private record Told(boolean first, double odds, double plain) {}

    private static Told owner(Random random) {
        int days = 8 + random.nextInt(60);
        double base = 0.004 * Math.exp(0.5 * random.nextGaussian());
        double ratio = Math.exp(Odds.APART * random.nextGaussian());
        double shared = random.nextDouble();
        var struck = new int[2][days];
        var fished = new float[2][days];
        for (int day = 0; day < days; day++) {
            double worth = Math.exp(Odds.DAY * random.nextGaussian());
            boolean both = random.nextDouble() < shared;
            int one = random.nextInt(2);
            for (int side = 0; side < 2; side++) {
                if (both || side == one) {
                    fished[side][day] = (float) (60 + 400 * random.nextDouble());
                    double rate = base * worth * (side == 0 ? ratio : 1);
                    struck[side][day] = poisson(rate * fished[side][day], random);
                }
            }
        }
        Slice a = slice(struck[0], fished[0]);
        Slice b = slice(struck[1], fished[1]);
        return new Told(ratio > 1, Odds.takesMore(a, b), plain(a, b));
    }

    /** Odds that know of no days: of two gammas the first is more where its share of both, a beta, is above the share of its time. */
    private static double plain(Slice a, Slice b) {
        double mine = a.minutes() + 1;
        return 1
                - new BetaDistribution(a.strikes() + 1, b.strikes() + 1)
                        .cumulativeProbability(mine / (mine + b.minutes() + 1));
    }

    @Test
    void ofWhatIsSaidWithEightyPerCentEightInTenAreTrue() {
        var random = new Random(7);
        int said = 0;
        int right = 0;
        int plainSaid = 0;
        int plainRight = 0;
        while (said < 2500) {
            Told told = owner(random);
            if (claims(told.odds())) {
                said++;
                right += told.first() == told.odds() > 0.5 ? 1 : 0;
            }
            if (claims(told.plain())) {
                plainSaid++;
                plainRight += told.first() == told.plain() > 0.5 ? 1 : 0;
            }
        }
        System.out.printf(
                "odds of 0.75 to 0.85: %.1f %% of %d true; plain Poisson %.1f %% of %d%n",
                100.0 * right / said, said, 100.0 * plainRight / plainSaid, plainSaid);
        assertThat((double) right / said).isBetween(0.76, 0.84);
        assertThat((double) plainRight / plainSaid).isLessThan(0.75);
    }

    private static boolean claims(double odds) {
        double sure = Math.max(odds, 1 - odds);
        return sure >= 0.75 && sure <= 0.85;
    }

    @Test
    void theyMirror() {
        var random = new Random(3);
        for (int i = 0; i < 100; i++) {
            int days = 2 + random.nextInt(20);
            var struck = new int[2][days];
            var fished = new float[2][days];
            for (int side = 0; side < 2; side++) {
                for (int day = 0; day < days; day++) {
                    struck[side][day] = random.nextInt(4);
                    fished[side][day] = 1 + random.nextInt(500);
                }
            }
            Slice a = slice(struck[0], fished[0]);
            Slice b = slice(struck[1], fished[1]);
            assertThat(Odds.takesMore(a, b) + Odds.takesMore(b, a)).isCloseTo(1, within(1e-9));
            assertThat(Odds.takesMore(a, a)).isCloseTo(0.5, within(1e-9));
        }
    }

    @Test
    void whatWasNotFishedSaysNothing() {
        Slice none = slice(new int[3], new float[3]);
        Slice some = slice(new int[] {1, 2, 0}, new float[] {100, 100, 100});
        assertThat(Odds.takesMore(none, some)).isEqualTo(0.5);
        assertThat(Odds.rate(none, 0.01).per100()).isCloseTo(1, within(1e-9));
        assertThat(Odds.rate(none, 0).per100()).isZero();
        assertThat(Odds.rate(some, 0.01).low()).isLessThan(Odds.rate(some, 0.01).per100());
    }
}
