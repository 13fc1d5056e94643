package org.mosswake.core.spread;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.rig.DragWindow;
import org.mosswake.core.rig.Take;
import org.mosswake.core.spread.Finding.Kind;
import org.mosswake.core.sure.Likely;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.Sentence;

/** What can be said of the strike drags beside the water's pull, with how sure the pull is. */
final class DragFindings {

    private DragFindings() {}

    /** Warnings of drags that slip, part the line, or cannot be. */
    static List<Finding> of(List<SolvedLine> lines) {
        var found = new ArrayList<Finding>();
        for (SolvedLine line : lines) {
            window(line).flatMap(window -> warning(line, window)).ifPresent(found::add);
        }
        return found;
    }

    private static Optional<DragWindow> window(SolvedLine line) {
        return line.shape().map(shape -> line.line().dragWindow(new Force(shape.tensionAtTipN())));
    }

    private static Optional<Finding> warning(SolvedLine line, DragWindow window) {
        double set = line.line().strikeDrag().newtons();
        if (window.isEmpty()) {
            return Optional.of(none(line, window));
        }
        if (set < window.least().newtons()) {
            return Optional.of(loose(line, window));
        }
        return set > window.most().newtons() ? Optional.of(tight(line, window.most())) : Optional.empty();
    }

    private static Finding none(SolvedLine line, DragWindow window) {
        Sentence text = Sentence.of(
                "The water pulls {0}, yet a third of the weakest part is {1}. Rig shows what opens it: slower, lighter, or tied stronger.",
                Figure.pull(pull(line)), Figure.pull(window.most().newtons()));
        Optional<Double> left = line.likely()
                .pull()
                .map(pull -> 1 - window.leavesNone(pull))
                .filter(chance -> chance >= Likely.WORTH_SAYING);
        return Finding.of(
                Kind.DRAG_WINDOW_EMPTY,
                Lines.of(line),
                line.label() + ": no drag works",
                left.map(chance -> text.and(
                                " With what is not known of the pull, one is left in {0} of cases: feel it on the water.",
                                Figure.share(chance)))
                        .orElse(text));
    }

    private static Finding loose(SolvedLine line, DragWindow window) {
        double better = Math.ceil(mended(line, window) * 10) / 10;
        return Finding.of(
                        Kind.DRAG_SLIPS,
                        Lines.of(line),
                        line.label() + ": drag too loose",
                        Sentence.of(
                                "The water alone pulls {0}; drag is set to {1}. Below {2} the line creeps out with no fish on.",
                                Figure.pull(pull(line)),
                                set(line),
                                Figure.pull(window.least().newtons())))
                .mendedBy(new Change.StrikeDrag(line.line().id(), better), setTo(line), Figure.pull(better));
    }

    /** Least setting (N) that holds what is known; a firm take also what is not known of the pull. */
    private static double mended(SolvedLine line, DragWindow window) {
        return line.line().take() == Take.FIRM
                ? byScale(line, window)
                : window.least().newtons();
    }

    private static double byScale(SolvedLine line, DragWindow window) {
        return line.likely()
                .pull()
                .map(pull -> window.holding(
                        pull, Likely.WORTH_SAYING, line.line().rigging().numbers()))
                .orElse(window.least())
                .newtons();
    }

    private static Finding tight(SolvedLine line, Force most) {
        return Finding.of(
                        Kind.DRAG_TOO_TIGHT,
                        Lines.of(line),
                        line.label() + ": drag too tight",
                        Sentence.of(
                                "Drag is set to {0}. Above {1}, a third of its weakest part or the class of its rod, a hard strike can part one of them.",
                                set(line), Figure.pull(most.newtons())))
                .mendedBy(
                        new Change.StrikeDrag(line.line().id(), Math.floor(most.newtons() * 10) / 10),
                        setTo(line),
                        Figure.pull(most.newtons()));
    }

    /** Where nothing is wrong: the line that the water is likeliest to draw from its reel, else the one with the least room. */
    static Optional<Finding> allHold(List<SolvedLine> lines, List<Finding> said) {
        if (said.stream()
                .anyMatch(finding -> finding.kind().ofDrag() && finding.kind().warns())) {
            return Optional.empty();
        }
        boolean cared = said.stream().anyMatch(finding -> finding.kind() == Kind.CARE_DRAG);
        return lines.stream()
                .filter(line -> line.shape().isPresent())
                .max(Comparator.comparingDouble(DragFindings::slips).thenComparingDouble(line -> -room(line)))
                .filter(line -> slips(line) >= Likely.WORTH_SAYING || !cared)
                .map(line -> slips(line) < Likely.WORTH_SAYING
                        ? Finding.of(Kind.DRAG_HOLDS, Lines.of(line), "Drags hold", tightest(line))
                        : Finding.of(
                                Kind.DRAG_MAY_SLIP, Lines.of(line), line.label() + "'s drag may slip", feel(line)));
    }

    /** A line in a clip is not felt at the reel: its drag is set by a scale. */
    private static Sentence feel(SolvedLine line) {
        Figure slips = Figure.share(slips(line));
        return line.line().inClip()
                ? tightest(line)
                        .and(
                                " Out of its clip the water alone takes line in {0} of cases: set {1} by the scale.",
                                slips, Figure.pull(byScale(line, window(line).orElseThrow())))
                : tightest(line)
                        .and(
                                " In {0} of cases the water alone takes line: at this speed ease it until the reel gives, and set it over that.",
                                slips);
    }

    private static Sentence tightest(SolvedLine line) {
        return line.likely()
                .pull()
                .map(pull -> Sentence.of(
                        "Tightest is " + line.label() + ": the water pulls {0}, likely {1} to {2}; drag is set to {3}.",
                        Figure.pull(pull(line)),
                        Figure.pull(pull.low()),
                        Figure.pull(pull.high()),
                        set(line)))
                .orElseGet(() -> Sentence.of(
                        "Tightest is " + line.label() + ": the water pulls {0}, drag is set to {1}.",
                        Figure.pull(pull(line)),
                        set(line)));
    }

    private static double slips(SolvedLine line) {
        return window(line)
                .flatMap(window -> line.likely()
                        .pull()
                        .map(pull -> window.slips(line.line().strikeDrag(), pull)))
                .orElse(0.0);
    }

    private static double room(SolvedLine line) {
        return line.line().strikeDrag().newtons() / pull(line);
    }

    private static double pull(SolvedLine line) {
        return line.shape().orElseThrow().tensionAtTipN();
    }

    private static Figure set(SolvedLine line) {
        return Figure.pull(line.line().strikeDrag().newtons());
    }

    private static String setTo(SolvedLine line) {
        return "Set " + line.label() + " to {0}";
    }
}
