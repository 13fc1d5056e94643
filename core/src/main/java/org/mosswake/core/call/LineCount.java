package org.mosswake.core.call;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.mosswake.core.call.Topic.Sea;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.handling.SpreadTurns;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * How many lines to fish: the least of what each thing allows (practice: fewer clean lines beat more tangled ones).
 *
 * @param bounds the tightest first; the first one decides
 */
public record LineCount(int lines, List<Bound> bounds) {

    public enum What {
        PLAYBOOK,
        RODS,
        HOLDERS,
        CREW,
        BAG,
        SEA,
        CLEARANCE,
        BOAT,
        BOX,
        TABLE
    }

    /** @param most lines it allows */
    public record Bound(What what, int most, Sentence says) {}

    public Bound decides() {
        return bounds.get(0);
    }

    public static LineCount of(Situation s, Playbook p) {
        var bounds = new ArrayList<Bound>();
        bounds.add(playbook(s, p));
        s.outfit()
                .box()
                .rods()
                .ifPresent(rods -> bounds.add(
                        new Bound(What.RODS, Math.max(1, rods), Sentence.of("{0} rods aboard", Figure.count(rods)))));
        int holders = s.outfit().boat().holders().size();
        bounds.add(new Bound(What.HOLDERS, holders, Sentence.of("{0} holders on the boat", Figure.count(holders))));
        s.conditions().count(Topic.CREW).ifPresent(crew -> bounds.add(crew(crew)));
        s.conditions().count(Topic.BAG).ifPresent(room -> bounds.add(bag(room)));
        sea(s, bounds);
        int apart = apart(s.outfit().boat().holders());
        bounds.add(new Bound(
                What.CLEARANCE,
                apart,
                Sentence.of(
                        "{0} tips stand {1} apart, deep lines beside",
                        Figure.count(apart), Figure.distance(SpreadTurns.CLEAR_ACROSS_M))));
        boat(s, bounds);
        int tied = BoxFit.of(s, p, p.mostLines()).filled();
        if (tied > 0) {
            bounds.add(new Bound(
                    What.BOX,
                    tied,
                    Sentence.of(
                            tied == 1
                                    ? "the box has a lure for {0} line of it"
                                    : "the box has lures for {0} lines of it",
                            Figure.count(tied))));
        }
        s.entry(TargetRules.focus(s, p))
                .flatMap(Entry::mostLines)
                .ifPresent(most -> bounds.add(
                        new Bound(What.TABLE, most, Sentence.of("your table allows {0} lines", Figure.count(most)))));
        bounds.sort(Comparator.comparingInt(Bound::most));
        return new LineCount(bounds.get(0).most(), List.copyOf(bounds));
    }

    /** Its usual number; with hands to spare its most. */
    private static Bound playbook(Situation s, Playbook p) {
        boolean hands =
                s.conditions().count(Topic.CREW).filter(crew -> crew >= 4).isPresent();
        int most = hands ? p.mostLines() : p.usualLines();
        return new Bound(
                What.PLAYBOOK,
                most,
                p.leastLines() == p.mostLines()
                        ? Sentence.of(p.id().words() + " always fishes {0} lines", Figure.count(most))
                        : Sentence.of(
                                p.id().words() + " fishes {0} lines, {1} to {2}",
                                Figure.count(most),
                                Figure.count(p.leastLines()),
                                Figure.count(p.mostLines())));
    }

    private static Bound crew(int crew) {
        int most = crew == 1 ? 2 : crew == 2 ? 4 : crew == 3 ? 6 : 12;
        return new Bound(
                What.CREW,
                most,
                crew == 1
                        ? Sentence.of("alone: {0} lines are what one pair of hands can clear", Figure.count(most))
                        : Sentence.of("{0} aboard can clear {1} lines", Figure.count(crew), Figure.count(most)));
    }

    private static Bound bag(int room) {
        int most = Math.max(1, room);
        return new Bound(
                What.BAG,
                most,
                room == 0
                        ? Sentence.of("the bag is full: one line, and every fish goes back")
                        : Sentence.of("room for {0} in the bag, so no more than {0} lines", Figure.count(room)));
    }

    private static void sea(Situation s, List<Bound> bounds) {
        if (s.conditions().is(Topic.SEA, Sea.ROUGH)) {
            bounds.add(new Bound(
                    What.SEA, 3, Sentence.of("in a rough sea {0} lines are enough to keep apart", Figure.count(3))));
        } else if (s.conditions().is(Topic.SEA, Sea.MODERATE)) {
            bounds.add(new Bound(What.SEA, 6, Sentence.of("in a moderate sea {0} lines keep apart", Figure.count(6))));
        }
    }

    private static void boat(Situation s, List<Bound> bounds) {
        boolean riggers = s.outfit().has(HolderKind.RIGGER);
        boolean small = s.outfit().isSmall();
        if (!riggers && !small) {
            bounds.add(new Bound(What.BOAT, 5, Sentence.of("without riggers {0} lines are the most", Figure.count(5))));
        }
        if (small) {
            bounds.add(new Bound(
                    What.BOAT,
                    3,
                    Sentence.of(
                            "a boat of {0} fishes {1} lines",
                            Figure.distance(s.outfit().boat().lengthM()), Figure.count(3))));
        }
    }

    /** Tips at least the usual clearance apart across, counted from one side; lines down a cable pass under. */
    static int apart(List<Holder> holders) {
        var across = holders.stream()
                .filter(holder -> holder.kind() != HolderKind.DOWNRIGGER)
                .map(holder -> holder.tip().starboardM())
                .sorted()
                .toList();
        int count = (int) holders.stream()
                .filter(holder -> holder.kind() == HolderKind.DOWNRIGGER)
                .count();
        double last = Double.NEGATIVE_INFINITY;
        for (double tip : across) {
            if (tip - last >= SpreadTurns.CLEAR_ACROSS_M - 1e-9) {
                count++;
                last = tip;
            }
        }
        return Math.max(1, count);
    }
}
