package org.mosswake.core.turn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Any helm, simulated: it must agree with the limits where both speak of the same turn. */
class HelmStudyTest {
    private static final TurnRules RULES = TurnSpreads.rules(7.5, 40);

    private static HelmAnswer turned(List<TurnLine> spread, Side side, double angleRad) {
        return new HelmStudy(RULES, Helm.turn(side, angleRad, RULES.radiusM()), spread).follow();
    }

    @ParameterizedTest
    @EnumSource(Side.class)
    void aTurnToTheLimitIsClearAndOneStepFartherFoulsTheNamedPair(Side side) {
        var study = new TurnStudy(RULES);
        SideLimit limit = study.limit(TurnSpreads.mixed(), side);
        assertThat(turned(TurnSpreads.mixed(), side, limit.limitRad()).fouls()).isEmpty();

        var beyond = turned(TurnSpreads.mixed(), side, limit.limitRad() + study.stepRad());
        Foul first = limit.firstFoul().orElseThrow();
        assertThat(beyond.fouls())
                .anySatisfy(foul -> assertThat(List.of(foul.line(), foul.other().orElseThrow()))
                        .containsExactlyInAnyOrder(first.line(), first.other().orElseThrow()));
    }

    @Test
    void runningStraightLeavesEveryLureInItsPlace() {
        var straight = new Helm(List.of(new Helm.Straight(200)));
        HelmAnswer answer = new HelmStudy(RULES, straight, TurnSpreads.twelve()).follow();
        assertThat(answer.fouls()).isEmpty();
        TurnFrame first = answer.frames().get(0);
        TurnFrame last = answer.frames().get(answer.frames().size() - 1);
        for (int i = 0; i < first.lines().size(); i++) {
            TurnFrame.Node before = first.lines().get(i).nodes().get(0);
            TurnFrame.Node after = last.lines().get(i).nodes().get(0);
            assertThat(after.asternM()).isCloseTo(before.asternM(), within(0.1));
            assertThat(after.starboardM()).isCloseTo(before.starboardM(), within(0.05));
        }
    }

    /** A quarter turn: the pivot goes its radius ahead and aside, and the transom lies as far from it as before. */
    @Test
    void theWayOfTheTransomIsThatOfTheHelm() {
        HelmAnswer answer = follow(Helm.turn(Side.STARBOARD, Math.PI / 2, 120), TurnSpreads.lopsided());
        assertThat(answer.way()).hasSameSizeAs(answer.frames());
        assertThat(answer.way().get(0)).isEqualTo(new Pose(0, 0, 0));
        Pose end = answer.way().get(answer.way().size() - 1);
        double pivot = RULES.start().x();
        assertThat(end.x()).isCloseTo(pivot - 120, within(1.5));
        assertThat(end.y()).isCloseTo(120 + pivot, within(1.5));
        assertThat(end.headingRad()).isCloseTo(Math.PI / 2, within(0.02));
    }

    @Test
    void aMirroredWeaveSwingsTheMirroredSpread() {
        var port = follow(Helm.weave(Side.PORT, 0.5, 40, 60, 3), TurnSpreads.lopsided());
        var starboard =
                follow(Helm.weave(Side.STARBOARD, 0.5, 40, 60, 3), TurnSpreads.mirrored(TurnSpreads.lopsided()));
        assertThat(port.frames()).hasSameSizeAs(starboard.frames());
        for (int k = 0; k < port.frames().size(); k += 5) {
            for (int i = 0; i < 6; i++) {
                TurnFrame.Node a = port.frames().get(k).lines().get(i).nodes().get(0);
                TurnFrame.Node b =
                        starboard.frames().get(k).lines().get(i).nodes().get(0);
                assertThat(a.asternM()).isCloseTo(b.asternM(), within(1e-3));
                assertThat(a.starboardM()).isCloseTo(-b.starboardM(), within(1e-3));
            }
        }
    }

    /** A weave turns each way in turn and lets lines come back between: it swings less than one turn of its angle. */
    @Test
    void aGentleWeaveIsClearWhereOneLongTurnIsNot() {
        assertThat(follow(Helm.weave(Side.PORT, Math.toRadians(20), 40, 120, 3), TurnSpreads.mixed())
                        .fouls())
                .isEmpty();
        assertThat(turned(TurnSpreads.mixed(), Side.PORT, Math.toRadians(120)).fouls())
                .isNotEmpty();
    }

    @Test
    void linesThatComeByOneAnotherAskForAStraightRun() {
        assertThat(turned(TurnSpreads.mixed(), Side.PORT, Math.toRadians(75)).againM())
                .isGreaterThan(60);
        assertThat(turned(List.of(TurnSpreads.outer(1, 40)), Side.PORT, 0.5).againM())
                .isZero();
    }

    private static HelmAnswer follow(Helm helm, List<TurnLine> spread) {
        return new HelmStudy(RULES, helm, spread).follow();
    }
}
