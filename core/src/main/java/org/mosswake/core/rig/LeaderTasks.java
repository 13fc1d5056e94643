package org.mosswake.core.rig;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Figure.Kind;
import org.mosswake.core.units.Sentence;

/** Leaders of all lines, alike ones together, with spares for what is worn; line and sleeves go on the list of goods. */
final class LeaderTasks {
    private final List<LineTied> lines;
    private final Tonight.Wants wants;
    private final RigNumbers numbers;
    private final GoodsList goods;

    LeaderTasks(List<LineTied> lines, Tonight.Wants wants, GoodsList goods) {
        this.lines = lines;
        this.wants = wants;
        this.numbers = wants.numbers();
        this.goods = goods;
    }

    List<Task> all() {
        var groups = new LinkedHashMap<Leader, List<LineTied>>();
        for (LineTied line : lines) {
            Leader.of(line.chain())
                    .forEach(leader -> groups.computeIfAbsent(leader, any -> new ArrayList<>())
                            .add(line));
        }
        return groups.entrySet().stream()
                .map(group -> task(group.getKey(), group.getValue()))
                .toList();
    }

    static String lineKey(Leader leader) {
        return "line:" + leader.name();
    }

    static String lineWords(Leader leader) {
        return leader.name() + " for leaders";
    }

    private Task task(Leader leader, List<LineTied> on) {
        int spares = spares(leader, on);
        int wanted = on.size() + spares;
        boolean forBaits = leader.atLure() && on.stream().anyMatch(LineTied::deadBait) && wants.deadBaits() > wanted;
        int count = forBaits ? wants.deadBaits() : wanted;
        double metres =
                count * (leader.lengthM() + 2 * numbers.of(RigNumbers.TAG_M)) * (1 + numbers.of(RigNumbers.WASTE));
        int sleeves = count * leader.sleeves();
        goods.need(lineKey(leader), lineWords(leader), Kind.DISTANCE, metres);
        if (sleeves > 0) {
            goods.need("sleeves:" + leader.name(), "sleeves for " + leader.name(), Kind.COUNT, sleeves);
        }
        return new Task(
                Task.Sort.LEADERS,
                "leaders:" + leader.key() + ":" + count,
                Sentence.of(
                        "{0} " + leader.words() + (count == 1 ? "" : "s") + ", {1}",
                        Figure.count(count),
                        Figure.distance(leader.lengthM())),
                detail(leader, metres, forBaits ? List.of() : List.of(on.size(), spares), sleeves),
                count * numbers.of(RigNumbers.LEADER_MIN),
                LineTied.labels(on));
    }

    /** @param split in use and spare; empty where every dead bait has its own */
    private static Sentence detail(Leader leader, double metres, List<Integer> split, int sleeves) {
        var figures = new ArrayList<Figure>();
        var text = new StringBuilder();
        if (split.isEmpty()) {
            text.append("as many as dead baits");
        } else {
            split.forEach(count -> figures.add(Figure.count(count)));
            text.append("{0} in use, {1} spare");
        }
        text.append(": {").append(figures.size()).append("} of ").append(Sentence.plain(leader.name()));
        figures.add(Figure.distance(metres));
        if (sleeves > 0) {
            text.append(", {").append(figures.size()).append("} sleeves");
            figures.add(Figure.count(sleeves));
        }
        return new Sentence(text.toString(), figures);
    }

    /** Leaders worn in a day: bites that fall to these lines times the share one wears out; at least one. */
    private int spares(Leader leader, List<LineTied> on) {
        if (!leader.atLure()) {
            return on.size() > 1 ? 1 : 0;
        }
        String loss = RigNumbers.LOSS_PLAIN;
        if (on.stream().anyMatch(LineTied::teeth)) {
            loss = leader.material().metal() ? RigNumbers.LOSS_TEETH_METAL : RigNumbers.LOSS_TEETH_CLEAR;
        }
        double bites = wants.bitesOrUsual() * on.size() / lines.size();
        return Math.max(1, (int) Math.ceil(bites * numbers.of(loss) - 1e-9));
    }
}
