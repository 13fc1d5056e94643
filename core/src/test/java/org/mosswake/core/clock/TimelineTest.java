package org.mosswake.core.clock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.clock.Timeline.Needs;
import org.mosswake.core.fault.FaultException;

class TimelineTest {
    private static final ZoneId ZONE = ZoneId.of("Etc/GMT+3");
    private static final Instant LINES_IN = Instant.parse("2026-06-18T08:00:00Z");
    private static final Instant HOME = Instant.parse("2026-06-18T17:00:00Z");

    private static Needs needs(int bait, int live, int dead, int leaders) {
        return new Needs(
                LINES_IN,
                "it is first light",
                6,
                Duration.ofMinutes(90),
                Duration.ofMinutes(bait),
                live,
                dead,
                leaders,
                4,
                6,
                HOME,
                false);
    }

    private static Step step(List<Step> steps, String title) {
        return steps.stream()
                .filter(s -> s.title().startsWith(title))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void isReckonedBackwardsFromLinesIn() {
        List<Step> steps = Timeline.of(needs(75, 12, 0, 8), ZONE, List.of(), List.of());
        assertThat(step(steps, "set 6 lines").at()).isEqualTo(LINES_IN.minus(Duration.ofMinutes(24)));
        assertThat(step(steps, "set 6 lines").ends()).isEqualTo(LINES_IN);
        assertThat(step(steps, "look").ends()).isEqualTo(step(steps, "set").at());
        assertThat(step(steps, "catch bait").ends())
                .isEqualTo(step(steps, "look").at());
        assertThat(step(steps, "leave").ends())
                .isEqualTo(step(steps, "catch bait").at());
        assertThat(step(steps, "leave").at()).isEqualTo(LINES_IN.minus(Duration.ofMinutes(24 + 20 + 75 + 90)));
        assertThat(steps).isSortedAccordingTo((a, b) -> a.at().compareTo(b.at()));
    }

    @Test
    void theEveningBeforeHoldsBrineLeadersAndMarks() {
        List<Step> steps = Timeline.of(needs(0, 0, 18, 10), ZONE, List.of(), List.of());
        Step brine = step(steps, "brine 18");
        assertThat(brine.at().atZone(ZONE).toLocalTime()).isEqualTo("19:00");
        assertThat(brine.at().atZone(ZONE).toLocalDate()).isEqualTo("2026-06-17");
        assertThat(step(steps, "tie 10 leaders").takes()).isEqualTo(Duration.ofMinutes(60));
        assertThat(step(steps, "mark lines").at())
                .isEqualTo(step(steps, "tie 10").ends());
        assertThat(steps).noneMatch(s -> s.title().startsWith("catch bait"));
    }

    /** Overnight means eight hours: who fishes from midnight brines in the afternoon. */
    @Test
    void brineStartsEarlierForAnEarlyStart() {
        var early = new Needs(
                Instant.parse("2026-06-18T05:00:00Z"),
                "night",
                2,
                Duration.ofMinutes(10),
                Duration.ZERO,
                0,
                6,
                0,
                4,
                6,
                HOME,
                false);
        Step brine = step(Timeline.of(early, ZONE, List.of(), List.of()), "brine");
        assertThat(Duration.between(brine.ends(), early.linesIn())).isGreaterThanOrEqualTo(Duration.ofHours(8));
    }

    @Test
    void tideTurnsOfTheFishingHoursAreIn() {
        var turns = List.of(
                new TideStation.Turn(TideStation.Event.HIGH, LINES_IN.minus(Duration.ofHours(5)), 1.9),
                new TideStation.Turn(TideStation.Event.EBB_BEGINS, LINES_IN.plus(Duration.ofHours(2)), 1.2),
                new TideStation.Turn(TideStation.Event.LOW, HOME.plus(Duration.ofHours(1)), 0.2));
        List<Step> steps = Timeline.of(needs(0, 0, 0, 0), ZONE, turns, List.of());
        assertThat(steps)
                .filteredOn(s -> s.kind() == Step.Kind.TIDE)
                .extracting(Step::title)
                .containsExactly("ebb begins");
    }

    @Test
    void aRunOfHalfAWeekIsRefused() {
        assertThatThrownBy(() ->
                        new Needs(LINES_IN, "", 2, Duration.ofHours(90), Duration.ZERO, 0, 0, 0, 4, 6, HOME, false))
                .isInstanceOf(FaultException.class);
    }
}
