package org.mosswake.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.rig.DragWindow;
import org.mosswake.core.rig.Hooks;
import org.mosswake.core.rig.Material;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.core.rig.Seam;
import org.mosswake.core.rig.Take;
import org.mosswake.core.spread.Change;
import org.mosswake.core.spread.LineRigging;
import org.mosswake.core.spread.LineSolver;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowShape;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.Sentence;
import org.mosswake.core.units.SpeedThroughWater;

/** What each side of a disagreement of the trade means for one line, reckoned by tying and towing it so. */
public final class BenchWays {
    /** A skirt over a bait's head adds about so much drag (m², ESTIMATE). */
    private static final double SKIRT_M2 = 0.0003;

    /** A lure is wound in at about a metre and a half a second (ESTIMATE). */
    private static final double WINDS_MPS = 1.5;

    /** A disagreement that the bench can put figures to. */
    public enum Topic {
        BITE_LEADER,
        HOOKS,
        GUIDES,
        TAKE,
        BAIT_SKIRT,
        ROD_SET,
        CLEARING
    }

    /**
     * @param text    what it means here
     * @param changes that make it so on this line; none where nothing changes or the box lacks it
     */
    public record Side(Sentence text, List<Change> changes) {}

    /** @param sides in the trade's order, the first is what applies until another is taken */
    public record Way(Topic topic, List<Side> sides) {}

    private final SpreadLine line;
    private final SpeedThroughWater speed;
    private final BenchAsk ask;
    private final LineSolver solver;

    private BenchWays(SpreadLine line, SpeedThroughWater speed, BenchAsk ask, LineSolver solver) {
        this.line = line;
        this.speed = speed;
        this.ask = ask;
        this.solver = solver;
    }

    public static List<Way> of(SpreadLine line, Spread spread, BenchAsk ask) {
        var ways = new BenchWays(line, spread.speed(), ask, new LineSolver());
        var all = new ArrayList<Way>();
        all.add(ways.biteLeader());
        if (line.rigging().bait().isEmpty()) {
            all.add(ways.hooks());
        }
        all.add(ways.guides());
        all.add(ways.take());
        if (line.lure().isA(LureKind.LIVE_BAIT)) {
            all.add(ways.skirt());
        }
        all.add(rodSet(spread));
        all.add(clearing(line, spread));
        return List.copyOf(all);
    }

    /** Equal rods are changed about freely; a rod for each job suits its line better. */
    private static Way rodSet(Spread spread) {
        long mains = spread.lines().stream()
                .map(each -> each.tackle().get(each.tackle().size() - 1).line().id())
                .distinct()
                .count();
        Figure kinds = Figure.count(mains);
        return new Way(
                Topic.ROD_SET,
                List.of(
                        new Side(
                                Sentence.of(
                                        mains == 1
                                                ? "all {0} rods of this spread carry the same main line: any goes anywhere"
                                                : "this spread carries {1} kinds of main line on {0} rods: a set alike would carry one",
                                        mains == 1
                                                ? new Figure[] {
                                                    Figure.count(spread.lines().size())
                                                }
                                                : new Figure[] {
                                                    Figure.count(spread.lines().size()), kinds
                                                }),
                                List.of()),
                        new Side(
                                Sentence.of("{0} kinds of main line, each for its own job; a spare for each", kinds),
                                List.of())));
    }

    /** What clearing the rest costs, wound in one after the other. */
    private static Way clearing(SpreadLine line, Spread spread) {
        double out = spread.lines().stream()
                .filter(other -> !other.id().equals(line.id()))
                .mapToDouble(SpreadLine::letOutM)
                .sum();
        return new Way(
                Topic.CLEARING,
                List.of(
                        new Side(
                                Sentence.of(
                                        "a fish on this line: {0} of the others to wind in, {1} for one pair of hands",
                                        Figure.distance(out), Figure.minutes(out / WINDS_MPS / 60)),
                                List.of()),
                        new Side(
                                Sentence.of("what stays out may take a second fish, and may cross this one's line"),
                                List.of())));
    }

    private Optional<TowShape> shape(SpreadLine tied) {
        return solver.settle(tied, speed) instanceof TowAnswer.Shaped shaped
                ? Optional.of(shaped.shape())
                : Optional.empty();
    }

    private Way biteLeader() {
        LineItem now = line.tackle().get(0).line();
        return new Way(Topic.BITE_LEADER, List.of(bite(now, true), bite(now, false)));
    }

    private Side bite(LineItem now, boolean metal) {
        boolean already = metal == now.kind().material().metal()
                && (metal || now.strength().newtons() >= LineRigging.HEAVY_CLEAR_N);
        Optional<LineItem> item = already ? Optional.of(now) : nearest(now, metal);
        if (item.isEmpty()) {
            return new Side(
                    Sentence.of(metal ? "no wire or cable in the box" : "no clear line of 80 lb or more in the box"),
                    List.of());
        }
        SpreadLine tied =
                line.withPiece(0, line.tackle().get(0).withLine(item.get()).withFoot(foot(already)));
        double loss = line.rigging().numbers().of(metal ? RigNumbers.LOSS_TEETH_METAL : RigNumbers.LOSS_TEETH_CLEAR);
        double depth = shape(tied).map(TowShape::depthM).orElse(0.0);
        return new Side(
                Sentence.of(
                        Sentence.plain(item.get().name())
                                + ": the chain holds {0}, the lure runs at {1}, and {2} of toothy bites wear one out",
                        Figure.pull(tied.chain().strength().newtons()),
                        Figure.distance(depth),
                        Figure.share(loss)),
                already
                        ? List.of()
                        : List.of(new Change.TiedOf(line.id(), 0, item.get().id())));
    }

    private Seam foot(boolean already) {
        return already ? line.tackle().get(0).foot() : Seam.USUAL;
    }

    private Optional<LineItem> nearest(LineItem now, boolean metal) {
        return ask.lines().stream()
                .filter(item -> metal
                        ? item.kind() == LineKind.BITE_WIRE || item.kind() == LineKind.BITE_CABLE
                        : clear(item) && item.strength().newtons() >= LineRigging.HEAVY_CLEAR_N)
                .min(Comparator.comparingDouble(item ->
                        Math.abs(item.strength().newtons() - now.strength().newtons())));
    }

    private static boolean clear(LineItem item) {
        return item.kind().material() == Material.FLUOROCARBON || item.kind().material() == Material.MONO;
    }

    private Way hooks() {
        return new Way(Topic.HOOKS, List.of(hooks(Hooks.Kind.TWO_IN_LINE), hooks(Hooks.Kind.SINGLE)));
    }

    private Side hooks(Hooks.Kind kind) {
        Hooks hooks = kind.usual();
        boolean already = line.rigging().hooks().kind() == kind;
        double minutes = hooks.points() * line.rigging().numbers().of(RigNumbers.HOOK_MIN);
        return new Side(
                Sentence.of(
                        "{0} to sharpen, {1} of work, each opens at {2}; " + kind.holds(),
                        Figure.count(hooks.points()),
                        Figure.minutes(minutes),
                        Figure.pull(hooks.strength().newtons())),
                already ? List.of() : List.of(new Change.Hooked(line.id(), kind)));
    }

    private Way guides() {
        var chain = line.chain();
        return new Way(
                Topic.GUIDES, List.of(guides(chain.handM(false), "rings"), guides(chain.handM(true), "rollers")));
    }

    private static Side guides(double hand, String what) {
        return new Side(
                hand > 0
                        ? Sentence.of(
                                what.equals("rings")
                                        ? "a slim swivel passes: {0} comes in by hand"
                                        : "no swivel passes, wire wears them less: {0} comes in by hand",
                                Figure.distance(hand))
                        : Sentence.of("everything winds in to the lure"),
                List.of());
    }

    private Way take() {
        return new Way(
                Topic.TAKE, List.of(take(LineRigging.usualTake(line.tackle())), take(Take.LOOSE), take(Take.FIRM)));
    }

    private Side take(Take take) {
        SpreadLine taken = line.withRigging(line.rigging().withTake(take));
        Optional<DragWindow> window = shape(taken).map(shape -> taken.dragWindow(new Force(shape.tensionAtTipN())));
        return new Side(
                window.map(w -> text(take, w)).orElseGet(() -> Sentence.of(take.words())),
                take == line.take() ? List.of() : List.of(new Change.TakenBy(line.id(), take)));
    }

    private Sentence text(Take take, DragWindow w) {
        if (w.isEmpty()) {
            return Sentence.of(
                    take.words() + ": no drag works, {0} is needed and {1} allowed",
                    Figure.pull(w.firm().newtons()),
                    Figure.pull(w.most().newtons()));
        }
        return take == Take.LOOSE
                ? Sentence.of(
                        take.words() + ": {0} to {1}, then {2} to {3}",
                        Figure.pull(w.least().newtons()),
                        Figure.pull(w.looseMost(line.rigging().numbers()).newtons()),
                        Figure.pull(w.firm().newtons()),
                        Figure.pull(w.most().newtons()))
                : Sentence.of(
                        take.words() + ": {0} to {1}",
                        Figure.pull(w.least().newtons()),
                        Figure.pull(w.most().newtons()));
    }

    private Way skirt() {
        LureItem bait = line.lure();
        Body bare = bait.body();
        var skirted = new Body(
                bare.massKg(), bare.volumeM3(), bare.dragAreaM2() + SKIRT_M2, bare.diveAreaM2(), bare.sideAreaM2());
        SpreadLine dressed = line.withPiece(0, line.tackle().get(0).withItem(bait.withBody(skirted)));
        double without = shape(line).map(TowShape::tensionAtTipN).orElse(0.0);
        double with = shape(dressed).map(TowShape::tensionAtTipN).orElse(0.0);
        return new Way(
                Topic.BAIT_SKIRT,
                List.of(
                        new Side(
                                Sentence.of("the bait swims free; the line pulls {0}", Figure.pull(without)),
                                List.of()),
                        new Side(
                                Sentence.of(
                                        "a spot of colour; the line pulls {0}, and the bait tires sooner",
                                        Figure.pull(with)),
                                List.of())));
    }
}
