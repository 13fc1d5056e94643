package org.mosswake.core.call;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.Playbook.Trait;
import org.mosswake.core.playbook.School;
import org.mosswake.core.playbook.Schools;
import org.mosswake.core.playbook.Slot;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;
import org.mosswake.core.units.Sentence;
import org.mosswake.core.units.SpeedThroughWater;

/** What of a playbook's wants the box can give. */
public final class BoxFit {
    /** Clear line from this strength on stands teeth for a while (ESTIMATE). */
    private static final double HEAVY_CLEAR_N =
            Force.of(80, ForceUnit.POUND_FORCE).newtons();

    /**
     * @param wanted positions of the usual line count
     * @param filled of them, with a lure of the right kind that works at the speed
     * @param missing kinds of which there are too few
     */
    record Fit(int wanted, int filled, List<LureKind> missing) {}

    private BoxFit() {}

    static Fit of(Situation s, Playbook p) {
        return of(s, p, p.usualLines());
    }

    /** Of so many lines. */
    static Fit of(Situation s, Playbook p, int lines) {
        return at(s, p, lines, StartSpeed.of(s, p));
    }

    /** Of so many lines at a speed through the water (m/s). */
    static Fit at(Situation s, Playbook p, int lines, double mps) {
        List<Box.Lure> lures = s.outfit().box().lures();
        int[] left = lures.stream().mapToInt(s::aboard).toArray();
        var speed = new SpeedThroughWater(mps);
        Set<LureKind> missing = new LinkedHashSet<>();
        int filled = 0;
        List<Slot> positions = p.positions(lines);
        for (Slot slot : positions) {
            int found = 0;
            while (found < left.length && !(left[found] > 0 && suits(lures.get(found), slot, speed))) {
                found++;
            }
            if (found < left.length) {
                left[found]--;
                filled++;
            } else {
                slot.firstKind().ifPresent(missing::add);
            }
        }
        return new Fit(positions.size(), filled, List.copyOf(missing));
    }

    public static boolean suits(Box.Lure lure, Slot slot, SpeedThroughWater speed) {
        return isOneOf(lure, slot)
                && lure.item().works().map(window -> window.holds(speed)).orElse(true);
    }

    /** A loop: the box is gone through for each position of each method of each call. */
    private static boolean isOneOf(Box.Lure lure, Slot slot) {
        for (LureKind kind : slot.kinds()) {
            if (lure.item().isA(kind)) {
                return true;
            }
        }
        return false;
    }

    static Optional<Sentence> full(Rule.Asked asked) {
        Fit fit = asked.fit();
        return fit.filled() == fit.wanted()
                ? Optional.of(Sentence.of("the box has the {0} lures it wants", Figure.count(fit.wanted())))
                : Optional.empty();
    }

    static Optional<Sentence> part(Rule.Asked asked) {
        Fit fit = asked.fit();
        return fit.filled() > 0 && fit.filled() < fit.wanted()
                ? Optional.of(Sentence.of(
                        "the box has {0} of the {1} lures it wants",
                        Figure.count(fit.filled()), Figure.count(fit.wanted())))
                : Optional.empty();
    }

    static Optional<Sentence> none(Rule.Asked asked) {
        Fit fit = asked.fit();
        return fit.filled() == 0
                ? Optional.of(Sentence.of(
                        stated(asked.s(), fit).isPresent()
                                ? "its bait is aboard, but not in the box: no line can be tied"
                                : "the box has no lure for it"))
                : Optional.empty();
    }

    /** A bait said to be aboard, of a kind the box does not know at all. */
    private static Optional<LureKind> stated(Situation s, Fit fit) {
        return fit.missing().stream().filter(kind -> stated(s, kind)).findFirst();
    }

    private static boolean stated(Situation s, LureKind kind) {
        boolean boxed =
                s.outfit().box().lures().stream().anyMatch(lure -> lure.item().isA(kind));
        return !boxed
                && Optional.ofNullable(Topic.BAITS.get(kind))
                        .flatMap(s.conditions()::count)
                        .filter(aboard -> aboard > 0)
                        .isPresent();
    }

    /** A kind that is wanted and not there, in words: bait that is aboard lacks in the box only. */
    public static String lack(Situation s, LureKind kind) {
        return stated(s, kind)
                ? words(kind) + " as an item of the box: it is aboard, add it there to tie it"
                : words(kind);
    }

    /** Whether teeth can be met as the skipper's way has it. */
    static boolean hasBiteLeader(Box box, Schools schools) {
        boolean wire = box.hasLine(LineKind.BITE_WIRE, LineKind.BITE_CABLE);
        boolean clear = box.lines().stream()
                .anyMatch(line -> (line.kind() == LineKind.FLUOROCARBON || line.kind() == LineKind.MONO)
                        && line.item().strength().newtons() >= HEAVY_CLEAR_N);
        return schools.is(School.BITE_LEADER, 1) ? wire || clear : wire;
    }

    static Optional<Sentence> noBiteLeader(Situation s, Playbook p) {
        return p.is(Trait.BITE) && !hasBiteLeader(s.outfit().box(), s.schools())
                ? Optional.of(Sentence.of("no bite leader in the box: teeth part it"))
                : Optional.empty();
    }

    static Optional<Sentence> shortReel(Situation s, Playbook p) {
        List<Double> left = new ArrayList<>();
        double out = p.slots().stream()
                .filter(slot -> slot.reach().aim() == Slot.Aim.LET_OUT)
                .mapToDouble(slot -> slot.reach().least())
                .max()
                .orElse(0);
        for (Box.Reel reel : s.outfit().box().reels()) {
            reel.main().ifPresent(main -> left.add(reel.leftM(main.item().diameterM(), out)));
        }
        return left.stream()
                .max(Double::compare)
                .filter(most -> most < p.keepM())
                .map(most -> Sentence.of(
                        "no reel keeps {0} behind the longest line: {1} at most",
                        Figure.distance(p.keepM()), Figure.distance(Math.max(0, most))));
    }

    /** What the box lacks for a playbook, for the shopping list. */
    static List<Sentence> lacks(Situation s, Playbook p) {
        var lacks = new ArrayList<Sentence>();
        Fit fit = of(s, p);
        Optional<LureKind> bait = stated(s, fit);
        fit.missing().stream()
                .filter(kind -> bait.filter(kind::equals).isEmpty())
                .forEach(kind -> lacks.add(Sentence.of(words(kind))));
        bait.ifPresent(kind -> lacks.add(Sentence.of(lack(s, kind))));
        if (noBiteLeader(s, p).isPresent()) {
            lacks.add(Sentence.of(
                    s.schools().is(School.BITE_LEADER, 1)
                            ? "bite leader: clear line of 80 lb or more"
                            : "bite leader: wire or cable"));
        }
        return lacks;
    }

    public static String words(LureKind kind) {
        return kind.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
