package org.mosswake.core.spread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mosswake.core.bench.DepthWays;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.handling.SpreadTurns;
import org.mosswake.core.spread.Finding.Kind;
import org.mosswake.core.tow.Belly;
import org.mosswake.core.tow.Downrigger;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.turn.Side;
import org.mosswake.core.turn.TurnFrame;
import org.mosswake.core.turn.TurnRules;
import org.mosswake.core.units.Plane;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

/** Lines down a cable and three-ways, as parts of a spread. */
class DeepLinesTest {
    private static SolvedSpread solved(Spread spread) {
        return new SpreadSolver().solve(spread);
    }

    private static Spread over(double knots, double bottomM, SpreadLine... lines) {
        var here = new Here(
                Optional.of(bottomM),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return new Spread(SpeedThroughWater.of(knots, SpeedUnit.KNOT), 1, List.of(lines), here, Optional.empty());
    }

    private static List<Kind> kinds(Spread spread) {
        return solved(spread).findings().stream().map(Finding::kind).toList();
    }

    private static Finding finding(Spread spread, Kind kind) {
        return solved(spread).findings().stream()
                .filter(f -> f.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aDeepLineIsPlacedBehindItsPulley() {
        var spread = DemoSpread.atKnots(2.5, DemoSpread.deep("deep", 20, 8, LureKind.SQUID, ClipSeat.FULL));
        SolvedLine line = solved(spread).lines().get(0);
        DeepPlace deep = line.deep().orElseThrow();
        assertThat(line.label()).isEqualTo("D1");
        assertThat(deep.ballDepthM() + deep.blowBackM()).isCloseTo(20, within(1e-9));
        assertThat(deep.clipDepthM()).isLessThan(deep.ballDepthM());
        assertThat(line.shape().orElseThrow().asternM()).isGreaterThan(deep.clipAsternM() + 7);
        assertThat(line.depthPerTenM()).hasValueSatisfying(d -> assertThat(d).isBetween(5.0, 10.0));
        assertThat(deep.belly().orElseThrow().lengthM()).isGreaterThan(deep.clipDepthM());
    }

    @Test
    void aWideAttractorPullsAHalfSeatedClipOpen() {
        var half = DemoSpread.deep("deep", 20, 8, LureKind.ROTATING_BLADE, ClipSeat.HALF);
        var full = DemoSpread.deep("deep", 20, 8, LureKind.ROTATING_BLADE, ClipSeat.FULL);
        assertThat(kinds(DemoSpread.atKnots(2.6, half))).contains(Kind.CLIP_LETS_GO);
        assertThat(kinds(DemoSpread.atKnots(2.6, full))).doesNotContain(Kind.CLIP_LETS_GO);
    }

    @Test
    void aLiveBaitTowedTooSlowlySwimsUpToTheCable() {
        var bait = DemoSpread.deep("deep", 10, 7, LureKind.LIVE_BAIT, ClipSeat.HALF);
        var slow = finding(DemoSpread.atKnots(1.2, bait), Kind.SWIMS_UP);
        double enough = Offered.by(slow, Change.Speed.class).mps();
        assertThat(Offered.said(slow, 1)).isEqualTo(enough);
        assertThat(kinds(DemoSpread.atKnots(SpeedUnit.KNOT.fromSi(enough) + 0.01, bait)))
                .doesNotContain(Kind.SWIMS_UP);
        var shortBait = DemoSpread.deep("deep", 10, 3.5, LureKind.LIVE_BAIT, ClipSeat.HALF);
        assertThat(kinds(DemoSpread.atKnots(1.7, shortBait))).contains(Kind.SWIMS_UP);
    }

    @Test
    void theBallOnTheBottomIsSaidAndMended() {
        var line = DemoSpread.deep("deep", 24, 8, LureKind.SQUID, ClipSeat.FULL);
        Finding touching = finding(over(2, 20, line), Kind.TOUCHES_BOTTOM);
        var mend = Offered.by(touching, Change.CableOut.class);
        assertThat(touching.title().text()).isEqualTo("D1 is on the bottom");
        var mended = over(2, 20, line.withCableOut(mend.metres()));
        assertThat(kinds(mended)).doesNotContain(Kind.TOUCHES_BOTTOM).contains(Kind.OFF_BOTTOM);
    }

    @Test
    void cableForADepthAndNoLetOut() {
        var line = DemoSpread.deep("deep", 15, 8, LureKind.ROTATING_BLADE, ClipSeat.FULL);
        SpeedThroughWater speed = SpeedThroughWater.of(2.5, SpeedUnit.KNOT);
        DepthWays ways = DepthWays.of(line, speed, 20, 400);
        assertThat(ways.letOut()).isEmpty();
        double cable = ways.cable().orElseThrow().value().orElseThrow();
        var again = solved(DemoSpread.atKnots(2.5, line.withCableOut(cable)))
                .lines()
                .get(0);
        assertThat(again.shape().orElseThrow().depthM()).isCloseTo(20, within(0.03));
    }

    @Test
    void leadLetOutAndSpeedForADepth() {
        var line = DemoSpread.weighted("w", DemoSpread.flat("corner", 1.5, 2.2), 40, LureKind.HAIR_JIG, 0.45);
        SpeedThroughWater speed = SpeedThroughWater.of(3, SpeedUnit.KNOT);
        DepthWays ways = DepthWays.of(line, speed, 9, 400);
        assertThat(ways.letOut().orElseThrow().value()).isPresent();
        assertThat(ways.lead().orElseThrow().value()).isPresent();
        double slower = ways.speed().value().orElseThrow();
        var tried = new Spread(new SpeedThroughWater(slower), 1, List.of(line));
        assertThat(solved(tried).lines().get(0).shape().orElseThrow().depthM()).isCloseTo(9, within(0.03));
        assertThat(ways.cable()).isEmpty();
    }

    @Test
    void bothLuresOfAThreeWayAreSolved() {
        var line = DemoSpread.threeWay("three", DemoSpread.flat("corner", 1.5, 2.2), 40);
        SolvedLine solved = solved(DemoSpread.atKnots(2.8, line)).lines().get(0);
        BranchPlace branch = solved.branch().orElseThrow();
        assertThat(branch.asternM()).isGreaterThan(solved.shape().orElseThrow().asternM());
        assertThat(branch.depthM()).isCloseTo(solved.shape().orElseThrow().depthM(), within(4.0));
    }

    @Test
    void whatCannotBeTiedIsRefusedByName() {
        var plain = DemoSpread.line("a", DemoSpread.flat("corner", 1.5, 2.2), 40, LureKind.FEATHER);
        var deep = DemoSpread.deep("deep", 20, 8, LureKind.SQUID, ClipSeat.FULL);
        assertThatThrownBy(() -> plain.withHolder(deep.holder()))
                .isInstanceOf(FaultException.class)
                .hasMessageContaining("deep is missing");
        assertThatThrownBy(() -> deep.withHolder(plain.holder()))
                .isInstanceOf(FaultException.class)
                .hasMessageContaining("no downrigger");
        assertThatThrownBy(() -> deep.withCableOut(1)).isInstanceOf(FaultException.class);
    }

    @Test
    void deepLinesSayHowTheyLieToTheBait() {
        var line = DemoSpread.deep("deep", 12, 8, LureKind.SQUID, ClipSeat.FULL);
        var here = new Here(
                Optional.of(40.0),
                Optional.of(new Here.Band(18, 22)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        var spread = new Spread(SpeedThroughWater.of(2.2, SpeedUnit.KNOT), 1, List.of(line), here, Optional.empty());
        Finding bait = finding(spread, Kind.BAIT_LAYER);
        assertThat(bait.title().text()).isEqualTo("D1 swims {0} over the bait");
        assertThat(bait.title().figures().get(0).si()).isBetween(4.0, 8.0);
    }

    private static Spread bladed(LureKind lure) {
        return over(2.5, 200, DemoSpread.deep("deep", 24, 8, lure, ClipSeat.FULL));
    }

    @Test
    void whatABladeCostsInDepthIsSaid() {
        Spread blade = bladed(LureKind.ROTATING_BLADE);
        Spread plain = bladed(LureKind.SQUID);
        double cost = ball(plain) - ball(blade);
        assertThat(finding(blade, Kind.BLADE_LIFTS).title().figures().get(0).si())
                .isCloseTo(cost, within(0.1));
        assertThat(kinds(plain)).doesNotContain(Kind.BLADE_LIFTS);
    }

    @Test
    void aDodgerUnderItsDepthIsSaid() {
        SpreadLine deep = DemoSpread.deep("deep", 40, 8, LureKind.DODGER, ClipSeat.FULL);
        assertThat(finding(over(1.5, 200, deep), Kind.DODGER_TOO_DEEP)
                        .text()
                        .figures()
                        .get(1)
                        .si())
                .isGreaterThan(18);
        assertThat(kinds(over(1.5, 200, deep.withCableOut(12)))).doesNotContain(Kind.DODGER_TOO_DEEP);
        SpreadLine blade = DemoSpread.deep("deep", 40, 8, LureKind.ROTATING_BLADE, ClipSeat.FULL);
        assertThat(kinds(over(1.5, 200, blade))).doesNotContain(Kind.DODGER_TOO_DEEP);
    }

    private static double ball(Spread spread) {
        return solved(spread).lines().get(0).deep().orElseThrow().ballDepthM();
    }

    /** The line from clip to rod lifts the ball: a balance of forces at the clip, reckoned apart from the solver. */
    @Test
    void theLineUpToTheRodLiftsTheBall() {
        SpreadLine line = DemoSpread.deep("deep", 24, 8, LureKind.SQUID, ClipSeat.FULL);
        var speed = SpeedThroughWater.of(2.6, SpeedUnit.KNOT);
        double without = line.downrigger(speed)
                .orElseThrow()
                .solve(new TowSolver())
                .orElseThrow()
                .cable()
                .depthM();
        SolvedLine solved = new SpreadSolver()
                .solve(new Spread(speed, 1, List.of(line)))
                .lines()
                .get(0);
        double with = solved.deep().orElseThrow().ballDepthM();
        assertThat(without - with).isBetween(0.3, 2.0);
        Belly.Shape belly = solved.deep().orElseThrow().belly().orElseThrow();
        assertThat(Plane.hypot(belly.onClip().aheadN(), belly.onClip().upN())).isCloseTo(7, within(1e-6));
        assertThat(solved.likely().other().orElseThrow().best()).isCloseTo(with, within(0.05));
        TurnFrame start = new SpreadTurns(new TurnRules(speed.mps(), 40, -2, 1.5, 1), List.of())
                .halfTurn(new Spread(speed, 1, List.of(line)), Side.PORT)
                .get(0);
        assertThat(start.lines().get(0).lureDepthM())
                .isCloseTo(solved.shape().orElseThrow().depthM(), within(1.2));
    }

    /** The last metre of cable is as good as any. */
    @Test
    void allTheCableThereIsHasAnAnswer() {
        double most = Downrigger.CABLE_OUT_M.most();
        var line = DemoSpread.deep("deep", most, 8, LureKind.SQUID, ClipSeat.FULL);
        assertThat(solved(over(1.5, 300, line)).lines().get(0).depthPerTenM())
                .hasValueSatisfying(per -> assertThat(per).isBetween(2.0, 10.0));
    }

    /** A depth that is a range touches, or not, with odds. */
    @Test
    void nearTheBottomTheOddsOfTouchingAreSaid() {
        SpreadLine line = DemoSpread.weighted("w", DemoSpread.flat("f", 1, 1.5), 60, LureKind.HAIR_JIG, 0.8);
        double depth =
                solved(over(3, 200, line)).lines().get(0).shape().orElseThrow().depthM();
        assertThat(finding(over(3, depth + 2, line), Kind.OFF_BOTTOM).text().figures())
                .singleElement()
                .satisfies(odds -> assertThat(odds.si()).isBetween(0.05, 0.5));
        assertThat(finding(over(3, depth - 0.3, line), Kind.TOUCHES_BOTTOM)
                        .text()
                        .figures())
                .hasSize(2);
        assertThat(finding(over(3, depth + 12, line), Kind.OFF_BOTTOM).text().figures())
                .isEmpty();
    }
}
