package org.mosswake.core.log;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;

/** The entries of one owner, in columns: of hundreds of thousands each takes a hundred bytes. Texts are told apart whatever their case. */
public final class Ledger {
    private final LocalDate[] days;
    private final int size;
    private final int[] dayOf;
    private final float[] minutes;
    private final byte[] took;
    private final long[] ids;
    private final long[] at;
    private final float[] north;
    private final float[] east;
    private final Map<Facet, short[]> choices = new EnumMap<>(Facet.class);
    private final Map<Facet, List<String>> texts = new EnumMap<>(Facet.class);
    private final Map<Facet, float[]> numbers = new EnumMap<>(Facet.class);

    /** Of all entries, as it is asked for again with every slice. */
    private final Map<Facet, List<Arm>> whole = new ConcurrentHashMap<>();

    private static final byte FISHED = 0;
    private static final byte STRUCK = 1;
    private static final byte LANDED = 2;
    private static final byte UNTIMED = 3;
    private static final long NEVER = Long.MIN_VALUE;
    /** More texts of one facet than this are no longer told apart. */
    private static final int MOST_TEXTS = 30_000;

    public Ledger(Collection<LogEntry> all) {
        this(all.stream().sorted(Comparator.comparing(LogEntry::day)).iterator(), all.size());
    }

    /**
     * @param inOrder of days, the first first; read once and not kept
     * @param most    entries
     */
    public Ledger(Iterator<LogEntry> inOrder, int most) {
        dayOf = new int[most];
        minutes = new float[most];
        took = new byte[most];
        ids = new long[2 * most];
        at = new long[most];
        north = new float[most];
        east = new float[most];
        var codes = new EnumMap<Facet, Map<String, Short>>(Facet.class);
        for (Facet facet : Facet.values()) {
            if (facet.isNumber()) {
                numbers.put(facet, new float[most]);
            } else {
                choices.put(facet, new short[most]);
                texts.put(facet, new ArrayList<>(List.of("")));
                codes.put(facet, new HashMap<>());
            }
        }
        var known = new ArrayList<LocalDate>();
        int count = 0;
        while (count < most && inOrder.hasNext()) {
            LogEntry entry = inOrder.next();
            if (known.isEmpty() || entry.day().isAfter(known.get(known.size() - 1))) {
                known.add(entry.day());
            } else if (entry.day().isBefore(known.get(known.size() - 1))) {
                throw new IllegalArgumentException("entries are not in the order of their days");
            }
            dayOf[count] = known.size() - 1;
            put(entry, count, codes);
            count++;
        }
        size = count;
        days = known.toArray(LocalDate[]::new);
    }

    private void put(LogEntry entry, int i, Map<Facet, Map<String, Short>> codes) {
        minutes[i] = (float) entry.minutes();
        took[i] = took(entry);
        ids[2 * i] = entry.id().getMostSignificantBits();
        ids[2 * i + 1] = entry.id().getLeastSignificantBits();
        at[i] = entry.at().map(Instant::getEpochSecond).orElse(NEVER);
        north[i] = entry.place().map(place -> (float) place.latitudeDeg()).orElse(Float.NaN);
        east[i] = entry.place().map(place -> (float) place.longitudeDeg()).orElse(Float.NaN);
        numbers.forEach((facet, column) ->
                column[i] = entry.numbers().getOrDefault(facet, Double.NaN).floatValue());
        choices.forEach((facet, column) -> {
            String text = entry.choices().get(facet);
            List<String> told = texts.get(facet);
            String same = text == null ? "" : text.toLowerCase(Locale.ROOT);
            if (!same.isEmpty() && (told.size() < MOST_TEXTS || codes.get(facet).containsKey(same))) {
                column[i] = codes.get(facet).computeIfAbsent(same, one -> {
                    told.add(text);
                    return (short) (told.size() - 1);
                });
            }
        });
    }

    private static byte took(LogEntry entry) {
        if (entry.kind() == LogEntry.Kind.FISHED) {
            return FISHED;
        }
        String outcome = entry.choices().getOrDefault(Facet.OUTCOME, "");
        return !entry.timed()
                ? UNTIMED
                : outcome.equals(LogEntry.LANDED) || outcome.equals(LogEntry.RELEASED) ? LANDED : STRUCK;
    }

    private LogEntry entry(int i) {
        var is = new EnumMap<Facet, String>(Facet.class);
        choices.forEach((facet, column) -> {
            if (column[i] != 0) {
                is.put(facet, texts.get(facet).get(column[i]));
            }
        });
        var of = new EnumMap<Facet, Double>(Facet.class);
        numbers.forEach((facet, column) -> {
            if (!Float.isNaN(column[i])) {
                of.put(facet, (double) column[i]);
            }
        });
        return new LogEntry(
                new UUID(ids[2 * i], ids[2 * i + 1]),
                days[dayOf[i]],
                at[i] == NEVER ? Optional.empty() : Optional.of(Instant.ofEpochSecond(at[i])),
                took[i] == FISHED ? LogEntry.Kind.FISHED : LogEntry.Kind.STRUCK,
                minutes[i],
                took[i] != UNTIMED,
                is,
                of,
                Float.isNaN(north[i]) ? Optional.empty() : Optional.of(new LogEntry.Place(north[i], east[i])));
    }

    public int size() {
        return size;
    }

    /** Days of the log, the first first; of rows that name no year none. */
    public List<LocalDate> days() {
        return Arrays.stream(days)
                .filter(day -> day.getYear() != Notebook.NO_YEAR)
                .toList();
    }

    /** Texts of a choice that occur, as they came. */
    public List<String> choices(Facet facet) {
        List<String> known = texts.getOrDefault(facet, List.of(""));
        return known.subList(1, known.size());
    }

    private IntPredicate matches(List<Where> filter) {
        IntPredicate all = i -> true;
        for (Where where : filter) {
            all = all.and(one(where));
        }
        return all;
    }

    private IntPredicate one(Where where) {
        Facet facet = where.facet();
        if (facet.isNumber()) {
            float[] column = numbers.get(facet);
            return i -> where.holds(column[i]);
        }
        Set<String> sought = where.choices().stream()
                .map(text -> text.toLowerCase(Locale.ROOT))
                .collect(Collectors.toSet());
        var wanted = new boolean[texts.get(facet).size()];
        for (int code = 1; code < wanted.length; code++) {
            wanted[code] = sought.contains(texts.get(facet).get(code).toLowerCase(Locale.ROOT));
        }
        short[] column = choices.get(facet);
        // A line that fishes fishes for all of them.
        return facet.isOfStrike() ? i -> took[i] == FISHED || wanted[column[i]] : i -> wanted[column[i]];
    }

    public Slice slice(List<Where> filter) {
        return new Adding().add(matches(filter)).slice();
    }

    /**
     * A slice told apart by one more facet.
     *
     * @param from of a band, with {@code to}; not a number for a choice
     */
    public record Arm(String choice, double from, double to, Slice slice) {}

    /** Choices by how much they were fished, bands in their order; what is not known of is in none. */
    public List<Arm> by(Facet facet, List<Where> filter) {
        return filter.isEmpty() ? whole.computeIfAbsent(facet, one -> told(one, filter)) : told(facet, filter);
    }

    private List<Arm> told(Facet facet, List<Where> filter) {
        IntPredicate matches = matches(filter);
        var adding = new ArrayList<Adding>();
        int arms = facet.isNumber() ? facet.bands() : texts.get(facet).size();
        for (int i = 0; i < arms; i++) {
            adding.add(new Adding());
        }
        for (int i = 0; i < size; i++) {
            int arm = armOf(facet, i);
            if (arm >= 0 && matches.test(i)) {
                adding.get(arm).add(i);
            }
        }
        var all = new ArrayList<Arm>();
        for (int i = 0; i < arms; i++) {
            Slice slice = adding.get(i).slice();
            if (slice.minutes() > 0 || slice.strikes() + slice.untimed() > 0) {
                all.add(
                        facet.isNumber()
                                ? new Arm("", facet.from(i), facet.to(i), slice)
                                : new Arm(texts.get(facet).get(i), Double.NaN, Double.NaN, slice));
            }
        }
        if (!facet.isNumber()) {
            all.sort(Comparator.comparingDouble((Arm arm) -> -arm.slice().minutes())
                    .thenComparing(arm -> -arm.slice().strikes()));
        }
        return all;
    }

    /** A slice told apart by two facets at once, by their places in {@link #by}. */
    public record Cell(int row, int column, Slice slice) {}

    /**
     * @param rows    arms of one facet
     * @param columns of the other
     * @param cells   that were fished or struck
     */
    public record Cross(List<Arm> rows, List<Arm> columns, List<Cell> cells) {}

    public Cross cross(Facet of, Facet over, List<Where> filter) {
        IntPredicate matches = matches(filter);
        List<Arm> rows = by(of, filter);
        List<Arm> columns = by(over, filter);
        Map<Integer, Integer> rowOf = places(of, rows);
        Map<Integer, Integer> columnOf = places(over, columns);
        var adding = new HashMap<Integer, Adding>();
        for (int i = 0; i < size; i++) {
            Integer row = rowOf.get(armOf(of, i));
            Integer column = columnOf.get(armOf(over, i));
            if (row != null && column != null && matches.test(i)) {
                adding.computeIfAbsent(row * columns.size() + column, one -> new Adding())
                        .add(i);
            }
        }
        return new Cross(
                rows,
                columns,
                adding.entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(cell -> new Cell(
                                cell.getKey() / columns.size(),
                                cell.getKey() % columns.size(),
                                cell.getValue().slice()))
                        .toList());
    }

    /** Where each band or text stands among the arms. */
    private Map<Integer, Integer> places(Facet facet, List<Arm> arms) {
        var places = new HashMap<Integer, Integer>();
        for (int i = 0; i < arms.size(); i++) {
            Arm arm = arms.get(i);
            places.put(
                    facet.isNumber()
                            ? facet.band(arm.from()).orElseThrow()
                            : texts.get(facet).indexOf(arm.choice()),
                    i);
        }
        return places;
    }

    /** Negative where it is not known. */
    private int armOf(Facet facet, int i) {
        return facet.isNumber()
                ? facet.band(numbers.get(facet)[i]).orElse(-1)
                : choices.get(facet)[i] == 0 ? -1 : choices.get(facet)[i];
    }

    /** Strikes and minutes of a week of a year; weeks are sevens of days from the first of January. */
    public record Week(int year, int week, int strikes, double minutes) {}

    public List<Week> weeks(List<Where> filter) {
        Slice slice = slice(filter);
        var weeks = new HashMap<List<Integer>, double[]>();
        for (int day = 0; day < days.length; day++) {
            if (days[day].getYear() != Notebook.NO_YEAR && (slice.fishedOn()[day] > 0 || slice.struckOn()[day] > 0)) {
                var of = List.of(days[day].getYear(), week(days[day]));
                double[] sums = weeks.computeIfAbsent(of, one -> new double[2]);
                sums[0] += slice.struckOn()[day];
                sums[1] += slice.fishedOn()[day];
            }
        }
        return weeks.entrySet().stream()
                .map(week -> new Week(
                        week.getKey().get(0), week.getKey().get(1), (int) week.getValue()[0], week.getValue()[1]))
                .sorted(Comparator.comparingInt(Week::year).thenComparingInt(Week::week))
                .toList();
    }

    /** From 1 to 53. */
    public static int week(LocalDate day) {
        return (day.getDayOfYear() - 1) / 7 + 1;
    }

    /**
     * A piece of sea.
     *
     * @param latitudeDeg of its middle, with {@code longitudeDeg}
     */
    public record Piece(double latitudeDeg, double longitudeDeg, int strikes, double minutes) {}

    private static final double DEGREE_M = 111_195;

    /** Where a slice was fished and struck, in squares; only what has a place. */
    public List<Piece> pieces(List<Where> filter, double sideM) {
        IntPredicate matches = matches(filter);
        var pieces = new HashMap<Long, double[]>();
        double latitudes = DEGREE_M / sideM;
        for (int i = 0; i < size; i++) {
            if (!Float.isNaN(north[i]) && matches.test(i)) {
                long row = (long) Math.floor(north[i] * latitudes);
                double wide = latitudes * Math.cos(Math.toRadians((row + 0.5) / latitudes));
                long column = (long) Math.floor(east[i] * wide);
                double[] sums = pieces.computeIfAbsent(row * 10_000_000 + column, one -> new double[4]);
                sums[0] += took[i] == FISHED ? 0 : 1;
                sums[1] += minutes[i];
                sums[2] = (row + 0.5) / latitudes;
                sums[3] = (column + 0.5) / wide;
            }
        }
        return pieces.values().stream()
                .map(sums -> new Piece(sums[2], sums[3], (int) sums[0], sums[1]))
                .sorted(Comparator.comparingDouble(Piece::latitudeDeg).thenComparingDouble(Piece::longitudeDeg))
                .toList();
    }

    /** Strikes of a slice, the latest first. */
    public List<LogEntry> strikes(List<Where> filter, int most) {
        IntPredicate matches = matches(filter);
        var found = new ArrayList<LogEntry>();
        for (int i = size - 1; i >= 0 && found.size() < most; i--) {
            if (took[i] != FISHED && matches.test(i)) {
                found.add(entry(i));
            }
        }
        return found;
    }

    private final class Adding {
        private int strikes;
        private int landed;
        private int untimed;
        private double fished;
        private final int[] struckOn = new int[days.length];
        private final float[] fishedOn = new float[days.length];

        Adding add(IntPredicate matches) {
            for (int i = 0; i < size; i++) {
                if (matches.test(i)) {
                    add(i);
                }
            }
            return this;
        }

        void add(int i) {
            int day = dayOf[i];
            switch (took[i]) {
                case FISHED -> {
                    fished += minutes[i];
                    fishedOn[day] += minutes[i];
                }
                case UNTIMED -> {
                    untimed++;
                    struckOn[day]++;
                }
                default -> {
                    strikes++;
                    landed += took[i] == LANDED ? 1 : 0;
                    struckOn[day]++;
                }
            }
        }

        Slice slice() {
            return new Slice(strikes, landed, untimed, fished, struckOn, fishedOn);
        }
    }
}
