package org.mosswake.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.LogEntry;
import org.mosswake.core.log.LogEntry.Kind;

class DayAdviceTest {
    private static final Instant BEGIN = Instant.parse("2026-06-18T08:00:00Z");
    private static final List<String> HOLDS = List.of("Centre", "Port rigger", "Starboard rigger", "Port stern");

    private static LogEntry entry(Kind kind, String hold, double atMin, double minutes) {
        return new LogEntry(
                UUID.randomUUID(),
                LocalDate.of(2026, 6, 18),
                Optional.of(BEGIN.plusSeconds(Math.round(60 * atMin))),
                kind,
                minutes,
                true,
                Map.of(Facet.POSITION, hold),
                Map.of(),
                Optional.empty());
    }

    private static List<LogEntry> day(int onCentre, int elsewhere) {
        var all = new ArrayList<LogEntry>();
        for (String hold : HOLDS) {
            for (int half = 0; half < 8; half++) {
                all.add(entry(Kind.FISHED, hold, 30 * half, 30));
            }
        }
        for (int i = 0; i < onCentre; i++) {
            all.add(entry(Kind.STRUCK, "Centre", 20 + 12 * i, 0));
        }
        for (int i = 0; i < elsewhere; i++) {
            all.add(entry(Kind.STRUCK, HOLDS.get(1 + i % 3), 25 + 17 * i, 0));
        }
        return all;
    }

    private static DayAdvice at(List<LogEntry> day, int minute) {
        return DayAdvice.of(day, BEGIN.plus(Duration.ofMinutes(minute)), 180);
    }

    @Test
    void aHotPositionIsCalledAndShared() {
        DayAdvice advice = at(day(9, 1), 200);
        assertThat(advice.standings().get(0).position()).isEqualTo("Centre");
        assertThat(advice.standings().get(0).expected()).isCloseTo(0.25, within(0.01));
        assertThat(advice.calls()).hasSize(1);
        assertThat(advice.calls().get(0).text()).startsWith("Centre takes more than its share");
        assertThat(advice.trying())
                .hasValueSatisfying(one -> assertThat(one.text()).contains("closer to that of Centre"));
    }

    @Test
    void equalLinesAreLeftAlone() {
        DayAdvice advice = at(day(1, 3), 200);
        assertThat(advice.calls()).isEmpty();
    }

    /** What happens later is not known then, and time still to come is not fished yet. */
    @Test
    void onlyWhatHasHappenedCounts() {
        List<LogEntry> day = day(9, 1);
        DayAdvice early = at(day, 40);
        assertThat(early.calls()).isEmpty();
        double minutes = early.standings().stream()
                .mapToDouble(DayAdvice.Standing::minutes)
                .sum();
        assertThat(minutes).isCloseTo(160, within(0.1));
        int strikes =
                early.standings().stream().mapToInt(DayAdvice.Standing::strikes).sum();
        assertThat(strikes).isEqualTo(3);
        assertThat(at(day, 0).standings()).isEmpty();
        assertThat(DayAdvice.of(List.of(), BEGIN, 60).trying()).isEmpty();
    }

    @Test
    void whatIsLostTheSameWayTwiceHasOneChangeToTry() {
        List<LogEntry> day = new ArrayList<>(day(0, 0));
        assertThat(at(day, 200).lost()).isEmpty();
        for (int i = 0; i < 3; i++) {
            LogEntry one = entry(Kind.STRUCK, "Centre", 20 + i, 0);
            day.add(new LogEntry(
                    one.id(),
                    one.day(),
                    one.at(),
                    one.kind(),
                    0,
                    true,
                    Map.of(Facet.POSITION, "Centre", Facet.LOSS, i == 2 ? "broke" : "cut off"),
                    Map.of(),
                    Optional.empty()));
        }
        assertThat(at(day, 200).lost())
                .hasValueSatisfying(
                        said -> assertThat(said.text()).contains("cut off").contains("wire"));
        assertThat(at(day, 20).lost()).isEmpty();
    }

    /** Five in twenty minutes are more than one pair of hands beside the wheel. */
    @Test
    void moreStrikesThanHandsTakeLinesIn() {
        var day = new ArrayList<>(day(0, 0));
        for (int i = 0; i < 5; i++) {
            day.add(entry(Kind.STRUCK, "Centre", 100 + 3 * i, 0));
        }
        assertThat(at(day, 115).hands())
                .hasValueSatisfying(said ->
                        assertThat(said.text()).contains("take two lines in").doesNotContain("Centre"));
        assertThat(at(day, 140).hands()).isEmpty();
        assertThat(at(day(4, 3), 200).hands()).isEmpty();
    }
}
