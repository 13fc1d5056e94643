package org.mosswake.server.water.read;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.water.Grid;
import org.mosswake.core.water.Grid.Frame;
import org.mosswake.core.water.Grid.Kind;
import org.springframework.stereotype.Component;

/** A table of points, one a row, with latitude, longitude and one or more values; the points must lie on a lattice. */
@Component
class PointTable implements GridReader {
    private static final int MOST_ROWS = 1_000_000;
    /** Of a step that a point may lie beside its place. */
    private static final double OFF = 0.2;

    @Override
    public boolean reads(String name, byte[] head) {
        String first = new String(head, StandardCharsets.UTF_8).split("\\R", 2)[0].toLowerCase(Locale.ROOT);
        return first.contains("lat") && first.contains("lon") && first.matches(".*[,;\t].*");
    }

    @Override
    public List<Grid> read(Path file, Told told) throws IOException {
        try {
            String first;
            try (BufferedReader in = Files.newBufferedReader(file, StandardCharsets.UTF_8)) {
                first = in.readLine();
            }
            try (BufferedReader in = Files.newBufferedReader(file, StandardCharsets.UTF_8);
                    CSVParser rows = parted(first).parse(in)) {
                return new Table(rows, told).grids();
            }
        } catch (CharacterCodingException | UncheckedIOException | IllegalArgumentException | IllegalStateException e) {
            throw GridReader.unreadable("its table breaks off or is no text");
        }
    }

    private static CSVFormat parted(String first) {
        char by = first.indexOf(';') >= 0 ? ';' : first.indexOf('\t') >= 0 ? '\t' : ',';
        return CSVFormat.DEFAULT
                .builder()
                .setDelimiter(by)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setTrim(true)
                .get();
    }

    private static final class Table {
        private final Told told;
        private final int latitude;
        private final int longitude;
        private final Map<Kind, Integer> columns = new LinkedHashMap<>();
        private final List<float[]> values = new ArrayList<>();
        private double[] lats = new double[1024];
        private double[] lons = new double[1024];
        private int count;

        Table(CSVParser rows, Told told) {
            this.told = told;
            List<String> names = rows.getHeaderNames();
            latitude = named(names, "lat");
            longitude = named(names, "lon");
            for (int i = 0; i < names.size(); i++) {
                int column = i;
                if (i != latitude && i != longitude) {
                    Naming.kind(names.get(i)).ifPresent(kind -> columns.putIfAbsent(kind, column));
                }
            }
            if (columns.isEmpty() && names.size() == 3) {
                Kind kind = told.kind()
                        .or(() -> Naming.kind(told.name()))
                        .orElseThrow(() -> FaultException.of(FaultCode.GRID_OF_WHAT, "kind", told.name()));
                columns.put(kind, 3 - latitude - longitude);
            }
            if (columns.isEmpty()) {
                throw FaultException.of(FaultCode.GRID_OF_WHAT, "kind", told.name());
            }
            columns.forEach((kind, column) -> values.add(new float[1024]));
            rows.forEach(this::row);
        }

        private static int named(List<String> names, String part) {
            for (int i = 0; i < names.size(); i++) {
                if (names.get(i).toLowerCase(Locale.ROOT).startsWith(part)) {
                    return i;
                }
            }
            throw GridReader.unreadable("no column is called " + part);
        }

        private void row(CSVRecord row) {
            if (count == MOST_ROWS) {
                throw GridReader.unreadable("it has more than " + MOST_ROWS + " points");
            }
            if (count == lats.length) {
                lats = Arrays.copyOf(lats, 2 * count);
                lons = Arrays.copyOf(lons, 2 * count);
                values.replaceAll(column -> Arrays.copyOf(column, 2 * column.length));
            }
            lats[count] = number(row, latitude).orElseThrow(() -> noPlace(row));
            lons[count] = number(row, longitude).orElseThrow(() -> noPlace(row));
            int of = 0;
            for (int column : columns.values()) {
                values.get(of++)[count] = number(row, column).orElse(Double.NaN).floatValue();
            }
            count++;
        }

        private static FaultException noPlace(CSVRecord row) {
            return GridReader.unreadable("row " + (row.getRecordNumber() + 1) + " has no latitude and longitude");
        }

        /** What is no number is a gap. */
        private static Optional<Double> number(CSVRecord row, int column) {
            try {
                return column < row.size() ? Optional.of(Double.valueOf(row.get(column))) : Optional.empty();
            } catch (NumberFormatException e) {
                return Optional.empty();
            }
        }

        List<Grid> grids() {
            if (count == 0) {
                throw GridReader.unreadable("it has no points");
            }
            double up = step(Arrays.copyOf(lats, count), "latitude");
            double across = step(Arrays.copyOf(lons, count), "longitude");
            double south = Arrays.stream(lats, 0, count).min().orElseThrow();
            double west = Arrays.stream(lons, 0, count).min().orElseThrow();
            double rows = 1 + Math.round((Arrays.stream(lats, 0, count).max().orElseThrow() - south) / up);
            double wide = 1 + Math.round((Arrays.stream(lons, 0, count).max().orElseThrow() - west) / across);
            if (rows * wide > MOST_CELLS) {
                throw GridReader.unreadable(
                        "its points lie on no lattice: it would take " + Math.round(rows * wide) + " cells");
            }
            Frame frame = new Frame((int) rows, (int) wide, south, west, up, across);
            var grids = new ArrayList<Grid>();
            int of = 0;
            for (Kind kind : columns.keySet()) {
                grids.add(Taken.grid(
                        kind,
                        told.at().or(() -> Naming.moment(told.name())),
                        told.name(),
                        frame,
                        cells(frame, values.get(of++)),
                        Float.NaN));
            }
            return grids;
        }

        private float[] cells(Frame frame, float[] of) {
            var cells = new float[frame.rows() * frame.columns()];
            Arrays.fill(cells, Float.NaN);
            for (int i = 0; i < count; i++) {
                double row = frame.row(lats[i]);
                double column = frame.column(lons[i]);
                if (Math.abs(row - Math.rint(row)) > OFF || Math.abs(column - Math.rint(column)) > OFF) {
                    throw GridReader.unreadable("point " + (i + 1) + " lies beside the lattice of the others");
                }
                cells[(int) Math.rint(row) * frame.columns() + (int) Math.rint(column)] = of[i];
            }
            return cells;
        }

        /** The usual distance between neighbours. */
        private static double step(double[] all, String what) {
            Arrays.sort(all);
            double[] apart = new double[Math.max(0, all.length - 1)];
            int steps = 0;
            for (int i = 1; i < all.length; i++) {
                if (all[i] - all[i - 1] > 1e-7) {
                    apart[steps++] = all[i] - all[i - 1];
                }
            }
            if (steps == 0) {
                throw GridReader.unreadable("all its points have one " + what);
            }
            double[] sorted = Arrays.copyOf(apart, steps);
            Arrays.sort(sorted);
            return sorted[steps / 2];
        }
    }
}
