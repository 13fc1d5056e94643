package org.mosswake.core.turn;

import org.mosswake.core.units.Plane;

/**
 * Lets a line follow its tip round a circle until the lure's own circle stands: the time-stepped model of every turn,
 * asked a question with a known answer.
 */
public final class CircleSolver {
    private static final int PIECES = 40;
    /** A step of the tip along its circle (rad), and at most so many seconds. */
    private static final double STEP_ANGLE = 0.03;

    private static final double LONGEST_STEP_S = 0.5;
    private static final double MOST_TURNS = 40;
    /** The circle stands when a radian of turn changes radius and lag by less than this share. */
    private static final double STANDS = 1e-4;

    private final int pieces;
    private final double stepAngle;

    public CircleSolver() {
        this(PIECES, STEP_ANGLE);
    }

    /** With a node count and step of one's own; for convergence studies. */
    public CircleSolver(int pieces, double stepAngle) {
        this.pieces = pieces;
        this.stepAngle = stepAngle;
    }

    public CircleAnswer solve(Circling circling) {
        double radius = circling.turnRadiusM();
        double omega = circling.speedMps() / radius;
        double dt = Math.min(LONGEST_STEP_S, stepAngle / omega);
        var chain = new PlanChain(circling.segmentsFromLure(), circling.lureDragAreaM2(), pieces);
        var line = new TurnStepper(chain, circling.speedMps());
        line.layStraight(radius, 0, 0, circling.speedMps());
        // The line's length must have been round the circle at least once before it can stand.
        double least = 1 + 2 * circling.lengthM() / radius;
        double lookedAt = 0;
        double lastRadius = 0;
        double lastLag = 0;
        long steps = (long) (MOST_TURNS * 2 * Math.PI / (omega * dt)) + (long) (20 * least / (omega * dt));
        for (long k = 1; k <= steps; k++) {
            double angle = omega * k * dt;
            if (!line.step(radius * Math.cos(angle), radius * Math.sin(angle), dt)) {
                return new CircleAnswer.NotSettled("No shape was found " + Math.round(k * dt) + " s into the turn.");
            }
            if (angle - lookedAt >= 1) {
                double r = Plane.hypot(line.x[0], line.y[0]);
                double lag = lag(line);
                boolean stands = Math.abs(r - lastRadius) <= STANDS * radius && Math.abs(lag - lastLag) <= STANDS;
                if (angle > least && stands) {
                    return settled(line, chain, r, lag, omega, k * dt);
                }
                lookedAt = angle;
                lastRadius = r;
                lastLag = lag;
            }
        }
        return new CircleAnswer.NotSettled("The lure's circle did not stand within the turns allowed.");
    }

    private static CircleAnswer settled(
            TurnStepper line, PlanChain chain, double r, double lag, double omega, double after) {
        return new CircleAnswer.Settled(r, Math.toDegrees(lag), omega * r, line.tension[chain.pieces - 1], after);
    }

    /** Sum of the turns from node to node seen from the centre, so that a lag beyond half a turn is not folded. */
    private static double lag(TurnStepper line) {
        double sum = 0;
        int n = line.tension.length;
        for (int i = 0; i < n; i++) {
            double cross = line.x[i] * line.y[i + 1] - line.y[i] * line.x[i + 1];
            double dot = line.x[i] * line.x[i + 1] + line.y[i] * line.y[i + 1];
            sum += Math.atan2(cross, dot);
        }
        return sum;
    }
}
