package org.mosswake.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.mosswake.core.rig.Rigging.Bait;

class BaitRigTest {
    private static BaitRig of(Bait.Kind kind, double lengthM) {
        return BaitRig.of(new Bait(kind, lengthM, Optional.empty()));
    }

    private static BaitRig of(Bait.Kind kind, double lengthM, double degrees) {
        return BaitRig.of(new Bait(kind, lengthM, Optional.of(Math.toRadians(degrees))));
    }

    @Test
    void aSmallLiveBaitHasTwoHooksAndABigOneThree() {
        assertThat(of(Bait.Kind.LIVE, 0.22).hooks()).hasSize(2);
        BaitRig big = of(Bait.Kind.LIVE, 0.4);
        assertThat(big.hooks()).hasSize(3);
        assertThat(big.gapsM().get(0)).isCloseTo(0.14, within(1e-9));
        assertThat(big.hooks().get(2).alongM()).isCloseTo(0.62 * 0.4, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"0.35, 3", "0.6, 3", "0.8, 4", "1.1, 5"})
    void anEelShapedBaitHasThreeToFiveHooks(double lengthM, int hooks) {
        BaitRig eel = of(Bait.Kind.EEL_SHAPED, lengthM);
        assertThat(eel.hooks()).hasSize(hooks);
        assertThat(eel.gapsM().get(0)).isLessThanOrEqualTo(0.23 + 1e-9);
        assertThat(eel.slackM()).isPositive();
    }

    @Test
    void aLongEelHasTheUsualSpacing() {
        BaitRig eel = of(Bait.Kind.EEL_SHAPED, 0.8);
        assertThat(eel.gapsM().get(0)).isCloseTo(0.23, within(1e-9));
        assertThat(eel.gapsM().subList(1, 3)).allSatisfy(gap -> assertThat(gap).isBetween(0.13, 0.15));
    }

    @Test
    void theSecondOfADoubleBaitSwimsBehindTheFirst() {
        BaitRig pair = of(Bait.Kind.DOUBLE_LIVE, 0.2);
        assertThat(pair.hooks()).hasSize(4);
        assertThat(pair.hooks().get(2).alongM()).isGreaterThan(0.2);
    }

    @Test
    void theBevelLeavesALongSideAndAShortOne() {
        BaitRig.Cut cut = of(Bait.Kind.CUT, 0.2, 45).cut().orElseThrow();
        assertThat(cut.longSideM() - cut.shortSideM()).isCloseTo(BaitRig.BODY_DEPTH * 0.2, within(1e-9));
        BaitRig.Cut faster = of(Bait.Kind.CUT, 0.2, 55).cut().orElseThrow();
        assertThat(faster.shortSideM()).isLessThan(cut.shortSideM());
    }

    @Test
    void aStraightCutHasNoSides() {
        BaitRig.Cut cut = of(Bait.Kind.CUT, 0.2, 0).cut().orElseThrow();
        assertThat(cut.longSideM()).isCloseTo(cut.shortSideM(), within(1e-12));
    }

    @Test
    void moreBendStandsTheTailFartherOff() {
        double little = of(Bait.Kind.BENT, 0.2, 15).bend().orElseThrow().offsetM();
        double more = of(Bait.Kind.BENT, 0.2, 35).bend().orElseThrow().offsetM();
        assertThat(more).isGreaterThan(little);
        assertThat(of(Bait.Kind.BENT, 0.2).bend().orElseThrow().stickM()).isCloseTo(0.1, within(1e-12));
    }

    @ParameterizedTest
    @EnumSource(Bait.Kind.class)
    void hooksGoFromTheNoseBackAndStayInTheBait(Bait.Kind kind) {
        for (double length : new double[] {0.12, 0.2, 0.35, 0.6}) {
            BaitRig rig = of(kind, length);
            double end = kind == Bait.Kind.DOUBLE_LIVE ? 2 * length + 0.06 : length;
            assertThat(rig.hooks())
                    .isNotEmpty()
                    .allSatisfy(hook -> assertThat(hook.alongM()).isBetween(0.0, end));
            assertThat(rig.gapsM()).allSatisfy(gap -> assertThat(gap).isPositive());
        }
    }

    @Test
    void theAttractorSaysHowLongTheLeaderIs() {
        assertThat(AttractorLeader.of(0.35, false)).isEqualTo(AttractorLeader.LARGE_BLADE);
        assertThat(AttractorLeader.of(0.28, false)).isEqualTo(AttractorLeader.SQUID_BEHIND_FLASHER);
        assertThat(AttractorLeader.of(0.28, true)).isEqualTo(AttractorLeader.SPOON_BEHIND_FLASHER);
        assertThat(AttractorLeader.of(0.15, false)).isEqualTo(AttractorLeader.SMALL_DODGER);
    }

    @ParameterizedTest
    @EnumSource(AttractorLeader.class)
    void cutAsToldItMeasuresRight(AttractorLeader leader) {
        double trail = 0.06;
        assertThat(leader.fits(leader.cutM(trail) + trail)).isTrue();
        assertThat(leader.fits(leader.leastM() - 0.02)).isFalse();
        assertThat(leader.fits(leader.mostM() + 0.02)).isFalse();
    }
}
