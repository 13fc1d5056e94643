package org.mosswake.server.log;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.log.NotebookColumn;
import org.mosswake.server.platform.table.Cells;

/**
 * A table as somebody's spreadsheet wrote it: its letters, what parts its cells, and its rows.
 *
 * @param headers as many as the widest row has cells; made up where the table has none
 * @param rows    from the first that is no header, each with the line it stands on
 */
record TableText(List<String> headers, List<Row> rows) {
    private static final int MOST_ROWS = 20_000;
    private static final int MOST_COLUMNS = 60;
    private static final List<Character> PARTS = List.of(',', ';', '\t', '|');
    private static final int LOOKED_AT = 20;

    record Row(long line, List<String> cells) {}

    /** @throws FaultException where it is no table, with what is wrong */
    static TableText read(byte[] bytes) {
        String text = letters(bytes);
        char parts = parts(text);
        List<Row> rows = rows(text, parts);
        if (rows.isEmpty()) {
            throw unreadable("it has no rows");
        }
        int wide = rows.stream().mapToInt(row -> row.cells().size()).max().orElse(0);
        if (wide > MOST_COLUMNS) {
            throw FaultException.of(FaultCode.TOO_MANY, "columns", wide, MOST_COLUMNS);
        }
        boolean headed = rows.get(0).cells().stream()
                        .filter(cell -> NotebookColumn.guess(cell) != NotebookColumn.IGNORED)
                        .count()
                >= Math.min(2, wide);
        var headers = new ArrayList<String>();
        for (int i = 0; i < wide; i++) {
            List<String> first = rows.get(0).cells();
            headers.add(headed && i < first.size() && !first.get(i).isBlank() ? first.get(i) : "Column " + (i + 1));
        }
        return new TableText(List.copyOf(headers), headed ? rows.subList(1, rows.size()) : rows);
    }

    private static FaultException unreadable(String why) {
        return FaultException.of(FaultCode.UNREADABLE_TABLE, "", why);
    }

    /** By its mark, else UTF-8 where it is that, else as western spreadsheets write. */
    private static String letters(byte[] bytes) {
        if (bytes.length >= 2 && bytes[0] == 'P' && bytes[1] == 'K') {
            throw unreadable("it is packed, as spreadsheets keep their own files; save it as CSV");
        }
        String text;
        if (begins(bytes, 0xFF, 0xFE)) {
            text = new String(bytes, StandardCharsets.UTF_16LE).substring(1);
        } else if (begins(bytes, 0xFE, 0xFF)) {
            text = new String(bytes, StandardCharsets.UTF_16BE).substring(1);
        } else {
            try {
                text = StandardCharsets.UTF_8
                        .newDecoder()
                        .decode(ByteBuffer.wrap(bytes))
                        .toString();
            } catch (CharacterCodingException western) {
                text = new String(bytes, Charset.forName("windows-1252"));
            }
            text = text.startsWith("\uFEFF") ? text.substring(1) : text;
        }
        if (text.indexOf('\0') >= 0) {
            throw unreadable("it is no text");
        }
        return text;
    }

    private static boolean begins(byte[] bytes, int first, int second) {
        return bytes.length >= 2 && (bytes[0] & 0xFF) == first && (bytes[1] & 0xFF) == second;
    }

    /** What parts the first rows into the most cells, as many in each. */
    private static char parts(String text) {
        List<String> lines =
                text.lines().filter(line -> !line.isBlank()).limit(LOOKED_AT).toList();
        return PARTS.stream()
                .max(Comparator.comparingLong(part -> lines.stream()
                        .mapToLong(line -> line.chars().filter(c -> c == part).count())
                        .min()
                        .orElse(0)))
                .filter(part -> lines.stream().anyMatch(line -> line.indexOf(part) >= 0))
                .orElse(',');
    }

    private static List<Row> rows(String text, char parts) {
        var format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(parts)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        var rows = new ArrayList<Row>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            for (CSVRecord record : parser) {
                if (rows.size() > MOST_ROWS) {
                    throw FaultException.of(FaultCode.TOO_MANY, "rows", "over " + MOST_ROWS, MOST_ROWS);
                }
                rows.add(new Row(
                        parser.getCurrentLineNumber(),
                        record.stream().map(Cells::unsafe).toList()));
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException | IllegalStateException e) {
            throw unreadable(String.valueOf(e.getMessage()));
        }
        return rows;
    }
}
