package org.mosswake.core.spread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.gear.Coefficient;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.spread.Calibration.Kind;
import org.mosswake.core.spread.Calibration.Observation;
import org.mosswake.core.tow.Fit;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

/** Coefficients of the boat's own items from what was seen of them. */
class CalibrationTest {
    private static final LureItem PLUG = DemoSpread.lure(LureKind.LIPPED_PLUG);
    private static final Holder STERN = DemoSpread.flat("stern", 0.5, 0.5);
    private static final SpeedThroughWater SIX = SpeedThroughWater.of(6, SpeedUnit.KNOT);

    private static SpreadLine plug(double letOut) {
        return DemoSpread.line("plug", STERN, letOut, LureKind.LIPPED_PLUG);
    }

    private static double depth(SpreadLine line, SpeedThroughWater speed) {
        return new SpreadSolver()
                .solve(new Spread(speed, 1, List.of(line)))
                .lines()
                .get(0)
                .shape()
                .orElseThrow()
                .depthM();
    }

    private static Calibration dive(Observation... seen) {
        return new Calibration(PLUG.id(), Coefficient.DIVE_AREA, PLUG.body().diveAreaM2(), List.of(seen));
    }

    @Test
    void anEchoDeeperThanComputedRaisesTheDive() {
        double computed = depth(plug(40), SIX);
        Fit fit =
                dive(new Observation(Kind.ECHO, plug(40), SIX, computed + 1.2)).fit();
        assertThat(fit.value()).isGreaterThan(PLUG.body().diveAreaM2());
        assertThat(fit.before().get(0)).isCloseTo(computed, within(1e-6));
        assertThat(fit.after().get(0)).isCloseTo(computed + 1.2, within(0.01));
    }

    @Test
    void aRatingIsTakenOnItsStatedLine() {
        SpreadLine thin = Calibration.rated(PLUG, LineKind.BRAID, Force.of(30, ForceUnit.POUND_FORCE), 40);
        SpreadLine thick = Calibration.rated(PLUG, LineKind.MONO, Force.of(80, ForceUnit.POUND_FORCE), 40);
        double onThin = dive(new Observation(Kind.RATED, thin, SIX, 6)).fit().value();
        double onThick = dive(new Observation(Kind.RATED, thick, SIX, 6)).fit().value();
        assertThat(onThick).isGreaterThan(onThin * 1.1);
    }

    @Test
    void theCableOfADeepLineIsFittedToTheBottomItTouched() {
        SpreadLine deep = DemoSpread.deep("deep", 30, 6, LureKind.ROTATING_BLADE, ClipSeat.FULL);
        LineItem cable = deep.deep().orElseThrow().cable();
        double old = Coefficient.NORMAL_DRAG.of(cable);
        SpeedThroughWater speed = SpeedThroughWater.of(2.4, SpeedUnit.KNOT);
        double computed = depth(deep, speed);
        Fit fit = new Calibration(
                        cable.id(),
                        Coefficient.NORMAL_DRAG,
                        old,
                        List.of(new Observation(Kind.BOTTOM, deep, speed, computed + 0.3)))
                .fit();
        assertThat(fit.value()).isLessThan(old);
    }

    @Test
    void aBarKeepsItsSide() {
        LureItem bar = DemoSpread.lure(LureKind.STEERING_BAR);
        SpreadLine line = DemoSpread.line("bar", DemoSpread.rigger("port", -5, 5), 30, LureKind.STEERING_BAR);
        double side = bar.body().sideAreaM2();
        Fit wider = new Calibration(
                        bar.id(), Coefficient.SIDE_AREA, side, List.of(new Observation(Kind.OFFSET, line, SIX, 9)))
                .fit();
        assertThat(wider.value() * side).isPositive();
        assertThat(wider.after().get(0)).isCloseTo(9, within(0.05));
    }

    @Test
    void whatCannotBeFittedIsRefusedWithItsField() {
        var far = new Observation(Kind.ECHO, plug(40), SIX, 39.5);
        assertThatThrownBy(() -> dive(far).fit())
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .extracting(f -> f.code().name(), f -> f.field())
                                .containsExactly(
                                        org.assertj.core.api.Assertions.tuple("CALIBRATION_AT_END", "observations")));

        SpreadLine feather = DemoSpread.line("feather", STERN, 40, LureKind.FEATHER);
        assertThatThrownBy(
                        () -> dive(new Observation(Kind.ECHO, feather, SIX, 1)).fit())
                .isInstanceOf(FaultException.class)
                .hasMessageContaining("does not carry");

        var afloat = new Calibration(
                feather.tackle().get(1).line().id(),
                Coefficient.DIVE_AREA,
                0.01,
                List.of(new Observation(Kind.ECHO, feather, SIX, 1)));
        assertThatThrownBy(afloat::fit).isInstanceOf(FaultException.class).hasMessageContaining("does not depend");
    }
}
