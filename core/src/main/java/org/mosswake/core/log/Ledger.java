package org.mosswake.core.log;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntPredicate;
import java.util.function.IntUnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** The entries of one owner, in pieces that follow each other by days. Texts are told apart whatever their case. */
public final class Ledger {
    private final LocalDate[] days;
    private final List<Part> parts = new ArrayList<>();
    private final Map<Facet, List<String>> texts = new EnumMap<>(Facet.class);

    /** Of all entries, as it is asked for again with every slice. */
    private final Map<Facet, List<Arm>> whole = new ConcurrentHashMap<>();

    /** A choice of so many texts is told apart by the ones that were fished most. */
    private static final int MOST_ARMS = 100;

    public static Ledger of(Collection<LogEntry> all) {
        return new Ledger(List.of(EntryColumns.of(all)));
    }

    /** @param inOrder of days, the first first; no day is in two of them */
    public Ledger(List<EntryColumns> inOrder) {
        var known = new ArrayList<LocalDate>();
        var codes = new EnumMap<Facet, Map<String, Integer>>(Facet.class);
        for (Facet facet : Facet.values()) {
            texts.put(facet, new ArrayList<>(List.of("")));
            codes.put(facet, new HashMap<>());
        }
        for (EntryColumns columns : inOrder) {
            if (columns.size() > 0) {
                List<LocalDate> own = columns.days();
                if (!known.isEmpty() && !own.get(0).isAfter(known.get(known.size() - 1))) {
                    throw new IllegalArgumentException("entries are not in the order of their days");
                }
                parts.add(new Part(columns, known.size(), codes));
                known.addAll(own);
            }
        }
        days = known.toArray(LocalDate[]::new);
    }

    /** Columns among the others: their days and texts by their places in the whole. */
    private final class Part {
        final EntryColumns columns;
        private final int firstDay;
        /** By facet and code: its band, or the place of its text; negative where it is in none. */
        private final Map<Facet, int[]> armOf = new EnumMap<>(Facet.class);

        Part(EntryColumns columns, int firstDay, Map<Facet, Map<String, Integer>> codes) {
            this.columns = columns;
            this.firstDay = firstDay;
            for (Facet facet : Facet.values()) {
                columns.column(facet)
                        .ifPresent(own -> armOf.put(
                                facet,
                                facet.isNumber()
                                        ? bands(facet, own)
                                        : placed(texts.get(facet), own, codes.get(facet))));
            }
        }

        private static int[] bands(Facet facet, EntryColumns.Column own) {
            var bands = new int[own.told()];
            Arrays.setAll(bands, code -> facet.band(own.numbers()[code]).orElse(-1));
            return bands;
        }

        private static int[] placed(List<String> all, EntryColumns.Column own, Map<String, Integer> codes) {
            return own.texts().stream()
                    .mapToInt(text -> text.isEmpty()
                            ? -1
                            : codes.computeIfAbsent(EntryColumns.same(text), one -> {
                                all.add(text);
                                return all.size() - 1;
                            }))
                    .toArray();
        }

        int size() {
            return columns.size();
        }

        int day(int i) {
            return firstDay + columns.dayOf(i);
        }

        IntPredicate matches(List<Where> filter) {
            IntPredicate all = i -> true;
            for (Where where : filter) {
                all = all.and(one(where));
            }
            return all;
        }

        private IntPredicate one(Where where) {
            IntPredicate is = columns.column(where.facet())
                    .<IntPredicate>map(own -> {
                        boolean[] wanted = wanted(where, own);
                        Codes of = own.of();
                        return i -> wanted[of.at(i)];
                    })
                    .orElse(i -> false);
            // A line that fishes fishes for all of them.
            return where.facet().isOfStrike() ? i -> columns.took(i) == EntryColumns.FISHED || is.test(i) : is;
        }

        private static boolean[] wanted(Where where, EntryColumns.Column own) {
            Set<String> sought =
                    where.choices().stream().map(EntryColumns::same).collect(Collectors.toSet());
            var wanted = new boolean[own.told()];
            for (int code = 1; code < wanted.length; code++) {
                wanted[code] = where.facet().isNumber()
                        ? where.holds(own.numbers()[code])
                        : sought.contains(EntryColumns.same(own.texts().get(code)));
            }
            return wanted;
        }

        /** By row its band, or the place of its text; negative where it is not known. */
        IntUnaryOperator armOf(Facet facet) {
            int[] arms = armOf.get(facet);
            return columns.column(facet)
                    .map(EntryColumns.Column::of)
                    .<IntUnaryOperator>map(of -> i -> arms[of.at(i)])
                    .orElse(i -> -1);
        }
    }

    private interface Row {
        void of(Part part, int i);
    }

    /** Rows a filter holds of, in the order of their days. */
    private void each(List<Where> filter, Row row) {
        for (Part part : parts) {
            IntPredicate matches = part.matches(filter);
            for (int i = 0; i < part.size(); i++) {
                if (matches.test(i)) {
                    row.of(part, i);
                }
            }
        }
    }

    public int size() {
        return parts.stream().mapToInt(Part::size).sum();
    }

    /** Days of the log, the first first; of rows that name no year none. */
    public List<LocalDate> days() {
        return Arrays.stream(days)
                .filter(day -> day.getYear() != Notebook.NO_YEAR)
                .toList();
    }

    /** Texts of a choice that occur, as they came. */
    public List<String> choices(Facet facet) {
        List<String> known = texts.get(facet);
        return known.subList(1, known.size());
    }

    public Slice slice(List<Where> filter) {
        var adding = new Adding();
        each(filter, (part, i) -> adding.add(part, i));
        return adding.slice();
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
        var adding = new TreeMap<Integer, Adding>();
        most(facet, filter).forEach(arm -> adding.put(arm, new Adding()));
        each(facet, filter, (part, i, arm) -> {
            Adding one = adding.get(arm);
            if (one != null) {
                one.add(part, i);
            }
        });
        var all = new ArrayList<Arm>();
        adding.forEach((arm, sum) -> {
            Slice slice = sum.slice();
            if (slice.minutes() > 0 || slice.strikes() + slice.untimed() > 0) {
                all.add(
                        facet.isNumber()
                                ? new Arm("", facet.from(arm), facet.to(arm), slice)
                                : new Arm(texts.get(facet).get(arm), Double.NaN, Double.NaN, slice));
            }
        });
        if (!facet.isNumber()) {
            all.sort(Comparator.comparingDouble((Arm arm) -> -arm.slice().minutes())
                    .thenComparing(arm -> -arm.slice().strikes()));
        }
        return all;
    }

    /** Those that were fished most, then struck most: each of them is added up by days, and texts may be thousands. */
    private List<Integer> most(Facet facet, List<Where> filter) {
        int arms = facet.isNumber() ? facet.bands() : texts.get(facet).size();
        if (arms <= MOST_ARMS) {
            return IntStream.range(0, arms).boxed().toList();
        }
        var minutes = new double[arms];
        var struck = new int[arms];
        each(facet, filter, (part, i, arm) -> {
            minutes[arm] += part.columns.minutes(i);
            struck[arm] += part.columns.took(i) == EntryColumns.FISHED ? 0 : 1;
        });
        return IntStream.range(0, arms)
                .boxed()
                .sorted(Comparator.comparingDouble((Integer arm) -> -minutes[arm])
                        .thenComparing(arm -> -struck[arm])
                        .thenComparing(arm -> arm))
                .limit(MOST_ARMS)
                .toList();
    }

    private interface RowOfArm {
        void of(Part part, int i, int arm);
    }

    /** Rows a filter holds of, of which the facet is known. */
    private void each(Facet facet, List<Where> filter, RowOfArm row) {
        for (Part part : parts) {
            IntUnaryOperator armOf = part.armOf(facet);
            IntPredicate matches = part.matches(filter);
            for (int i = 0; i < part.size(); i++) {
                int arm = armOf.applyAsInt(i);
                if (arm >= 0 && matches.test(i)) {
                    row.of(part, i, arm);
                }
            }
        }
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
        List<Arm> rows = by(of, filter);
        List<Arm> columns = by(over, filter);
        Map<Integer, Integer> rowOf = places(of, rows);
        Map<Integer, Integer> columnOf = places(over, columns);
        var adding = new HashMap<Integer, Adding>();
        for (Part part : parts) {
            IntUnaryOperator ofArm = part.armOf(of);
            IntUnaryOperator overArm = part.armOf(over);
            IntPredicate matches = part.matches(filter);
            for (int i = 0; i < part.size(); i++) {
                Integer row = rowOf.get(ofArm.applyAsInt(i));
                Integer column = columnOf.get(overArm.applyAsInt(i));
                if (row != null && column != null && matches.test(i)) {
                    adding.computeIfAbsent(row * columns.size() + column, one -> new Adding())
                            .add(part, i);
                }
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
        var pieces = new HashMap<Long, double[]>();
        double latitudes = DEGREE_M / sideM;
        each(filter, (part, i) -> {
            EntryColumns at = part.columns;
            if (!Float.isNaN(at.north(i))) {
                long row = (long) Math.floor(at.north(i) * latitudes);
                double wide = latitudes * Math.cos(Math.toRadians((row + 0.5) / latitudes));
                long column = (long) Math.floor(at.east(i) * wide);
                double[] sums = pieces.computeIfAbsent(row * 10_000_000 + column, one -> new double[4]);
                sums[0] += at.took(i) == EntryColumns.FISHED ? 0 : 1;
                sums[1] += at.minutes(i);
                sums[2] = (row + 0.5) / latitudes;
                sums[3] = (column + 0.5) / wide;
            }
        });
        return pieces.values().stream()
                .map(sums -> new Piece(sums[2], sums[3], (int) sums[0], sums[1]))
                .sorted(Comparator.comparingDouble(Piece::latitudeDeg).thenComparingDouble(Piece::longitudeDeg))
                .toList();
    }

    /** Strikes of a slice, the latest first. */
    public List<LogEntry> strikes(List<Where> filter, int most) {
        var found = new ArrayList<LogEntry>();
        for (int last = parts.size() - 1; last >= 0; last--) {
            EntryColumns of = parts.get(last).columns;
            IntPredicate matches = parts.get(last).matches(filter);
            for (int i = of.size() - 1; i >= 0 && found.size() < most; i--) {
                if (of.took(i) != EntryColumns.FISHED && matches.test(i)) {
                    found.add(of.entry(i));
                }
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

        void add(Part part, int i) {
            int day = part.day(i);
            float minutes = part.columns.minutes(i);
            switch (part.columns.took(i)) {
                case EntryColumns.FISHED -> {
                    fished += minutes;
                    fishedOn[day] += minutes;
                }
                case EntryColumns.UNTIMED -> {
                    untimed++;
                    struckOn[day]++;
                }
                default -> {
                    strikes++;
                    landed += part.columns.took(i) == EntryColumns.LANDED ? 1 : 0;
                    struckOn[day]++;
                }
            }
        }

        Slice slice() {
            return new Slice(strikes, landed, untimed, fished, struckOn, fishedOn);
        }
    }
}
