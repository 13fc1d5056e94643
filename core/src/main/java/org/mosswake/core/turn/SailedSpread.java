package org.mosswake.core.turn;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.tow.TowSolver;

/**
 * A spread towed along a way that nobody knows beforehand: each step goes where the boat has gone, and every line follows.
 * Places are in the water: x against north, y to the east, headings clockwise from north ({@link Pose}), carried along by
 * the stream.
 */
public final class SailedSpread {
    /** A lure slower than this share of the speed it is towed at hangs. */
    private static final double SLACK_SHARE = 0.08;

    private final double pivotAsternM;
    private final Meeting meeting;
    /** The lines, then the second lures of three-ways. */
    private final List<Optional<Followed>> followed;

    private final List<Integer> owners;
    private final int count;
    private final List<Pair> pairs;

    /** Coarser pieces than a study of turns has: what is seen from the boat changes by centimetres. */
    private static final int PIECES = 8;

    /** So many steps without a shape: then it is laid anew, straight astern. */
    private static final int MOST_LOST = 20;

    private static final double TOLERANCE = LineTrace.TOLERANCE;

    /**
     * One line on its way.
     *
     * @param slack no shape was found, or its lure has nearly stopped
     */
    private static final class Followed {
        final PlanLine line;
        TurnStepper stepper;
        double lureSpeed;
        boolean slack;
        private int lost;

        Followed(PlanLine line) {
            this.line = line;
        }

        void lay(Pose pose) {
            int n = line.chain.pieces;
            var x = new double[n + 1];
            var y = new double[n + 1];
            for (int i = 0; i <= n; i++) {
                x[i] = pose.placeX(line.restAstern[i], line.restStarboard[i]);
                y[i] = pose.placeY(line.restAstern[i], line.restStarboard[i]);
            }
            stepper = new TurnStepper(line.chain, line.restSpeed, TOLERANCE);
            stepper.resume(x, y, line.restTension, x, y);
            stepper.kink();
            lureSpeed = line.restSpeed;
            slack = false;
        }

        void step(Pose pose, double dt) {
            boolean found = stepper.step(
                    pose.placeX(line.tipAstern, line.tipStarboard), pose.placeY(line.tipAstern, line.tipStarboard), dt);
            if (!found) {
                hang(pose);
                return;
            }
            lost = 0;
            lureSpeed = stepper.lureSpeed(dt);
            slack = lureSpeed < SLACK_SHARE * line.restSpeed;
        }

        /** A line that is pulled by nothing has no one shape: it stays where it was until the boat takes it up again. */
        private void hang(Pose pose) {
            if (++lost > MOST_LOST) {
                lay(pose);
            } else {
                stepper.back();
            }
            lureSpeed = 0;
            slack = true;
        }

        Followed copy() {
            var copy = new Followed(line);
            copy.stepper = stepper.copy();
            copy.lureSpeed = lureSpeed;
            copy.slack = slack;
            return copy;
        }

        Strand strand() {
            return line.strand(stepper.x, stepper.y, line.depthAt(lureSpeed));
        }
    }

    private record Pair(int a, int b, Meeting.Margins margins) {}

    /**
     * A line at a moment.
     *
     * @param nodes        from the lure to the tip
     * @param lureSpeedMps its own, through the water
     */
    public record Sailed(List<Node> nodes, double lureSpeedMps, double lureDepthM, boolean slack) {
        public Sailed {
            nodes = List.copyOf(nodes);
        }
    }

    /** In the water: against north and to the east, and above the surface (m). */
    public record Node(double x, double y, double heightM) {}

    /**
     * Two lines that meet.
     *
     * @param x where, in the water, with {@code y}
     */
    public record Met(int line, int other, double x, double y) {}

    /** @param rules for its speed: the one the lines were solved at */
    public SailedSpread(TurnRules rules, List<TurnLine> spread, TowSolver tows) {
        pivotAsternM = rules.pivotAsternM();
        meeting = new Meeting(rules);
        count = spread.size();
        List<TurnLine.Owned> owned = TurnLine.withTrailers(spread);
        owners = owned.stream().map(TurnLine.Owned::index).toList();
        followed = owned.stream()
                .map(one -> PlanLine.of(one.line(), rules, PIECES, tows).map(Followed::new))
                .toList();
        var all = new ArrayList<Pair>();
        for (int i = 0; i < followed.size(); i++) {
            for (int j = i + 1; j < followed.size(); j++) {
                boolean two = !owners.get(i).equals(owners.get(j));
                if (two && followed.get(i).isPresent() && followed.get(j).isPresent()) {
                    all.add(new Pair(
                            i,
                            j,
                            meeting.margins(
                                    followed.get(i).get().line, followed.get(j).get().line)));
                }
            }
        }
        pairs = List.copyOf(all);
    }

    private SailedSpread(SailedSpread from) {
        pivotAsternM = from.pivotAsternM;
        meeting = from.meeting;
        pairs = from.pairs;
        owners = from.owners;
        count = from.count;
        followed = from.followed.stream().map(line -> line.map(Followed::copy)).toList();
    }

    /** As it is now, to be sailed on along a way that may come. */
    public SailedSpread copy() {
        return new SailedSpread(this);
    }

    /** Every line straight behind her, as on a course she has held for long. */
    public void lay(Pose pose) {
        followed.forEach(line -> line.ifPresent(one -> one.lay(pose)));
    }

    /**
     * Goes on to where the pivot is now.
     *
     * @param dt since the last step (s), the same from step to step
     */
    public void step(Pose pose, double dt) {
        followed.forEach(line -> line.ifPresent(one -> one.step(pose, dt)));
    }

    /** In the order given; empty for a line that flies. */
    public List<Optional<Sailed>> lines() {
        return followed.stream()
                .limit(count)
                .map(line -> line.map(SailedSpread::sailed))
                .toList();
    }

    private static Sailed sailed(Followed one) {
        double depth = one.line.depthAt(one.lureSpeed);
        var nodes = new ArrayList<Node>();
        for (int i = 0; i <= one.line.chain.pieces; i++) {
            nodes.add(new Node(one.stepper.x[i], one.stepper.y[i], one.line.height(i, depth)));
        }
        return new Sailed(nodes, one.lureSpeed, depth, one.slack);
    }

    /** True where a line has no shape: nothing sure comes after it. */
    public boolean lost() {
        return followed.stream().flatMap(Optional::stream).anyMatch(one -> one.lost > 0);
    }

    /** Pairs that meet as they lie now. */
    public List<Met> met() {
        var met = new ArrayList<Met>();
        var strands = followed.stream()
                .map(line -> line.map(Followed::strand).orElse(null))
                .toArray(Strand[]::new);
        for (Pair pair : pairs) {
            Strand one = strands[pair.a()];
            Strand two = strands[pair.b()];
            int line = owners.get(pair.a());
            int other = owners.get(pair.b());
            // With both its lures they meet once.
            boolean told = met.stream().anyMatch(before -> before.line() == line && before.other() == other);
            if (!told && one != null && two != null && meeting.look(one, two, pair.margins()) == Meeting.Grade.MEETS) {
                met.add(new Met(line, other, meeting.x, meeting.y));
            }
        }
        return met;
    }

    /** Longest of the lines, from above (m): after so far on one course all lie as they do at rest. */
    public double longestM() {
        return followed.stream()
                .flatMap(Optional::stream)
                .mapToDouble(one -> one.line.restAstern[0] - one.line.tipAstern)
                .max()
                .orElse(0);
    }

    /** Middle of the transom. */
    public Node datum(Pose pivot) {
        return new Node(pivot.placeX(-pivotAsternM, 0), pivot.placeY(-pivotAsternM, 0), 0);
    }

    /** From here on steps are twice as long; needs two steps before. */
    public void doubleStep() {
        followed.forEach(line -> line.ifPresent(one -> one.stepper.doubleStep()));
    }
}
