package org.mosswake.core.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Days;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.Topic;
import org.mosswake.core.clock.LightDepth;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.Slot;

class DepthsTest {
    private static final LightDepth.Band BY_LIGHT = new LightDepth.Band(9, 18);

    private static Depths depths(PlaybookId id, Conditions conditions) {
        Situation s = Days.small(Light.MORNING, conditions);
        return new Depths(s, s.numbers().playbook(id), BY_LIGHT);
    }

    private static Slot slot(PlaybookId id, int at) {
        return Numbers.USUAL.playbook(id).slots().get(at);
    }

    private static Conditions water(double depth) {
        return Conditions.NOTHING.with(Topic.DEPTH, Answer.number(depth));
    }

    private static double middle(Depths depths, Slot slot) {
        return depths.of(slot).orElseThrow().middleM();
    }

    @Test
    void aPositionByLetOutHasNoDepth() {
        assertThat(depths(PlaybookId.MIXED, water(60)).of(slot(PlaybookId.MIXED, 0)))
                .isEmpty();
    }

    @Test
    void offTheBottomIsCountedFromIt() {
        var target = depths(PlaybookId.SPOONS, water(12))
                .of(slot(PlaybookId.SPOONS, 0))
                .orElseThrow();
        assertThat(target.topM()).isCloseTo(10, within(1e-9));
        assertThat(target.bottomM()).isCloseTo(11, within(1e-9));
        assertThat(target.miss(9)).isCloseTo(1, within(1e-9));
        assertThat(target.miss(10.5)).isZero();
    }

    @Test
    void sharesAreOfTheDepthOfWater() {
        var depths = depths(PlaybookId.LIVE_SLOW, water(30));
        assertThat(middle(depths, slot(PlaybookId.LIVE_SLOW, 2))).isCloseTo(9.9, within(0.01));
        assertThat(middle(depths, slot(PlaybookId.LIVE_SLOW, 4))).isCloseTo(19.8, within(0.01));
    }

    @Test
    void byLightTheSecondLineIsHigherInTheBand() {
        var depths = depths(PlaybookId.FLASH_SQUID, water(80));
        double first = middle(depths, slot(PlaybookId.FLASH_SQUID, 0));
        double second = middle(depths, slot(PlaybookId.FLASH_SQUID, 1));
        assertThat(first).isBetween(9.0, 18.0);
        assertThat(second).isBetween(9.0, first - 3);
    }

    @Test
    void aLayerIsBracketedFromUnderAndOver() {
        var depths = depths(PlaybookId.FLASH_SQUID, water(60).with(Topic.BAIT, Answer.layer(20, 28)));
        assertThat(depths.brackets()).isTrue();
        assertThat(middle(depths, slot(PlaybookId.FLASH_SQUID, 0))).isGreaterThan(28);
        assertThat(middle(depths, slot(PlaybookId.FLASH_SQUID, 1))).isLessThan(20);
        assertThat(middle(depths, slot(PlaybookId.FLASH_SQUID, 0))).isGreaterThan(28);
    }

    @Test
    void whatTapsTheBottomStaysDownWhateverSwimsOverIt() {
        var depths = depths(PlaybookId.PLUG_CUT, water(20).with(Topic.BAIT, Answer.layer(6, 9)));
        assertThat(depths.brackets()).isFalse();
        assertThat(middle(depths, slot(PlaybookId.PLUG_CUT, 0))).isGreaterThan(19);
    }

    @Test
    void nothingIsSoughtUnderTheBottom() {
        var depths = depths(PlaybookId.BENT_BAIT, water(8));
        assertThat(depths.of(slot(PlaybookId.BENT_BAIT, 1)).orElseThrow().bottomM())
                .isLessThan(8);
        var layer = depths(PlaybookId.FLASH_SQUID, water(25).with(Topic.BAIT, Answer.layer(20, 30)));
        assertThat(middle(layer, slot(PlaybookId.FLASH_SQUID, 0))).isLessThan(25);
    }

    @Test
    void withoutADepthTheUsualWaterIsReckoned() {
        double reckoned = depths(PlaybookId.SPOONS, Conditions.NOTHING).bottomM();
        Playbook p = Numbers.USUAL.playbook(PlaybookId.SPOONS);
        assertThat(reckoned).isBetween(p.waterFromM(), p.waterToM());
    }
}
