package org.mosswake.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.bench.BenchNote.Kind;
import org.mosswake.core.bench.BenchNote.Weight;
import org.mosswake.core.rig.DragWindow;
import org.mosswake.core.rig.Material;
import org.mosswake.core.rig.Part;
import org.mosswake.core.rig.Piece;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.rig.Run;
import org.mosswake.core.rig.Shock;
import org.mosswake.core.rig.Take;
import org.mosswake.core.spread.Change;
import org.mosswake.core.spread.Mend;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.sure.Likely;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.Sentence;
import org.mosswake.core.units.SpeedThroughWater;

/** What the bench says of one line, dangers first. */
final class BenchNotes {
    /** Longest leader that is wound in or led by hand on each side of a weight (m, handbook practice). */
    private static final double LONGEST_SHOCK_M = 30;
    /** A locked drag may bring this share of the weakest part, and no more (ESTIMATE). */
    private static final double SHOCK_SHARE = 0.8;

    private final LineBench bench;
    private final SpreadLine line;
    private final SpeedThroughWater speed;
    private final BenchAsk ask;
    private final List<BenchNote> notes = new ArrayList<>();

    BenchNotes(LineBench bench, SpeedThroughWater speed, BenchAsk ask) {
        this.bench = bench;
        this.line = bench.line();
        this.speed = speed;
        this.ask = ask;
    }

    List<BenchNote> all() {
        bench.window().ifPresent(this::window);
        bench.shock().ifPresent(this::shock);
        line.rigging().reel().ifPresentOrElse(this::reel, this::noReel);
        tether();
        notes.addAll(new TackleNotes(bench, speed, ask).all());
        notes.sort((a, b) -> a.weight().compareTo(b.weight()));
        return List.copyOf(notes);
    }

    private void say(Kind kind, Weight weight, Sentence title, Sentence text, Mend... mends) {
        notes.add(new BenchNote(kind, weight, title, text, List.of(mends)));
    }

    private void window(DragWindow window) {
        double set = line.strikeDrag().newtons();
        Part weakest = bench.chain().weakest();
        Figure strength = Figure.pull(bench.chain().strength().newtons());
        if (window.isEmpty()) {
            boolean rod = window.limit() == DragWindow.Limit.ROD_CLASS;
            notes.add(new BenchNote(
                    Kind.WINDOW,
                    Weight.DANGER,
                    Sentence.of("no strike drag works here"),
                    new Sentence(
                            "the water pulls {0}, so the reel needs {1}; "
                                    + (rod
                                            ? "the rod is made for {2}"
                                            : "a third of the weakest part, " + Sentence.plain(weakest.name())
                                                    + " at {3}, is {2}"),
                            rod
                                    ? List.of(
                                            Figure.pull(window.pull().newtons()),
                                            Figure.pull(window.firm().newtons()),
                                            Figure.pull(window.most().newtons()))
                                    : List.of(
                                            Figure.pull(window.pull().newtons()),
                                            Figure.pull(window.firm().newtons()),
                                            Figure.pull(window.most().newtons()),
                                            strength)),
                    bench.mends().stream()
                            .map(mend -> new Mend(mend.words(), mend.changes()))
                            .toList()));
            return;
        }
        Figure least = Figure.pull(window.least().newtons());
        Figure most = Figure.pull(window.most().newtons());
        String why = window.limit() == DragWindow.Limit.ROD_CLASS
                ? "the rod's class sets the upper end"
                : "the weakest part is " + Sentence.plain(weakest.name()) + " at {2}";
        Sentence text = window.limit() == DragWindow.Limit.ROD_CLASS
                ? Sentence.of(
                        why + "; the water pulls {0}, set {1}",
                        Figure.pull(window.pull().newtons()),
                        Figure.pull(set))
                : Sentence.of(
                        "the water pulls {0}, set {1}; " + why,
                        Figure.pull(window.pull().newtons()),
                        Figure.pull(set),
                        strength);
        DragWindow.Verdict verdict = window.judge(line.strikeDrag());
        double loose = window.looseMost(line.rigging().numbers()).newtons();
        double middle = (window.least().newtons() + loose) / 2;
        if (verdict == DragWindow.Verdict.HOLDS && line.take() == Take.LOOSE && set > loose + 0.5) {
            say(
                    Kind.WINDOW,
                    Weight.PLAIN,
                    Sentence.of("set firmer than a loose take"),
                    Sentence.of(
                            "set {0}; on the take {1} to {2}, clicker on, and firm, up to {3}, after the first run",
                            Figure.pull(set), least, Figure.pull(loose), most),
                    new Mend(
                            Sentence.of("set {0} for the take", Figure.pull(middle)),
                            List.of(Change.StrikeDrag.tenth(line.id(), middle))));
            return;
        }
        if (verdict == DragWindow.Verdict.HOLDS) {
            say(
                    Kind.WINDOW,
                    Weight.GOOD,
                    Sentence.of("drag from {0} to {1}", least, most),
                    sure(window, loose(window, text)));
            return;
        }
        boolean slips = verdict == DragWindow.Verdict.SLIPS_ON_THE_WATER;
        double better = line.take() == Take.LOOSE ? middle : window.usual().newtons();
        say(
                Kind.WINDOW,
                Weight.DANGER,
                Sentence.of(slips ? "the reel gives line to the water" : "the drag can break the chain"),
                Sentence.of("set {0}; it should be from {1} to {2}", Figure.pull(set), least, most),
                new Mend(
                        Sentence.of("set {0}", Figure.pull(better)),
                        List.of(Change.StrikeDrag.tenth(line.id(), better))));
    }

    /** With what the drag may meet instead, where that is worth a word. */
    private Sentence sure(DragWindow window, Sentence text) {
        if (bench.pull().isEmpty()) {
            return text;
        }
        Likely pull = bench.pull().get();
        double slips = window.slips(line.strikeDrag(), pull);
        double none = window.leavesNone(pull);
        if (slips < Likely.WORTH_SAYING && none < Likely.WORTH_SAYING) {
            return text;
        }
        boolean noneFirst = none >= slips;
        Sentence odds = text.and(
                "; the pull is likely {0} to {1}, and in {2} of cases it "
                        + (noneFirst ? "leaves no drag at all" : "takes line by itself"),
                Figure.pull(pull.low()),
                Figure.pull(pull.high()),
                Figure.share(noneFirst ? none : slips));
        // A line in a clip is not felt at the reel.
        if (line.inClip()) {
            return noneFirst
                    ? odds
                    : odds.and(
                            ": {0} by the scale holds it",
                            Figure.pull(window.holding(
                                            pull,
                                            Likely.WORTH_SAYING,
                                            line.rigging().numbers())
                                    .newtons()));
        }
        return odds.and(
                noneFirst
                        ? ": feel it at this speed before you trust it"
                        : ": at this speed ease the drag until the reel gives, and set it over that");
    }

    private Sentence loose(DragWindow window, Sentence text) {
        return line.take() != Take.LOOSE
                ? text
                : Sentence.of(
                        "on the take {0} to {1}, clicker on; after the first run {2} to {3}",
                        Figure.pull(window.least().newtons()),
                        Figure.pull(window.looseMost(line.rigging().numbers()).newtons()),
                        Figure.pull(window.firm().newtons()),
                        Figure.pull(window.most().newtons()));
    }

    private void shock(Shock shock) {
        double strength = bench.chain().strength().newtons();
        boolean parts = shock.peakN() > strength;
        Force pull = new Force(bench.shape().orElseThrow().tensionAtTipN());
        Optional<Mend> longer =
                parts || shock.peakN() > SHOCK_SHARE * strength ? lengthen(pull, strength) : Optional.empty();
        Sentence text = bench.springyM() < 1
                ? Sentence.of(
                        "a fish of {0} met at {1} stretches it {2}: the drag is reached in {3} ms, and stuck it would bring {4}",
                        mass(ask.fishKg()),
                        Figure.speed(speed.mps()),
                        Figure.small(shock.stretchM()),
                        Figure.count(1000 * shock.riseS()),
                        Figure.pull(shock.peakN()))
                : Sentence.of(
                        "a fish of {0} met at {1} lands in {2} of clear line: {3} of stretch; a stuck drag brings {4}",
                        mass(ask.fishKg()),
                        Figure.speed(speed.mps()),
                        Figure.distance(bench.springyM()),
                        Figure.distance(shock.stretchM()),
                        Figure.pull(shock.peakN()));
        boolean little = bench.springyM() < 6 && woven();
        say(
                Kind.SHOCK,
                parts ? Weight.DANGER : little ? Weight.PLAIN : Weight.GOOD,
                Sentence.of(parts ? "a stuck drag parts it" : little ? "braid has no give" : "it gives with a strike"),
                text,
                longer.stream().toArray(Mend[]::new));
    }

    private boolean woven() {
        Material main = bench.chain().main().material();
        return main == Material.BRAID || main == Material.HOLLOW_BRAID || main.metal();
    }

    /** The longest clear leader, long enough that even a stuck drag leaves a fifth of the strength. */
    private Optional<Mend> lengthen(Force pull, double strength) {
        List<Piece> pieces = LineBench.withMain(bench.chain().fromTheFish(), bench.offM());
        int at = -1;
        for (int i = 0; i < pieces.size() - 1; i++) {
            boolean clear =
                    pieces.get(i).material() == Material.MONO || pieces.get(i).material() == Material.FLUOROCARBON;
            if (clear
                    && pieces.get(i).inTackle()
                    && (at < 0 || pieces.get(i).lengthM() > pieces.get(at).lengthM())) {
                at = i;
            }
        }
        if (at < 0) {
            return Optional.empty();
        }
        double wanted = Shock.lengthFor(
                pieces,
                at,
                ask.fishKg(),
                speed.mps(),
                pull,
                new Force(SHOCK_SHARE * strength),
                line.rigging().numbers());
        double metres = Math.ceil(Math.min(LONGEST_SHOCK_M, wanted));
        double room = line.letOutM() - bench.chain().leadersM() - 1;
        if (!Double.isFinite(wanted)
                || metres <= pieces.get(at).lengthM() + 0.5
                || metres - pieces.get(at).lengthM() > room) {
            return Optional.empty();
        }
        var longer = new ArrayList<>(pieces);
        Piece old = pieces.get(at);
        longer.set(at, old.withLength(metres));
        Shock then = LineBench.shock(line, longer, ask, speed, pull);
        return Optional.of(new Mend(
                Sentence.of(
                        "lengthen " + Sentence.plain(old.name()) + " to {0}: then {1}",
                        Figure.distance(metres),
                        Figure.pull(then.peakN())),
                List.of(new Change.Lengthened(line.id(), old.at(), metres))));
    }

    private void reel(Reel reel) {
        double left = bench.leftM().orElseThrow();
        String name = Sentence.plain(reel.name());
        if (left < 0) {
            say(
                    Kind.REEL,
                    Weight.DANGER,
                    Sentence.of("the reel is too small"),
                    Sentence.of(
                            name + " takes {0}; {1} goes out",
                            Figure.distance(left + bench.offM()),
                            Figure.distance(bench.offM())),
                    otherReel());
            return;
        }
        boolean enough = left >= bench.keepM();
        double reach = Math.min(left, bench.keepM());
        Run run = LineBench.run(line, reel, bench.offM(), reach);
        say(
                Kind.REEL,
                enough ? Weight.GOOD : Weight.DANGER,
                Sentence.of("{0} left, {1} wanted", Figure.distance(left), Figure.distance(bench.keepM())),
                runWords(run, reach),
                enough ? new Mend[0] : otherReel());
        double strength = bench.chain().strength().newtons();
        if (run.totalN() > strength) {
            say(
                    Kind.RUN,
                    Weight.DANGER,
                    Sentence.of("a long run parts it"),
                    Sentence.of(
                            "{0} out brings {1}; the weakest part holds {2}",
                            Figure.distance(bench.offM() + reach), Figure.pull(run.totalN()), Figure.pull(strength)));
        }
    }

    /** Eased to the first setting at the fish where that leaves any; else to what the weakest part allows. */
    private Sentence runWords(Run run, double reach) {
        Figure fish = Figure.speed(LineBench.RUN_MPS);
        if (run.easeToN() > 1) {
            return Sentence.of(
                    "after a run of {0} at {4} the same setting gives {1} at the reel and the line drags {2}: ease to {3}",
                    Figure.distance(reach),
                    Figure.pull(run.reelN()),
                    Figure.pull(run.waterN()),
                    Figure.pull(run.easeToN()),
                    fish);
        }
        double most = bench.window()
                .map(window -> window.most().newtons())
                .orElse(bench.chain().strength().newtons() / 3);
        double ease = (most - run.waterN()) * line.strikeDrag().newtons() / run.reelN();
        return ease > 1
                ? Sentence.of(
                        "after a run of {0} at {1} the line alone drags {2}, more than is set; {3} may be felt in all: ease to {4}",
                        Figure.distance(reach),
                        fish,
                        Figure.pull(run.waterN()),
                        Figure.pull(most),
                        Figure.pull(Math.min(ease, line.strikeDrag().newtons())))
                : Sentence.of(
                        "after a run of {0} at {1} the line alone drags {2}, more than the {3} it may feel: ease right off and follow the fish",
                        Figure.distance(reach), fish, Figure.pull(run.waterN()), Figure.pull(most));
    }

    private Mend[] otherReel() {
        double diameter = bench.chain().main().diameterM();
        return ask.reels().stream()
                .filter(reel -> reel.leftM(diameter, bench.offM()) >= bench.keepM())
                .findFirst()
                .map(reel -> new Mend(
                        Sentence.of(
                                "use " + Sentence.plain(reel.name()) + ": {0} left",
                                Figure.distance(reel.leftM(diameter, bench.offM()))),
                        List.of(new Change.OnReel(line.id(), reel.id()))))
                .stream()
                .toArray(Mend[]::new);
    }

    private void noReel() {
        say(
                Kind.REEL,
                Weight.PLAIN,
                Sentence.of("no reel carries this main line"),
                Sentence.of(
                        "enter it in the box, and what is left behind {0} is reckoned", Figure.distance(bench.offM())));
    }

    private void tether() {
        bench.tether().ifPresent(tether -> {
            boolean holds = tether.webbingHolds();
            say(
                    Kind.TETHER,
                    holds ? Weight.GOOD : Weight.DANGER,
                    Sentence.of(
                            holds ? "a {0} tether holds the rod" : "a {0} tether may not hold the rod",
                            Figure.pull(tether.holds().newtons())),
                    Sentence.of(
                            tether.cableHolds()
                                    ? "a rod out of its holder, drag stuck, brings {0}; a thin coated cable parts at its splice at {1}"
                                    : "a rod out of its holder, drag stuck, brings {0}: more than the {1} at which a thin coated cable parts at its splice",
                            Figure.pull(tether.shockN()),
                            Figure.pull(tether.splicedN())));
        });
    }

    private static Figure mass(double kg) {
        return new Figure(Figure.Kind.MASS, kg);
    }
}
