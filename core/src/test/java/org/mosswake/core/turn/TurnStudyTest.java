package org.mosswake.core.turn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.core.sure.Factor;
import org.mosswake.core.sure.Unknown;
import org.mosswake.core.tow.TowSolver;

/** What only a simulation can know: a table of limits would fail here. */
class TurnStudyTest {
    private static final TurnRules RULES = TurnSpreads.rules(7.5, 40);

    private static SideLimit limit(List<TurnLine> spread, Side side) {
        return new TurnStudy(RULES).limit(spread, side);
    }

    private static double degrees(List<TurnLine> spread, Side side) {
        return Math.toDegrees(limit(spread, side).limitRad());
    }

    static Stream<List<TurnLine>> spreads() {
        return Stream.of(TurnSpreads.mixed(), TurnSpreads.twelve(), TurnSpreads.lopsided());
    }

    @ParameterizedTest
    @MethodSource("spreads")
    void mirroredSpreadsHaveMirroredLimits(List<TurnLine> spread) {
        for (Side side : Side.values()) {
            SideLimit one = limit(spread, side);
            SideLimit other = limit(TurnSpreads.mirrored(spread), side.other());
            assertThat(other.limitRad()).isCloseTo(one.limitRad(), within(1e-9));
            assertThat(other.firstFoul().map(Foul::line))
                    .isEqualTo(one.firstFoul().map(Foul::line));
            assertThat(other.againM()).isCloseTo(one.againM(), within(1e-6));
        }
    }

    /** Twice the pieces, and every step tried instead of one in five: within the 3° promised. */
    @ParameterizedTest
    @MethodSource("spreads")
    void hasConverged(List<TurnLine> spread) {
        for (Side side : Side.values()) {
            double usual = degrees(spread, side);
            assertThat(Math.toDegrees(new TurnStudy(RULES, 24, TurnStudy.STRIDE)
                            .limit(spread, side)
                            .limitRad()))
                    .isCloseTo(usual, within(3.01));
            assertThat(Math.toDegrees(new TurnStudy(RULES, PlanLine.PIECES, 1)
                            .limit(spread, side)
                            .limitRad()))
                    .isCloseTo(usual, within(1e-9));
        }
    }

    /** Fouls narrower than a stride, clear on both sides: with strides alone these were said to turn right round, or nearly. */
    @ParameterizedTest
    @ValueSource(ints = {30, 119, 129, 1, 2, 3})
    void narrowFoulsAreNotSteppedOver(int seed) {
        var random = new Random(seed);
        List<TurnLine> spread = TurnSpreads.random(random);
        var rules = TurnSpreads.rules(7.5, 30 + random.nextInt(60));
        for (Side side : Side.values()) {
            double every =
                    new TurnStudy(rules, PlanLine.PIECES, 1).limit(spread, side).limitRad();
            assertThat(new TurnStudy(rules).limit(spread, side).limitRad()).isCloseTo(every, within(1e-9));
        }
    }

    @Test
    void longLinesOnOneSideMakeTheSidesDiffer() {
        assertThat(degrees(TurnSpreads.lopsided(), Side.STARBOARD))
                .isGreaterThan(degrees(TurnSpreads.lopsided(), Side.PORT) + 20);
    }

    @Test
    void aDeepLineUnderASurfaceLineIsNoFoul() {
        var surface = TurnSpreads.mixed().subList(0, 5);
        for (Side side : Side.values()) {
            assertThat(limit(TurnSpreads.mixed(), side).limitRad())
                    .isEqualTo(limit(surface, side).limitRad());
        }
    }

    /** The same deep line meets one that is not known to lie over it: heights decide, not only places in plan. */
    @Test
    void aLineWhoseDepthIsHardlyKnownMeetsSooner() {
        TurnLine diver = TurnSpreads.diver(-1, 60);
        var unsure = Map.of(new Factor(Unknown.DIVE_AREA, ""), 30.0);
        TurnLine hardlyKnown = new TurnLine(diver.tow(), diver.tipAsternM(), diver.tipStarboardM(), unsure);
        double known = degrees(List.of(TurnSpreads.outer(-1, 84), diver), Side.STARBOARD);
        double hardly = degrees(List.of(TurnSpreads.outer(-1, 84), hardlyKnown), Side.STARBOARD);
        assertThat(known).isGreaterThan(150);
        assertThat(hardly).isLessThan(known - 30);
    }

    @Test
    void whoPassesOverWhomIsSaidWithTheWaterBetween() {
        SideLimit limit = limit(List.of(TurnSpreads.outer(-1, 84), TurnSpreads.diver(-1, 60)), Side.STARBOARD);
        assertThat(limit.passes()).singleElement().satisfies(pass -> {
            assertThat(pass.near()).isFalse();
            assertThat(pass.betweenM()).isBetween(1.0, 12.0);
        });
    }

    @Test
    void withoutTheLongCentreTheLimitRises() {
        var spread = TurnSpreads.mixed();
        assertThat(limit(spread, Side.PORT).firstFoul()).hasValueSatisfying(foul -> {
            assertThat(foul.line()).isZero();
            assertThat(foul.other()).contains(2);
        });
        assertThat(degrees(spread.subList(1, 6), Side.PORT)).isGreaterThan(degrees(spread, Side.PORT) + 30);
    }

    /** The turn that fouls is itself clear; the lines meet only as they straighten. */
    @Test
    void theStraightRunAfterTheTurnCounts() {
        SideLimit port = limit(TurnSpreads.lopsided(), Side.PORT);
        Foul foul = port.firstFoul().orElseThrow();
        assertThat(foul.straightM()).isGreaterThan(10);
        Helm turnOnly = Helm.turn(Side.PORT, Math.abs(foul.turnedRad()), 40);
        HelmAnswer answer = new HelmStudy(RULES, turnOnly, TurnSpreads.lopsided()).follow();
        assertThat(answer.fouls()).isNotEmpty().allMatch(f -> f.straightM() > 0);
    }

    @Test
    void whatLiesUpToTheLimitIsClearAndTheNextStepIsNot() {
        SideLimit port = limit(TurnSpreads.mixed(), Side.PORT);
        Helm atLimit = Helm.turn(Side.PORT, port.limitRad(), 40);
        assertThat(new HelmStudy(RULES, atLimit, TurnSpreads.mixed()).follow().fouls())
                .isEmpty();
        Helm beyond = Helm.turn(Side.PORT, port.limitRad() + 2 * TurnRules.STEP_RAD, 40);
        assertThat(new HelmStudy(RULES, beyond, TurnSpreads.mixed()).follow().fouls())
                .isNotEmpty();
    }

    @Test
    void aWiderTurnIsNoHarderForAShortSpread() {
        var pair = List.of(TurnSpreads.outer(1, 60), TurnSpreads.outer(-1, 60));
        assertThat(new TurnStudy(TurnSpreads.rules(7.5, 80))
                        .limit(pair, Side.PORT)
                        .limitRad())
                .isGreaterThanOrEqualTo(new TurnStudy(TurnSpreads.rules(7.5, 40))
                        .limit(pair, Side.PORT)
                        .limitRad());
    }

    @Test
    void theInsideLureSlowsAndTheOutsideLureSpeedsUp() {
        var pair = List.of(TurnSpreads.outer(1, 40), TurnSpreads.outer(-1, 40));
        List<TurnFrame> frames = new TurnStudy(RULES).halfTurn(pair, Side.STARBOARD);
        TurnFrame quarter = frames.get(frames.size() / 2);
        assertThat(quarter.lines().get(0).lureSpeedMps()).isLessThan(RULES.speedMps() - 0.3);
        assertThat(quarter.lines().get(1).lureSpeedMps())
                .isGreaterThan(quarter.lines().get(0).lureSpeedMps() + 0.5);
        assertThat(quarter.lines().get(0).lureDepthM())
                .isGreaterThan(frames.get(0).lines().get(0).lureDepthM());
    }

    /** On a straight course every node stays where the tow puts it, bars that steer within their own rest. */
    @Test
    void aStraightRunKeepsTheLayoutOfTheTow() {
        var spread = new ArrayList<>(TurnSpreads.twelve());
        spread.add(TurnSpreads.line(7.5, 1, 3, 2, 35, TurnSpreads.STEERING_BAR));
        var straight = new Helm(List.of(new Helm.Straight(150)));
        List<TurnFrame> frames = new HelmStudy(RULES, straight, spread).follow().frames();
        TurnFrame last = frames.get(frames.size() - 1);
        var tows = new TowSolver();
        for (int i = 0; i < spread.size(); i++) {
            var lure = tows.profile(spread.get(i).tow()).orElseThrow().at(0);
            TurnFrame.Node node = last.lines().get(i).nodes().get(0);
            assertThat(node.asternM()).isCloseTo(spread.get(i).tipAsternM() + lure.asternM(), within(0.1));
            assertThat(node.starboardM()).isCloseTo(spread.get(i).tipStarboardM() + lure.starboardM(), within(0.1));
        }
    }

    @Test
    void changingOneLineGivesWhatAFreshStudyGives() {
        var study = new TurnStudy(RULES);
        study.limits(TurnSpreads.mixed());
        var changed = new ArrayList<>(TurnSpreads.mixed());
        changed.set(0, TurnSpreads.longCentre(110));
        assertThat(study.limits(changed)).isEqualTo(new TurnStudy(RULES).limits(changed));
    }

    /** A pair that fouls is watched although each of its lines was followed to rest without the other. */
    @Test
    void linesFollowedApartStillFoulTogether() {
        var study = new TurnStudy(RULES);
        List<TurnLine> all = TurnSpreads.mixed();
        var limits = study.limits(all);
        study.limits(all.subList(1, all.size()));
        study.limits(all.subList(0, 1));
        assertThat(study.limits(all)).isEqualTo(limits);
    }

    @ParameterizedTest
    @MethodSource("spreads")
    void askedTwiceItAnswersTheSame(List<TurnLine> spread) {
        var study = new TurnStudy(RULES);
        assertThat(study.limits(spread)).isEqualTo(study.limits(spread));
    }

    @Test
    void aLongLineOnTheInsideHangsSlack() {
        Foul foul = limit(TurnSpreads.lopsided().subList(0, 1), Side.STARBOARD)
                .firstFoul()
                .orElseThrow();
        assertThat(foul.isSlack()).isTrue();
    }

    @Test
    void noLinesTurnAsTheyLike() {
        assertThat(limit(List.of(), Side.PORT).limitRad()).isEqualTo(Math.PI);
        assertThat(limit(List.of(), Side.PORT).firstFoul()).isEmpty();
    }
}
