package org.mosswake.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mosswake.core.clock.DemoTides;
import org.mosswake.core.log.LogEntry.Kind;
import org.mosswake.core.strikes.DayLog;
import org.mosswake.core.strikes.Fact;
import org.mosswake.core.strikes.Happening;
import org.mosswake.core.strikes.Loss;

class LoggedDayTest {
    private static final Instant BEGIN = Instant.parse("2026-06-18T08:06:00Z");
    private static final UUID FAR = UUID.randomUUID();
    private static final UUID NEAR = UUID.randomUUID();
    private static final UUID STRIKE = UUID.randomUUID();
    private static final Optional<Double> NO = Optional.empty();

    private static Fact fact(int minute, Happening what) {
        return new Fact(UUID.randomUUID(), BEGIN.plus(Duration.ofMinutes(minute)), what);
    }

    private static List<LogEntry> entries(Fact... facts) {
        return new LoggedDay(
                        LocalDate.of(2026, 6, 18),
                        "Tarrow Banks",
                        ZoneId.of("Etc/GMT+3"),
                        27.6,
                        -47.3,
                        Optional.of(DemoTides.TARROW_BANKS),
                        (line, at) -> new Traits(Map.of(Facet.POSITION, line.equals(FAR) ? "far" : "near"), Map.of()),
                        LoggedDay.Way.UNKNOWN)
                .entries(DayLog.of(List.of(facts)));
    }

    private static double minutes(List<LogEntry> entries, String position) {
        return entries.stream()
                .filter(entry -> entry.kind() == Kind.FISHED
                        && position.equals(entry.choices().get(Facet.POSITION)))
                .mapToDouble(LogEntry::minutes)
                .sum();
    }

    /** A line fishes from when it is set to when a fish takes; not while it fights, nor aboard. */
    @Test
    void timeInTheWaterIsWhatTheFactsSay() {
        List<LogEntry> entries = entries(
                fact(0, new Happening.Set(FAR, NO, Optional.empty())),
                fact(5, new Happening.Set(NEAR, NO, Optional.empty())),
                new Fact(STRIKE, BEGIN.plus(Duration.ofMinutes(70)), new Happening.Struck(FAR, Optional.empty())),
                fact(78, new Happening.Landed(STRIKE, "mahi", NO, NO, Optional.empty())),
                fact(85, new Happening.Set(FAR, NO, Optional.empty())),
                fact(100, new Happening.Cleared(NEAR)),
                fact(120, new Happening.Tended("DRAGS")));
        assertThat(minutes(entries, "far")).isCloseTo(70 + 35, within(1e-6));
        assertThat(minutes(entries, "near")).isCloseTo(95, within(1e-6));
        LogEntry strike = entries.stream()
                .filter(entry -> entry.kind() == Kind.STRUCK)
                .findFirst()
                .orElseThrow();
        assertThat(strike.timed()).isTrue();
        assertThat(strike.choices())
                .containsEntry(Facet.SPECIES, "mahi")
                .containsEntry(Facet.OUTCOME, LogEntry.LANDED)
                .containsKeys(Facet.LIGHT, Facet.STREAM, Facet.MOON);
        assertThat(strike.numbers()).containsEntry(Facet.HOUR, 6.0).containsEntry(Facet.MONTH, 6.0);
        assertThat(entries).allSatisfy(entry -> assertThat(entry.minutes()).isLessThanOrEqualTo(30));
        assertThat(entries.stream().map(LogEntry::id).distinct()).hasSameSizeAs(entries);
    }

    /** Corrected, opened or put away months later, a day is no longer than it was. */
    @Test
    void whatIsSaidAfterwardsLengthensNoDay() {
        int months = 60 * 24 * 150;
        List<LogEntry> entries = entries(
                fact(0, new Happening.Set(FAR, NO, Optional.empty())),
                new Fact(STRIKE, BEGIN.plus(Duration.ofMinutes(50)), new Happening.Struck(NEAR, Optional.empty())),
                fact(60, new Happening.Tended("DRAGS")),
                fact(500, new Happening.Opened(STRIKE, "squid")),
                fact(months, new Happening.Tended(Happening.Tended.TAKEN_OFF + FAR)),
                fact(months, new Happening.Set(NEAR, NO, Optional.empty())));
        assertThat(minutes(entries, "far")).isCloseTo(60, within(1e-6));
        assertThat(minutes(entries, "near")).isZero();
    }

    /** Of a line nobody set no time is known: its strike counts, and is in no rate. */
    @Test
    void aStrikeOnALineNobodySetHasNoTime() {
        List<LogEntry> entries = entries(
                new Fact(STRIKE, BEGIN, new Happening.Struck(FAR, Optional.empty())),
                fact(4, new Happening.Lost(STRIKE, Optional.of(Loss.CUT_OFF))));
        assertThat(entries).hasSize(1);
        assertThat(entries.get(0).timed()).isFalse();
        assertThat(entries.get(0).choices())
                .containsEntry(Facet.LOSS, "cut off")
                .containsEntry(Facet.OUTCOME, LogEntry.LOST);
        assertThat(entries()).isEmpty();
    }

    /** What fished one way and what fished another are two pieces, cut where it was changed. */
    @Test
    void aChangeCutsThePiece() {
        Instant changed = BEGIN.plus(Duration.ofMinutes(12));
        var lines = new LoggedDay.Lines() {
            @Override
            public Traits of(UUID line, Instant at) {
                return new Traits(Map.of(Facet.LURE, at.isBefore(changed) ? "plug" : "skirt"), Map.of());
            }

            @Override
            public List<Instant> changes(UUID line) {
                return List.of(changed);
            }
        };
        List<LogEntry> entries = new LoggedDay(
                        LocalDate.of(2026, 6, 18),
                        "Tarrow Banks",
                        ZoneId.of("Etc/GMT+3"),
                        27.6,
                        -47.3,
                        Optional.empty(),
                        lines,
                        LoggedDay.Way.UNKNOWN)
                .entries(DayLog.of(List.of(
                        fact(0, new Happening.Set(FAR, NO, Optional.empty())), fact(40, new Happening.Cleared(FAR)))));
        assertThat(entries.stream()
                        .filter(entry -> "plug".equals(entry.choices().get(Facet.LURE)))
                        .mapToDouble(LogEntry::minutes)
                        .sum())
                .isCloseTo(12, within(1e-6));
        assertThat(entries.stream().mapToDouble(LogEntry::minutes).sum()).isCloseTo(40, within(1e-6));
    }

    /** She turns to starboard from minute 20 to 26: the starboard line is inside then, and only then. */
    @Test
    void turningAndTheAgeOfABaitAreKnown() {
        var way = new LoggedDay.Way() {
            @Override
            public boolean isKnown() {
                return true;
            }

            @Override
            public Optional<LogEntry.Place> at(Instant moment) {
                return Optional.of(new LogEntry.Place(27.6, -47.3));
            }

            @Override
            public Optional<Integer> turning(Instant moment) {
                long minute = Duration.between(BEGIN, moment).toMinutes();
                return Optional.of(minute >= 20 && minute < 26 ? 1 : 0);
            }
        };
        var lines = new LoggedDay.Lines() {
            @Override
            public Traits of(UUID line, Instant at) {
                return Traits.NONE;
            }

            @Override
            public int side(UUID line, Instant at) {
                return line.equals(FAR) ? 1 : -1;
            }

            @Override
            public boolean isBaited(UUID line, Instant at) {
                return line.equals(NEAR);
            }
        };
        List<LogEntry> entries = new LoggedDay(
                        LocalDate.of(2026, 6, 18),
                        "Tarrow Banks",
                        ZoneId.of("Etc/GMT+3"),
                        27.6,
                        -47.3,
                        Optional.empty(),
                        lines,
                        way)
                .entries(DayLog.of(List.of(
                        fact(0, new Happening.Set(FAR, NO, Optional.empty())),
                        fact(0, new Happening.Set(NEAR, NO, Optional.empty())),
                        fact(30, new Happening.Renewed(NEAR)),
                        new Fact(
                                STRIKE,
                                BEGIN.plus(Duration.ofMinutes(42)),
                                new Happening.Struck(NEAR, Optional.empty())),
                        fact(44, new Happening.Landed(STRIKE, "king", NO, NO, Optional.empty())),
                        fact(45, new Happening.Opened(STRIKE, "squid")),
                        fact(60, new Happening.Cleared(FAR)))));
        assertThat(bent(entries, "inside")).isCloseTo(6, within(0.6));
        assertThat(bent(entries, "outside")).isCloseTo(6, within(0.6));
        assertThat(bent(entries, "straight")).isCloseTo(60 + 42 - 12, within(1.2));
        LogEntry strike = entries.stream()
                .filter(entry -> entry.kind() == Kind.STRUCK)
                .findFirst()
                .orElseThrow();
        assertThat(strike.numbers()).containsEntry(Facet.BAIT_AGE, 12.0);
        assertThat(strike.choices()).containsEntry(Facet.EATEN, "squid").containsEntry(Facet.BEND, "straight");
        assertThat(entries.stream().filter(entry -> entry.place().isPresent())).hasSizeGreaterThan(8);
    }

    private static double bent(List<LogEntry> entries, String how) {
        return entries.stream()
                .filter(entry -> how.equals(entry.choices().get(Facet.BEND)))
                .mapToDouble(LogEntry::minutes)
                .sum();
    }

    /** Made again they are the same: an entry of twenty years ago keeps its id. */
    @Test
    void theSameFactsAreTheSameEntries() {
        Fact[] facts = {fact(0, new Happening.Set(FAR, NO, Optional.empty())), fact(50, new Happening.Cleared(FAR))};
        assertThat(entries(facts)).isEqualTo(entries(facts)).hasSize(2);
    }
}
