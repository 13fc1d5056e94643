package org.mosswake.core.spread;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.rig.DragWindow;
import org.mosswake.core.spread.Finding.Kind;
import org.mosswake.core.spread.Finding.Mend.Change;
import org.mosswake.core.tow.Regime;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowLimits;
import org.mosswake.core.tow.TowShape;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.SpeedThroughWater;

/** What can be said of a solved spread, computed, most important first. */
final class Findings {
    /** Lures this close astern and in depth swim level, as a school does (m). */
    private static final double LEVEL_ASTERN_M = 1.0;

    private static final double LEVEL_DEPTH_M = 0.3;
    /** Sides that differ by less were meant to be level (m). */
    private static final double MEANT_LEVEL_M = 6;
    /** Lures whose share out of the water differs by less are spoken of together. */
    private static final double SAME_SHARE = 0.06;

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
        lines.forEach(this::drag);
        cares();
        pairs();
        speedEffect();
        dragHolds();
        found.addAll(DeepFindings.of(spread, lines));
        found.addAll(SpeedFindings.of(spread));
        found.sort(Comparator.comparing(Finding::kind));
        return List.copyOf(found);
    }

    private void unsettled() {
        for (SolvedLine line : lines) {
            if (line.answer() instanceof TowAnswer.Airborne) {
                found.add(slowedUntilWet(Finding.about(Kind.AIRBORNE, ids(line)), List.of(line)));
            } else if (line.answer() instanceof TowAnswer.NotConverged) {
                found.add(Finding.about(Kind.NOT_CONVERGED, ids(line)));
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
            found.add(slowedUntilWet(Finding.about(Kind.SKIPS, ids(together)).withShare(share), together));
        }
    }

    private static boolean leavesWater(SolvedLine line) {
        return line.shape()
                .filter(s -> s.regime() == Regime.SURFACE && s.skippingShare() > 0.005)
                .isPresent();
    }

    /** Adds the highest speed, in tenths of a knot, at which all of them stay under or float. */
    private Finding slowedUntilWet(Finding finding, List<SolvedLine> about) {
        double dry = spread.speed().mps();
        double wet = TowLimits.SPEED_MPS.least();
        if (!allStayUnder(about, wet)) {
            return finding;
        }
        for (int i = 0; i < 9; i++) {
            double middle = (dry + wet) / 2;
            if (allStayUnder(about, middle)) {
                wet = middle;
            } else {
                dry = middle;
            }
        }
        return finding.withMend(Change.SPEED, Optional.empty(), wet);
    }

    private boolean allStayUnder(List<SolvedLine> about, double mps) {
        return about.stream()
                .allMatch(line ->
                        solver.settle(line.line(), new SpeedThroughWater(mps)) instanceof TowAnswer.Shaped shaped
                                && shaped.shape().skippingShare() <= 0.005);
    }

    private void reel(SolvedLine solved) {
        SpreadLine line = solved.line();
        int main = line.tackle().size() - 1;
        line.rigging().reel().ifPresent(reel -> {
            double left = reel.leftM(line.tackle().get(main).line().diameterM(), line.lengthM(main));
            if (left < 0) {
                found.add(Finding.about(Kind.REEL_SHORT, List.of(line.id()))
                        .withPlace(0, -left)
                        .withMend(Change.LET_OUT, Optional.of(line.id()), Math.floor(line.letOutM() + left)));
            }
        });
    }

    private void drag(SolvedLine line) {
        line.shape().ifPresent(shape -> {
            double pull = shape.tensionAtTipN();
            double set = line.line().strikeDrag().newtons();
            DragWindow window = line.line().dragWindow(new Force(pull));
            UUID id = line.line().id();
            double least = window.least().newtons();
            double most = window.most().newtons();
            if (window.isEmpty()) {
                found.add(Finding.about(Kind.DRAG_WINDOW_EMPTY, List.of(id))
                        .withPull(pull)
                        .withDrag(set, most));
            } else if (set < least) {
                found.add(Finding.about(Kind.DRAG_SLIPS, List.of(id))
                        .withPull(pull)
                        .withDrag(set, least)
                        .withMend(Change.STRIKE_DRAG, Optional.of(id), least));
            } else if (set > most) {
                found.add(Finding.about(Kind.DRAG_TOO_TIGHT, List.of(id))
                        .withPull(pull)
                        .withDrag(set, most)
                        .withMend(Change.STRIKE_DRAG, Optional.of(id), most));
            }
        });
    }

    /** Dangers to the crew, by what is tied and set. */
    private void cares() {
        var weighted = lines.stream()
                .filter(line -> line.line().throwsAWeight(spread.speed()))
                .toList();
        if (!weighted.isEmpty()) {
            double hardest = weighted.stream()
                    .flatMap(line -> line.shape().stream())
                    .mapToDouble(TowShape::tensionAtTipN)
                    .max()
                    .orElse(0);
            found.add(Finding.about(Kind.CARE_WEIGHT, ids(weighted)).withPull(hardest));
        }
        var tight = lines.stream().filter(line -> line.line().heavilyDragged()).toList();
        if (!tight.isEmpty()) {
            double most = tight.stream()
                    .mapToDouble(line -> line.line().strikeDrag().newtons())
                    .max()
                    .orElseThrow();
            found.add(Finding.about(Kind.CARE_DRAG, ids(tight)).withDrag(most, SpreadLine.HEAVY_DRAG_N));
        }
    }

    /** The line with the least room between pull and drag, when all of them hold. */
    private void dragHolds() {
        boolean warned = found.stream().anyMatch(f -> f.dragN().isPresent());
        lines.stream()
                .filter(line -> !warned && line.shape().isPresent())
                .min(Comparator.comparingDouble(Findings::room))
                .ifPresent(line -> found.add(Finding.about(Kind.DRAG_HOLDS, ids(line))
                        .withPull(pull(line))
                        .withDrag(line.line().strikeDrag().newtons(), 1.2 * pull(line))));
    }

    private static double pull(SolvedLine line) {
        return line.shape().orElseThrow().tensionAtTipN();
    }

    private static double room(SolvedLine line) {
        return line.line().strikeDrag().newtons() / pull(line);
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
        var both = List.of(a.line().id(), b.line().id());
        if (Math.abs(lead) <= LEVEL_ASTERN_M && Math.abs(depthA - depthB) <= LEVEL_DEPTH_M) {
            found.add(Finding.about(Kind.LEVEL, both)
                    .withPlace(
                            (depthA + depthB) / 2,
                            (a.lureAsternM().orElseThrow() + b.lureAsternM().orElseThrow()) / 2));
        } else if (Math.abs(lead) > LEVEL_ASTERN_M && Math.abs(lead) <= MEANT_LEVEL_M) {
            SolvedLine shorter = lead > 0 ? b : a;
            found.add(Finding.about(Kind.NEARLY_LEVEL, both)
                    .withPlace(Math.abs(depthA - depthB), Math.abs(lead))
                    .withMend(
                            Change.LET_OUT,
                            Optional.of(shorter.line().id()),
                            shorter.line().letOutM() + Math.abs(lead)));
        }
    }

    /** The line whose depth answers most to a knot. */
    private void speedEffect() {
        lines.stream()
                .filter(line ->
                        line.depthPerKnotM().isPresent() && line.pullPerKnotN().isPresent())
                .max(Comparator.comparingDouble(
                        line -> Math.abs(line.depthPerKnotM().orElseThrow())))
                .ifPresent(line -> found.add(Finding.about(Kind.SPEED_EFFECT, ids(line))
                        .withPlace(line.depthPerKnotM().orElseThrow(), 0)
                        .withPull(line.pullPerKnotN().orElseThrow())));
    }

    private static List<UUID> ids(SolvedLine line) {
        return List.of(line.line().id());
    }

    private static List<UUID> ids(List<SolvedLine> lines) {
        return lines.stream().map(line -> line.line().id()).toList();
    }
}
