package org.mosswake.core.spread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.gear.Idle;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.spread.Finding.Kind;
import org.mosswake.core.spread.Here.Stream;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

class SpeedTest {
    private static final double KNOT = SpeedUnit.KNOT.toSi(1);

    @Test
    void withTheStreamSheCoversMore() {
        TwoSpeeds both = TwoSpeeds.of(3 * KNOT, Math.PI / 2, new Stream(2 * KNOT, Math.PI / 2));
        assertThat(both.overGroundMps()).isCloseTo(5 * KNOT, within(1e-9));
        assertThat(both.courseRad()).isCloseTo(Math.PI / 2, within(1e-9));
        assertThat(both.aheadMps()).isCloseTo(2 * KNOT, within(1e-9));
    }

    @Test
    void acrossTheStreamSheIsSetAside() {
        TwoSpeeds both = TwoSpeeds.of(3 * KNOT, 0, new Stream(4 * KNOT, 1.5 * Math.PI));
        assertThat(both.overGroundMps()).isCloseTo(5 * KNOT, within(1e-9));
        assertThat(both.courseRad()).isCloseTo(2 * Math.PI - Math.atan2(4, 3), within(1e-9));
    }

    /** There and back: the speed through the water found for a speed over ground gives that speed over ground. */
    @Test
    void groundAndWaterAreEachOthersReverse() {
        for (double heading = 0; heading < 6.2; heading += 0.7) {
            Stream stream = new Stream(1.1, 2.3);
            TwoSpeeds forth = TwoSpeeds.of(3.2, heading, stream);
            TwoSpeeds back =
                    TwoSpeeds.forGround(forth.overGroundMps(), heading, stream).orElseThrow();
            assertThat(back.throughWaterMps()).isCloseTo(3.2, within(1e-9));
        }
    }

    @Test
    void intoAStrongStreamNothingIsCovered() {
        assertThat(TwoSpeeds.of(2 * KNOT, 0, new Stream(2 * KNOT, Math.PI)).stopsCoverage())
                .isTrue();
        assertThat(TwoSpeeds.of(4 * KNOT, 0, new Stream(2 * KNOT, Math.PI)).stopsCoverage())
                .isFalse();
        assertThat(TwoSpeeds.forGround(0.5, Math.PI / 2, new Stream(1, 0))).isEmpty();
    }

    private static Spread at(double knots, Optional<Idle> idle, LureKind... kinds) {
        var lines = new java.util.ArrayList<SpreadLine>();
        for (int i = 0; i < kinds.length; i++) {
            lines.add(DemoSpread.line("l" + i, DemoSpread.flat("f" + i, i, i + 0.7), 30 + 5 * i, kinds[i]));
        }
        return new Spread(SpeedThroughWater.of(knots, SpeedUnit.KNOT), 2, lines, Here.UNKNOWN, idle);
    }

    private static Finding finding(Spread spread, Kind kind) {
        return new SpreadSolver()
                .solve(spread).findings().stream()
                        .filter(f -> f.kind() == kind)
                        .findFirst()
                        .orElseThrow();
    }

    @Test
    void theWindowIsTheOverlapAndNamesWhatNarrowsIt() {
        Spread spread = at(7, Optional.empty(), LureKind.BULLET_SKIRT, LureKind.POPPING_HEAD, LureKind.FEATHER);
        Finding window = finding(spread, Kind.SPEED_WINDOW);
        assertThat(Offered.said(window, 0)).isCloseTo(6 * KNOT, within(1e-9));
        assertThat(Offered.said(window, 1)).isCloseTo(9 * KNOT, within(1e-9));
        assertThat(window.text().text()).isEqualTo("From {0} to {1}; S3 and S2 narrow it.");
        assertThat(window.lines()).containsExactly(DemoSpread.id("l0"), DemoSpread.id("l1"));
    }

    @Test
    void outsideTheWindowTheNearestSpeedInItIsOffered() {
        Finding out = finding(at(11, Optional.empty(), LureKind.BULLET_SKIRT, LureKind.FEATHER), Kind.OUT_OF_WINDOW);
        assertThat(out.lines()).containsExactly(DemoSpread.id("l1"));
        assertThat(Offered.by(out, Change.Speed.class).mps()).isCloseTo(10 * KNOT, within(1e-9));
        assertThat(out.mend().orElseThrow().words().text()).isEqualTo("Slow to {0}");
        Finding none = finding(at(5, Optional.empty(), LureKind.FAST_BULLET, LureKind.LIVE_BAIT), Kind.OUT_OF_WINDOW);
        assertThat(none.mend()).isEmpty();
    }

    @Test
    void tooFastAtIdleComesWithRemedies() {
        var idle = Idle.fitted(4 * KNOT, 0.5, 3 * KNOT, 2);
        SolvedSpread solved = new SpreadSolver().solve(at(2.4, Optional.of(idle), LureKind.LIVE_BAIT));
        Finding said = solved.findings().stream()
                .filter(f -> f.kind() == Kind.IDLE_TOO_FAST)
                .findFirst()
                .orElseThrow();
        assertThat(said.text().text())
                .contains("Idle is {0}", "A drogue of {2}", "in gear {3}", "One engine alone makes {4}");
        assertThat(idle.withDrogue(Offered.said(said, 2))).isCloseTo(2.5 * KNOT, within(1e-9));
        assertThat(Offered.said(said, 3)).isCloseTo(2.5 * 2.5 / 16, within(1e-9));
        assertThat(Offered.said(said, 4)).isCloseTo(4 * KNOT / Math.sqrt(2), within(1e-9));
    }

    @Test
    void aFittedHullRepeatsWhatWasSeen() {
        var idle = Idle.fitted(2.2, 0.4, 1.5, 1);
        assertThat(idle.withDrogue(0.4)).isCloseTo(1.5, within(1e-9));
        assertThat(idle.onOneEngine()).isEmpty();
        assertThat(idle.drogueFor(3)).isEmpty();
        assertThatThrownBy(() -> Idle.fitted(2.2, 0.4, 2.5, 1))
                .isInstanceOf(FaultException.class)
                .hasMessageContaining("drogueSpeedMps");
    }

    @Test
    void waterThatCannotBeIsNamed() {
        assertThatThrownBy(() -> new Here(
                        Optional.of(-4.0),
                        Optional.of(new Here.Band(20, 10)),
                        Optional.empty(),
                        Optional.of(80.0),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(new Stream(20, 0))))
                .isInstanceOf(FaultException.class)
                .hasMessageContaining("bottomM")
                .hasMessageContaining("aboveC")
                .hasMessageContaining("streamMps");
    }

    @Test
    void overAShoalTheWakeIsAnother() {
        var here = new Here(
                Optional.of(1.0),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        var spread = new Spread(
                SpeedThroughWater.of(7, SpeedUnit.KNOT),
                2,
                List.of(DemoSpread.line("a", DemoSpread.flat("f", 1, 2), 30, LureKind.FEATHER)),
                here,
                Optional.empty());
        assertThat(new SpreadSolver().solve(spread).findings()).anyMatch(f -> f.kind() == Kind.WAKE_SHALLOW);
    }
}
