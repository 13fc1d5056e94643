package org.mosswake.core.advice;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.Ledger;
import org.mosswake.core.log.LogEntry;
import org.mosswake.core.log.LogEntry.Kind;
import org.mosswake.core.log.Places;
import org.mosswake.core.log.Question;
import org.mosswake.core.log.Slice;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * What a day has said until a moment: which position took what, what may be claimed, and what to try next.
 *
 * @param standings of each position, the one that took most for its time first
 * @param wish      the same, to be solved
 * @param hands     where more takes than can be fought
 * @param place     where strikes lie together
 * @param lost      where fish were lost in one way again
 */
public record DayAdvice(
        List<Standing> standings,
        List<Sentence> calls,
        Optional<Sentence> trying,
        Optional<Wish> wish,
        Optional<Sentence> lost,
        Optional<Sentence> place,
        Optional<Sentence> hands) {
    /** Asked of a day, where it had two arms or more. */
    private static final List<Facet> ASKED =
            List.of(Facet.POSITION, Facet.DEPTH, Facet.COLOUR, Facet.LURE, Facet.SIZE, Facet.LEADER, Facet.SCENT);
    /** A strike counts lines as out whose time is told until a little before it. */
    private static final Duration SLACK = Duration.ofMinutes(1);

    /** A line that fights is no line that fishes: with fewer strikes a day says nothing. */
    private static final int LEAST_STRIKES = 2;

    public DayAdvice {
        standings = List.copyOf(standings);
        calls = List.copyOf(calls);
    }

    /** @param expected share of the strikes that its time alone would give it */
    public record Standing(String position, int strikes, double minutes, double expected) {}

    /** A line that is to fish otherwise in one thing. */
    public record Wish(String position, Facet facet, Ledger.Arm from, Ledger.Arm to) {}

    /** One question of the day and the arms it had. */
    private record Asked(Facet facet, List<Ledger.Arm> arms) {
        Optional<Integer> armOf(LogEntry entry) {
            for (int i = 0; i < arms.size(); i++) {
                Ledger.Arm arm = arms.get(i);
                Double number = entry.numbers().get(facet);
                boolean is = facet.isNumber()
                        ? number != null && number >= arm.from() && number < arm.to()
                        : arm.choice().equals(entry.choices().get(facet));
                if (is) {
                    return Optional.of(i);
                }
            }
            return Optional.empty();
        }
    }

    /**
     * @param entries of the day, whatever happened later left out
     * @param leftMin until she turns for home
     */
    public static DayAdvice of(List<LogEntry> entries, Instant now, double leftMin) {
        return of(entries, now, leftMin, Places.Drift.NONE);
    }

    /** @param drift of the water since: where strikes lie together is asked of the water, not of the bottom */
    public static DayAdvice of(List<LogEntry> entries, Instant now, double leftMin, Places.Drift drift) {
        List<LogEntry> until = until(entries, now);
        var ledger = Ledger.of(until);
        List<Asked> asked = ASKED.stream()
                .map(facet -> new Asked(facet, timed(ledger.by(facet, List.of()))))
                .filter(one -> one.arms().size() > 1)
                .toList();
        Slice all = ledger.slice(List.of());
        if (asked.isEmpty()) {
            return new DayAdvice(
                    List.of(),
                    List.of(),
                    Optional.empty(),
                    Optional.empty(),
                    LossAdvice.of(until),
                    Optional.empty(),
                    Optional.empty());
        }
        int[] arms = asked.stream().mapToInt(one -> one.arms().size()).toArray();
        var told = new Told(arms);
        var calls = new Calls(arms);
        List<LogEntry> fished = until.stream()
                .filter(entry ->
                        entry.kind() == Kind.FISHED && cell(asked, entry).isPresent())
                .toList();
        fished.forEach(entry -> told.fished(cell(asked, entry).orElseThrow(), entry.minutes()));
        until.stream()
                .filter(entry -> entry.kind() == Kind.STRUCK)
                .sorted(Comparator.comparing(entry -> entry.at().orElse(now)))
                .forEach(strike -> cell(asked, strike).ifPresent(cell -> {
                    told.struck(cell);
                    calls.struck(
                            List.copyOf(
                                    out(asked, fished, strike.at().orElse(now)).values()),
                            cell);
                }));
        SortedMap<String, Cell> outNow = out(asked, fished, now);
        List<String> positions = List.copyOf(outNow.keySet());
        Tries.Room beside = (line, q, arm) -> asked.get(q).facet() != Facet.POSITION
                || isAsDeep(positions.get(line), asked.get(q).arms().get(arm).choice(), fished);
        Optional<Tries.Move> move = all.strikes() < LEAST_STRIKES
                ? Optional.empty()
                : Tries.next(told, List.copyOf(outNow.values()), leftMin, beside, Tries.Pace.USUAL);
        return new DayAdvice(
                standings(asked, all),
                calls.claims().stream().map(claim -> call(asked, claim, all)).toList(),
                move.map(one -> trying(asked, one, fished)),
                move.map(one -> wish(positions.get(one.line()), asked.get(one.question()), one)),
                LossAdvice.of(until),
                place(until, now, drift),
                HandsAdvice.of(until, standings(asked, all), now));
    }

    private static Optional<Sentence> place(List<LogEntry> until, Instant now, Places.Drift drift) {
        Map<Kind, List<LogEntry>> placed = until.stream()
                .filter(entry -> entry.place().isPresent())
                .collect(Collectors.groupingBy(LogEntry::kind));
        List<LogEntry> strikes = placed.getOrDefault(Kind.STRUCK, List.of());
        Optional<String> stream = alike(strikes);
        return Places.of(
                        strikes.stream().map(Places.Spot::of).toList(),
                        placed.getOrDefault(Kind.FISHED, List.of()).stream()
                                .map(Places.Spot::of)
                                .toList(),
                        drift,
                        now)
                .map(found -> found.says(stream.map(one -> ", on the " + one).orElse("")));
    }

    /** The stream, where most strikes had the same. */
    private static Optional<String> alike(List<LogEntry> strikes) {
        return strikes.stream()
                .flatMap(entry -> Stream.ofNullable(entry.choices().get(Facet.STREAM)))
                .collect(Collectors.groupingBy(one -> one, Collectors.counting()))
                .entrySet()
                .stream()
                .filter(one ->
                        one.getValue() >= 0.8 * strikes.size() && !one.getKey().equals("slack"))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** Stretches that go on are cut at the moment. */
    private static List<LogEntry> until(List<LogEntry> entries, Instant now) {
        return entries.stream()
                .filter(entry -> entry.at().filter(at -> !at.isAfter(now)).isPresent())
                .map(entry -> {
                    double past =
                            Duration.between(entry.at().orElseThrow(), now).toMillis() / 60_000.0;
                    return entry.minutes() <= past
                            ? entry
                            : new LogEntry(
                                    entry.id(),
                                    entry.day(),
                                    entry.at(),
                                    entry.kind(),
                                    past,
                                    entry.timed(),
                                    entry.choices(),
                                    entry.numbers(),
                                    entry.place());
                })
                .toList();
    }

    private static List<Ledger.Arm> timed(List<Ledger.Arm> arms) {
        return arms.stream().filter(arm -> arm.slice().minutes() > 0).toList();
    }

    /** Empty where one of the questions cannot be answered of it. */
    private static Optional<Cell> cell(List<Asked> asked, LogEntry entry) {
        var arms = new ArrayList<Integer>();
        for (Asked one : asked) {
            Optional<Integer> arm = one.armOf(entry);
            if (arm.isEmpty()) {
                return Optional.empty();
            }
            arms.add(arm.get());
        }
        return Optional.of(new Cell(arms));
    }

    /** Lines that were in the water then, one each, by where they hang. */
    private static SortedMap<String, Cell> out(List<Asked> asked, List<LogEntry> fished, Instant at) {
        var byPosition = new TreeMap<String, Cell>();
        for (LogEntry entry : fished) {
            if (isOut(entry, at)) {
                byPosition.put(
                        entry.choices().getOrDefault(Facet.POSITION, entry.id().toString()),
                        cell(asked, entry).orElseThrow());
            }
        }
        return byPosition;
    }

    private static boolean isOut(LogEntry entry, Instant at) {
        Instant from = entry.at().orElseThrow();
        Instant to = from.plusMillis(Math.round(60_000 * entry.minutes())).plus(SLACK);
        return !from.isAfter(at) && to.isAfter(at);
    }

    private static Wish wish(String position, Asked asked, Tries.Move move) {
        return new Wish(
                position,
                asked.facet(),
                asked.arms().get(move.from()),
                asked.arms().get(move.to()));
    }

    private static List<Standing> standings(List<Asked> asked, Slice all) {
        Stream<Ledger.Arm> positions =
                asked.stream().filter(one -> one.facet() == Facet.POSITION).flatMap(one -> one.arms().stream());
        return positions
                .map(arm -> new Standing(
                        arm.choice(),
                        arm.slice().strikes(),
                        arm.slice().minutes(),
                        arm.slice().minutes() / Math.max(1e-9, all.minutes())))
                .sorted(Comparator.comparingDouble(one -> -one.strikes() / one.minutes()))
                .toList();
    }

    private static String words(Asked asked, int arm) {
        return Question.words(asked.facet(), asked.arms().get(arm)).text();
    }

    private static Figure[] figures(Asked asked, int arm) {
        return Question.words(asked.facet(), asked.arms().get(arm)).figures().toArray(Figure[]::new);
    }

    private static Sentence call(List<Asked> asked, Calls.Claim claim, Slice all) {
        Asked one = asked.get(claim.question());
        Slice slice = one.arms().get(claim.arm()).slice();
        return Sentence.of(capital(words(one, claim.arm())), figures(one, claim.arm()))
                .and(
                        " takes more than its share: {0} of {1} strikes in {2} of the time. "
                                + "Chance alone would say so on fewer than one day in twenty.",
                        Figure.count(slice.strikes()),
                        Figure.count(all.strikes()),
                        Figure.share(slice.minutes() / all.minutes()));
    }

    /** A try claims nothing: it says what to do, and what for. */
    private static Sentence trying(List<Asked> asked, Tries.Move move, List<LogEntry> fished) {
        Asked one = asked.get(move.question());
        Sentence to = Question.words(one.facet(), one.arms().get(move.to()));
        Sentence from = Question.words(one.facet(), one.arms().get(move.from()));
        String does = switch (one.facet()) {
            case POSITION ->
                "Try the lure of " + Sentence.plain(from.text()) + " closer to that of " + Sentence.plain(to.text())
                        + ", some metres ahead of it";
            case COLOUR -> "Try one " + from.text() + " changed for an " + to.text();
            case LURE -> "Try " + to.text() + " in the place of " + from.text();
            case SCENT -> "Try " + to.text() + " on one line that has " + from.text();
            default -> "";
        };
        Sentence says = does.isEmpty()
                ? Sentence.of("Try one line at " + to.text(), to.figures().toArray(Figure[]::new))
                : Sentence.of(does);
        return says.and(". It is a try: nothing is proved yet.");
    }

    /** Lures so far apart in depth do not swim beside one another (m). */
    private static final double BESIDE_M = 4;

    private static boolean isAsDeep(String one, String other, List<LogEntry> fished) {
        return Math.abs(depthM(one, fished) - depthM(other, fished)) <= BESIDE_M;
    }

    /** Of a position nobody knows the depth of: of the surface. */
    private static double depthM(String position, List<LogEntry> fished) {
        return fished.stream()
                .filter(entry -> position.equals(entry.choices().get(Facet.POSITION)))
                .flatMap(entry -> Stream.ofNullable(entry.numbers().get(Facet.DEPTH)))
                .mapToDouble(depth -> depth)
                .average()
                .orElse(0);
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
