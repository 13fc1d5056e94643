package org.mosswake.core.strikes;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mosswake.core.strikes.Happening.BaitCaught;
import org.mosswake.core.strikes.Happening.BaitDead;
import org.mosswake.core.strikes.Happening.Cleared;
import org.mosswake.core.strikes.Happening.Landed;
import org.mosswake.core.strikes.Happening.Lost;
import org.mosswake.core.strikes.Happening.Struck;
import org.mosswake.core.strikes.Happening.Touched;
import org.mosswake.core.strikes.Stretch.State;

/** Which lines were out when, worked by hand. */
class LinesOutTest {
    private static final UUID LINE = new UUID(0, 100);
    private int next;

    private static Instant at(int minutes) {
        return Instant.parse("2026-06-18T08:00:00Z").plusSeconds(60L * minutes);
    }

    private Fact fact(int minutes, Happening what) {
        return new Fact(new UUID(1, next++), at(minutes), what);
    }

    private Fact set(int minutes) {
        return fact(minutes, new Happening.Set(LINE, Optional.of(80.0), Optional.empty()));
    }

    private Fact strike(int minutes) {
        return fact(minutes, new Struck(LINE, Optional.empty()));
    }

    private Fact landed(int minutes, Fact strike, boolean released) {
        var fish = new Landed(strike.id(), "mahi", Optional.empty(), Optional.empty(), Optional.of(released));
        return fact(minutes, fish);
    }

    private Fact lost(int minutes, Fact strike, Loss how) {
        return fact(minutes, new Lost(strike.id(), Optional.of(how)));
    }

    private static List<State> states(Fact... facts) {
        return DayLog.of(List.of(facts)).lines().get(LINE.toString()).stream()
                .map(Stretch::state)
                .toList();
    }

    private static Exposure exposure(Fact... facts) {
        return DayLog.of(List.of(facts)).exposure(at(0), at(120)).get(LINE.toString());
    }

    @Test
    void setToClearedIsExposure() {
        assertThat(exposure(set(10), fact(70, new Cleared(LINE))))
                .isEqualTo(new Exposure(Duration.ofMinutes(60), Duration.ZERO, Duration.ZERO));
    }

    @Test
    void aLineNobodyTookInLastsToTheEndOfTheSpan() {
        assertThat(exposure(set(10)).out()).isEqualTo(Duration.ofMinutes(110));
    }

    @Test
    void withAFishOnItFightsAndComesIn() {
        Fact strike = strike(30);
        assertThat(states(set(0), strike, landed(40, strike, false), set(50)))
                .containsExactly(State.OUT, State.FIGHTING, State.IN, State.OUT);
    }

    @Test
    void aFishNeverHookedLeavesItFishing() {
        Fact strike = strike(30);
        assertThat(states(set(0), strike, lost(31, strike, Loss.KNOCKED_OFF)))
                .containsExactly(State.OUT, State.FIGHTING, State.OUT);
        assertThat(states(set(0), strike, lost(31, strike, Loss.CUT_OFF)))
                .containsExactly(State.OUT, State.FIGHTING, State.IN);
    }

    @Test
    void whatShowsItOutWithoutASetLeavesAGapBeforeIt() {
        Fact strike = strike(30);
        assertThat(states(set(0), strike, landed(40, strike, false), fact(70, new Touched(LINE))))
                .containsExactly(State.OUT, State.FIGHTING, State.UNKNOWN, State.OUT);
        assertThat(states(fact(5, new Touched(LINE)))).containsExactly(State.OUT);
        assertThat(exposure(fact(0, new Cleared(new UUID(0, 7))), strike(30)).unknown())
                .isEqualTo(Duration.ofMinutes(30));
    }

    @Test
    void twoFishOnOneLineEndWithTheSecond() {
        Fact one = strike(30);
        Fact two = strike(32);
        assertThat(states(set(0), one, two, landed(40, one, false), landed(45, two, false), set(50)))
                .containsExactly(State.OUT, State.FIGHTING, State.FIGHTING, State.IN, State.OUT);
        DayLog day = DayLog.of(List.of(set(0), one, two, landed(40, one, false)));
        assertThat(day.at(at(35)).on()).containsExactly(one.id(), two.id());
        assertThat(day.at(at(41)).on()).containsExactly(two.id());
    }

    @Test
    void aSetThatWasTakenBackNeverWas() {
        Fact set = set(10);
        Fact undo = fact(60, new Happening.Retracted(set.id()));
        assertThat(DayLog.of(List.of(set, undo)).lines()).isEmpty();
    }

    @Test
    void bagAndWellCountWhatWasThereByThen() {
        Fact one = strike(30);
        Fact two = strike(50);
        DayLog day = DayLog.of(List.of(
                fact(0, new BaitCaught("scad", 12, Optional.empty())),
                fact(45, new BaitDead("scad", 20)),
                one,
                landed(40, one, false),
                two,
                landed(55, two, true)));
        assertThat(day.at(at(44)).bag()).containsEntry("mahi", 1);
        assertThat(day.at(at(44)).well()).containsEntry("scad", 12);
        assertThat(day.at(at(60)).bag()).as("the second went back").containsEntry("mahi", 1);
        assertThat(day.at(at(60)).well()).containsEntry("scad", 0);
        assertThat(day.strikes().get(1).outcome()).isEqualTo(StrikeState.Outcome.RELEASED);
    }
}
