package org.mosswake.core.spread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.gear.Boat;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.Link;
import org.mosswake.core.tow.Tow;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;
import org.mosswake.core.units.SpeedThroughWater;

class CatalogueTest {
    private static double millimetres(LineKind kind, double pounds) {
        return 1000 * kind.metreRated(Force.of(pounds, ForceUnit.POUND_FORCE)).diameterM();
    }

    @Test
    void listedStrengthsHaveTheirListedDiameter() {
        assertThat(millimetres(LineKind.MONO, 50)).isCloseTo(0.70, within(1e-9));
        assertThat(millimetres(LineKind.BRAID, 65)).isCloseTo(0.42, within(1e-9));
        assertThat(millimetres(LineKind.BITE_WIRE, 105)).isCloseTo(0.53, within(1e-9));
    }

    /** Between listed strengths the section grows with the strength. */
    @Test
    void othersAreScaledByTheirSection() {
        assertThat(millimetres(LineKind.MONO, 55)).isBetween(0.70, 0.75);
        assertThat(millimetres(LineKind.MONO, 10)).isCloseTo(0.45 / Math.sqrt(2), within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(LureKind.class)
    void everyKindOfLureCanBeTowed(LureKind kind) {
        var line = LineKind.MONO.metreRated(Force.of(50, ForceUnit.POUND_FORCE)).withLength(40);
        var tow = new Tow(new SpeedThroughWater(1.5), 1.5, List.of(Link.of(kind.usual(), line)));
        assertThat(new TowSolver().solve(tow)).isNotNull();
        assertThat(kind.dives()).isEqualTo(kind == LureKind.LIPPED_PLUG || kind == LureKind.DIVING_PLANE);
        assertThat(kind.works().isEmpty()).isFalse();
    }

    @Test
    void aBallDragsMoreThanATorpedoOfItsWeight() {
        Body ball = LureKind.ballLead(1);
        Body torpedo = LureKind.torpedoLead(1);
        assertThat(ball.dragAreaM2()).isGreaterThan(torpedo.dragAreaM2());
        assertThat(ball.volumeM3()).isEqualTo(torpedo.volumeM3());
        assertThat(LureKind.torpedoLead(2).dragAreaM2()).isGreaterThan(torpedo.dragAreaM2());
    }

    @Test
    void aBoatNamesEveryMeasureThatCannotBe() {
        Holder high = DemoSpread.rigger("high", 3, 40);
        assertThatThrownBy(() -> new Boat("", 100, 0.1, 9, List.of(high, high)))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .extracting(Fault::field)
                                .contains(
                                        "name",
                                        "lengthM",
                                        "beamM",
                                        "engines",
                                        "holders[0].tip.heightM",
                                        "holders[1].id"));
        assertThatThrownBy(() -> new Boat("x", 6, 2, 1, List.of())).isInstanceOf(FaultException.class);
    }

    @Test
    void aBoatKnowsItsHolders() {
        Holder rigger = DemoSpread.rigger("one", 3, 4);
        var boat = new Boat("x", 6, 2, 1, List.of(rigger));
        assertThat(boat.holder(rigger.id())).hasValue(rigger);
        assertThat(boat.holder(DemoSpread.id("other"))).isEmpty();
    }
}
