package org.mosswake.core.turn;

/**
 * Steps a line in time. Overdamped: at every node the pulls of its two pieces and the drag of the water balance,
 *
 * <pre>
 * T_i e_i − T_{i−1} e_{i−1} + ½(f_{i−1} + f_i) (+ lure) = 0,   |p_{i+1} − p_i| = l_i
 * f = −½ρd l (Cn|vn|vn + πCt|vt|vt),  v of the piece's middle
 * </pre>
 *
 * with velocities by the second-order backward difference (BDF2; the first step is backward Euler). Newton's method on
 * 3×3 blocks: unknowns of node i are its place and the tension of the piece above it.
 */
final class TurnStepper {
    private static final int MOST_NEWTON = 40;
    /** Relative change at which a step counts as solved. */
    private static final double TOLERANCE = 1e-8;
    /** Smooths |v|v at rest (m/s). */
    private static final double SLOWEST = 1e-6;

    private final PlanChain chain;
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
    private final Blocks blocks;
    private boolean started;
    private boolean euler;
    private double rate;

    // Drag of the piece last asked for.
    private double fx;
    private double fy;

    TurnStepper(PlanChain chain) {
        this.chain = chain;
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
        blocks = new Blocks(n);
    }

    /** Lays the line straight behind its tip, as it runs on a straight course with this velocity of the tip (m/s). */
    void layStraight(double tipX, double tipY, double velocityX, double velocityY) {
        double speed = Math.hypot(velocityX, velocityY);
        x[n] = tipX;
        y[n] = tipY;
        for (int i = n - 1; i >= 0; i--) {
            x[i] = x[i + 1] - chain.length[i] * velocityX / speed;
            y[i] = y[i + 1] - chain.length[i] * velocityY / speed;
        }
        double pull = chain.lure * speed * speed;
        for (int i = 0; i < n; i++) {
            double drag = chain.along[i] * speed * speed;
            tension[i] = pull + drag / 2;
            pull += drag;
        }
        started = false;
    }

    /**
     * Moves the tip to a place and lets the line follow.
     *
     * @param dt time step (s), the same from step to step
     * @return false when no shape was found
     */
    boolean step(double tipX, double tipY, double dt) {
        predict(tipX, tipY, dt);
        for (int iteration = 0; iteration < MOST_NEWTON; iteration++) {
            assemble(dt);
            if (!blocks.solve()) {
                return false;
            }
            if (apply() < TOLERANCE) {
                return true;
            }
        }
        return false;
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
        for (int i = 0; i <= n; i++) {
            vx[i] = euler ? (x[i] - x1[i]) / dt : (3 * x[i] - 4 * x1[i] + x2[i]) / (2 * dt);
            vy[i] = euler ? (y[i] - y1[i]) / dt : (3 * y[i] - 4 * y1[i] + y2[i]) / (2 * dt);
        }
    }

    private void assemble(double dt) {
        velocities(dt);
        blocks.clear();
        lure();
        for (int i = 0; i < n; i++) {
            piece(i);
        }
    }

    /** Drag of the lure on node 0. */
    private void lure() {
        double speed = Math.hypot(vx[0], vy[0]) + SLOWEST;
        double k = -chain.lure;
        blocks.residual(0, 0, k * speed * vx[0]);
        blocks.residual(0, 1, k * speed * vy[0]);
        blocks.add(0, 0, 0, 0, k * rate * (speed + vx[0] * vx[0] / speed));
        blocks.add(0, 0, 0, 1, k * rate * vx[0] * vy[0] / speed);
        blocks.add(0, 0, 1, 0, k * rate * vx[0] * vy[0] / speed);
        blocks.add(0, 0, 1, 1, k * rate * (speed + vy[0] * vy[0] / speed));
    }

    private void piece(int i) {
        double l = chain.length[i];
        double dx = x[i + 1] - x[i];
        double dy = y[i + 1] - y[i];
        pull(i, dx / l, dy / l, l);
        stretch(i, dx, dy, l);
        drag(i, dx, dy);
    }

    /** The tension of piece i pulls node i forwards and node i + 1 back. */
    private void pull(int i, double ex, double ey, double l) {
        double t = tension[i];
        blocks.residual(i, 0, t * ex);
        blocks.residual(i, 1, t * ey);
        blocks.add(i, 0, 0, 2, ex);
        blocks.add(i, 0, 1, 2, ey);
        for (int axis = 0; axis < 2; axis++) {
            blocks.add(i, 0, axis, axis, -t / l);
            blocks.add(i, 1, axis, axis, t / l);
        }
        if (i + 1 < n) {
            blocks.residual(i + 1, 0, -t * ex);
            blocks.residual(i + 1, 1, -t * ey);
            blocks.add(i + 1, -1, 0, 2, -ex);
            blocks.add(i + 1, -1, 1, 2, -ey);
            for (int axis = 0; axis < 2; axis++) {
                blocks.add(i + 1, -1, axis, axis, t / l);
                blocks.add(i + 1, 0, axis, axis, -t / l);
            }
        }
    }

    /** The piece keeps its length; scaled to metres. */
    private void stretch(int i, double dx, double dy, double l) {
        blocks.residual(i, 2, (dx * dx + dy * dy - l * l) / (2 * l));
        blocks.add(i, 0, 2, 0, -dx / l);
        blocks.add(i, 0, 2, 1, -dy / l);
        blocks.add(i, 1, 2, 0, dx / l);
        blocks.add(i, 1, 2, 1, dy / l);
    }

    /** Half of the piece's drag on each of its nodes, derivatives by central differences of its four arguments. */
    private void drag(int i, double dx, double dy) {
        double ux = (vx[i] + vx[i + 1]) / 2;
        double uy = (vy[i] + vy[i + 1]) / 2;
        force(i, ux, uy, dx, dy);
        share(i, fx, fy);
        double h = 1e-6;
        for (int argument = 0; argument < 4; argument++) {
            force(i, up(ux, argument, 0, h), up(uy, argument, 1, h), up(dx, argument, 2, h), up(dy, argument, 3, h));
            double plusX = fx;
            double plusY = fy;
            force(
                    i,
                    up(ux, argument, 0, -h),
                    up(uy, argument, 1, -h),
                    up(dx, argument, 2, -h),
                    up(dy, argument, 3, -h));
            derivative(i, argument, (plusX - fx) / (2 * h), (plusY - fy) / (2 * h));
        }
    }

    private static double up(double value, int argument, int mine, double h) {
        return argument == mine ? value + h : value;
    }

    private void share(int i, double forceX, double forceY) {
        for (int node = i; node <= i + 1 && node < n; node++) {
            blocks.residual(node, 0, forceX / 2);
            blocks.residual(node, 1, forceY / 2);
        }
    }

    /** Arguments 0 and 1 are the middle's velocity, moved by both nodes; 2 and 3 the direction, by their difference. */
    private void derivative(int i, int argument, double byX, double byY) {
        int axis = argument % 2;
        double lower = argument < 2 ? rate / 2 : -1;
        double upper = argument < 2 ? rate / 2 : 1;
        for (int node = i; node <= i + 1 && node < n; node++) {
            int toLower = node == i ? 0 : -1;
            blocks.add(node, toLower, 0, axis, byX * lower / 2);
            blocks.add(node, toLower, 1, axis, byY * lower / 2);
            blocks.add(node, toLower + 1, 0, axis, byX * upper / 2);
            blocks.add(node, toLower + 1, 1, axis, byY * upper / 2);
        }
    }

    private void force(int i, double ux, double uy, double dx, double dy) {
        double l = Math.sqrt(dx * dx + dy * dy);
        double ex = dx / l;
        double ey = dy / l;
        double t = ux * ex + uy * ey;
        double c = uy * ex - ux * ey;
        double ft = -chain.along[i] * Math.sqrt(t * t + SLOWEST * SLOWEST) * t;
        double fc = -chain.normal[i] * Math.sqrt(c * c + SLOWEST * SLOWEST) * c;
        fx = ft * ex - fc * ey;
        fy = ft * ey + fc * ex;
    }

    /**
     * Moves by the solution, but no node by more than half a piece: a wild first guess must not turn a piece about.
     *
     * @return the largest move asked for, as a share of its piece
     */
    private double apply() {
        double most = 0;
        for (int i = 0; i < n; i++) {
            double moved = Math.max(Math.abs(blocks.unknown(i, 0)), Math.abs(blocks.unknown(i, 1)));
            most = Math.max(most, moved / chain.length[i]);
        }
        double step = most > 0.5 ? 0.5 / most : 1;
        for (int i = 0; i < n; i++) {
            x[i] += step * blocks.unknown(i, 0);
            y[i] += step * blocks.unknown(i, 1);
            tension[i] += step * blocks.unknown(i, 2);
        }
        return most;
    }
}
