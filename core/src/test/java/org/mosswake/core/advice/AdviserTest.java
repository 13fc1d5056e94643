package org.mosswake.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.advice.SimulatedDays.Day;
import org.mosswake.core.advice.SimulatedDays.Sea;
import org.mosswake.core.advice.SimulatedDays.Who;

/** By days on other seeds than those its pace was found on. */
class AdviserTest {
    private static final long FROM = 50_000;
    /** As many as a test has time for; {@code ./moss bench adviser} takes 500. */
    private static final int DAYS = 300;

    private static final List<Day> TASTES = advised(AdviserReport.places(0.8));
    private static final List<Day> NO_TASTES = advised(AdviserReport.places(0));

    private static List<Day> advised(Sea sea) {
        return AdviserReport.days(sea, FROM, DAYS, Who.ADVISER);
    }

    private static double caught(Sea sea) {
        return AdviserReport.ratio(sea, FROM, advised(sea));
    }

    @Test
    void itCatchesMoreWhereFishHaveTastes() {
        assertThat(AdviserReport.ratio(AdviserReport.places(0.8), FROM, TASTES)).isGreaterThan(1.3);
        assertThat(caught(AdviserReport.places(0.5))).isGreaterThan(1.1);
        assertThat(caught(AdviserReport.places(1.2))).isGreaterThan(1.5);
        assertThat(caught(AdviserReport.placesAndDepths(0.8))).isGreaterThan(1.2);
    }

    @Test
    void itCostsLittleWhereTheyHaveNone() {
        assertThat(AdviserReport.ratio(AdviserReport.places(0), FROM, NO_TASTES))
                .isGreaterThan(0.97);
    }

    @Test
    void whereAllIsEqualItSeldomClaimsAnything() {
        for (List<Day> days : List.of(advised(AdviserReport.equal()), NO_TASTES)) {
            assertThat(AdviserReport.mean(days, day -> day.claims() > 0 ? 1 : 0))
                    .isLessThan(Calls.FALSE_DAYS);
        }
    }

    @Test
    void whatItClaimsIsTrue() {
        double claims = AdviserReport.mean(TASTES, Day::claims);
        assertThat(claims).isGreaterThan(0.15);
        assertThat(AdviserReport.mean(TASTES, Day::right) / claims).isGreaterThan(0.95);
    }

    /** Against the same probability by drawing both arms. */
    @Test
    void whichArmIsBetter() {
        var told = new Told(2);
        told.fished(Cell.of(0), 300);
        told.fished(Cell.of(1), 300);
        assertThat(told.better(0, 0, 1)).isCloseTo(0.5, within(1e-9));
        for (int i = 0; i < 6; i++) {
            told.struck(Cell.of(i < 5 ? 0 : 1));
        }
        assertThat(told.better(0, 0, 1) + told.better(0, 1, 0)).isCloseTo(1, within(1e-9));
        // Gamma(6) against gamma(2) at equal rates: P = 1 − I½(6, 2) = 120/128.
        assertThat(told.better(0, 0, 1)).isCloseTo(120 / 128.0, within(0.03));
        assertThat(told.rate(Cell.of(0))).isGreaterThan(told.rate(Cell.of(1)));
    }

    /** A call needs three strikes, and evidence that an arm which holds every line can never give. */
    @Test
    void whatCannotBeClaimed() {
        var calls = new Calls(3);
        List<Cell> lines = List.of(Cell.of(0), Cell.of(1), Cell.of(1), Cell.of(1), Cell.of(1), Cell.of(1));
        for (int i = 0; i < 2; i++) {
            calls.struck(lines, Cell.of(0));
            assertThat(calls.claims()).isEmpty();
        }
        calls.struck(lines, Cell.of(0));
        calls.struck(lines, Cell.of(0));
        assertThat(calls.claims()).hasSize(1);
        assertThat(calls.claims().get(0).arm()).isZero();
        var all = new Calls(2);
        for (int i = 0; i < 50; i++) {
            all.struck(List.of(Cell.of(1), Cell.of(1)), Cell.of(1));
        }
        assertThat(all.claims()).isEmpty();
    }

    /** Near the end of the day nothing is worth three minutes out of the water. */
    @Test
    void nothingIsMovedForNothing() {
        var told = new Told(2);
        told.fished(Cell.of(0), 200);
        told.fished(Cell.of(1), 200);
        for (int i = 0; i < 8; i++) {
            told.struck(Cell.of(0));
        }
        List<Cell> lines = List.of(Cell.of(0), Cell.of(1));
        assertThat(Tries.next(told, lines, 240, (line, q, arm) -> true, Tries.Pace.USUAL))
                .hasValueSatisfying(move -> {
                    assertThat(move.line()).isEqualTo(1);
                    assertThat(move.to()).isZero();
                });
        assertThat(Tries.next(told, lines, 3, (line, q, arm) -> true, Tries.Pace.USUAL))
                .isEmpty();
        assertThat(Tries.next(told, lines, 240, (line, q, arm) -> false, Tries.Pace.USUAL))
                .isEmpty();
    }
}
