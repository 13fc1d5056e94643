package org.mosswake.core.rig;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Figure.Kind;
import org.mosswake.core.units.Force;
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

    /** Leaders that are alike: same part of the chain, same line, same length. */
    private record Alike(Part.Sort sort, String name, Material material, long millimetres) {
        double lengthM() {
            return millimetres / 1000.0;
        }

        String key() {
            return sort + ":" + name + ":" + millimetres;
        }
    }

    private static final class Lists {
        private final List<LineTied> lines;
        private final Wants wants;
        private final Map<String, Double> have;
        private final RigNumbers numbers;
        private final List<Task> tasks = new ArrayList<>();
        private final Map<String, Goods> goods = new LinkedHashMap<>();

        Lists(List<LineTied> lines, Wants wants, Map<String, Double> have) {
            this.lines = lines;
            this.wants = wants;
            this.have = have;
            this.numbers = wants.numbers();
        }

        Tonight all() {
            if (lines.isEmpty()) {
                return new Tonight(List.of(), List.of(), Optional.empty());
            }
            Optional<Brine> brine = brine();
            leaders();
            spools();
            marks();
            hooks();
            tests();
            weights();
            tethers();
            var short0 = goods.values().stream()
                    .sorted((a, b) -> Boolean.compare(b.lacking() > 0, a.lacking() > 0))
                    .toList();
            return new Tonight(tasks, short0, brine);
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
                    labels(baits)));
            need("ice", "ice", Kind.MASS, brine.iceKg());
            need("salt", "coarse salt", Kind.MASS, brine.saltKg());
            return Optional.of(brine);
        }

        private void leaders() {
            var groups = new LinkedHashMap<Alike, List<LineTied>>();
            for (LineTied line : lines) {
                for (Part part : line.chain().parts()) {
                    if (!part.sort().line() || part.sort() == Part.Sort.MAIN) {
                        continue;
                    }
                    Material material = part.twig()
                            ? line.chain()
                                    .pieces()
                                    .get(part.piece())
                                    .twig()
                                    .orElseThrow()
                                    .material()
                            : line.chain().pieces().get(part.piece()).material();
                    long length = Math.round(1000 * part.lengthM().orElseThrow());
                    groups.computeIfAbsent(
                                    new Alike(part.sort(), part.name(), material, length), any -> new ArrayList<>())
                            .add(line);
                }
            }
            groups.forEach(this::leaders);
        }

        private void leaders(Alike alike, List<LineTied> on) {
            int spares = spares(alike, on);
            int dead = (int) on.stream().filter(LineTied::deadBait).count();
            int wanted = on.size() + spares;
            boolean forBaits = atTheLure(alike, on) && dead > 0 && wants.deadBaits() > wanted;
            int count = forBaits ? wants.deadBaits() : wanted;
            double metres =
                    count * (alike.lengthM() + 2 * numbers.of(RigNumbers.TAG_M)) * (1 + numbers.of(RigNumbers.WASTE));
            int sleeves = count * sleeves(alike, on.get(0));
            Figure line = Figure.distance(metres);
            String of = forBaits ? "as many as dead baits" : "{1} in use, {2} spare";
            var figures = new ArrayList<Figure>(List.of(line));
            if (!forBaits) {
                figures.add(Figure.count(on.size()));
                figures.add(Figure.count(spares));
            }
            String text = of + ": {0} of " + Sentence.plain(alike.name());
            if (sleeves > 0) {
                text += ", {" + figures.size() + "} sleeves";
                figures.add(Figure.count(sleeves));
            }
            tasks.add(new Task(
                    Task.Sort.LEADERS,
                    "leaders:" + alike.key() + ":" + count,
                    Sentence.of(
                            "{0} " + words(alike) + (count == 1 ? "" : "s") + ", {1}",
                            Figure.count(count),
                            Figure.distance(alike.lengthM())),
                    new Sentence(text, figures),
                    count * numbers.of(RigNumbers.LEADER_MIN),
                    labels(on)));
            need("line:" + alike.name(), alike.name() + " for leaders", Kind.DISTANCE, metres);
            if (sleeves > 0) {
                need("sleeves:" + alike.name(), "sleeves for " + alike.name(), Kind.COUNT, sleeves);
            }
        }

        private static String words(Alike alike) {
            String sort = alike.sort() == Part.Sort.BITE_LEADER
                    ? alike.material().words() + " leader"
                    : alike.sort().words();
            return sort;
        }

        /** Leaders worn in a day: bites that fall to these lines times the share that is worn by one; at least one. */
        private int spares(Alike alike, List<LineTied> on) {
            if (!atTheLure(alike, on)) {
                return on.size() > 1 ? 1 : 0;
            }
            boolean teeth = on.stream().anyMatch(LineTied::teeth);
            double loss = numbers.of(
                    !teeth
                            ? RigNumbers.LOSS_PLAIN
                            : alike.material().metal() ? RigNumbers.LOSS_TEETH_METAL : RigNumbers.LOSS_TEETH_CLEAR);
            double bites = wants.bitesOrUsual() * on.size() / lines.size();
            return Math.max(1, (int) Math.ceil(bites * loss - 1e-9));
        }

        private static boolean atTheLure(Alike alike, List<LineTied> on) {
            boolean twig = on.get(0).chain().parts().stream()
                    .anyMatch(part -> part.twig()
                            && part.name().equals(alike.name())
                            && part.sort().line());
            if (twig) {
                return true;
            }
            Piece last = on.get(0).chain().pieces().get(0);
            return last.name().equals(alike.name()) && Math.round(1000 * last.lengthM()) == alike.millimetres();
        }

        /** At both its ends. */
        private static int sleeves(Alike alike, LineTied line) {
            List<Piece> pieces = line.chain().pieces();
            for (int i = 0; i < pieces.size(); i++) {
                Piece piece = pieces.get(i);
                if (piece.name().equals(alike.name()) && Math.round(1000 * piece.lengthM()) == alike.millimetres()) {
                    int below = piece.foot().above().map(JointKind::sleeves).orElse(0);
                    int above = i + 1 < pieces.size()
                            ? pieces.get(i + 1)
                                    .foot()
                                    .below()
                                    .map(JointKind::sleeves)
                                    .orElse(0)
                            : 0;
                    return below + above;
                }
            }
            return 0;
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
                        labels(woven)));
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
                    labels(row.stream().flatMap(List::stream).toList())));
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
                    labels(lines)));
            lines.stream()
                    .collect(Collectors.groupingBy(
                            line -> line.rigging().hooks().kind(),
                            LinkedHashMap::new,
                            Collectors.summingInt(line -> line.rigging().hooks().count())))
                    .forEach((kind, count) -> need(
                            "hooks:" + kind,
                            "hooks, " + hookWords(kind) + ", with spares",
                            Kind.COUNT,
                            count + Math.max(2, count / 2)));
        }

        private static String hookWords(Hooks.Kind kind) {
            return kind == Hooks.Kind.TWO_IN_LINE ? "strong singles for pairs" : kind.words();
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
                    labels(lines)));
            lines.stream()
                    .flatMap(line -> line.chain().pieces().stream())
                    .flatMap(piece -> piece.foot().fitting().stream())
                    .collect(Collectors.groupingBy(fitting -> fitting, LinkedHashMap::new, Collectors.counting()))
                    .forEach((fitting, count) -> need(
                            "fitting:" + fitting.kind() + ":"
                                    + Math.round(fitting.strength().newtons()),
                            fitting.kind().words() + ", " + kilograms(fitting.strength()),
                            Kind.COUNT,
                            count + 1));
        }

        private static String kilograms(Force force) {
            return String.format(Locale.ROOT, "%.0f kg", force.newtons() / 9.80665);
        }

        private void weights() {
            var hung = lines.stream()
                    .flatMap(line -> line.chain().pieces().stream()
                            .filter(piece -> piece.at() > 0)
                            .flatMap(piece -> piece.hung().stream())
                            .map(Piece.Hung::name))
                    .collect(Collectors.groupingBy(name -> name, LinkedHashMap::new, Collectors.counting()));
            hung.forEach((name, count) -> need("gear:" + name, name, Kind.COUNT, count));
            lines.stream()
                    .collect(Collectors.groupingBy(LineTied::lureName, LinkedHashMap::new, Collectors.counting()))
                    .forEach((name, count) -> need("gear:" + name, name, Kind.COUNT, count));
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
                        labels(lines)));
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
                    labels(lines)));
            need("tethers", "rod tethers of webbing", Kind.COUNT, lines.size());
        }

        private void need(String key, String words, Kind kind, double amount) {
            Goods before = goods.get(key);
            double all = amount + (before == null ? 0 : before.amount());
            goods.put(key, new Goods(key, words, kind, all, have.getOrDefault(key, 0.0), have.containsKey(key)));
        }

        private static Figure mass(double kg) {
            return new Figure(Kind.MASS, kg);
        }

        private static List<String> labels(List<LineTied> on) {
            return on.stream().map(LineTied::label).distinct().toList();
        }
    }
}
