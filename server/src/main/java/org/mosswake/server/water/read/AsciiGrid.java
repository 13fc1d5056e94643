package org.mosswake.server.water.read;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.StreamTokenizer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.water.Grid;
import org.mosswake.core.water.Grid.Frame;
import org.springframework.stereotype.Component;

/** A plain grid of text: a head of six lines, then rows from the north, as ESRI laid it down. */
@Component
class AsciiGrid implements GridReader {
    private static final Set<String> HEAD = Set.of(
            "ncols",
            "nrows",
            "xllcorner",
            "xllcenter",
            "yllcorner",
            "yllcenter",
            "cellsize",
            "dx",
            "dy",
            "nodata_value");

    @Override
    public boolean reads(String name, byte[] head) {
        return new String(head, StandardCharsets.ISO_8859_1)
                .strip()
                .toLowerCase(Locale.ROOT)
                .startsWith("ncols");
    }

    @Override
    public List<Grid> read(Path file, Told told) throws IOException {
        Grid.Kind kind = told.kind()
                .or(() -> Naming.kind(told.name()))
                .orElseThrow(() -> FaultException.of(FaultCode.GRID_OF_WHAT, "kind", told.name()));
        try (BufferedReader in = Files.newBufferedReader(file, StandardCharsets.ISO_8859_1)) {
            StreamTokenizer words = new StreamTokenizer(in);
            words.resetSyntax();
            words.whitespaceChars(0, ' ');
            words.wordChars('!', 255);
            Map<String, Double> head = new HashMap<>();
            while (words.nextToken() == StreamTokenizer.TT_WORD && HEAD.contains(words.sval.toLowerCase(Locale.ROOT))) {
                String key = words.sval.toLowerCase(Locale.ROOT);
                words.nextToken();
                head.put(key, number(words, "its head, at " + key));
            }
            words.pushBack();
            Frame frame = frame(head);
            float[] values = new float[frame.rows() * frame.columns()];
            for (int row = frame.rows() - 1; row >= 0; row--) {
                for (int column = 0; column < frame.columns(); column++) {
                    words.nextToken();
                    values[row * frame.columns() + column] =
                            (float) number(words, "row " + (frame.rows() - row) + ", column " + (column + 1));
                }
            }
            if (words.nextToken() != StreamTokenizer.TT_EOF) {
                throw GridReader.unreadable("it goes on after its last row");
            }
            float gap = head.getOrDefault("nodata_value", -9999.0).floatValue();
            return List.of(
                    Taken.grid(kind, told.at().or(() -> Naming.moment(told.name())), told.name(), frame, values, gap));
        }
    }

    private static Frame frame(Map<String, Double> head) {
        double across = Optional.ofNullable(head.get("dx")).orElse(part(head, "cellsize"));
        double up = Optional.ofNullable(head.get("dy")).orElse(part(head, "cellsize"));
        double rows = part(head, "nrows");
        double columns = part(head, "ncols");
        if (!(rows * columns <= MOST_CELLS)) {
            throw GridReader.unreadable("it has more than " + MOST_CELLS / 1_000_000 + " million cells");
        }
        double west = head.containsKey("xllcenter") ? part(head, "xllcenter") : part(head, "xllcorner") + across / 2;
        double south = head.containsKey("yllcenter") ? part(head, "yllcenter") : part(head, "yllcorner") + up / 2;
        return new Frame((int) rows, (int) columns, south, west, up, across);
    }

    private static double part(Map<String, Double> head, String key) {
        Double value = head.get(key);
        if (value == null && (key.equals("cellsize") && head.containsKey("dx") && head.containsKey("dy"))) {
            return 0;
        }
        if (value == null) {
            throw GridReader.unreadable("its head says no " + key);
        }
        return value;
    }

    private static double number(StreamTokenizer words, String where) {
        if (words.ttype != StreamTokenizer.TT_WORD) {
            throw GridReader.unreadable("it breaks off in " + where);
        }
        try {
            return Double.parseDouble(words.sval);
        } catch (NumberFormatException e) {
            throw GridReader.unreadable("'" + words.sval + "' in " + where + " is no number");
        }
    }
}
