package org.mosswake.core.water.sounder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.mosswake.core.units.Plane;
import org.mosswake.core.water.sounder.Sounder.Shape;

/** The geometry, beside pings that are sent one by one over things that lie in the water. */
class SounderTest {
    private static final double KNOT = 1852 / 3600.0;

    /** What pings one by one: which of them hear a thing, and from how far. */
    private static double[] pinged(Sounder sounder, double depth, double mps, double length, double aside) {
        double half = sounder.coneRad() / 2;
        int heard = 0;
        double nearest = Double.MAX_VALUE;
        double farthest = 0;
        double reach = length + sounder.footprintM(depth) + 20;
        for (int ping = 0; ping * mps / sounder.pingsHz() < 2 * reach; ping++) {
            double boat = -reach + ping * mps / sounder.pingsHz();
            double off = Math.max(0, Math.abs(boat) - length / 2);
            double out = Plane.hypot(off, aside);
            if (Math.atan2(out, depth) <= half) {
                heard++;
                double slant = Plane.hypot(depth, out);
                nearest = Math.min(nearest, slant);
                farthest = Math.max(farthest, slant);
            }
        }
        return new double[] {heard, farthest - nearest};
    }

    @Test
    void aTraceIsAsWideAndAsHighAsPingsMakeIt() {
        var random = new SplittableRandom(4);
        for (int i = 0; i < 300; i++) {
            var sounder = new Sounder(Math.toRadians(random.nextDouble(8, 60)), random.nextDouble(2, 30));
            double depth = random.nextDouble(5, 120);
            double mps = random.nextDouble(0.5, 9);
            double length = random.nextDouble(0, 40);
            double aside = random.nextDouble(0, 0.45) * sounder.footprintM(depth);
            double[] seen = pinged(sounder, depth, mps, length, aside);
            Sounder.Trace trace = sounder.trace(depth, mps, length, 0, aside);
            assertThat(trace.columns()).isCloseTo(seen[0], within(1.01));
            double step = mps / sounder.pingsHz();
            // Between two pings the rim lies somewhere.
            assertThat(trace.heightM())
                    .isBetween(seen[1] - 0.01, seen[1] + step * Math.tan(sounder.coneRad() / 2) + 0.01);
        }
    }

    /** The handbook's fish: specks at planing speed, arches at a troll, worms at a drift, a line at anchor. */
    @Test
    void theSameFishLooksAsSheGoes() {
        var sounder = new Sounder(Math.toRadians(20), 5);
        double depth = 25;
        assertThat(looks(sounder, depth, 24 * KNOT)).isEqualTo(Shape.ARCH);
        assertThat(looks(new Sounder(Math.toRadians(12), 2), depth, 24 * KNOT)).isEqualTo(Shape.SPECK);
        assertThat(looks(sounder, depth, 7 * KNOT)).isEqualTo(Shape.ARCH);
        assertThat(looks(sounder, depth, 0.6 * KNOT)).isEqualTo(Shape.WORM);
        assertThat(looks(sounder, depth, 0)).isEqualTo(Shape.LINE);
        assertThat(Sounder.mostPingsHz(75)).isCloseTo(10, within(1e-9));
    }

    private static Shape looks(Sounder sounder, double depth, double mps) {
        return sounder.trace(depth, mps, 0, 0.1, 0).shape();
    }

    /** Whatever lies there, what is read back holds it: never a fish said to be none, never a school said to be smaller. */
    @Test
    void whatIsReadBackHoldsWhatWasThere() {
        var random = new SplittableRandom(9);
        for (int i = 0; i < 500; i++) {
            var sounder = new Sounder(Math.toRadians(random.nextDouble(8, 45)), random.nextDouble(2, 20));
            double depth = random.nextDouble(5, 100);
            double mps = random.nextDouble(0.5, 6);
            boolean fish = random.nextBoolean();
            double length = fish ? 0 : random.nextDouble(1, 80);
            double thick = fish ? 0.15 : random.nextDouble(0.5, 12);
            double aside = random.nextDouble(0, 0.48) * sounder.footprintM(depth);
            Sounder.Trace seen = sounder.trace(depth, mps, length, thick, aside);
            MarkCan can = MarkCan.of(sounder, seen.columns(), seen.heightM(), depth, mps);
            assertThat(length).isBetween(can.leastLengthM() - 1e-6, can.mostLengthM() + 1e-6);
            assertThat(thick).isBetween(can.leastThickM() - 1e-6, can.mostThickM() + 1e-6);
            if (fish) {
                assertThat(can.oneFish()).isTrue();
            }
        }
    }

    @Test
    void sentencesDoNotCallAWideTraceALargeFish() {
        var sounder = new Sounder(Math.toRadians(20), 5);
        MarkCan wide = MarkCan.of(sounder, 400, 6, 20, 3.5);
        assertThat(wide.oneFish()).isFalse();
        assertThat(wide.says().get(0).text()).startsWith("Not one fish that stays");
        MarkCan arch = MarkCan.of(sounder, 10, 0.3, 20, 3.5);
        assertThat(arch.says().get(0).text())
                .contains("It can be one fish")
                .contains("Its width says nothing of its size");
        MarkCan thick = MarkCan.of(sounder, 10, 4, 20, 3.5);
        assertThat(thick.oneFish()).isFalse();
        assertThat(thick.says())
                .noneMatch(one -> one.text().contains("can be one fish"))
                .anyMatch(one -> one.text().startsWith("Too thick for one fish"));
        MarkCan lies = MarkCan.of(sounder, 400, 0.3, 20, 0);
        assertThat(lies.oneFish()).isTrue();
        assertThat(lies.says().get(0).text()).contains("one long line");
    }

    /** Beside a boat and a lure that are moved second by second. */
    @Test
    void luresReachWhatDriftsAndWhatLiesThereInTheirOwnTime() {
        double astern = 60;
        double through = 3.5;
        double stream = 0.8;
        Reach with = Reach.of(astern, through, through + stream, 0);
        assertThat(with.driftingS()).isCloseTo(astern / through, within(1e-9));
        double lure = -astern;
        double wreck = 0;
        double t = 0;
        for (; lure < wreck; t += 0.01) {
            lure += 0.01 * (through + stream);
        }
        assertThat(with.lyingS()).isCloseTo(t, within(0.02));
        assertThat(with.lyingS()).isLessThan(with.driftingS());
        assertThat(Reach.of(astern, through, through, 0.5).setM()).isCloseTo(8.6, within(0.1));
    }
}
