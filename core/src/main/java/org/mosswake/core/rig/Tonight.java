package org.mosswake.core.rig;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Figure.Kind;
import org.mosswake.core.units.Sentence;

/**
 * What a spread asks of the evening: what is tied, marked, tested and brined, and what must be aboard for it.
 *
 * @param tasks in the order they are best done: what must stand overnight first
 * @param goods needed, what is short first
 */
public record Tonight(List<Task> tasks, List<Goods> goods, Optional<Brine> brine) {
    /** Figures one sentence takes. */
    private static final int MARKS_IN_A_ROW = 4;

    public Tonight {
        tasks = List.copyOf(tasks);
        goods = List.copyOf(goods);
    }

    /**
     * @param deadBaits aboard or to be bought
     * @param bites     expected in the day; empty: the usual number
     * @param barbless  the skipper's own table says so
     */
    public record Wants(int deadBaits, Optional<Double> bites, boolean barbless, RigNumbers numbers) {
        double bitesOrUsual() {
            return bites.orElseGet(() -> numbers.of(RigNumbers.BITES));
        }
    }

    /** @param have counted aboard, by key */
    public static Tonight of(List<LineTied> lines, Wants wants, Map<String, Double> have) {
        return new Lists(lines, wants, have).all();
    }

    public double minutes() {
        return tasks.stream().mapToDouble(Task::minutes).sum();
    }

    static String hooksKey(Hooks.Kind kind) {
        return "hooks:" + kind;
    }

    static String hookWords(Hooks.Kind kind) {
        return kind == Hooks.Kind.TWO_IN_LINE ? "strong singles for pairs" : kind.words();
    }

    /** What is left out first where hands are short: lines fish without it, though not as surely. */
    private static final List<Task.Sort> LEAST_MISSED = List.of(Task.Sort.TEST, Task.Sort.HOOKS, Task.Sort.MARKS);

    /**
     * Where the work is longer than an evening: who could help, and what is missed least.
     *
     * @param evening what it holds for one pair of hands
     */
    public Optional<Sentence> tooLong(Duration evening) {
        double holds = evening.toMinutes();
        if (minutes() <= holds) {
            return Optional.empty();
        }
        double over = minutes() - holds;
        double spared = 0;
        var left = new ArrayList<String>();
        for (Task.Sort sort : LEAST_MISSED) {
            double of = tasks.stream()
                    .filter(task -> task.sort() == sort)
                    .mapToDouble(Task::minutes)
                    .sum();
            if (of > 0 && spared < over) {
                spared += of;
                left.add(sort.words());
            }
        }
        var hands = Sentence.of(
                "{0} of work, and an evening holds {1} for one pair of hands: {2} pairs do it.",
                Figure.duration(60 * minutes()),
                Figure.duration(60 * holds),
                Figure.count(Math.ceil(minutes() / holds)));
        return Optional.of(
                left.isEmpty()
                        ? hands
                        : hands.and(
                                " Least missed: " + String.join(", ", left) + ", {0}.", Figure.duration(60 * spared)));
    }

    private static final class Lists {
        private final List<LineTied> lines;
        private final Wants wants;
        private final RigNumbers numbers;
        private final List<Task> tasks = new ArrayList<>();
        private final GoodsList goods;

        Lists(List<LineTied> lines, Wants wants, Map<String, Double> have) {
            this.lines = lines;
            this.wants = wants;
            this.goods = new GoodsList(have);
            this.numbers = wants.numbers();
        }

        Tonight all() {
            if (lines.isEmpty()) {
                return new Tonight(List.of(), List.of(), Optional.empty());
            }
            Optional<Brine> brine = brine();
            tasks.addAll(new LeaderTasks(lines, wants, goods).all());
            spools();
            marks();
            hooks();
            tests();
            weights();
            tethers();
            return new Tonight(tasks, goods.all(), brine);
        }

        private Optional<Brine> brine() {
            var baits = lines.stream().filter(LineTied::deadBait).toList();
            if (wants.deadBaits() == 0 || baits.isEmpty()) {
                return Optional.empty();
            }
            double each = baits.stream()
                    .mapToDouble(line -> line.baitKg().orElse(0.1))
                    .average()
                    .orElse(0.1);
            Brine brine = Brine.of(wants.deadBaits(), each, numbers);
            tasks.add(new Task(
                    Task.Sort.BRINE,
                    "brine:" + wants.deadBaits(),
                    Sentence.of("brine {0} baits", Figure.count(wants.deadBaits())),
                    Sentence.of(
                            "{0} of ice, {1} of coarse salt, {2} of sea water; for a soak {3} of scent",
                            mass(brine.iceKg()), mass(brine.saltKg()), mass(brine.waterKg()), mass(brine.scentKg())),
                    numbers.of(RigNumbers.BRINE_MIN),
                    LineTied.labels(baits)));
            goods.need("ice", "ice", Kind.MASS, brine.iceKg());
            goods.need("salt", "coarse salt", Kind.MASS, brine.saltKg());
            return Optional.of(brine);
        }

        private void spools() {
            var woven = lines.stream()
                    .filter(line -> line.chain().main().material().woven())
                    .toList();
            if (!woven.isEmpty()) {
                tasks.add(new Task(
                        Task.Sort.SPOOLS,
                        "spools:" + woven.size(),
                        Sentence.of(
                                "wind {0} braid " + (woven.size() == 1 ? "reel" : "reels") + " tight",
                                Figure.count(woven.size())),
                        Sentence.of("lays touching: loose braid digs in under a strike"),
                        woven.size() * numbers.of(RigNumbers.SPOOL_MIN),
                        LineTied.labels(woven)));
            }
        }

        private void marks() {
            var ways = new LinkedHashMap<Marks, List<LineTied>>();
            lines.forEach(line ->
                    ways.computeIfAbsent(line.marks(), any -> new ArrayList<>()).add(line));
            ways.forEach((way, on) -> {
                var byOut = new LinkedHashMap<Long, List<LineTied>>();
                on.stream()
                        .sorted((a, b) -> Double.compare(a.offM(), b.offM()))
                        .forEach(line -> byOut.computeIfAbsent(Math.round(10 * line.offM()), any -> new ArrayList<>())
                                .add(line));
                var outs = List.copyOf(byOut.values());
                for (int i = 0; i < outs.size(); i += MARKS_IN_A_ROW) {
                    marks(way, outs.subList(i, Math.min(outs.size(), i + MARKS_IN_A_ROW)));
                }
            });
        }

        private void marks(Marks way, List<List<LineTied>> row) {
            var metres =
                    row.stream().map(on -> Figure.distance(on.get(0).offM())).toList();
            var pulls = row.stream()
                    .map(on -> Figure.count(
                            on.get(0).rigging().pulls().of(on.get(0).offM()).counted()))
                    .toList();
            String places = places(row.size());
            tasks.add(new Task(
                    Task.Sort.MARKS,
                    "marks:" + way
                            + row.stream()
                                    .map(on -> ":" + Math.round(10 * on.get(0).offM()))
                                    .collect(Collectors.joining()),
                    new Sentence((row.size() == 1 ? "mark at " : "marks at ") + places, metres),
                    new Sentence(way.words() + "; or " + places + " pulls counted", pulls),
                    row.stream().mapToInt(List::size).sum() * numbers.of(RigNumbers.MARK_MIN),
                    LineTied.labels(row.stream().flatMap(List::stream).toList())));
        }

        /** {@code {0}, {1} and {2}}. */
        private static String places(int count) {
            var text = new StringBuilder("{0}");
            for (int i = 1; i < count; i++) {
                text.append(i == count - 1 ? " and {" : ", {").append(i).append('}');
            }
            return text.toString();
        }

        private void hooks() {
            int points = lines.stream()
                    .mapToInt(line -> line.rigging().hooks().points())
                    .sum();
            tasks.add(new Task(
                    Task.Sort.HOOKS,
                    "hooks:" + points + (wants.barbless() ? ":barbless" : ""),
                    Sentence.of("sharpen {0} " + (points == 1 ? "point" : "points"), Figure.count(points)),
                    Sentence.of(
                            wants.barbless()
                                    ? "and crimp the barbs: your own table says barbless"
                                    : "each must scratch a nail"),
                    points * numbers.of(RigNumbers.HOOK_MIN),
                    LineTied.labels(lines)));
            lines.stream()
                    .collect(Collectors.groupingBy(
                            line -> line.rigging().hooks().kind(),
                            LinkedHashMap::new,
                            Collectors.summingInt(line -> line.rigging().hooks().count())))
                    .forEach((kind, count) -> goods.need(
                            hooksKey(kind),
                            "hooks, " + hookWords(kind) + ", with spares",
                            Kind.COUNT,
                            count + Math.max(2, count / 2)));
        }

        private void tests() {
            double most = lines.stream()
                    .mapToDouble(line -> line.drag().newtons())
                    .max()
                    .orElse(0);
            tasks.add(new Task(
                    Task.Sort.TEST,
                    "test:" + lines.size() + ":" + Math.round(most),
                    Sentence.of(
                            "pull-test {0} " + (lines.size() == 1 ? "chain" : "chains"), Figure.count(lines.size())),
                    Sentence.of("each to its own drag, {0} at most; glasses and gloves on", Figure.pull(most)),
                    lines.size() * numbers.of(RigNumbers.TEST_MIN),
                    LineTied.labels(lines)));
            lines.stream()
                    .flatMap(line -> line.chain().pieces().stream())
                    .flatMap(piece -> piece.foot().fitting().stream())
                    .collect(Collectors.groupingBy(fitting -> fitting, LinkedHashMap::new, Collectors.counting()))
                    .forEach((fitting, count) -> goods.need(
                            "fitting:" + fitting.kind() + ":"
                                    + Math.round(fitting.strength().newtons()),
                            Sentence.of(
                                    fitting.kind().words() + ", {0}",
                                    Figure.pull(fitting.strength().newtons())),
                            Kind.COUNT,
                            count + 1));
        }

        private void weights() {
            var hung = lines.stream()
                    .flatMap(line -> line.chain().pieces().stream()
                            .filter(piece -> piece.at() > 0)
                            .flatMap(piece -> piece.hung().stream())
                            .map(Piece.Hung::name))
                    .collect(Collectors.groupingBy(name -> name, LinkedHashMap::new, Collectors.counting()));
            hung.forEach((name, count) -> goods.need("gear:" + name, name, Kind.COUNT, count));
            lines.stream()
                    .collect(Collectors.groupingBy(LineTied::lureName, LinkedHashMap::new, Collectors.counting()))
                    .forEach((name, count) -> goods.need("gear:" + name, name, Kind.COUNT, count));
            if (!hung.isEmpty()) {
                long all = hung.values().stream().mapToLong(Long::longValue).sum();
                String names = hung.keySet().stream().map(Sentence::plain).collect(Collectors.joining(", "));
                tasks.add(new Task(
                        Task.Sort.WEIGHTS,
                        "weights:" + hung,
                        Sentence.of(
                                "lay out {0} " + (all == 1 ? "weight or attractor" : "weights and attractors"),
                                Figure.count(all)),
                        Sentence.of(names),
                        2,
                        LineTied.labels(lines)));
            }
        }

        private void tethers() {
            double rated = numbers.of(RigNumbers.TETHER_N);
            tasks.add(new Task(
                    Task.Sort.TETHERS,
                    "tethers:" + lines.size(),
                    Sentence.of(
                            "{0} rod " + (lines.size() == 1 ? "tether" : "tethers") + ", {1}",
                            Figure.count(lines.size()),
                            Figure.pull(rated)),
                    Sentence.of("webbing from rod to cleat, not thin coated cable"),
                    lines.size(),
                    LineTied.labels(lines)));
            goods.need("tethers", "rod tethers of webbing", Kind.COUNT, lines.size());
        }

        private static Figure mass(double kg) {
            return new Figure(Kind.MASS, kg);
        }
    }
}
