package org.mosswake.core.turn;

import java.util.Arrays;
import org.mosswake.core.units.Plane;

/**
 * Steps a line in time. Overdamped: at every node the pulls of its two pieces and the drag of the water balance,
 *
 * <pre>
 * T_i e_i − T_{i−1} e_{i−1} + ½(f_{i−1} + f_i) + b_i = 0,   |p_{i+1} − p_i| = l_i
 * f = −(n|vn|vn + a|vt|vt),  v of the piece's middle;  b = −k|v|v + s|v|Rv of a body, R a quarter turn to starboard
 * </pre>
 *
 * with velocities by the second-order backward difference (BDF2; the first step is backward Euler). Newton's method:
 * unknowns of node i are its place and the tension of the piece above it ({@link ChainSystem}).
 *
 * <p>Line cannot push: a piece under compression gives way by its own length for the line's usual pull. Under tension
 * it is shorter by less than 1e-5 of its length.
 */
final class TurnStepper {
    private static final int MOST_NEWTON = 40;
    private static final int SMALL_STEPS = 8;
    /** Keeps |v|v differentiable at rest (m/s). */
    private static final double SLOWEST = 1e-6;

    /** Share of the usual pull over which a piece passes from stiff to soft. */
    private static final double SOFT_SHARE = 0.004;

    private final PlanChain chain;
    private final double speed;
    private final double tolerance;
    private final int n;
    final double[] x;
    final double[] y;
    final double[] tension;
    private final double[] x1;
    private final double[] y1;
    private final double[] x2;
    private final double[] y2;
    private final double[] vx;
    private final double[] vy;
    private final ChainSystem system;
    private final double pull;
    private final double soft;
    private boolean started;
    private boolean euler;
    private double rate;

    /** @param speed of the tip, for the line's usual pull (m/s) */
    TurnStepper(PlanChain chain, double speed) {
        this(chain, speed, 1e-8);
    }

    /** @param tolerance relative change of Newton's method at which a step counts as solved */
    TurnStepper(PlanChain chain, double speed, double tolerance) {
        this.chain = chain;
        this.speed = speed;
        pull = chain.pull() * speed * speed;
        soft = SOFT_SHARE * pull;
        this.tolerance = tolerance;
        n = chain.pieces;
        x = new double[n + 1];
        y = new double[n + 1];
        tension = new double[n];
        x1 = new double[n + 1];
        y1 = new double[n + 1];
        x2 = new double[n + 1];
        y2 = new double[n + 1];
        vx = new double[n + 1];
        vy = new double[n + 1];
        system = new ChainSystem(n);
    }

    /** Lays the line straight behind its tip, as it runs on a straight course with this velocity of the tip (m/s). */
    void layStraight(double tipX, double tipY, double velocityX, double velocityY) {
        double speed = Plane.hypot(velocityX, velocityY);
        x[n] = tipX;
        y[n] = tipY;
        double pull = 0;
        for (int i = n - 1; i >= 0; i--) {
            x[i] = x[i + 1] - chain.length[i] * velocityX / speed;
            y[i] = y[i + 1] - chain.length[i] * velocityY / speed;
        }
        for (int i = 0; i < n; i++) {
            double drag = chain.along[i] * speed * speed;
            pull += chain.drag[i] * speed * speed;
            tension[i] = pull + drag / 2;
            pull += drag;
        }
        started = false;
    }

    /** Goes on from a line as it was, and as it was one step before. */
    void resume(double[] xNow, double[] yNow, double[] tensionNow, double[] xBefore, double[] yBefore) {
        System.arraycopy(xNow, 0, x, 0, n + 1);
        System.arraycopy(yNow, 0, y, 0, n + 1);
        System.arraycopy(tensionNow, 0, tension, 0, n);
        System.arraycopy(xBefore, 0, x1, 0, n + 1);
        System.arraycopy(yBefore, 0, y1, 0, n + 1);
        started = true;
    }

    /** After a step that found no shape: as it was before, with nothing to look back on. */
    void back() {
        System.arraycopy(x1, 0, x, 0, n + 1);
        System.arraycopy(y1, 0, y, 0, n + 1);
        Arrays.fill(tension, pull);
        kink();
    }

    /** The same line as it lies now, to be led another way. */
    TurnStepper copy() {
        var copy = new TurnStepper(chain, speed, tolerance);
        System.arraycopy(x, 0, copy.x, 0, n + 1);
        System.arraycopy(y, 0, copy.y, 0, n + 1);
        System.arraycopy(tension, 0, copy.tension, 0, n);
        System.arraycopy(x1, 0, copy.x1, 0, n + 1);
        System.arraycopy(y1, 0, copy.y1, 0, n + 1);
        System.arraycopy(x2, 0, copy.x2, 0, n + 1);
        System.arraycopy(y2, 0, copy.y2, 0, n + 1);
        copy.started = started;
        return copy;
    }

    /** From here on steps are twice as long: the place before counts as one of them back. Needs two steps before. */
    void doubleStep() {
        System.arraycopy(x2, 0, x1, 0, n + 1);
        System.arraycopy(y2, 0, y1, 0, n + 1);
    }

    /**
     * Moves the tip to a place and lets the line follow.
     *
     * @param dt time step (s), the same from step to step but for {@link #doubleStep}
     * @return false when no shape was found
     */
    boolean step(double tipX, double tipY, double dt) {
        predict(tipX, tipY, dt);
        return balance(dt) || smallSteps(tipX, tipY, dt);
    }

    /**
     * Where a long step finds no shape, as when a line nearly stands still and is then snatched away: the same way in
     * short backward-Euler steps from where the long one began.
     */
    private boolean smallSteps(double tipX, double tipY, double dt) {
        double[] fromX = x1.clone();
        double[] fromY = y1.clone();
        System.arraycopy(fromX, 0, x, 0, n + 1);
        System.arraycopy(fromY, 0, y, 0, n + 1);
        Arrays.fill(tension, Math.max(1, Math.abs(tension[n - 1])));
        for (int part = 1; part <= SMALL_STEPS; part++) {
            double share = (double) part / SMALL_STEPS;
            double toX = fromX[n] + share * (tipX - fromX[n]);
            double toY = fromY[n] + share * (tipY - fromY[n]);
            kink();
            predict(toX, toY, dt / SMALL_STEPS);
            if (!balance(dt / SMALL_STEPS)) {
                return false;
            }
        }
        System.arraycopy(fromX, 0, x1, 0, n + 1);
        System.arraycopy(fromY, 0, y1, 0, n + 1);
        return true;
    }

    /** The tip's velocity is about to jump: the next step looks back no farther than where the line is now. */
    void kink() {
        started = false;
    }

    private boolean balance(double dt) {
        for (int iteration = 0; iteration < MOST_NEWTON; iteration++) {
            assemble(dt);
            if (!system.solve()) {
                return false;
            }
            if (apply() < tolerance) {
                return true;
            }
        }
        return false;
    }

    /** Speed of the lure through the water in the last step (m/s). */
    double lureSpeed(double dt) {
        velocities(dt);
        return Math.sqrt(vx[0] * vx[0] + vy[0] * vy[0]);
    }

    private void predict(double tipX, double tipY, double dt) {
        for (int i = 0; i <= n; i++) {
            double aheadX = started ? 2 * x[i] - x1[i] : x[i];
            double aheadY = started ? 2 * y[i] - y1[i] : y[i];
            x2[i] = started ? x1[i] : x[i];
            y2[i] = started ? y1[i] : y[i];
            x1[i] = x[i];
            y1[i] = y[i];
            x[i] = aheadX;
            y[i] = aheadY;
        }
        x[n] = tipX;
        y[n] = tipY;
        euler = !started;
        rate = euler ? 1 / dt : 1.5 / dt;
        started = true;
    }

    private void velocities(double dt) {
        double one = 1 / dt;
        double half = 0.5 / dt;
        for (int i = 0; i <= n; i++) {
            vx[i] = euler ? (x[i] - x1[i]) * one : (3 * x[i] - 4 * x1[i] + x2[i]) * half;
            vy[i] = euler ? (y[i] - y1[i]) * one : (3 * y[i] - 4 * y1[i] + y2[i]) * half;
        }
    }

    private void assemble(double dt) {
        velocities(dt);
        system.clear();
        for (int i = 0; i < n; i++) {
            if (chain.drag[i] != 0 || chain.side[i] != 0) {
                body(i);
            }
            double l = chain.length[i];
            double dx = x[i + 1] - x[i];
            double dy = y[i + 1] - y[i];
            // A pushed piece gives way: s is nothing under tension and the push itself under compression.
            double root = Math.sqrt(tension[i] * tension[i] + soft * soft);
            double pushed = (root - tension[i]) / 2 * l / pull;
            double give = (tension[i] / root - 1) / 2 * l / pull;
            system.piece(i, dx / l, dy / l, tension[i], l, (dx * dx + dy * dy - l * l) / (2 * l) + pushed, give);
            if (chain.normal[i] != 0 || chain.along[i] != 0) {
                drag(i, dx, dy);
            }
        }
    }

    private void body(int i) {
        double ux = vx[i];
        double uy = vy[i];
        double speed = Math.sqrt(ux * ux + uy * uy) + SLOWEST;
        double k = -chain.drag[i];
        double s = chain.side[i];
        double qx = k * ux + s * uy;
        double qy = k * uy - s * ux;
        double rx = rate * ux / speed;
        double ry = rate * uy / speed;
        system.force(i, speed * qx, speed * qy);
        system.slope(
                i,
                k * rate * speed + qx * rx,
                s * rate * speed + qx * ry,
                -s * rate * speed + qy * rx,
                k * rate * speed + qy * ry);
    }

    /**
     * Half of the piece's drag on each of its nodes. With t and c the speeds along and across, e and n the directions,
     * f = −a|t|t e − b|c|c n; a turn of the piece by dφ changes t by c dφ, c by −t dφ, e by n dφ and n by −e dφ.
     */
    private void drag(int i, double dx, double dy) {
        double l = Math.sqrt(dx * dx + dy * dy);
        double ex = dx / l;
        double ey = dy / l;
        double ux = (vx[i] + vx[i + 1]) / 2;
        double uy = (vy[i] + vy[i + 1]) / 2;
        double t = ux * ex + uy * ey;
        double c = uy * ex - ux * ey;
        double at = chain.along[i] * (Math.abs(t) + SLOWEST);
        double bc = chain.normal[i] * (Math.abs(c) + SLOWEST);
        double fx = -at * t * ex + bc * c * ey;
        double fy = -at * t * ey - bc * c * ex;
        double alongE = (-2 * at * c + bc * c) / l;
        double alongN = (-at * t + 2 * bc * t) / l;
        double turnX = alongE * ex - alongN * ey;
        double turnY = alongE * ey + alongN * ex;
        double m = rate / 2;
        system.drag(
                i,
                fx / 2,
                fy / 2,
                -m * (at * ex * ex + bc * ey * ey),
                -m * (at - bc) * ex * ey,
                -m * (at * ey * ey + bc * ex * ex),
                -turnX * ey / 2,
                turnX * ex / 2,
                -turnY * ey / 2,
                turnY * ex / 2);
    }

    /**
     * Moves by the solution, but no node by more than half a piece: a wild first guess must not turn a piece about.
     *
     * @return the largest move asked for, as a share of its piece
     */
    private double apply() {
        double most = 0;
        for (int i = 0; i < n; i++) {
            double moved = Math.max(Math.abs(system.dx(i)), Math.abs(system.dy(i)));
            most = Math.max(most, moved / chain.length[i]);
        }
        double step = most > 0.5 ? 0.5 / most : 1;
        for (int i = 0; i < n; i++) {
            x[i] += step * system.dx(i);
            y[i] += step * system.dy(i);
            tension[i] += step * system.dTension(i);
        }
        return most;
    }
}
