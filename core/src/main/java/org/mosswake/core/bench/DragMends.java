package org.mosswake.core.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.rig.DragWindow;
import org.mosswake.core.rig.JointKind;
import org.mosswake.core.rig.Part;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.rig.Seam;
import org.mosswake.core.rig.Take;
import org.mosswake.core.spread.Change;
import org.mosswake.core.spread.LineSolver;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.tow.Boundary;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.Sentence;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

/** Searches what widens an empty window. Every offer is tied and towed anew; what does not help is not offered. */
final class DragMends {
    private static final int MOST_CHANGES = 8;
    /** Slower or shorter than this is another method, not a mend. */
    private static final double LEAST_SHARE = 0.3;

    private static final double TENTH_KNOT = SpeedUnit.KNOT.toSi(0.1);
    /** A window this wide can be found with a scale (ESTIMATE). */
    private static final double ROOM = 1.1;

    private final SpreadLine line;
    private final SpeedThroughWater speed;
    private final LineSolver solver;
    private final BenchAsk ask;
    private final List<DragMend> found = new ArrayList<>();

    DragMends(SpreadLine line, SpeedThroughWater speed, LineSolver solver, BenchAsk ask) {
        this.line = line;
        this.speed = speed;
        this.solver = solver;
        this.ask = ask;
    }

    /** Easiest on the day first. */
    List<DragMend> all() {
        joints();
        closer();
        reel();
        stronger(true);
        slower();
        lighter();
        shorter();
        stronger(false);
        return List.copyOf(found);
    }

    private Optional<DragWindow> window(SpreadLine tied, SpeedThroughWater at) {
        return solver.settle(tied, at) instanceof TowAnswer.Shaped shaped
                ? Optional.of(tied.dragWindow(new Force(shaped.shape().tensionAtTipN())))
                : Optional.empty();
    }

    private boolean offer(Sentence words, List<? extends Change> changes, SpreadLine tied, SpeedThroughWater at) {
        Optional<DragWindow> after = window(tied, at).filter(window -> !window.isEmpty());
        after.ifPresent(window -> found.add(new DragMend(words, withDrag(changes, window), window)));
        return after.isPresent();
    }

    /** With the drag set into the window where it would lie outside. */
    private List<Change> withDrag(List<? extends Change> changes, DragWindow window) {
        if (changes.isEmpty() || window.judge(line.strikeDrag()) == DragWindow.Verdict.HOLDS) {
            return List.copyOf(changes);
        }
        var all = new ArrayList<Change>(changes);
        all.add(Change.StrikeDrag.tenth(line.id(), window.usual().newtons()));
        return all;
    }

    /** The best joint wherever one is the weakest part. */
    private void joints() {
        SpreadLine tied = line;
        var changes = new ArrayList<Change.Joined>();
        for (int i = 0; i < MOST_CHANGES; i++) {
            Optional<Better> better = better(tied, tied.chain().weakest());
            if (better.isEmpty()) {
                break;
            }
            tied = better.get().tied();
            changes.add(better.get().change());
        }
        if (!changes.isEmpty()) {
            String names = String.join(
                    ", ",
                    changes.stream()
                            .map(change -> change.kind().words())
                            .distinct()
                            .toList());
            offer(
                    Sentence.of(
                            "tie the weakest joints better: " + names + "; then the chain holds {0}",
                            Figure.pull(tied.chain().strength().newtons())),
                    changes,
                    tied,
                    speed);
        }
    }

    private record Better(SpreadLine tied, Change.Joined change) {}

    private Optional<Better> better(SpreadLine tied, Part weakest) {
        if (!weakest.sort().joint() || weakest.twig()) {
            return Optional.empty();
        }
        int at = weakest.piece();
        Seam now = tied.chain().foot(at);
        return Arrays.stream(JointKind.values())
                .filter(kind -> line.rigging().numbers().efficiency(kind)
                        > weakest.efficiency().orElseThrow() + 1e-9)
                .filter(kind -> fits(tied, at, weakest.sort(), kind))
                .max(Comparator.comparingDouble(kind -> line.rigging().numbers().efficiency(kind)))
                .map(kind -> weakest.sort() == Part.Sort.END_BELOW
                        ? new Better(
                                tied.withFoot(at, now.withBelow(kind)), new Change.Joined(line.id(), at, true, kind))
                        : new Better(
                                tied.withFoot(at, now.withAbove(kind)), new Change.Joined(line.id(), at, false, kind)));
    }

    private static boolean fits(SpreadLine tied, int at, Part.Sort sort, JointKind kind) {
        var above = tied.tackle().get(at).line().kind().material();
        if (sort == Part.Sort.END_ABOVE) {
            return kind.ends(above);
        }
        var below = tied.tackle().get(at - 1).line().kind().material();
        return sort == Part.Sort.END_BELOW ? kind.ends(below) : kind.joins(above, below);
    }

    /** From just over the pull, as fast ladders are fished. */
    private void closer() {
        if (line.take() != Take.LADDER) {
            SpreadLine taken = line.withRigging(line.rigging().withTake(Take.LADDER));
            window(taken, speed)
                    .ifPresent(window -> offer(
                            Sentence.of(
                                    "set it closer to the pull, {0}, and watch the reel: it will give line in a sea",
                                    Figure.pull(window.least().newtons())),
                            List.of(new Change.TakenBy(line.id(), Take.LADDER)),
                            taken,
                            speed));
        }
    }

    private void reel() {
        Optional<Force> now = line.rigging().reel().flatMap(Reel::rodClass);
        if (now.isEmpty()) {
            return;
        }
        ask.reels().stream()
                .filter(reel -> reel.rodClass().isEmpty()
                        || reel.rodClass().get().newtons() > now.get().newtons())
                .filter(reel -> reel.spool().capacityM(mainDiameterM()) > line.letOutM())
                .findFirst()
                .ifPresent(reel -> offer(
                        Sentence.of("take the rod of " + Sentence.plain(reel.name())),
                        List.of(new Change.OnReel(line.id(), reel.id())),
                        line.withRigging(line.rigging().withReel(reel)),
                        speed));
    }

    private double mainDiameterM() {
        return line.tackle().get(line.tackle().size() - 1).line().diameterM();
    }

    /** Whatever is weakest made stronger, one after the other, from the box or from the shop. */
    private void stronger(boolean fromBox) {
        SpreadLine tied = line;
        var changes = new ArrayList<Change>();
        for (int i = 0; i < 3 * MOST_CHANGES; i++) {
            Optional<DragWindow> window = window(tied, speed);
            if (window.isEmpty() || window.get().limit() == DragWindow.Limit.ROD_CLASS) {
                return;
            }
            if (!window.get().isEmpty()) {
                break;
            }
            Optional<StrongerPart> next = StrongerPart.of(tied, fromBox ? Optional.of(ask.lines()) : Optional.empty());
            if (next.isEmpty()) {
                return;
            }
            tied = next.get().tied();
            changes.addAll(next.get().changes());
        }
        if (tied != line) {
            offer(strongerWords(tied, fromBox), fromBox ? changes : List.of(), tied, speed);
        }
    }

    private Sentence strongerWords(SpreadLine tied, boolean fromBox) {
        var names = new ArrayList<String>();
        var figures = new ArrayList<Figure>();
        for (int i = tied.tackle().size() - 1; i >= 0 && figures.size() < 4; i--) {
            LineItem before = line.tackle().get(i).line();
            LineItem after = tied.tackle().get(i).line();
            if (!before.equals(after)) {
                names.add((fromBox
                                ? Sentence.plain(after.name())
                                : after.kind().material().words()) + " of {" + figures.size() + "}");
                figures.add(Figure.pull(after.strength().newtons()));
            }
        }
        if (names.isEmpty()) {
            return Sentence.of(
                    "a stronger fitting and hook: all parts to hold {0}",
                    Figure.pull(tied.chain().strength().newtons()));
        }
        return new Sentence(
                (fromBox ? "tie stronger, from the box: " : "buy and tie stronger: ") + String.join(", ", names),
                figures);
    }

    private void slower() {
        double now = speed.mps();
        highest(LEAST_SHARE * now, now, mps -> window(line, new SpeedThroughWater(mps)))
                .map(mps -> Math.floor(mps / TENTH_KNOT) * TENTH_KNOT)
                .filter(mps -> mps > 0.2)
                .ifPresent(mps -> offer(
                        Sentence.of("slow to {0}", Figure.speed(mps)),
                        List.of(new Change.Speed(mps)),
                        line,
                        new SpeedThroughWater(mps)));
    }

    private void lighter() {
        for (int i = 1; i < line.tackle().size(); i++) {
            Optional<LureItem> lead = line.tackle().get(i).item().filter(LureItem::lead);
            if (lead.isPresent()) {
                lighter(i, lead.get());
            }
        }
    }

    private void lighter(int at, LureItem lead) {
        ask.leads().stream()
                .filter(other -> other.massKg() < lead.massKg() - 0.01)
                .sorted(Comparator.comparingDouble(LureItem::massKg).reversed())
                .anyMatch(other -> offer(
                        Sentence.of(
                                "tie in {0} of lead instead of {1}",
                                new Figure(Figure.Kind.MASS, other.massKg()),
                                new Figure(Figure.Kind.MASS, lead.massKg())),
                        List.of(new Change.Carrying(line.id(), at, other.id())),
                        line.withPiece(at, line.tackle().get(at).withItem(other)),
                        speed));
    }

    private void shorter() {
        double leaders = line.letOutM() - line.lengthM(line.tackle().size() - 1);
        double least = Math.max(LEAST_SHARE * line.letOutM(), leaders + 1);
        highest(least, line.letOutM(), metres -> window(line.withLetOut(metres), speed))
                .map(Math::floor)
                .filter(metres -> metres > leaders + 1)
                .ifPresent(metres -> offer(
                        Sentence.of(
                                "let out {0} instead of {1}", Figure.distance(metres), Figure.distance(line.letOutM())),
                        List.of(new Change.LetOut(line.id(), metres)),
                        line.withLetOut(metres),
                        speed));
    }

    /** The highest value with room in its window, taking the window for wider the lower it is. */
    private static Optional<Double> highest(double least, double most, DoubleFunction<Optional<DragWindow>> windowAt) {
        if (least >= most || !open(windowAt.apply(least))) {
            return Optional.empty();
        }
        return Optional.of(Boundary.lastYes(least, most, 14, value -> open(windowAt.apply(value))));
    }

    /** With room to set a drag by hand in it. */
    private static boolean open(Optional<DragWindow> window) {
        return window.filter(w ->
                        !w.isEmpty() && w.most().newtons() >= ROOM * w.firm().newtons())
                .isPresent();
    }
}
