package org.mosswake.core.handling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.turn.Helm;
import org.mosswake.core.turn.HelmStudy;
import org.mosswake.core.turn.Side;
import org.mosswake.core.turn.TurnFrame;
import org.mosswake.core.turn.TurnLine;
import org.mosswake.core.turn.TurnRules;

/**
 * In which order the lines go out: farthest first, level pairs together, and a line that is swung wide before any it
 * would cross. For one alone the turn model says which way to steer while each line goes out.
 */
final class SettingOrder {
    /** Lures this level, on opposite sides, are a pair (m). */
    static final double LEVEL_M = 4;
    /** The easy turn one alone makes (rad), and its radius (m). */
    private static final double EASY_RAD = Math.toRadians(25);

    private static final double EASY_RADIUS_M = 60;
    /** Steering that gains less is not worth it (m). */
    private static final double WORTH_M = 0.5;

    private final List<Placed> placed;
    private final TurnRules rules;
    private final Map<Swing, List<TurnFrame>> swings;

    /** One line under one helm; straight on without a side. */
    record Swing(TurnLine line, Optional<Side> side) {}

    /** A line with where its lure swims, and as it is turned. */
    record Placed(SpreadLine line, double lureAsternM, TurnLine turned) {
        double base() {
            return line.holder().base().starboardM();
        }

        double tip() {
            return line.holder().tip().starboardM();
        }
    }

    /** @param swings of lines that were followed before at the same speed; those of this spread are added */
    SettingOrder(List<Placed> placed, TurnRules rules, Map<Swing, List<TurnFrame>> swings) {
        this.placed = placed;
        this.swings = swings;
        this.rules = new TurnRules(
                rules.speedMps(), EASY_RADIUS_M, rules.pivotAsternM(), rules.clearAcrossM(), rules.clearUpM());
    }

    List<SetStep> steps() {
        var left = new ArrayList<>(placed);
        left.sort(Comparator.comparingDouble((Placed p) -> -p.lureAsternM())
                .thenComparingDouble(p -> -Math.abs(p.tip()))
                .thenComparing(p -> p.line().id()));
        var out = new ArrayList<Placed>();
        var steps = new ArrayList<SetStep>();
        while (!left.isEmpty()) {
            SetStep.Reason reason = SetStep.Reason.FARTHEST;
            Optional<Placed> because = Optional.empty();
            Optional<Placed> twin = out.isEmpty() ? Optional.empty() : twinOf(out.get(out.size() - 1), left);
            Placed next = twin.orElse(left.get(0));
            if (twin.isPresent()) {
                reason = SetStep.Reason.LEVEL;
                because = Optional.of(out.get(out.size() - 1));
            }
            Optional<Placed> wide = crossing(next, left);
            if (wide.isPresent()) {
                because = Optional.of(next);
                next = wide.get();
                reason = SetStep.Reason.WIDE_FIRST;
            }
            steps.add(step(next, reason, because, out));
            left.remove(next);
            out.add(next);
        }
        return steps;
    }

    /** Opposite side, level. */
    static Optional<Placed> twinOf(Placed one, List<Placed> among) {
        return among.stream()
                .filter(other -> one.tip() * other.tip() < 0
                        && Math.abs(one.lureAsternM() - other.lureAsternM()) <= LEVEL_M
                        && Math.abs(Math.abs(one.tip()) - Math.abs(other.tip())) < 1)
                .findFirst();
    }

    /** A line still aboard that would be swung across {@code next} afterwards: the widest of them. */
    private static Optional<Placed> crossing(Placed next, List<Placed> left) {
        return left.stream()
                .filter(wide -> wide != next && !next.line().runsDeep() && crosses(wide, next.tip()))
                .max(Comparator.comparingDouble(wide -> Math.abs(wide.tip())));
    }

    private static boolean crosses(Placed wide, double starboard) {
        double from = Math.min(wide.base(), wide.tip());
        double to = Math.max(wide.base(), wide.tip());
        return wide.line().holder().kind() == HolderKind.RIGGER && starboard > from + 0.1 && starboard < to - 0.1;
    }

    private SetStep step(Placed next, SetStep.Reason reason, Optional<Placed> because, List<Placed> out) {
        Optional<Side> steer = Optional.empty();
        Optional<Double> clears = Optional.empty();
        if (!out.isEmpty()) {
            double straight = clearance(out, next, Optional.empty());
            double best = straight;
            for (Side side : Side.values()) {
                double turned = clearance(out, next, Optional.of(side));
                if (turned > best + (steer.isEmpty() ? WORTH_M : 0)) {
                    best = turned;
                    steer = Optional.of(side);
                }
            }
            clears = Optional.of(best);
        }
        return new SetStep(next.line().id(), reason, because.map(b -> b.line().id()), steer, clears);
    }

    /**
     * How far the lines already out keep, in plan, from where the next goes in: straight astern of its rod's foot. The
     * least along the whole easy turn counts from its middle on, when the lines have begun to swing.
     */
    private double clearance(List<Placed> out, Placed next, Optional<Side> side) {
        Helm helm = side.map(s -> Helm.turn(s, EASY_RAD, EASY_RADIUS_M))
                .orElseGet(() -> new Helm(List.of(new Helm.Straight(5))));
        List<List<TurnFrame>> swings =
                out.stream().map(line -> swing(line, side, helm)).toList();
        // Followed as long as every line is: one that goes slack ends it for all.
        int size = swings.stream().mapToInt(List::size).min().orElse(0);
        double least = Double.POSITIVE_INFINITY;
        for (List<TurnFrame> frames : swings) {
            for (TurnFrame frame : frames.subList(size / 2, size)) {
                for (TurnFrame.Swung line : frame.lines()) {
                    least = Math.min(least, toLane(line.nodes(), next));
                }
            }
        }
        return least;
    }

    /** A line swings under a helm as it does alone: it is followed once, however many are set after it. */
    private List<TurnFrame> swing(Placed line, Optional<Side> side, Helm helm) {
        return swings.computeIfAbsent(
                new Swing(line.turned(), side), key -> new HelmStudy(rules, helm, List.of(line.turned())).through());
    }

    private static double toLane(List<TurnFrame.Node> nodes, Placed next) {
        double nearest = Double.POSITIVE_INFINITY;
        double from = next.line().holder().tip().asternM() + 3;
        double to = from + Math.min(30, next.line().letOutM());
        for (int i = 0; i + 1 < nodes.size(); i++) {
            for (int k = 0; k <= 8; k++) {
                double u = k / 8.0;
                double astern = mix(nodes.get(i).asternM(), nodes.get(i + 1).asternM(), u);
                double starboard =
                        mix(nodes.get(i).starboardM(), nodes.get(i + 1).starboardM(), u);
                double along = Math.max(0, Math.max(from - astern, astern - to));
                double across = starboard - next.base();
                nearest = Math.min(nearest, along * along + across * across);
            }
        }
        return Math.sqrt(nearest);
    }

    private static double mix(double a, double b, double u) {
        return a + u * (b - a);
    }
}
