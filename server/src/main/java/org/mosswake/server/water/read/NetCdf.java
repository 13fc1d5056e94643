package org.mosswake.server.water.read;

import java.io.IOException;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.water.Grid;
import org.mosswake.core.water.Grid.Frame;
import org.mosswake.core.water.Grid.Kind;
import org.mosswake.server.water.read.GridReader.Told;

/**
 * What the variables of a NetCDF file say, by the conventions such files keep (CF): latitude and longitude as lists of their
 * own, values over them in the last two dimensions, packed by a scale and an offset, times since a day. Of what has levels
 * the first is taken, which is the surface.
 */
final class NetCdf {
    /** Of one file, which is here whole until it is kept: who has more drops it in parts. */
    private static final int MOST_VALUES = 6_000_000;
    /** Cells that are read at once. */
    private static final int AT_ONCE = 200_000;
    /** Of a step that the next may differ from it. */
    private static final double UNEVEN = 0.1;

    private static final Pattern SINCE = Pattern.compile(
            "(second|minute|hour|day)s?\\s+since\\s+(\\d{4})-(\\d{1,2})-(\\d{1,2})(?:[T ](\\d{1,2}):(\\d{2}).*)?.*",
            Pattern.CASE_INSENSITIVE);

    /** One variable, whichever library reads it. */
    interface Variable {
        String name();

        int[] shape();

        Optional<String> text(String attribute);

        Optional<Double> number(String attribute);

        /** All of a list. */
        double[] list() throws IOException;

        /** Some rows, whole, at indices of the dimensions before them. */
        double[] rows(int[] at, int from, int count) throws IOException;
    }

    private final List<? extends Variable> variables;
    private final Told told;

    private NetCdf(List<? extends Variable> variables, Told told) {
        this.variables = variables;
        this.told = told;
    }

    static List<Grid> grids(List<? extends Variable> variables, Told told) throws IOException {
        return new NetCdf(variables, told).all();
    }

    private List<Grid> all() throws IOException {
        double[] lats = axis("lat").list();
        double[] lons = axis("lon").list();
        Frame frame = frame(lats, lons);
        boolean fromNorth = lats[0] > lats[lats.length - 1];
        List<Instant> times = times();
        var grids = new ArrayList<Grid>();
        for (Variable variable : variables) {
            int[] shape = variable.shape();
            int n = shape.length;
            if (n < 2 || shape[n - 2] != lats.length || shape[n - 1] != lons.length) {
                continue;
            }
            Optional<Kind> kind = Naming.kind(variable.name())
                    .or(() -> variable.text("standard_name").flatMap(Naming::kind));
            if (kind.isEmpty()) {
                continue;
            }
            boolean timed = n > 2 && shape[0] == times.size();
            for (int time = 0; time < (timed ? shape[0] : 1); time++) {
                int[] at = new int[n - 2];
                if (timed) {
                    at[0] = time;
                }
                if ((grids.size() + 1L) * lats.length * lons.length > MOST_VALUES) {
                    throw GridReader.unreadable(
                            "it holds more than " + MOST_VALUES / 1_000_000 + " million values: drop it in parts");
                }
                grids.add(Taken.grid(
                        kind.get(),
                        timed ? Optional.of(times.get(time)) : moment(times),
                        told.name(),
                        frame,
                        cells(variable, at, frame, fromNorth),
                        Float.NaN));
            }
        }
        if (grids.isEmpty()) {
            throw FaultException.of(FaultCode.GRID_OF_WHAT, "kind", told.name());
        }
        return grids;
    }

    private Optional<Instant> moment(List<Instant> times) {
        return told.at()
                .or(() -> times.size() == 1 ? Optional.of(times.get(0)) : Optional.empty())
                .or(() -> Naming.moment(told.name()));
    }

    private Variable axis(String part) {
        return variables.stream()
                .filter(one -> one.shape().length == 1
                        && one.shape()[0] > 1
                        && one.name().toLowerCase(Locale.ROOT).startsWith(part))
                .findFirst()
                .orElseThrow(() -> GridReader.unreadable("it has no list called " + part));
    }

    private static Frame frame(double[] lats, double[] lons) {
        if ((long) lats.length * lons.length > GridReader.MOST_CELLS) {
            throw GridReader.unreadable("it has more than " + GridReader.MOST_CELLS / 1_000_000 + " million cells");
        }
        double up = even(lats, "latitudes");
        double across = even(lons, "longitudes");
        if (across < 0) {
            throw GridReader.unreadable("its longitudes run from east to west");
        }
        double west = lons[0] > 180 ? lons[0] - 360 : lons[0];
        return new Frame(
                lats.length, lons.length, Math.min(lats[0], lats[lats.length - 1]), west, Math.abs(up), across);
    }

    private static double even(double[] axis, String what) {
        double step = (axis[axis.length - 1] - axis[0]) / (axis.length - 1);
        for (int i = 1; i < axis.length; i++) {
            if (!(Math.abs(axis[i] - axis[i - 1] - step) <= UNEVEN * Math.abs(step)) || step == 0) {
                throw GridReader.unreadable("its " + what + " are not evenly apart");
            }
        }
        return step;
    }

    /** Some rows at a time: a large file is never here whole. */
    private static float[] cells(Variable variable, int[] at, Frame frame, boolean fromNorth) throws IOException {
        double scale = variable.number("scale_factor").orElse(1.0);
        double offset = variable.number("add_offset").orElse(0.0);
        double gap = variable.number("_FillValue")
                .or(() -> variable.number("missing_value"))
                .orElse(Double.NaN);
        int columns = frame.columns();
        var cells = new float[frame.rows() * columns];
        int some = Math.max(1, AT_ONCE / columns);
        for (int from = 0; from < frame.rows(); from += some) {
            int count = Math.min(some, frame.rows() - from);
            double[] raw = variable.rows(at, from, count);
            for (int i = 0; i < raw.length; i++) {
                int row = from + i / columns;
                int into = (fromNorth ? frame.rows() - 1 - row : row) * columns + i % columns;
                cells[into] = raw[i] == gap ? Float.NaN : (float) (raw[i] * scale + offset);
            }
        }
        return cells;
    }

    private List<Instant> times() throws IOException {
        Optional<? extends Variable> time = variables.stream()
                .filter(one -> one.shape().length == 1 && one.name().equalsIgnoreCase("time"))
                .findFirst();
        if (time.isEmpty()) {
            return List.of();
        }
        Matcher since = SINCE.matcher(time.get().text("units").orElse(""));
        if (!since.matches()) {
            return List.of();
        }
        try {
            LocalDateTime begin = LocalDate.of(part(since, 2), part(since, 3), part(since, 4))
                    .atTime(since.group(5) == null ? 0 : part(since, 5), since.group(6) == null ? 0 : part(since, 6));
            double seconds = switch (since.group(1).toLowerCase(Locale.ROOT)) {
                case "second" -> 1;
                case "minute" -> 60;
                case "hour" -> 3600;
                default -> 86_400;
            };
            var all = new ArrayList<Instant>();
            for (double value : time.get().list()) {
                all.add(begin.toInstant(ZoneOffset.UTC).plusSeconds(Math.round(value * seconds)));
            }
            return all;
        } catch (DateTimeException | ArithmeticException noTime) {
            return List.of();
        }
    }

    private static int part(Matcher of, int group) {
        return Integer.parseInt(of.group(group));
    }
}
