package org.mosswake.core.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mosswake.core.call.Days;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.playbook.Slot;
import org.mosswake.core.playbook.Slot.Place;
import org.mosswake.core.playbook.Slot.Tied;
import org.mosswake.core.spread.LurePlace;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.TacklePiece;
import org.mosswake.core.spread.Wake;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.SpeedThroughWater;

class ObjectiveTest {
    private static final Wake WAKE = Wake.of(new SpeedThroughWater(Days.knots(7.5)), 2);

    private static Placing placing(String name, Slot slot, int pair, double letOut) {
        var holder = Days.holder(name, HolderKind.RIGGER, 0, 5, 4);
        var item = Days.lure(LureKind.FEATHER, "olive", 0.12, 1).item();
        var line = Days.line(LineKind.MONO, 50).item();
        var spread = new SpreadLine(
                Days.id(name),
                holder,
                letOut,
                new Force(40),
                List.of(
                        new TacklePiece(Optional.of(item), line, Optional.of(3.0)),
                        new TacklePiece(Optional.empty(), line, Optional.empty())));
        return new Placing(slot, pair, spread, Optional.empty(), Optional.empty(), Optional.empty(), 30, 50, false);
    }

    private static Slot single() {
        return Slot.of("single", Place.OUTER, Slot.letOut(30, 50), Tied.PLAIN, LureKind.FEATHER);
    }

    private static Objective.Set at(String name, Slot slot, int pair, double letOut, LurePlace place) {
        return new Objective.Set(placing(name, slot, pair, letOut), place);
    }

    private static LurePlace place(double depth, double astern, double starboard, double skips) {
        return new LurePlace(depth, astern, starboard, skips, 20, depth);
    }

    private static double one(double letOut, LurePlace place) {
        return Objective.of(List.of(at("a", single(), 0, letOut, place)), WAKE);
    }

    private static double front(int crest) {
        return WAKE.crestM(crest) - 0.12 * WAKE.wavelengthM();
    }

    @Test
    void theFrontOfAWaveIsWorthMoreThanItsTrough() {
        assertThat(one(40, place(0.3, front(4), 5, 0)))
                .isGreaterThan(one(40, place(0.3, front(4) + WAKE.wavelengthM() / 2, 5, 0)));
    }

    @Test
    void skippingCostsAndSoDoesTheWash() {
        double clean = one(40, place(0.3, front(4), 5, 0));
        assertThat(one(40, place(0.3, front(4), 5, 0.4))).isLessThan(clean - 3);
        assertThat(one(40, place(0.3, front(2), 0, 0))).isLessThan(one(40, place(0.3, front(2), 5, 0)));
    }

    @Test
    void aLureForTheWashIsWorthMoreInIt() {
        Slot wash = single().inWash();
        var in = Objective.of(List.of(at("a", wash, 0, 40, place(0.3, front(2), 0, 0))), WAKE);
        var out = Objective.of(List.of(at("a", wash, 0, 40, place(0.3, front(2), 5, 0))), WAKE);
        assertThat(in).isGreaterThan(out);
    }

    @Test
    void outsideTheRangeOfThePlaybookCosts() {
        assertThat(one(40, place(0.3, front(4), 5, 0))).isGreaterThan(one(52, place(0.3, front(4), 5, 0)));
        assertThat(one(52, place(0.3, front(4), 5, 0))).isGreaterThan(one(60, place(0.3, front(4), 5, 0)));
    }

    @Test
    void pairsAreWorthMoreLevelAndOthersApart() {
        Slot pair = single().paired();
        double level = Objective.of(
                List.of(
                        at("a", pair, 1, 40, place(0.3, front(4), 5, 0)),
                        at("b", pair, 1, 40, place(0.3, front(4), -5, 0))),
                WAKE);
        double askew = Objective.of(
                List.of(
                        at("a", pair, 1, 40, place(0.3, front(4), 5, 0)),
                        at("b", pair, 1, 40, place(0.3, front(4) + 4, -5, 0))),
                WAKE);
        assertThat(level).isGreaterThan(askew);
        double near = Objective.of(
                List.of(
                        at("a", single(), 1, 40, place(0.3, front(4), 5, 0)),
                        at("b", single(), 2, 40, place(0.3, front(4), 3, 0))),
                WAKE);
        double apart = Objective.of(
                List.of(
                        at("a", single(), 1, 40, place(0.3, front(4), 5, 0)),
                        at("b", single(), 2, 40, place(0.3, front(5), 3, 0))),
                WAKE);
        assertThat(apart).isGreaterThan(near);
    }

    @Test
    void roomToTurnIsWorthMoreTheMoreThereIsUpToNinetyDegrees() {
        double before = Double.NEGATIVE_INFINITY;
        for (int degrees = 0; degrees <= 90; degrees += 10) {
            double now = Objective.turn(Math.toRadians(degrees));
            assertThat(now).isGreaterThan(before);
            before = now;
        }
        assertThat(Objective.turn(Math.toRadians(150))).isEqualTo(before);
    }

    @Test
    void aFarDepthIsNoGoodWhateverElseFits() {
        var target = new Placing.Target(10, 12);
        var near = new Placing(
                single(),
                0,
                placing("d", single(), 0, 40).line(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(target),
                30,
                50,
                false);
        assertThat(near.wish(place(11, 30, 0, 0))).isZero();
        assertThat(near.wish(place(8, 30, 0, 0))).isNegative();
        assertThat(near.wish(place(2, 30, 0, 0))).isLessThan(near.wish(place(8, 30, 0, 0)));
    }

    @Test
    void whatATurnIsWorthGoesBothWays() {
        for (int degrees = 1; degrees <= 90; degrees++) {
            double rad = Math.toRadians(degrees);
            assertThat(Objective.turnWorth(Objective.turn(rad))).isCloseTo(rad, within(1e-9));
        }
        assertThat(Objective.turnWorth(1000)).isGreaterThan(Math.PI);
        assertThat(Objective.turnWorth(-1000)).isZero();
    }
}
