package org.mosswake.core.turn;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.tow.TowSolver;

/** Any helm, simulated once: turns, weaves and drawn tracks, and the straight run after them. */
public final class HelmStudy {
    private final TurnRules rules;
    private final Helm helm;
    private final int steps;
    private final StraightSteps straight;
    private final Meeting meeting;
    private final List<PlanLine> lines = new ArrayList<>();
    private final List<Integer> indices = new ArrayList<>();
    private final List<Foul> fouls = new ArrayList<>();
    private final int count;

    public HelmStudy(TurnRules rules, Helm helm, List<TurnLine> spread) {
        this.rules = rules;
        this.helm = helm;
        steps = Math.max(1, (int) Math.ceil(helm.lengthM() / rules.stepM()));
        straight = new StraightSteps(rules.stepM());
        meeting = new Meeting(rules);
        count = spread.size();
        var tows = new TowSolver();
        for (TurnLine.Owned one : TurnLine.withTrailers(spread)) {
            PlanLine.of(one.line(), rules, PlanLine.PIECES, tows).ifPresent(line -> {
                lines.add(line);
                indices.add(one.index());
            });
        }
    }

    public HelmAnswer follow() {
        var through = traces();
        var pairs = pairs(through);
        var frames = new ArrayList<TurnFrame>();
        var way = new ArrayList<Pose>();
        for (int step = 0; step <= steps; step++) {
            if (!watch(through, pairs, step, 0)) {
                return new HelmAnswer(frames, way, fouls, 0);
            }
            frames.add(frame(through, step));
            way.add(datum(step));
        }
        return new HelmAnswer(frames, way, fouls, straightened(through));
    }

    /** Frames of the helm only, without looking for fouls or straightening. */
    public List<TurnFrame> through() {
        var traces = traces();
        var frames = new ArrayList<TurnFrame>();
        for (int step = 0; step <= steps; step++) {
            int now = step;
            if (!traces.stream().allMatch(trace -> trace.reaches(now))) {
                return frames;
            }
            frames.add(frame(traces, step));
        }
        return frames;
    }

    private List<LineTrace> traces() {
        return lines.stream()
                .map(line -> new LineTrace(line, rules.dt(), this::through))
                .toList();
    }

    private Pose through(int step) {
        return helm.after(step * rules.stepM(), rules.start());
    }

    private Pose after(int step) {
        Pose end = through(steps);
        double run = straight.distanceM(step);
        return new Pose(end.placeX(-run, 0), end.placeY(-run, 0), end.headingRad());
    }

    private double straightened(List<LineTrace> through) {
        var run = through.stream()
                .map(trace -> trace.branch(steps, this::after, straight))
                .toList();
        var pairs = pairs(run);
        double longest =
                lines.stream().mapToDouble(line -> line.restAstern[0]).max().orElse(0);
        int most = straight.covering(6 * longest + 4 * rules.radiusM());
        List<Pair> all = List.copyOf(pairs);
        for (int step = 1; step <= most; step++) {
            int now = step;
            if (!watch(run, pairs, step, straight.distanceM(step))
                    || run.stream().allMatch(trace -> trace.restsBy(now))) {
                break;
            }
        }
        return straight.distanceM(
                all.stream().mapToInt(pair -> pair.trace().easyFrom()).max().orElse(0));
    }

    private record Pair(int a, int b, PairTrace trace) {}

    private List<Pair> pairs(List<LineTrace> traces) {
        var pairs = new ArrayList<Pair>();
        for (int i = 0; i < traces.size(); i++) {
            for (int j = i + 1; j < traces.size(); j++) {
                if (indices.get(i).equals(indices.get(j))) {
                    continue;
                }
                Meeting.Margins margins = meeting.margins(lines.get(i), lines.get(j));
                pairs.add(new Pair(i, j, new PairTrace(traces.get(i), traces.get(j), margins)));
            }
        }
        return pairs;
    }

    /** False when a line went slack: nothing more can be said. Pairs that fouled are watched no longer. */
    private boolean watch(List<LineTrace> traces, List<Pair> pairs, int step, double straightM) {
        Pose pose = traces.isEmpty() ? through(0) : traces.get(0).pose(step);
        double afterS = ((straightM > 0 ? steps : step) * rules.stepM() + straightM) / rules.speedMps();
        for (int i = 0; i < traces.size(); i++) {
            if (!traces.get(i).reaches(step)) {
                fouls.add(new Foul(indices.get(i), Optional.empty(), pose.headingRad(), straightM, afterS, 0, 0, 0));
                return false;
            }
        }
        for (Pair pair : List.copyOf(pairs)) {
            if (pair.trace().foulsBy(step, meeting)) {
                pairs.remove(pair);
                int a = indices.get(pair.a());
                int b = indices.get(pair.b());
                if (fouls.stream().noneMatch(f -> f.line() == a && f.other().equals(Optional.of(b)))) {
                    fouls.add(pair.trace().foul(a, b, pose, rules, straightM, afterS));
                }
            }
        }
        return true;
    }

    private TurnFrame frame(List<LineTrace> traces, int step) {
        var swung = TurnFrame.nothing(count);
        // Second lures come last: drawn is the line itself.
        for (int i = traces.size() - 1; i >= 0; i--) {
            swung.set(indices.get(i), traces.get(i).swung(step, rules));
        }
        return new TurnFrame(through(step).headingRad(), step * rules.dt(), swung);
    }

    /** The boat's datum at a step, from where it was at the start. */
    private Pose datum(int step) {
        Pose pivot = through(step);
        double ahead = rules.start().x();
        return new Pose(pivot.placeX(-ahead, 0), pivot.placeY(-ahead, 0), pivot.headingRad());
    }
}
