package org.mosswake.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mosswake.core.log.LogEntry.Kind;

class LedgerTest {
    private static final LocalDate JUNE = LocalDate.of(2024, 6, 18);

    private static LogEntry entry(
            LocalDate day, Kind kind, double minutes, Map<Facet, String> is, Map<Facet, Double> of) {
        return new LogEntry(UUID.randomUUID(), day, Optional.empty(), kind, minutes, true, is, of, Optional.empty());
    }

    private static final List<LogEntry> ENTRIES = List.of(
            entry(JUNE, Kind.FISHED, 100, Map.of(Facet.POSITION, "far"), Map.of(Facet.DEPTH, 1.0)),
            entry(JUNE, Kind.FISHED, 50, Map.of(Facet.POSITION, "near"), Map.of()),
            entry(
                    JUNE,
                    Kind.STRUCK,
                    0,
                    Map.of(Facet.POSITION, "far", Facet.SPECIES, "king", Facet.OUTCOME, LogEntry.LANDED),
                    Map.of(Facet.DEPTH, 1.0)),
            entry(JUNE, Kind.STRUCK, 0, Map.of(Facet.POSITION, "far", Facet.OUTCOME, LogEntry.LOST), Map.of()),
            entry(JUNE.plusYears(1), Kind.FISHED, 30, Map.of(Facet.POSITION, "far"), Map.of(Facet.DEPTH, 9.0)),
            new LogEntry(
                    UUID.randomUUID(),
                    LocalDate.of(2019, 10, 1),
                    Optional.empty(),
                    Kind.STRUCK,
                    0,
                    false,
                    Map.of(Facet.COLOUR, "pink"),
                    Map.of(),
                    Optional.empty()));
    private final Ledger ledger = Ledger.of(ENTRIES);

    @Test
    void countsAndMinutesOfASlice() {
        Slice all = ledger.slice(List.of());
        assertThat(all.minutes()).isEqualTo(180);
        assertThat(all.strikes()).isEqualTo(2);
        assertThat(all.landed()).isEqualTo(1);
        assertThat(all.untimed()).isEqualTo(1);
        assertThat(all.days()).isEqualTo(2);
        Slice far = ledger.slice(List.of(Where.is(Facet.POSITION, "far")));
        assertThat(far.minutes()).isEqualTo(130);
        assertThat(far.strikes()).isEqualTo(2);
        assertThat(all.without(far).minutes()).isEqualTo(50);
    }

    /** A line that fishes fishes for all of them: of a fish's own facets only the strikes are told apart. */
    @Test
    void theTimeOfAFishIsAllTime() {
        Slice king = ledger.slice(List.of(Where.is(Facet.SPECIES, "king")));
        assertThat(king.strikes()).isEqualTo(1);
        assertThat(king.minutes()).isEqualTo(180);
    }

    @Test
    void theSameWordIsTheSameWhateverItsCase() {
        assertThat(ledger.slice(List.of(Where.is(Facet.POSITION, "FAR"))).minutes())
                .isEqualTo(130);
        var both = Ledger.of(List.of(
                entry(JUNE, Kind.FISHED, 10, Map.of(Facet.PLACE, "The Knuckle"), Map.of()),
                entry(JUNE, Kind.FISHED, 20, Map.of(Facet.PLACE, "the knuckle"), Map.of())));
        assertThat(both.by(Facet.PLACE, List.of())).hasSize(1);
        assertThat(both.choices(Facet.PLACE)).containsExactly("The Knuckle");
    }

    @Test
    void whatIsNotKnownIsInNoBand() {
        List<Ledger.Arm> depths = ledger.by(Facet.DEPTH, List.of());
        assertThat(depths).hasSize(2);
        assertThat(depths.get(0).slice().minutes()).isEqualTo(100);
        assertThat(depths.get(0).slice().strikes()).isEqualTo(1);
        assertThat(depths.get(1).from()).isEqualTo(8);
        assertThat(ledger.slice(List.of(Where.between(Facet.DEPTH, 0, 4))).minutes())
                .isEqualTo(100);
    }

    @Test
    void weeksOfYears() {
        assertThat(ledger.weeks(List.of()))
                .containsExactly(
                        new Ledger.Week(2019, 40, 1, 0),
                        new Ledger.Week(2024, 25, 2, 150),
                        new Ledger.Week(2025, 25, 0, 30));
    }

    @Test
    void weeksGoOverTheYearsEnd() {
        var year = new ArrayList<LogEntry>();
        for (int week = 1; week <= 53; week++) {
            year.add(entry(
                    LocalDate.of(2024, 1, 1).plusDays(7L * (week - 1)),
                    Kind.FISHED,
                    1,
                    Map.of(),
                    Map.of(Facet.WEEK, (double) week)));
        }
        var ledger = Ledger.of(year);
        assertThat(ledger.slice(List.of(Where.between(Facet.WEEK, 52, 3))).minutes())
                .isCloseTo(4, within(1e-9));
        assertThat(ledger.slice(List.of(Where.between(Facet.WEEK, 24, 28))).minutes())
                .isCloseTo(4, within(1e-9));
    }

    @Test
    void piecesOfSeaHoldTheirStrikesAndTheirTime() {
        var at = new ArrayList<LogEntry>();
        for (int i = 0; i < 40; i++) {
            double north = 27.6 + (i % 4) * 0.003;
            at.add(new LogEntry(
                    UUID.randomUUID(),
                    JUNE,
                    Optional.empty(),
                    i < 30 ? Kind.FISHED : Kind.STRUCK,
                    i < 30 ? 10 : 0,
                    true,
                    Map.of(),
                    Map.of(),
                    i % 5 == 0 ? Optional.empty() : Optional.of(new LogEntry.Place(north, -47.3))));
        }
        List<Ledger.Piece> pieces = Ledger.of(at).pieces(List.of(), 250);
        assertThat(pieces).hasSize(4);
        assertThat(pieces.stream().mapToDouble(Ledger.Piece::minutes).sum()).isEqualTo(240);
        assertThat(pieces.stream().mapToInt(Ledger.Piece::strikes).sum()).isEqualTo(8);
        assertThat(pieces.get(1).latitudeDeg() - pieces.get(0).latitudeDeg()).isCloseTo(0.003, within(0.0023));
    }

    /** Any way of adding up the parts is the whole: choices and what nobody said. */
    @Test
    void partsAddUp() {
        double parts = ledger.by(Facet.POSITION, List.of()).stream()
                .mapToDouble(arm -> arm.slice().minutes())
                .sum();
        assertThat(parts).isEqualTo(ledger.slice(List.of()).minutes());
        assertThat(Ledger.of(List.of()).slice(List.of()).minutes()).isZero();
        assertThat(Ledger.of(List.of()).weeks(List.of())).isEmpty();
    }

    /** Thousands of names that were typed once each would be as many sums over all days. */
    @Test
    void ofThousandsOfTextsTheOnesThatWereFishedMostAreToldApart() {
        var many = new ArrayList<LogEntry>();
        for (int i = 0; i < 20_000; i++) {
            many.add(entry(JUNE.plusDays(i % 3000), Kind.FISHED, i % 997, Map.of(Facet.LURE, "lure " + i), Map.of()));
        }
        List<Ledger.Arm> arms = Ledger.of(many).by(Facet.LURE, List.of());
        assertThat(arms).hasSize(100);
        assertThat(arms).allMatch(arm -> arm.slice().minutes() > 990);
        assertThat(Ledger.of(many)
                        .slice(List.of(Where.is(Facet.LURE, "LURE 12")))
                        .minutes())
                .isEqualTo(12);
    }
}
