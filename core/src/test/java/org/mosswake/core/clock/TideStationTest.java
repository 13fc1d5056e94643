package org.mosswake.core.clock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.mosswake.core.clock.TideStation.Event;
import org.mosswake.core.clock.TideStation.Turn;
import org.mosswake.core.clock.TideStation.Wave;

class TideStationTest {
    private static final Instant JUNE = Instant.parse("2026-06-18T00:00:00Z");

    /** Speeds as tabled by Schureman, table 2. */
    private static final Map<TideConstituent, Double> LISTED_DEG_PER_HOUR = Map.of(
            TideConstituent.M2, 28.9841042,
            TideConstituent.S2, 30.0,
            TideConstituent.N2, 28.4397295,
            TideConstituent.K1, 15.0410686,
            TideConstituent.O1, 13.9430356);

    private static TideStation only(TideConstituent constituent) {
        return new TideStation("one", 0, 0, 0, List.of(new Wave(constituent, 1, 0)), List.of(), 0);
    }

    /** The arguments move at the speeds of the published table, to a part in ten thousand. */
    @ParameterizedTest
    @EnumSource(TideConstituent.class)
    void argumentsTurnAtTheListedSpeed(TideConstituent constituent) {
        double before = constituent.argumentDeg(new TideConstituent.Sky(JUNE.plus(Duration.ofHours(3))));
        double after = constituent.argumentDeg(new TideConstituent.Sky(JUNE.plus(Duration.ofHours(4))));
        assertThat(after - before).isCloseTo(LISTED_DEG_PER_HOUR.get(constituent), within(2e-4));
    }

    @Test
    void theMoonsTideComesFiftyMinutesLaterEveryDay() {
        List<Turn> turns = only(TideConstituent.M2).turns(JUNE, JUNE.plus(Duration.ofDays(2)));
        List<Instant> highs = turns.stream()
                .filter(turn -> turn.event() == Event.HIGH)
                .map(Turn::at)
                .toList();
        assertThat(highs).hasSizeBetween(3, 4);
        assertThat(Duration.between(highs.get(0), highs.get(2)).toMinutes()).isCloseTo(1490, within(1L));
    }

    /** High water of the equilibrium tide stands under the moon: at Greenwich when the moon passes, at new moon near noon. */
    @Test
    void atNewMoonItIsHighAtNoonAtGreenwich() {
        Instant newMoon = Instant.parse("2026-08-12T17:37:00Z");
        Turn high = only(TideConstituent.M2).turns(newMoon.minus(Duration.ofHours(12)), newMoon).stream()
                .filter(turn -> turn.event() == Event.HIGH)
                .findFirst()
                .orElseThrow();
        Instant noon = Instant.parse("2026-08-12T12:00:00Z");
        assertThat(Math.abs(Duration.between(noon, high.at()).toMinutes())).isLessThan(40);
    }

    /** Springs follow new and full moon, neaps the quarters: a fortnight from new moon of 12 August 2026. */
    @Test
    void springsAreHigherThanNeaps() {
        double springs = range(Instant.parse("2026-08-13T00:00:00Z"));
        double neaps = range(Instant.parse("2026-08-20T12:00:00Z"));
        assertThat(springs).isGreaterThan(1.3 * neaps);
    }

    private static double range(Instant from) {
        var heights = DemoTides.SKARN_NARROWS.turns(from, from.plus(Duration.ofHours(25))).stream()
                .filter(turn -> turn.event() == Event.HIGH || turn.event() == Event.LOW)
                .mapToDouble(Turn::heightM)
                .summaryStatistics();
        return heights.getMax() - heights.getMin();
    }

    @Test
    void turnsAlternateAndAreWhereTheyAreSaidToBe() {
        TideStation narrows = DemoTides.SKARN_NARROWS;
        List<Turn> turns = narrows.turns(JUNE, JUNE.plus(Duration.ofDays(3)));
        Event before = null;
        for (Turn turn : turns) {
            boolean height = turn.event() == Event.HIGH || turn.event() == Event.LOW;
            if (height) {
                assertThat(turn.event()).isNotEqualTo(before);
                before = turn.event();
                double sign = turn.event() == Event.HIGH ? 1 : -1;
                for (int minutes : new int[] {-20, 20}) {
                    double beside = narrows.heightM(turn.at().plus(Duration.ofMinutes(minutes)));
                    assertThat(sign * (turn.heightM() - beside)).isPositive();
                }
            } else {
                assertThat(narrows.streamMps(turn.at())).isCloseTo(0, within(1e-3));
                double later = narrows.streamMps(turn.at().plus(Duration.ofMinutes(30)));
                assertThat(later > 0).isEqualTo(turn.event() == Event.FLOOD_BEGINS);
            }
        }
        assertThat(turns).hasSizeBetween(20, 26);
    }

    @Test
    void theNearestStationWithinReachIsTaken() {
        assertThat(TideStation.near(DemoTides.ALL, 27.7, -47.4)).contains(DemoTides.TARROW_BANKS);
        assertThat(TideStation.near(DemoTides.ALL, 43.1, -38.8)).contains(DemoTides.SKARN_NARROWS);
        assertThat(TideStation.near(DemoTides.ALL, 35, -40)).isEmpty();
        var dateLine = new TideStation("line", 0, 179.9, 0, List.of(), List.of(), 0);
        assertThat(TideStation.near(List.of(dateLine), 0, -179.9)).contains(dateLine);
    }

    @Test
    void theMoonIsFullWhenItIsFull() {
        var zone = java.time.ZoneOffset.UTC;
        MoonDay full = MoonDay.of(java.time.LocalDate.of(2026, 8, 28), zone, 43.4, -38.9);
        MoonDay dark = MoonDay.of(java.time.LocalDate.of(2026, 8, 12), zone, 43.4, -38.9);
        MoonDay growing = MoonDay.of(java.time.LocalDate.of(2026, 8, 20), zone, 43.4, -38.9);
        assertThat(full.lit()).isGreaterThan(0.98);
        assertThat(dark.lit()).isLessThan(0.02);
        assertThat(growing.waxing()).isTrue();
        assertThat(growing.lit()).isBetween(0.3, 0.7);
    }
}
