package org.mosswake.core.call;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.playbook.Species;

class EntryTest {
    private static Entry season(MonthDay from, MonthDay to) {
        return entry(Optional.ofNullable(from), Optional.ofNullable(to), Optional.of(2), Optional.empty(), "");
    }

    private static Entry entry(
            Optional<MonthDay> from, Optional<MonthDay> to, Optional<Integer> bag, Optional<Double> most, String gear) {
        return new Entry(
                Species.COHO,
                LocalDate.of(2026, 6, 2),
                from,
                to,
                bag,
                Optional.of(0.5),
                most,
                true,
                Optional.empty(),
                gear);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-05-31, false",
        "2026-06-01, true",
        "2026-10-15, true",
        "2026-10-16, false",
    })
    void aSeasonHoldsItsFirstAndLastDay(LocalDate day, boolean in) {
        assertThat(season(MonthDay.of(6, 1), MonthDay.of(10, 15)).inSeason(day)).hasValue(in);
    }

    @ParameterizedTest
    @CsvSource({"2026-11-30, false", "2026-12-01, true", "2027-01-15, true", "2027-02-28, true", "2027-03-01, false"})
    void aSeasonMayRunOverTheNewYear(LocalDate day, boolean in) {
        assertThat(season(MonthDay.of(12, 1), MonthDay.of(2, 28)).inSeason(day)).hasValue(in);
    }

    @Test
    void withoutDatesTheTableSaysNothingOfASeason() {
        assertThat(season(null, null).inSeason(LocalDate.of(2026, 6, 18))).isEmpty();
    }

    @Test
    void everythingThatCannotBeIsNamed() {
        assertThatThrownBy(() -> entry(
                        Optional.of(MonthDay.of(5, 1)),
                        Optional.empty(),
                        Optional.of(-1),
                        Optional.of(0.3),
                        "x".repeat(500)))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .extracting(Fault::field)
                                .containsExactlyInAnyOrder("to", "bag", "mostLengthM", "gear"));
    }
}
