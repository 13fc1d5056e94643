package org.mosswake.core.turn;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import org.mosswake.core.units.Plane;

/**
 * One line followed step by step along a way of the pivot, as far as anyone has asked. Step 0 is where it starts.
 */
final class LineTrace {
    /** Newton's last relative change for a whole spread; what is left after it is about its square. */
    static final double TOLERANCE = 2e-3;
    /** With every node this near the line is laid at rest and followed no more (m). */
    private static final double AT_REST_M = 0.3;

    /** A lure slower than this share of the boat's speed is pulled by nothing: the line hangs slack. */
    private static final double SLACK_SHARE = 0.08;
    /** For so long (s, ESTIMATE): a lure also stands for a moment where the boat straightens with it abeam. */
    private static final double SLACK_FOR_S = 5;

    private final PlanLine line;
    private final double slowest;
    private final double dt;
    private final IntFunction<Pose> way;
    /** Of a straight run; null in a turn, whose steps are equal. */
    private final StraightSteps straight;

    private final TurnStepper stepper;
    private final List<Strand> strands = new ArrayList<>();
    private final List<Moment> moments = new ArrayList<>();
    private boolean slack;
    private double stoodFor;
    private int restFrom = Integer.MAX_VALUE;

    /** Full state at a step: nodes in the world plan (m), tensions (N), the lure's speed (m/s) and depth (m). */
    record Moment(double[] x, double[] y, double[] tension, double lureSpeed, double lureDepth) {}

    /** From rest, keeping every state. */
    LineTrace(PlanLine line, double dt, IntFunction<Pose> way) {
        this(line, dt, way, null);
        Pose start = way.apply(0);
        int n = line.chain.pieces;
        var x = new double[n + 1];
        var y = new double[n + 1];
        var x1 = new double[n + 1];
        var y1 = new double[n + 1];
        double step = Plane.hypot(way.apply(1).x() - start.x(), way.apply(1).y() - start.y());
        for (int i = 0; i <= n; i++) {
            x[i] = start.placeX(line.restAstern[i], line.restStarboard[i]);
            y[i] = start.placeY(line.restAstern[i], line.restStarboard[i]);
            x1[i] = start.placeX(line.restAstern[i] + step, line.restStarboard[i]);
            y1[i] = start.placeY(line.restAstern[i] + step, line.restStarboard[i]);
        }
        stepper.resume(x, y, line.restTension, x1, y1);
        stepper.kink();
        keep(step / dt);
    }

    private LineTrace(PlanLine line, double dt, IntFunction<Pose> way, StraightSteps straight) {
        this.line = line;
        this.dt = dt;
        this.slowest = SLACK_SHARE * line.restSpeed;
        this.way = way;
        this.straight = straight;
        this.stepper = new TurnStepper(line.chain, line.restSpeed, TOLERANCE);
    }

    /** The same line from step {@code k} along another way, until it is at rest. Needs k ≥ 1. */
    LineTrace branch(int k, IntFunction<Pose> newWay, StraightSteps steps) {
        var branch = new LineTrace(line, dt, newWay, steps);
        Moment now = moments.get(k);
        Moment before = moments.get(k - 1);
        branch.stepper.resume(now.x(), now.y(), now.tension(), before.x(), before.y());
        branch.stepper.kink();
        branch.strands.add(strands.get(k));
        return branch;
    }

    /** Follows the line to this step; false when it went slack, or no shape was found, before. */
    boolean reaches(int step) {
        while (strands.size() <= step && !slack && !isAtRest()) {
            advance();
        }
        return !slack || step < strands.size();
    }

    private void advance() {
        int step = strands.size();
        Pose pose = way.apply(step);
        double tipX = pose.placeX(line.tipAstern, line.tipStarboard);
        double tipY = pose.placeY(line.tipAstern, line.tipStarboard);
        double span = straight == null ? dt : dt * (1 << straight.phase(step));
        if (straight != null && straight.phase(step) > straight.phase(step - 1)) {
            stepper.doubleStep();
        }
        boolean found = stepper.step(tipX, tipY, span);
        double lureSpeed = found ? stepper.lureSpeed(span) : 0;
        stoodFor = lureSpeed < slowest ? stoodFor + span : 0;
        if (!found || stoodFor > SLACK_FOR_S) {
            slack = true;
            return;
        }
        keep(lureSpeed);
        if (straight != null) {
            compareWithRest(step, pose);
        }
    }

    private void keep(double lureSpeed) {
        double depth = line.depthAt(lureSpeed);
        strands.add(line.strand(stepper.x, stepper.y, depth));
        if (straight == null) {
            moments.add(new Moment(stepper.x.clone(), stepper.y.clone(), stepper.tension.clone(), lureSpeed, depth));
        }
    }

    private void compareWithRest(int step, Pose pose) {
        double worst = 0;
        for (int i = line.chain.pieces - 1; i >= 0; i--) {
            double off = Plane.hypot(
                    pose.astern(stepper.x[i], stepper.y[i]) - line.restAstern[i],
                    pose.starboard(stepper.x[i], stepper.y[i]) - line.restStarboard[i]);
            worst = Math.max(worst, off);
        }
        if (worst < AT_REST_M) {
            restFrom = step;
        }
    }

    /** The line at a step; after it came to rest, where it lies at rest. */
    Strand strand(int step) {
        if (step < strands.size()) {
            return strands.get(step);
        }
        Pose pose = way.apply(step);
        int n = line.chain.pieces;
        var x = new double[n + 1];
        var y = new double[n + 1];
        for (int i = 0; i <= n; i++) {
            x[i] = pose.placeX(line.restAstern[i], line.restStarboard[i]);
            y[i] = pose.placeY(line.restAstern[i], line.restStarboard[i]);
        }
        return line.strand(x, y, -line.restZ[0]);
    }

    /** The line at a step of a turn, as seen from the boat there. */
    TurnFrame.Swung swung(int step, TurnRules rules) {
        Moment moment = moments.get(step);
        Pose pose = way.apply(step);
        var nodes = new ArrayList<TurnFrame.Node>();
        for (int i = 0; i < moment.x().length; i++) {
            nodes.add(new TurnFrame.Node(
                    pose.astern(moment.x()[i], moment.y()[i]) + rules.pivotAsternM(),
                    pose.starboard(moment.x()[i], moment.y()[i])));
        }
        return new TurnFrame.Swung(nodes, moment.lureSpeed(), moment.lureDepth());
    }

    private boolean isAtRest() {
        return restFrom < Integer.MAX_VALUE;
    }

    /** At rest at this step, however far it was followed for others. */
    boolean restsBy(int step) {
        return restFrom <= step;
    }

    Pose pose(int step) {
        return way.apply(step);
    }
}
