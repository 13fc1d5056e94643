package org.mosswake.bench.log;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.mosswake.core.log.EntryColumns;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.Finding;
import org.mosswake.core.log.Ledger;
import org.mosswake.core.log.LogEntry;
import org.mosswake.core.log.Question;
import org.mosswake.core.log.Where;

/**
 * 200,000 strikes and three million line-minutes in one owner: slice, weeks, all questions and findings of random filters,
 * beside the same slice by going through the entries one by one.
 */
public final class LogAtScale {
    private static final int STRIKES = 200_000;
    private static final int FISHED = 100_000;
    private static final double PIECE_MIN = 30;
    private static final int FILTERS = 60;
    private static final List<String> POSITIONS = List.of("far", "port", "starboard", "stern", "deep");
    private static final List<String> SPECIES = List.of("king", "mahi", "tuna", "wahoo");

    private LogAtScale() {}

    public static void print() {
        var random = new Random(1);
        List<LogEntry> entries = new ArrayList<>();
        for (int i = 0; i < STRIKES + FISHED; i++) {
            entries.add(entry(random, i < FISHED));
        }
        long begun = System.nanoTime();
        List<byte[]> months = entries.stream()
                .collect(Collectors.groupingBy(entry -> YearMonth.from(entry.day()), TreeMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(month -> EntryColumns.of(month).bytes())
                .toList();
        long made = System.nanoTime();
        var ledger = new Ledger(months.stream()
                .map(EntryColumns::read)
                .map(Optional::orElseThrow)
                .toList());
        System.out.printf(
                "%nA log of %d strikes and %.1f million line-minutes in %d months: %d ms to put in columns, %d ms to read them,"
                        + " %d bytes an entry:%n",
                STRIKES,
                FISHED * PIECE_MIN / 1e6,
                months.size(),
                (made - begun) / 1_000_000,
                (System.nanoTime() - made) / 1_000_000,
                months.stream().mapToInt(month -> month.length).sum() / entries.size());
        List<List<Where>> filters = new ArrayList<>();
        for (int i = 0; i < FILTERS; i++) {
            filters.add(filter(random));
        }
        print("all of a page", filters, filter -> {
            ledger.slice(filter);
            ledger.weeks(filter);
            ledger.pieces(filter, 250);
            ledger.strikes(filter, 300);
            List<Question> questions = Question.of(ledger, filter);
            return Finding.of(ledger, filter, questions, LocalDate.of(2026, 6, 18))
                    .size();
        });
        print("its sum alone", filters, filter -> ledger.slice(filter).strikes());
        print("peer: the sum, entry by entry", filters, filter -> (int) entries.stream()
                .filter(entry -> entry.kind() == LogEntry.Kind.STRUCK)
                .filter(entry -> filter.stream().allMatch(where -> holds(where, entry)))
                .count());
    }

    private interface Asked {
        int of(List<Where> filter);
    }

    private static void print(String what, List<List<Where>> filters, Asked asked) {
        Supplier<double[]> round = () -> filters.stream()
                .mapToDouble(filter -> {
                    long begun = System.nanoTime();
                    asked.of(filter);
                    return (System.nanoTime() - begun) / 1e6;
                })
                .sorted()
                .toArray();
        round.get();
        double[] times = round.get();
        System.out.printf(
                "  %-30s p50 %6.1f ms  p95 %6.1f ms%n", what, times[FILTERS / 2], times[(int) (0.95 * FILTERS)]);
    }

    private static LogEntry entry(Random random, boolean fished) {
        LocalDate day = LocalDate.of(2007, 1, 1).plusDays(random.nextInt(7300));
        var numbers = Map.of(
                Facet.DEPTH, 20 * random.nextDouble(),
                Facet.WEEK, (double) Ledger.week(day),
                Facet.MONTH, (double) day.getMonthValue(),
                Facet.HOUR, (double) random.nextInt(24),
                Facet.PACE, 2 + 3 * random.nextDouble());
        String position = POSITIONS.get(random.nextInt(POSITIONS.size()));
        Map<Facet, String> choices = fished
                ? Map.of(Facet.POSITION, position, Facet.LURE, "lure " + random.nextInt(40))
                : Map.of(
                        Facet.POSITION,
                        position,
                        Facet.LURE,
                        "lure " + random.nextInt(40),
                        Facet.SPECIES,
                        SPECIES.get(random.nextInt(SPECIES.size())));
        return new LogEntry(
                new UUID(random.nextLong(), random.nextLong()),
                day,
                Optional.empty(),
                fished ? LogEntry.Kind.FISHED : LogEntry.Kind.STRUCK,
                fished ? PIECE_MIN : 0,
                true,
                choices,
                numbers,
                Optional.of(new LogEntry.Place(27.6 + 0.05 * random.nextDouble(), -47.3 + 0.05 * random.nextDouble())));
    }

    private static List<Where> filter(Random random) {
        var all = new ArrayList<>(Arrays.asList(
                Where.is(Facet.SPECIES, SPECIES.get(random.nextInt(SPECIES.size()))),
                Where.is(Facet.POSITION, POSITIONS.get(random.nextInt(POSITIONS.size()))),
                Where.between(Facet.DEPTH, 4, 8 + random.nextInt(12)),
                Where.between(Facet.WEEK, 1 + random.nextInt(40), 45),
                Where.between(Facet.HOUR, 6, 12)));
        Collections.shuffle(all, random);
        return List.copyOf(all.subList(0, random.nextInt(4)));
    }

    private static boolean holds(Where where, LogEntry entry) {
        Double number = entry.numbers().get(where.facet());
        return where.facet().isNumber()
                ? number != null && number >= where.from() && number < where.to()
                : where.choices().contains(entry.choices().getOrDefault(where.facet(), ""));
    }

    public static void main(String[] arguments) {
        print();
    }
}
