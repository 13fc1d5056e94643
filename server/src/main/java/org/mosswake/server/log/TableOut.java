package org.mosswake.server.log;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Month;
import java.time.ZoneId;
import java.time.format.TextStyle;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.LogEntry;
import org.mosswake.core.log.Notebook;
import org.mosswake.core.log.NotebookColumn;
import org.mosswake.core.units.SpeedUnit;
import org.mosswake.server.platform.table.Cells;

/** Strikes as a table that the notebook reads again: one row each, units in the names of the columns. */
final class TableOut {
    private static final List<NotebookColumn> COLUMNS = Arrays.stream(NotebookColumn.values())
            .filter(column ->
                    column != NotebookColumn.IGNORED && column != NotebookColumn.YEAR && column != NotebookColumn.MONTH)
            .toList();

    private TableOut() {}

    static String write(List<LogEntry> strikes, ZoneId zone) {
        var text = new StringBuilder();
        String[] headers = COLUMNS.stream().map(TableOut::header).toArray(String[]::new);
        try (CSVPrinter printer = new CSVPrinter(
                text, CSVFormat.RFC4180.builder().setHeader(headers).get())) {
            for (LogEntry strike : strikes) {
                printer.printRecord(COLUMNS.stream().map(column -> cell(column, strike, zone)));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static String header(NotebookColumn column) {
        return column.words()
                + switch (column) {
                    case WATER -> " (C)";
                    case SIZE -> " (cm)";
                    case PACE -> " (kn)";
                    case DEPTH, OFF_BOTTOM, BOTTOM, LEADER -> " (m)";
                    default -> "";
                };
    }

    private static String cell(NotebookColumn column, LogEntry strike, ZoneId zone) {
        return switch (column) {
            case DAY -> day(strike);
            case TIME ->
                strike.at()
                        .map(at -> at.atZone(zone)
                                .toLocalTime()
                                .withSecond(0)
                                .withNano(0)
                                .toString())
                        .orElseGet(() -> number(strike, column, 1));
            case SIZE -> number(strike, column, 100);
            case PACE -> number(strike, column, 1 / SpeedUnit.KNOT.toSi(1));
            case WATER, DEPTH, OFF_BOTTOM, BOTTOM, LEADER, CREW -> number(strike, column, 1);
            default -> Cells.safe(strike.choices().getOrDefault(column.facet().orElseThrow(), ""));
        };
    }

    /** Of a row that names no year, or no day, as much as it says. */
    private static String day(LogEntry strike) {
        if (strike.day().getYear() != Notebook.NO_YEAR) {
            return strike.day().toString();
        }
        Double month = strike.numbers().get(Facet.MONTH);
        return month == null ? "" : Month.of(month.intValue()).getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }

    private static String number(LogEntry strike, NotebookColumn column, double factor) {
        Double value = strike.numbers().get(column.facet().orElseThrow());
        return value == null ? "" : Cells.number(value * factor, 6);
    }
}
