package org.mosswake.core.spread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.mosswake.core.spread.DemoSpread.atKnots;
import static org.mosswake.core.spread.DemoSpread.line;
import static org.mosswake.core.spread.DemoSpread.rigger;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.spread.Finding.Kind;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

class SpreadSolverTest {
    private static final Holder STARBOARD = rigger("starboard", 6.4, 5);
    private static final Holder PORT = rigger("port", -6.4, 5);
    private static final Holder INNER = rigger("inner", 4, 3.8);
    private static final Holder CENTRE = rigger("centre", 0, 5);
    private final SpreadSolver solver = new SpreadSolver();

    private static Finding only(SolvedSpread solved, Kind kind) {
        return solved.findings().stream()
                .filter(f -> f.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    private static boolean says(SolvedSpread solved, Kind kind) {
        return solved.findings().stream().anyMatch(f -> f.kind() == kind);
    }

    @Test
    void labelsCountFromTheOutsideInAndDiversAreDeep() {
        var solved = solver.solve(atKnots(
                7,
                line("a", INNER, 40, LureKind.BULLET_SKIRT),
                line("b", STARBOARD, 80, LureKind.BULLET_SKIRT),
                line("c", PORT, 80, LureKind.BULLET_SKIRT),
                line("d", CENTRE, 150, LureKind.FEATHER),
                line("e", rigger("stern", -0.9, 1.5), 30, LureKind.LIPPED_PLUG)));
        assertThat(solved.lines()).extracting(SolvedLine::label).containsExactly("S2", "S1", "P1", "C1", "D1");
    }

    @Test
    void aLevelPairIsSaidToBeLevelAndAnUnevenOneIsMended() {
        SpreadLine a = line("a", STARBOARD, 80, LureKind.BULLET_SKIRT);
        SpreadLine b = line("b", PORT, 80, LureKind.BULLET_SKIRT);
        assertThat(says(solver.solve(atKnots(7, a, b)), Kind.LEVEL)).isTrue();

        Finding uneven = only(solver.solve(atKnots(7, a, b.withLetOut(77))), Kind.NEARLY_LEVEL);
        double mended = Offered.by(uneven, Change.LetOut.class).metres();
        assertThat(mended).isCloseTo(80, within(0.3));
        assertThat(says(solver.solve(atKnots(7, a, b.withLetOut(mended))), Kind.LEVEL))
                .isTrue();
    }

    @Test
    void aSkippingLureIsMendedByTheHighestSpeedThatKeepsItUnder() {
        SpreadLine jig = line("p", STARBOARD, 30, LureKind.HAIR_JIG);
        Finding skips = only(solver.solve(atKnots(8, jig)), Kind.SKIPS);
        assertThat(Offered.said(skips, 0)).isBetween(0.05, 1.0);
        double knots =
                SpeedUnit.KNOT.fromSi(Offered.by(skips, Change.Speed.class).mps());
        assertThat(Math.abs(10 * knots - Math.round(10 * knots)))
                .as("whole tenths")
                .isLessThan(1e-6);
        assertThat(SpeedUnit.KNOT.fromSi(Offered.said(skips, 1))).isCloseTo(knots, within(1e-9));
        assertThat(knots).isBetween(2.0, 8.0);
        assertThat(says(solver.solve(atKnots(knots - 0.05, jig)), Kind.SKIPS)).isFalse();
        assertThat(says(solver.solve(atKnots(knots + 0.15, jig)), Kind.SKIPS)).isTrue();
    }

    /** A head that is meant to splash raises no alarm for it, until it flies more than it swims. */
    @Test
    void aSplashingHeadSplashesOnPurpose() {
        SpreadLine popper = line("p", STARBOARD, 40, LureKind.POPPING_HEAD);
        double share = solver.solve(atKnots(6.5, popper))
                .lines()
                .get(0)
                .shape()
                .orElseThrow()
                .skippingShare();
        assertThat(share).isGreaterThan(0.005);
        assertThat(says(solver.solve(atKnots(6.5, popper)), Kind.SKIPS)).isFalse();
        SpreadLine high = line("p", rigger("high", 5, 9), 20, LureKind.POPPING_HEAD);
        assertThat(says(solver.solve(atKnots(9.5, high)), Kind.SKIPS)).isTrue();
    }

    @Test
    void judgesStrikeDragAgainstThePullOfTheWater() {
        SpreadLine plug = line("d", STARBOARD, 60, LureKind.LIPPED_PLUG, 0.5);
        Finding slips = only(solver.solve(atKnots(6, plug)), Kind.DRAG_SLIPS);
        assertThat(Offered.said(slips, 2)).isCloseTo(1.2 * Offered.said(slips, 0), within(1e-9));
        double set = Offered.by(slips, Change.StrikeDrag.class).newtons();
        assertThat(set).isGreaterThan(Offered.said(slips, 2));
        SpreadLine least = plug.withStrikeDrag(new Force(Offered.said(slips, 2) + 0.1));
        assertThat(only(solver.solve(atKnots(6, least)), Kind.DRAG_MAY_SLIP)
                        .text()
                        .text())
                .contains("the water alone takes line");
        assertThat(says(solver.solve(atKnots(6, plug.withStrikeDrag(new Force(set)))), Kind.DRAG_HOLDS))
                .isTrue();
        SpreadLine tight = line("d", STARBOARD, 60, LureKind.LIPPED_PLUG, 20);
        Finding over = only(solver.solve(atKnots(6, tight)), Kind.DRAG_TOO_TIGHT);
        double eased = Offered.by(over, Change.StrikeDrag.class).newtons();
        assertThat(says(solver.solve(atKnots(6, tight.withStrikeDrag(new Force(eased)))), Kind.DRAG_HOLDS))
                .isTrue();
        SpreadLine right = line("d", STARBOARD, 60, LureKind.LIPPED_PLUG, 5);
        assertThat(says(solver.solve(atKnots(6, right)), Kind.DRAG_HOLDS)).isTrue();
    }

    /** What hangs in a clip is not felt at the reel: nobody is told to feel it there. */
    @Test
    void aDragBehindAClipIsSetByTheScale() {
        SpreadLine deep = DemoSpread.deep("d", 24, 8, LureKind.ROTATING_BLADE, ClipSeat.FULL);
        var speed = SpeedThroughWater.of(2.5, SpeedUnit.KNOT);
        double pull = new LineSolver().settle(deep, speed) instanceof TowAnswer.Shaped shaped
                ? shaped.shape().tensionAtTipN()
                : 0;
        SolvedSpread solved = solver.solve(atKnots(2.5, deep.withStrikeDrag(new Force(1.25 * pull))));
        Finding said = only(solved, Kind.DRAG_MAY_SLIP);
        assertThat(said.text().text()).contains("by the scale").doesNotContain("until the reel gives");
    }

    @Test
    void sensitivitiesAgreeWithSolvingAgain() {
        SpreadLine plug = line("d", STARBOARD, 60, LureKind.LIPPED_PLUG);
        SolvedLine at = solver.solve(atKnots(6, plug)).lines().get(0);
        double deeper = solver.solve(atKnots(6, plug.withLetOut(61)))
                .lines()
                .get(0)
                .shape()
                .orElseThrow()
                .depthM();
        double change = deeper - at.shape().orElseThrow().depthM();
        assertThat(at.depthPerTenM().orElseThrow()).isCloseTo(10 * change, within(0.05));
        assertThat(at.pullPerKnotN().orElseThrow()).isPositive();
    }

    @Test
    void warningsComeFirst() {
        var solved = solver.solve(atKnots(
                9.5, line("a", STARBOARD, 30, LureKind.POPPING_HEAD), line("b", PORT, 30, LureKind.POPPING_HEAD)));
        assertThat(solved.findings().get(0).kind().warns()).isTrue();
        assertThat(solved.findings()).isSortedAccordingTo((x, y) -> x.kind().compareTo(y.kind()));
    }

    @Test
    void twoLinesCannotShareAHolder() {
        SpreadLine a = line("a", STARBOARD, 80, LureKind.FEATHER);
        SpreadLine b = line("b", STARBOARD, 60, LureKind.FEATHER);
        assertThatThrownBy(() -> atKnots(7, a, b))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults()).extracting(Fault::code).containsExactly(FaultCode.HOLDER_TAKEN));
    }

    @Test
    void theLetOutMustExceedTheLeaders() {
        assertThatThrownBy(() -> line("a", STARBOARD, 2.1, LureKind.FEATHER))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .extracting(Fault::code)
                                .containsExactly(FaultCode.LET_OUT_SHORTER_THAN_TACKLE));
    }

    @Test
    void heavyDragAndFastWeightsComeWithACaution() {
        SpreadLine easy = line("a", STARBOARD, 80, LureKind.BULLET_SKIRT, 5);
        assertThat(solver.solve(atKnots(14, easy)).findings())
                .noneMatch(f -> f.kind().name().startsWith("CARE"));
        SpreadLine tight = line("a", STARBOARD, 80, LureKind.BULLET_SKIRT, 12);
        assertThat(says(solver.solve(atKnots(7, tight)), Kind.CARE_DRAG)).isTrue();
        SpreadLine weighted = DemoSpread.weighted("w", PORT, 80, LureKind.FAST_BULLET, 0.9);
        assertThat(says(solver.solve(atKnots(14, weighted)), Kind.CARE_WEIGHT)).isTrue();
        assertThat(says(solver.solve(atKnots(5, weighted)), Kind.CARE_WEIGHT)).isFalse();
        assertThat(Kind.CARE_WEIGHT.warns()).isFalse();
    }

    @Test
    void onlyTheMainLineMayGoWithoutALength() {
        SpreadLine line = line("a", STARBOARD, 60, LureKind.FEATHER);
        assertThat(line.lengthM(0) + line.lengthM(1)).isEqualTo(60);
        TacklePiece main = line.tackle().get(1);
        assertThatThrownBy(() -> new SpreadLine(line.id(), STARBOARD, 60, line.strikeDrag(), List.of(main, main)))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults()).extracting(Fault::field).containsExactly("tackle[0].lengthM"));
    }

    @Test
    void anEmptySpreadSaysNothing() {
        assertThat(solver.solve(atKnots(7)).findings()).isEmpty();
    }

    @Test
    void moreLetOutThanTheReelCarriesIsSaidWithWhatItCarries() {
        SpreadLine line = DemoSpread.line("S1", DemoSpread.centre(), 120, LureKind.FEATHER);
        var small = new org.mosswake.core.rig.Reel(
                DemoSpread.id("reel"),
                "small",
                new org.mosswake.core.rig.Spool(90, line.tackle().get(1).line().diameterM(), 0.04, 0.02),
                java.util.Optional.empty(),
                java.util.Optional.empty(),
                java.util.Optional.empty(),
                0.56);
        SpreadLine reeled = line.withRigging(line.rigging().withReel(small));
        Finding said = new SpreadSolver()
                .solve(DemoSpread.atKnots(7, reeled)).findings().stream()
                        .filter(finding -> finding.kind() == Finding.Kind.REEL_SHORT)
                        .findFirst()
                        .orElseThrow();
        // 120 m with two of leader: 118 of main line on a reel of 90.
        assertThat(Offered.said(said, 0)).isCloseTo(28, within(1e-6));
        assertThat(said.mend().orElseThrow().words().text()).startsWith("Take C1 in to");
        double mended = Offered.by(said, Change.LetOut.class).metres();
        assertThat(new SpreadSolver()
                        .solve(DemoSpread.atKnots(7, reeled.withLetOut(mended)))
                        .findings())
                .noneMatch(finding -> finding.kind() == Finding.Kind.REEL_SHORT);
    }
}
