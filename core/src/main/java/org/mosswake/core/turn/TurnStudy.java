package org.mosswake.core.turn;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.mosswake.core.tow.TowSolver;

/**
 * How far a spread may turn, by simulation. Lines are followed one by one and compared pair by pair; both are kept, so
 * that a spread that differs in one line costs that line and its pairs only. Not for use by several threads at once. A
 * thread that is interrupted gives up with a {@link CancellationException}; what was followed so far is kept.
 *
 * <p>The limit of a side is searched from small turns to large ones in strides; a stride that fouls, or at one of whose
 * ends two lines nearly meet, is looked at step by step, for fouls narrower than a stride are common where lines pass over
 * one another.
 */
public final class TurnStudy {
    /** Steps between turns that are tried in full. */
    static final int STRIDE = 5;

    /**
     * Two lines that come no nearer to meeting than this at both ends of a stride are taken for apart within it (m). Of 600
     * sides of seeded spreads three had a foul between two clear strides; looked at this way none is missed.
     */
    private static final double UNEASY_M = 0.25;

    /** Lines kept before all are forgotten: a search of mends tries some forty, each of up to a megabyte. */
    private static final int MOST_KEPT = 60;

    private final TurnRules rules;
    private final TowSolver tows = new TowSolver();
    private final int pieces;
    private final int stride;
    private final TurnWays ways;
    private final Meeting meeting;
    private final Map<TurnLine, Optional<LineTurns>> lines = new HashMap<>();
    private final Map<Long, PairTrace> pairs = new HashMap<>();
    private final Map<LineTurns, Integer> numbers = new HashMap<>();
    private final Map<Long, Meeting.Margins> margins = new HashMap<>();

    public TurnStudy(TurnRules rules) {
        this(rules, PlanLine.PIECES, STRIDE);
    }

    /** With a node count and stride of one's own; for convergence studies. */
    TurnStudy(TurnRules rules, int pieces, int stride) {
        this.rules = rules;
        this.pieces = pieces;
        this.stride = stride;
        ways = new TurnWays(rules);
        meeting = new Meeting(rules);
    }

    public TurnRules rules() {
        return rules;
    }

    /** Both sides' limits of the lines; a line that flies is left out. */
    public Map<Side, SideLimit> limits(List<TurnLine> spread) {
        var found = new EnumMap<Side, SideLimit>(Side.class);
        for (Side side : Side.values()) {
            found.put(side, limit(spread, side));
        }
        return found;
    }

    public SideLimit limit(List<TurnLine> spread, Side side) {
        return limit(spread, side, Math.PI);
    }

    /** The limit, looked for up to an angle only (rad): cheaper where more is not needed. */
    public SideLimit limit(List<TurnLine> spread, Side side, double upToRad) {
        var followed = followed(spread);
        int last = (int) Math.min(ways.steps, Math.ceil(upToRad / ways.turned(1) - 1e-9));
        Optional<Foul> turning = watch(followed, side, 0, last);
        int most = turning.map(foul -> (int) Math.round(Math.abs(foul.turnedRad()) / ways.turned(1)) - 1)
                .orElse(last);
        int clear = 0;
        Optional<Foul> foul = turning;
        while (clear < most) {
            int next = Math.min(most, clear + stride);
            Optional<Foul> after = straightened(followed, side, next);
            if (after.isPresent() || uneasy(followed, side, clear) || uneasy(followed, side, next)) {
                for (int step = clear + 1; step < next; step++) {
                    Optional<Foul> between = straightened(followed, side, step);
                    if (between.isPresent()) {
                        return answer(followed, side, step - 1, between);
                    }
                }
            }
            if (after.isPresent()) {
                return answer(followed, side, next - 1, after);
            }
            clear = next;
        }
        return answer(followed, side, clear, foul);
    }

    /**
     * Whether two lines nearly meet in the straight run after so many steps, or for none in the turn itself: a little more
     * or less may foul.
     */
    private boolean uneasy(List<Followed> followed, Side side, int step) {
        return watched(followed, side, step).stream().anyMatch(pair -> pair.trace.spareM() < UNEASY_M);
    }

    /** True when a turn of just this angle (rad), or the straight run after it, fouls: cheaper than the limit. */
    public boolean fouls(List<TurnLine> spread, Side side, double angleRad) {
        return foul(spread, side, angleRad).isPresent();
    }

    /** What fouls first in a turn of just this angle (rad), or in the straight run after it. */
    public Optional<Foul> foul(List<TurnLine> spread, Side side, double angleRad) {
        var followed = followed(spread);
        int step = (int) Math.max(1, Math.min(ways.steps, Math.round(angleRad / ways.turned(1))));
        return watch(followed, side, 0, step).or(() -> straightened(followed, side, step));
    }

    /** A half turn that is clear, as an answer: when she may turn again, and who passes over whom. */
    SideLimit clearRound(List<TurnLine> spread, Side side) {
        return answer(followed(spread), side, ways.steps, Optional.empty());
    }

    /**
     * Every pair that comes by one another while she turns so far (rad), with less than this between (m): those that meet
     * too. A slack line ends it.
     */
    public List<Pass> comeBy(List<TurnLine> spread, Side side, double angleRad, double withinM) {
        var followed = followed(spread);
        var traces = traces(followed, side, 0);
        int last = (int) Math.min(ways.steps, Math.ceil(angleRad / ways.turned(1) - 1e-9));
        for (int step = 1; step <= last; step++) {
            for (LineTrace trace : traces) {
                if (!trace.reaches(step)) {
                    last = step - 1;
                }
            }
        }
        int upTo = last;
        var found = new ArrayList<Pass>();
        for (Watched pair : watched(followed, side, 0)) {
            if (pair.trace.foulsBy(upTo, meeting)) {
                found.add(new Pass(pair.a, pair.b, 0, true, upTo));
            } else {
                pair.trace
                        .pass(pair.a, pair.b, upTo)
                        .filter(pass -> pass.betweenM() < withinM)
                        .ifPresent(found::add);
            }
        }
        return found;
    }

    /** Angle between the turns that are told apart (rad). */
    public double stepRad() {
        return ways.turned(1);
    }

    private SideLimit answer(List<Followed> followed, Side side, int step, Optional<Foul> foul) {
        if (step == 0) {
            return new SideLimit(side, 0, foul, 0, 0, List.of());
        }
        straightened(followed, side, step);
        List<Watched> turning = watched(followed, side, 0);
        List<Watched> straight = watched(followed, side, step);
        var passes = new ArrayList<Pass>();
        turning.forEach(pair -> pair.trace.pass(pair.a, pair.b, step).ifPresent(passes::add));
        straight.forEach(
                pair -> pair.trace.pass(pair.a, pair.b, Integer.MAX_VALUE).ifPresent(passes::add));
        passes.sort(Pass.CLOSEST);
        var closest = new ArrayList<Pass>();
        passes.stream()
                .filter(pass -> closest.stream().noneMatch(pass::sameLines))
                .forEach(closest::add);
        int easy =
                straight.stream().mapToInt(pair -> pair.trace.easyFrom()).max().orElse(0);
        double run = ways.straightSteps().distanceM(easy);
        return new SideLimit(side, ways.turned(step), foul, run, run / rules.speedMps(), closest);
    }

    private record Watched(int a, int b, PairTrace trace) {}

    private List<Watched> watched(List<Followed> followed, Side side, int from) {
        var traces = traces(followed, side, from);
        var all = new ArrayList<Watched>();
        for (int i = 0; i < traces.length; i++) {
            for (int j = i + 1; j < traces.length; j++) {
                Followed a = followed.get(i);
                Followed b = followed.get(j);
                if (a.index == b.index) {
                    continue;
                }
                all.add(new Watched(a.index, b.index, pair(a, b, traces[i], traces[j], side, from)));
            }
        }
        return all;
    }

    private Optional<Foul> straightened(List<Followed> followed, Side side, int step) {
        return watch(followed, side, step, mostStraight(followed));
    }

    /** Lines are back long before five of their lengths have been run. */
    private int mostStraight(List<Followed> followed) {
        double longest = 0;
        for (Followed one : followed) {
            for (double l : one.turns.line.restAstern) {
                longest = Math.max(longest, l);
            }
        }
        return ways.straightSteps().covering(6 * longest + 4 * rules.radiusM());
    }

    /**
     * Follows all lines and watches all pairs: through the turn when {@code from} is 0, else straight on after so many
     * steps of it.
     */
    private Optional<Foul> watch(List<Followed> followed, Side side, int from, int steps) {
        var traces = traces(followed, side, from);
        var met = new PairTrace[traces.length * traces.length];
        for (int step = 1; step <= steps; step++) {
            if (Thread.currentThread().isInterrupted()) {
                throw new CancellationException("nobody waits for this any more");
            }
            boolean moving = from == 0;
            for (int i = 0; i < traces.length; i++) {
                if (!traces[i].reaches(step)) {
                    return Optional.of(slack(followed.get(i), traces[i], side, from, step));
                }
                moving |= !traces[i].restsBy(step);
            }
            if (!moving) {
                return Optional.empty();
            }
            for (int i = 0; i < traces.length; i++) {
                for (int j = i + 1; j < traces.length; j++) {
                    boolean rest = traces[i].restsBy(step) && traces[j].restsBy(step);
                    if (rest || followed.get(i).index == followed.get(j).index) {
                        continue;
                    }
                    int place = i * traces.length + j;
                    if (met[place] == null) {
                        met[place] = pair(followed.get(i), followed.get(j), traces[i], traces[j], side, from);
                    }
                    PairTrace pair = met[place];
                    if (pair.foulsBy(step, meeting)) {
                        return Optional.of(foul(followed.get(i), followed.get(j), pair, side, from, step));
                    }
                }
            }
        }
        return Optional.empty();
    }

    private LineTrace[] traces(List<Followed> followed, Side side, int from) {
        var traces = new LineTrace[followed.size()];
        for (int i = 0; i < traces.length; i++) {
            LineTurns turns = followed.get(i).turns;
            if (from > 0) {
                turns.turn(side, ways).reaches(from);
            }
            traces[i] = from == 0 ? turns.turn(side, ways) : turns.straight(side, from, ways);
        }
        return traces;
    }

    private PairTrace pair(Followed a, Followed b, LineTrace one, LineTrace two, Side side, int from) {
        long both = key(a.turns, b.turns);
        long key = (both * (ways.steps + 2) + from) * 2 + side.ordinal();
        return pairs.computeIfAbsent(
                key,
                k -> new PairTrace(
                        one, two, margins.computeIfAbsent(both, id -> meeting.margins(a.turns.line, b.turns.line))));
    }

    private long key(LineTurns a, LineTurns b) {
        return (long) numbers.get(a) * 100_000 + numbers.get(b);
    }

    private Foul foul(Followed a, Followed b, PairTrace pair, Side side, int from, int step) {
        return pair.foul(a.index, b.index, pose(side, from, step), rules, straightM(from, step), afterS(from, step));
    }

    private Foul slack(Followed line, LineTrace trace, Side side, int from, int step) {
        Pose pose = pose(side, from, step);
        Strand last = trace.strand(step - 1);
        return new Foul(
                line.index,
                Optional.empty(),
                pose.headingRad(),
                straightM(from, step),
                afterS(from, step),
                last == null ? 0 : pose.astern(last.x[0], last.y[0]) + rules.pivotAsternM(),
                last == null ? 0 : pose.starboard(last.x[0], last.y[0]),
                last == null ? 0 : last.z[0]);
    }

    private Pose pose(Side side, int from, int step) {
        return from == 0 ? ways.turn(side, step) : ways.straight(side, from, step);
    }

    private double straightM(int from, int step) {
        return from == 0 ? 0 : ways.straightSteps().distanceM(step);
    }

    private double afterS(int from, int step) {
        return ((from == 0 ? step : from) * rules.stepM() + straightM(from, step)) / rules.speedMps();
    }

    /** Half a turn to a side, step by step from the straight course, whether or not it fouls. */
    public List<TurnFrame> halfTurn(List<TurnLine> spread, Side side) {
        var frames = new ArrayList<TurnFrame>();
        var followed = followed(spread);
        var traces = traces(followed, side, 0);
        for (int step = 0; step <= ways.steps; step++) {
            var swung = TurnFrame.nothing(spread.size());
            boolean all = true;
            // Second lures come last: drawn is the line itself.
            for (int i = traces.length - 1; i >= 0; i--) {
                all &= traces[i].reaches(step);
                if (all) {
                    swung.set(followed.get(i).index, traces[i].swung(step, rules));
                }
            }
            if (!all) {
                return frames;
            }
            frames.add(new TurnFrame(ways.turn(side, step).headingRad(), step * rules.dt(), swung));
        }
        return frames;
    }

    /** A line of the spread by its place in the list, or the second lure of that line. */
    private record Followed(int index, LineTurns turns) {}

    private List<Followed> followed(List<TurnLine> spread) {
        if (lines.size() > MOST_KEPT) {
            lines.clear();
            pairs.clear();
            numbers.clear();
            margins.clear();
        }
        var followed = new ArrayList<Followed>();
        for (TurnLine.Owned one : TurnLine.withTrailers(spread)) {
            lines.computeIfAbsent(one.line(), this::prepared)
                    .ifPresent(turns -> followed.add(new Followed(one.index(), turns)));
        }
        return followed;
    }

    private Optional<LineTurns> prepared(TurnLine line) {
        return PlanLine.of(line, rules, pieces, tows).map(plan -> {
            var turns = new LineTurns(plan, rules);
            numbers.put(turns, numbers.size());
            return turns;
        });
    }
}
