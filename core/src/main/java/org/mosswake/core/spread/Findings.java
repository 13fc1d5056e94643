package org.mosswake.core.spread;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.spread.Finding.Kind;
import org.mosswake.core.tow.Boundary;
import org.mosswake.core.tow.Regime;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowLimits;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

/** What can be said of a solved spread, computed, most important first. */
final class Findings {
    /** Lures this close astern and in depth swim level, as a school does (m). */
    private static final double LEVEL_ASTERN_M = 1.0;

    private static final double LEVEL_DEPTH_M = 0.3;
    /** Sides that differ by less were meant to be level (m). */
    private static final double MEANT_LEVEL_M = 6;
    /** Lures whose share out of the water differs by less are spoken of together. */
    private static final double SAME_SHARE = 0.06;
    /** Shallower is said to be at the surface (m). */
    private static final double AT_SURFACE_M = 0.02;
    /** A smaller change of depth is none (m). */
    private static final double STAYS_M = 0.05;

    private final Spread spread;
    private final List<SolvedLine> lines;
    private final LineSolver solver;
    private final List<Finding> found = new ArrayList<>();

    Findings(Spread spread, List<SolvedLine> lines, LineSolver solver) {
        this.spread = spread;
        this.lines = lines;
        this.solver = solver;
    }

    List<Finding> all() {
        unsettled();
        skips();
        lines.forEach(this::reel);
        found.addAll(DragFindings.of(lines));
        cares();
        pairs();
        speedEffect();
        DragFindings.allHold(lines, found).ifPresent(found::add);
        found.addAll(DeepFindings.of(spread, lines, solver));
        found.addAll(SpeedFindings.of(spread, lines));
        // In its window or not, a lure out of the water does not work.
        if (found.stream().anyMatch(finding -> finding.kind() == Kind.SKIPS || finding.kind() == Kind.AIRBORNE)) {
            found.removeIf(finding -> finding.kind() == Kind.SPEED_WINDOW);
        }
        found.sort(Comparator.comparing(Finding::kind));
        return List.copyOf(found);
    }

    private void unsettled() {
        for (SolvedLine line : lines) {
            Lines who = Lines.of(line);
            if (line.answer() instanceof TowAnswer.Airborne) {
                found.add(slowedUntilWet(
                        Kind.AIRBORNE,
                        who,
                        line.label() + " flies",
                        Sentence.of("Nothing keeps " + line.label()
                                + " in the water at this speed, tip height and let-out."),
                        List.of(line)));
            } else if (line.answer() instanceof TowAnswer.NotConverged) {
                found.add(Finding.of(
                        Kind.NOT_CONVERGED,
                        who,
                        line.label() + " has no answer",
                        Sentence.of("The line could not be solved as it is tied. Check its tackle.")));
            }
        }
    }

    private void skips() {
        var left = new ArrayList<>(lines.stream().filter(Findings::leavesWater).toList());
        while (!left.isEmpty()) {
            double share = left.get(0).shape().orElseThrow().skippingShare();
            var together = left.stream()
                    .filter(l -> Math.abs(l.shape().orElseThrow().skippingShare() - share) < SAME_SHARE)
                    .toList();
            left.removeAll(together);
            Lines who = Lines.of(together);
            found.add(slowedUntilWet(
                    Kind.SKIPS,
                    who,
                    who.names() + who.say(" leaves", " leave") + " the water",
                    Sentence.of("Out of the water {0} of the time.", Figure.share(share)),
                    together));
        }
    }

    private static boolean leavesWater(SolvedLine line) {
        return line.shape()
                .filter(s -> s.regime() == Regime.SURFACE
                        && Skipping.tooMuch(line.line().lure(), s.skippingShare()))
                .isPresent();
    }

    /** Adds the highest speed, in tenths of a knot, at which all of them stay under or float. */
    private Finding slowedUntilWet(Kind kind, Lines who, String title, Sentence text, List<SolvedLine> about) {
        double slowest = TowLimits.SPEED_MPS.least();
        if (!allStayUnder(about, slowest)) {
            return Finding.of(kind, who, title, text);
        }
        double wet = Boundary.lastYes(slowest, spread.speed().mps(), 9, mps -> allStayUnder(about, mps));
        Figure slow = Figure.speed(SpeedUnit.tenthBelow(wet));
        Sentence longer = text.and(" At {0} " + who.say("it stays", "they stay") + " under.", slow);
        return Finding.of(kind, who, title, longer).mendedBy(new Change.Speed(slow.si()), "Slow to {0}", slow);
    }

    private boolean allStayUnder(List<SolvedLine> about, double mps) {
        return about.stream()
                .allMatch(line -> solver.settle(line.line(), new SpeedThroughWater(mps))
                                instanceof TowAnswer.Shaped shaped
                        && !Skipping.tooMuch(line.line().lure(), shaped.shape().skippingShare()));
    }

    private void reel(SolvedLine solved) {
        SpreadLine line = solved.line();
        int main = line.tackle().size() - 1;
        line.rigging().reel().ifPresent(reel -> {
            double off = line.lengthM(main) + LineSolver.bellyM(solved.deep());
            double left = reel.leftM(line.tackle().get(main).line().diameterM(), off);
            if (left < 0) {
                double letOut = Math.floor(line.letOutM() + left);
                Finding runsOut = Finding.of(
                        Kind.REEL_SHORT,
                        Lines.of(solved),
                        solved.label() + ": the reel runs out",
                        Sentence.of(
                                "It carries {0} less than is let out. Rig shows what each reel takes.",
                                Figure.distance(-left)));
                // Down a cable it may be the way up to the rod that is too long: taking in behind the clip is no help.
                boolean enough = letOut > LinePlacer.leadersM(line) + 1;
                found.add(
                        enough
                                ? runsOut.mendedBy(
                                        new Change.LetOut(line.id(), letOut), takeIn(solved), Figure.distance(letOut))
                                : runsOut);
            }
        });
    }

    private static String takeIn(SolvedLine line) {
        return "Take " + line.label() + " in to {0}";
    }

    /** Dangers to the crew, by what is tied and set. */
    private void cares() {
        var weighted = lines.stream()
                .filter(line -> line.line().throwsAWeight(spread.speed()))
                .toList();
        if (!weighted.isEmpty()) {
            Lines who = Lines.of(weighted);
            found.add(
                    Finding.of(
                            Kind.CARE_WEIGHT,
                            who,
                            "Take care: weights",
                            Sentence.of(
                                    "If " + who.say("", "any of ") + who.names()
                                            + " parts, its weight flies back at the boat. Nobody stands behind a loaded rod, and no leader goes round a hand.")));
        }
        var tight = lines.stream().filter(line -> line.line().heavilyDragged()).toList();
        if (!tight.isEmpty()) {
            double most = tight.stream()
                    .mapToDouble(line -> line.line().strikeDrag().newtons())
                    .max()
                    .orElseThrow();
            found.add(Finding.of(
                    Kind.CARE_DRAG,
                    Lines.of(tight),
                    "Take care: heavy drag",
                    Sentence.of(
                            "At {0} of drag a strike can take a rod, and a person with it. Tether each rod to a cleat with wide webbing.",
                            Figure.pull(most))));
        }
    }

    private void pairs() {
        for (int i = 0; i < lines.size(); i++) {
            for (int j = i + 1; j < lines.size(); j++) {
                if (areTwins(lines.get(i), lines.get(j))) {
                    pair(lines.get(i), lines.get(j));
                }
            }
        }
    }

    /** Opposite sides, same rank from the outside in: {@code S1} and {@code P1}. */
    private static boolean areTwins(SolvedLine a, SolvedLine b) {
        boolean sides = a.label().charAt(0) == 'S' && b.label().charAt(0) == 'P'
                || a.label().charAt(0) == 'P' && b.label().charAt(0) == 'S';
        return sides
                && a.label().substring(1).equals(b.label().substring(1))
                && a.shape().isPresent()
                && b.shape().isPresent();
    }

    private void pair(SolvedLine a, SolvedLine b) {
        double lead = a.lureAsternM().orElseThrow() - b.lureAsternM().orElseThrow();
        double depthA = a.shape().orElseThrow().depthM();
        double depthB = b.shape().orElseThrow().depthM();
        Lines both = Lines.of(List.of(a, b));
        if (Math.abs(lead) <= LEVEL_ASTERN_M && Math.abs(depthA - depthB) <= LEVEL_DEPTH_M) {
            found.add(Finding.of(
                    Kind.LEVEL,
                    both,
                    both.names() + " swim level",
                    levelWords(
                            (depthA + depthB) / 2,
                            (a.lureAsternM().orElseThrow() + b.lureAsternM().orElseThrow()) / 2,
                            a.ride(spread.wake()))));
        } else if (Math.abs(lead) > LEVEL_ASTERN_M && Math.abs(lead) <= MEANT_LEVEL_M) {
            SolvedLine shorter = lead > 0 ? b : a;
            double letOut = shorter.line().letOutM() + Math.abs(lead);
            found.add(Finding.of(
                            Kind.NEARLY_LEVEL,
                            both,
                            both.names() + " are not level",
                            Sentence.of("One runs {0} behind the other.", Figure.distance(Math.abs(lead))))
                    .mendedBy(
                            new Change.LetOut(shorter.line().id(), letOut),
                            "Let " + shorter.label() + " out to {0}",
                            Figure.distance(letOut)));
        }
    }

    private static Sentence levelWords(double depthM, double asternM, Optional<SolvedLine.Ride> ride) {
        String wave = ride.map(known -> " " + known.words() + ".").orElse("");
        return depthM < AT_SURFACE_M
                ? Sentence.of("Both at the surface, {0} behind the transom." + wave, Figure.distance(asternM))
                : Sentence.of(
                        "Both {0} down, {1} behind the transom." + wave,
                        Figure.distance(depthM),
                        Figure.distance(asternM));
    }

    /** The line whose depth answers most to a knot. */
    private void speedEffect() {
        lines.stream()
                .filter(line ->
                        line.depthPerKnotM().isPresent() && line.pullPerKnotN().isPresent())
                .max(Comparator.comparingDouble(
                        line -> Math.abs(line.depthPerKnotM().orElseThrow())))
                .ifPresent(line ->
                        found.add(Finding.of(Kind.SPEED_EFFECT, Lines.of(line), "What speed does", speedWords(line))));
    }

    private static Sentence speedWords(SolvedLine line) {
        double deeper = line.depthPerKnotM().orElseThrow();
        double pull = line.pullPerKnotN().orElseThrow();
        String harder = pull < 0 ? " less" : " more";
        Figure by = Figure.pull(Math.abs(pull));
        return Math.abs(deeper) < STAYS_M
                ? Sentence.of(
                        "One knot faster, " + line.label() + " stays where it is and pulls {0}" + harder
                                + ". No line answers more.",
                        by)
                : Sentence.of(
                        "One knot faster, " + line.label() + (deeper < 0 ? " rises" : " sinks") + " {0} and pulls {1}"
                                + harder + ". No line answers more.",
                        Figure.distance(Math.abs(deeper)),
                        by);
    }
}
