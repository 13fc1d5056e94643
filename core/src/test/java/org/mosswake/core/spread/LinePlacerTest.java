package org.mosswake.core.spread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

class LinePlacerTest {
    private static final SpeedThroughWater SLOW = SpeedThroughWater.of(2.6, SpeedUnit.KNOT);
    private static final SpeedThroughWater TROLL = SpeedThroughWater.of(7.5, SpeedUnit.KNOT);

    private final LinePlacer placer = new LinePlacer();

    private SpreadLine plug() {
        return DemoSpread.line("plug", DemoSpread.flat("stern", 0.8, 0.9), 30, LureKind.LIPPED_PLUG);
    }

    private double depth(SpreadLine line, SpeedThroughWater speed) {
        return placer.place(line, speed).orElseThrow().depthM();
    }

    /** Let-outs are set to the tenth of a metre: that is as near as the depth comes. */
    @ParameterizedTest
    @ValueSource(doubles = {3, 4.5, 6, 7.5})
    void letsOutForADepth(double wanted) {
        var reached = placer.toDepth(plug(), TROLL, wanted, 4, 200);
        assertThat(reached.reached()).isTrue();
        assertThat(depth(reached.line(), TROLL)).isCloseTo(wanted, within(0.05));
    }

    @ParameterizedTest
    @ValueSource(doubles = {6, 12, 18, 25})
    void letsCableOutForADepth(double wanted) {
        var line = DemoSpread.deep("deep", 10, 8, LureKind.SQUID, ClipSeat.FULL);
        var reached = placer.toDepth(line, SLOW, wanted, 1, 120);
        assertThat(reached.reached()).isTrue();
        assertThat(depth(reached.line(), SLOW)).isCloseTo(wanted, within(0.15));
        assertThat(reached.line().letOutM()).isEqualTo(line.letOutM());
    }

    @Test
    void whatCannotBeHadEndsAtTheNearest() {
        var deep = placer.toDepth(plug(), TROLL, 90, 4, 120);
        assertThat(deep.reached()).isFalse();
        for (double letOut : new double[] {20, 60, 119}) {
            assertThat(depth(plug().withLetOut(letOut), TROLL)).isLessThanOrEqualTo(depth(deep.line(), TROLL) + 0.05);
        }
        var shallow = placer.toDepth(DemoSpread.deep("deep", 10, 8, LureKind.SQUID, ClipSeat.FULL), SLOW, 400, 1, 60);
        assertThat(shallow.reached()).isFalse();
        assertThat(shallow.line().deep().orElseThrow().cableOutM()).isCloseTo(60, within(0.1));
    }

    @ParameterizedTest
    @ValueSource(doubles = {28, 44, 73, 150})
    void letsOutForAPlaceAstern(double astern) {
        var line = DemoSpread.line("skirt", DemoSpread.rigger("rigger", 6, 5), 40, LureKind.BULLET_SKIRT);
        var set = placer.toAstern(line, TROLL, astern, 10, 220);
        assertThat(placer.place(set, TROLL).orElseThrow().asternM()).isCloseTo(astern, within(0.3));
    }

    @Test
    void thePlaceAsternStaysWithinItsEnds() {
        var line = DemoSpread.line("skirt", DemoSpread.rigger("rigger", 6, 5), 40, LureKind.BULLET_SKIRT);
        assertThat(placer.toAstern(line, TROLL, 500, 10, 90).letOutM()).isEqualTo(90);
        assertThat(placer.toAstern(line, TROLL, 2, 25, 90).letOutM()).isEqualTo(25);
    }

    /** The lowest thing is what meets the bottom: the ball under a deep lure, the lead of a three-way. */
    @Test
    void theLowestThingIsToldWithTheLure() {
        var deep = placer.place(DemoSpread.deep("deep", 20, 8, LureKind.SQUID, ClipSeat.FULL), SLOW)
                .orElseThrow();
        assertThat(deep.lowestM()).isGreaterThan(deep.depthM());
        var threeWay = placer.place(DemoSpread.threeWay("three", DemoSpread.flat("stern", 0.8, 0.9), 45), SLOW)
                .orElseThrow();
        assertThat(threeWay.lowestM()).isGreaterThanOrEqualTo(threeWay.depthM());
        var surface = placer.place(
                        DemoSpread.line("skirt", DemoSpread.rigger("rigger", 6, 5), 60, LureKind.BULLET_SKIRT), TROLL)
                .orElseThrow();
        assertThat(surface.starboardM()).isCloseTo(6, within(0.01));
    }

    @Test
    void leadersAreWhatTheMainLineLeaves() {
        assertThat(LinePlacer.leadersM(plug())).isCloseTo(2, within(1e-9));
    }
}
