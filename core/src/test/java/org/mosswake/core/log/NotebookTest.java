package org.mosswake.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NotebookTest {
    private static final UUID OWNER = UUID.fromString("668fc201-cc02-352a-aaa6-312284e5f23c");

    private static Notebook.Row row(String header, String cell, boolean dayFirst, boolean feet) {
        return new Notebook(OWNER, List.of(header), List.of(NotebookColumn.guess(header)), dayFirst, feet)
                .row(List.of(cell));
    }

    private static LogEntry taken(String header, String cell) {
        Notebook.Row row = row(header, cell, true, false);
        assertThat(row).as("%s: %s", header, cell).isInstanceOf(Notebook.Row.Taken.class);
        return ((Notebook.Row.Taken) row).entry();
    }

    @ParameterizedTest
    @CsvSource({
        "18.6.2019, 2019-06-18", "18/06/19, 2019-06-18", "2019-06-18, 2019-06-18", "18 June 2019, 2019-06-18",
        "18th Jun 2019, 2019-06-18", "June 2019, 2019-06-01", "'June 18, 2019', 2019-06-18", "7.11.98, 1998-11-07",
        "2019, 2019-01-01", "June, 0001-06-01"
    })
    void daysAsPeopleWriteThem(String said, LocalDate day) {
        assertThat(taken("Date", said).day()).isEqualTo(day);
    }

    @Test
    void theMonthComesFirstWhereSomebodySaysSo() {
        var entry = ((Notebook.Row.Taken) row("date", "6/18/2019", false, false)).entry();
        assertThat(entry.day()).isEqualTo(LocalDate.of(2019, 6, 18));
        assertThat(row("date", "6/18/2019", true, false)).isInstanceOf(Notebook.Row.Refused.class);
    }

    @ParameterizedTest
    @CsvSource({
        "depth (ft), 40, DEPTH, 12.192",
        "Depth, 12, DEPTH, 12",
        "Depth, 40 ft, DEPTH, 12.192",
        "leader, 1.5 m, LEADER, 1.5",
        "water temp, 70 F, WATER, 21.11",
        "Time, 7 pm, HOUR, 19",
        "Time, 07:30, HOUR, 7",
        "month, Oct, MONTH, 10",
        "speed, 7, PACE, 3.601",
        "lure length, 18, SIZE, 0.18"
    })
    void figuresInWhateverUnit(String header, String cell, Facet facet, double value) {
        assertThat(taken(header, cell).numbers().get(facet)).isCloseTo(value, within(0.01));
    }

    @Test
    void whatIsNotKnownStaysUnknown() {
        var notebook = new Notebook(
                OWNER,
                List.of("month", "place", "tide", "colour", "leader", "depth"),
                List.of(
                        NotebookColumn.MONTH,
                        NotebookColumn.PLACE,
                        NotebookColumn.STREAM,
                        NotebookColumn.COLOUR,
                        NotebookColumn.LEADER,
                        NotebookColumn.DEPTH),
                true,
                true);
        var row = (Notebook.Row.Taken) notebook.row(List.of("June", "The Knuckle", "Flood", "pink", "5 ft", "?"));
        assertThat(row.entry().numbers()).containsOnlyKeys(Facet.MONTH, Facet.LEADER);
        assertThat(row.entry().choices()).hasSize(3).containsEntry(Facet.STREAM, "Flood");
        assertThat(row.entry().timed()).isFalse();
        var again = (Notebook.Row.Taken) notebook.row(List.of("June", "The Knuckle", "Flood", "pink", "5 ft", "?"));
        assertThat(again.entry().id()).isNotEqualTo(row.entry().id());
        assertThat(notebook.row(List.of("", "-", "", "", "", ""))).isInstanceOf(Notebook.Row.Refused.class);
    }

    @ParameterizedTest
    @CsvSource({
        "date, 31.6.2019",
        "date, soon",
        "date, 18.6.0019",
        "depth, deep",
        "depth, 900",
        "water, 99",
        "time, 25:10",
        "outcome, perhaps",
        "month, 13",
        "year, 19",
        "crew, many"
    })
    void whatCannotBeReadSaysWhyAndWhere(String header, String cell) {
        Notebook.Row row = row(header, cell, true, false);
        assertThat(row).isInstanceOfSatisfying(Notebook.Row.Refused.class, refused -> {
            assertThat(refused.column()).isZero();
            assertThat(refused.value()).isEqualTo(cell);
            assertThat(refused.says()).endsWith(".").isNotBlank();
        });
    }

    /** Nothing that anybody types breaks it, and no row vanishes. */
    @Test
    void anythingIsTakenOrRefused() {
        var random = new Random(5);
        List<NotebookColumn> columns = Arrays.asList(NotebookColumn.values());
        var headers = columns.stream().map(NotebookColumn::words).toList();
        String alphabet = "0123456789 ./-:,'\"amftJune°%\u0000éß(){}|";
        for (int i = 0; i < 20_000; i++) {
            var cells = columns.stream()
                    .map(column -> {
                        var text = new StringBuilder();
                        int length = random.nextInt(4) == 0 ? random.nextInt(12) : 0;
                        for (int c = 0; c < length; c++) {
                            text.append(alphabet.charAt(random.nextInt(alphabet.length())));
                        }
                        return text.toString();
                    })
                    .toList();
            assertThat(new Notebook(OWNER, headers, columns, random.nextBoolean(), random.nextBoolean()).row(cells))
                    .isNotNull();
        }
    }
}
