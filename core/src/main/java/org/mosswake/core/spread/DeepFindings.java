package org.mosswake.core.spread;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.gear.Coefficient;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.spread.Finding.Kind;
import org.mosswake.core.sure.Likely;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;
import org.mosswake.core.units.SpeedUnit;

/** What can be said of deep lines: bottom, bait, clip and cable. */
final class DeepFindings {
    /** Lines said to be off the bottom: nearer than this (m). */
    private static final double NEAR_BOTTOM_M = 15;

    private static final double LIFT_TO_M = 1;
    /** What a lure of its size pulls that does not turn (m², ESTIMATE). */
    private static final double BARE_BLADE_M2 = 4e-4;

    /** Small dodgers work in the upper 12 to 18 m (m, practice). */
    private static final double DODGER_M = 18;

    private static final double WORTH_LIFT_M = 0.5;

    private static final double SURE = 0.95;
    /** A hand-long bait keeps up with this speed for minutes: three of its lengths a second (m/s, ESTIMATE). */
    private static final double BAIT_SWIMS_MPS = SpeedUnit.KNOT.toSi(1.5);
    /** With less line behind the clip than this it reaches the cable in a spurt (m, ESTIMATE). */
    private static final double SHORT_DROP_BACK_M = 5;

    private static final double SPURT_MPS = SpeedUnit.KNOT.toSi(2);

    private final Spread spread;
    private final List<SolvedLine> lines;
    private final LineSolver solver;
    private final List<Finding> found = new ArrayList<>();

    private DeepFindings(Spread spread, List<SolvedLine> lines, LineSolver solver) {
        this.spread = spread;
        this.lines = lines;
        this.solver = solver;
    }

    static List<Finding> of(Spread spread, List<SolvedLine> lines, LineSolver solver) {
        var findings = new DeepFindings(spread, lines, solver);
        lines.forEach(findings::clip);
        lines.forEach(findings::swimsUp);
        lines.forEach(findings::bladeLifts);
        lines.forEach(findings::dodgerTooDeep);
        spread.here().bottomM().ifPresent(findings::bottom);
        spread.here().bait().ifPresent(findings::bait);
        return findings.found;
    }

    private void clip(SolvedLine line) {
        line.deep().ifPresent(deep -> {
            ClipSeat seat = line.line().deep().orElseThrow().seat();
            if (!seat.holds(deep.clipPullN())) {
                found.add(Finding.of(
                        Kind.CLIP_LETS_GO,
                        Lines.of(line),
                        line.label() + ": the clip lets go",
                        Sentence.of(
                                "The line pulls {0} at the clip, which holds {1}. It wants {2}: seat the line deeper, or pull less behind it.",
                                Figure.pull(deep.clipPullN()),
                                Figure.pull(seat.holdN()),
                                Figure.pull(ClipSeat.HOLD_MARGIN * deep.clipPullN()))));
            }
        });
    }

    private void bladeLifts(SolvedLine line) {
        boolean blade = line.line().tackle().stream()
                .flatMap(piece -> piece.item().stream())
                .anyMatch(LureItem::attracts);
        if (!blade || line.deep().isEmpty()) {
            return;
        }
        SpreadLine plain = line.line()
                .with(
                        item -> item.attracts()
                                ? item.withBody(Coefficient.DRAG_AREA.in(item.body(), BARE_BLADE_M2))
                                : item,
                        main -> main);
        double ball = line.deep().get().ballDepthM();
        solver.depths(plain, spread.speed())
                .map(depths -> depths.mainM() - ball)
                .ifPresent(lift -> {
                    if (lift >= WORTH_LIFT_M) {
                        found.add(Finding.of(
                                Kind.BLADE_LIFTS,
                                Lines.of(line),
                                Sentence.of("The blade costs " + line.label() + " {0} of depth", Figure.distance(lift)),
                                Sentence.of(
                                        "The ball hangs at {0}; with plain gear it would hang at {1}.",
                                        Figure.distance(ball), Figure.distance(ball + lift))));
                    }
                });
    }

    private void dodgerTooDeep(SolvedLine line) {
        boolean dodger = line.line().tackle().stream()
                .flatMap(piece -> piece.item().stream())
                .anyMatch(item -> item.isA(LureKind.DODGER));
        line.shape()
                .filter(shape -> dodger && shape.depthM() > DODGER_M)
                .ifPresent(shape -> found.add(Finding.of(
                        Kind.DODGER_TOO_DEEP,
                        Lines.of(line),
                        line.label() + ": the dodger is too deep",
                        Sentence.of(
                                "A small dodger shows in the upper {0}; this one runs at {1}. A rotating blade shows deeper.",
                                Figure.distance(DODGER_M), Figure.distance(shape.depthM())))));
    }

    private void swimsUp(SolvedLine line) {
        boolean bait = line.line().lure().isA(LureKind.LIVE_BAIT);
        double v = spread.speed().mps();
        boolean slow = v < BAIT_SWIMS_MPS || (v < SPURT_MPS && line.line().letOutM() < SHORT_DROP_BACK_M);
        if (line.deep().isPresent() && bait && slow) {
            Figure enough = Figure.speed(line.line().letOutM() < SHORT_DROP_BACK_M ? SPURT_MPS : BAIT_SWIMS_MPS);
            found.add(Finding.of(
                            Kind.SWIMS_UP,
                            Lines.of(line),
                            line.label() + ": the bait reaches the cable",
                            Sentence.of(
                                    "At {0} a live bait swims up to the ball and round the cable. At {1} it stays behind.",
                                    Figure.speed(v), enough))
                    .mendedBy(new Change.Speed(enough.si()), "Speed up to {0}", enough));
        }
    }

    /** Deepest thing of a line (m). */
    private static Optional<Double> lowest(SolvedLine line) {
        return line.shape().map(shape -> {
            double lowest = shape.depthM();
            for (var body : shape.bodies()) {
                lowest = Math.max(lowest, -body.place().heightM());
            }
            lowest = Math.max(lowest, line.deep().map(DeepPlace::ballDepthM).orElse(0.0));
            return Math.max(lowest, line.branch().map(BranchPlace::depthM).orElse(0.0));
        });
    }

    /** Chance that its lowest part touches, 0 to 1; empty where its depth has no range. */
    private static Optional<Double> touches(SolvedLine line, double bottomM) {
        double lowest = lowest(line).orElse(0.0);
        return line.likely()
                .deepest()
                .filter(likely -> likely.best() > 0 && lowest > 0)
                .map(likely -> likely.moreThan(bottomM * likely.best() / lowest));
    }

    private void bottom(double bottomM) {
        lines.stream()
                .filter(line -> lowest(line).filter(depth -> depth >= bottomM).isPresent())
                .forEach(line -> found.add(touching(line, bottomM)));
        lines.stream()
                .filter(line -> lowest(line)
                        .filter(depth -> depth < bottomM && bottomM - depth <= NEAR_BOTTOM_M)
                        .isPresent())
                .max(Comparator.comparingDouble(line -> lowest(line).orElseThrow()))
                .ifPresent(line -> found.add(Finding.of(
                        Kind.OFF_BOTTOM,
                        Lines.of(line),
                        Sentence.of(
                                "{0} off the bottom",
                                Figure.distance(bottomM - lowest(line).orElseThrow())),
                        hangsLowest(line, bottomM))));
    }

    private static Sentence hangsLowest(SolvedLine line, double bottomM) {
        Optional<Double> odds = touches(line, bottomM).filter(chance -> chance >= Likely.WORTH_SAYING);
        return odds.map(chance -> Sentence.of(
                        line.label() + " hangs lowest. With what is not known of it, it touches in {0} of cases.",
                        Figure.share(chance)))
                .orElseGet(() -> Sentence.of(line.label() + " hangs lowest."));
    }

    private static Sentence hangsUnder(SolvedLine line, double bottomM, double under) {
        return touches(line, bottomM)
                .filter(chance -> chance < SURE)
                .map(chance -> Sentence.of(
                        "Its lowest part would hang {0} under the bottom given here; with what is not known of it, it"
                                + " touches in {1} of cases.",
                        Figure.distance(under), Figure.share(chance)))
                .orElseGet(() -> Sentence.of(
                        "Its lowest part would hang {0} under the bottom given here.", Figure.distance(under)));
    }

    private Finding touching(SolvedLine line, double bottomM) {
        double under = lowest(line).orElseThrow() - bottomM;
        var finding = Finding.of(
                Kind.TOUCHES_BOTTOM,
                Lines.of(line),
                line.label() + " is on the bottom",
                hangsUnder(line, bottomM, under));
        double per = line.depthPerTenM().orElse(0.0) / 10;
        if (per < 0.02) {
            return finding;
        }
        double less = (under + LIFT_TO_M) / per;
        if (line.deep().isPresent()) {
            double cable = line.line().deep().orElseThrow().cableOutM() - less;
            return cable < 3
                    ? finding
                    : finding.mendedBy(
                            new Change.CableOut(line.line().id(), cable),
                            "Bring " + line.label() + "'s cable to {0}",
                            Figure.distance(cable));
        }
        double letOut = line.line().letOutM() - less;
        return letOut < 5
                ? finding
                : finding.mendedBy(
                        new Change.LetOut(line.line().id(), letOut),
                        "Take " + line.label() + " in to {0}",
                        Figure.distance(letOut));
    }

    /** Deep lines by their distance to the bait: the nearest one that is outside, above negative. */
    private void bait(Here.Band bait) {
        lines.stream()
                .filter(line -> line.line().runsDeep() && line.shape().isPresent())
                .min(Comparator.comparingDouble(line -> Math.abs(outside(line, bait))))
                .ifPresent(line -> found.add(Finding.of(
                        Kind.BAIT_LAYER,
                        Lines.of(line),
                        baitWords(line.label(), outside(line, bait)),
                        Sentence.of("The deep line nearest to the layer given here."))));
    }

    private static Sentence baitWords(String label, double outside) {
        return outside == 0
                ? Sentence.of(label + " swims in the bait")
                : Sentence.of(
                        label + " swims {0} " + (outside < 0 ? "over" : "under") + " the bait",
                        Figure.distance(Math.abs(outside)));
    }

    private static double outside(SolvedLine line, Here.Band bait) {
        double depth = line.shape().orElseThrow().depthM();
        return depth < bait.topM() ? depth - bait.topM() : Math.max(0, depth - bait.bottomM());
    }
}
