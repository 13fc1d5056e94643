package org.mosswake.core.tow;

/**
 * Marches the field equations of a limp line from the lure towards the tip:
 *
 * <pre>
 * dr/ds = t,  dF/ds = −f,  F = T·t
 * f = ½ρd(Cn|Un|Un + πCt|Ut|Ut) + (0, 0, −w),  Ut = (U·t)t,  Un = U − Ut,  U = (V, 0, 0)
 * </pre>
 *
 * by the embedded third-order pair of Bogacki and Shampine (Appl. Math. Lett. 2, 1989), step by step within a relative
 * error of the tension vector. A step that passes the surface is cut there, because density changes.
 */
final class LineMarch {
    private static final double FIRST_TURN = 0.1;
    /** 1 − cos of 0.3 rad: an estimate that is small by chance never carries a step round a bend. */
    private static final double MOST_TURN = 0.045;

    /** Relative local error of the tension vector. */
    private final double tolerance;

    private final ChainColumns chain;
    private final int mostSteps;
    private final MarchState at = new MarchState();
    private final MarchState next = new MarchState();
    private int steps;
    private boolean stopped;
    /** Highest so far, tops of bodies included: a surface through it meets another shape than one above it (m). */
    private double top;

    // Right-hand side of the last evaluated stage, and the four stages of a step.
    private double gx;
    private double gy;
    private double gz;
    private double tx;
    private double ty;
    private double tz;
    private double normal;
    private double along;
    private double weight;
    private double k1x;
    private double k1y;
    private double k1z;
    private double t1x;
    private double t1y;
    private double t1z;
    private double error;

    LineMarch(ChainColumns chain, double tolerance, int mostSteps) {
        this.chain = chain;
        this.tolerance = tolerance;
        this.mostSteps = mostSteps;
    }

    boolean spent() {
        return steps > mostSteps;
    }

    int steps() {
        return steps;
    }

    /** Starts at the lure, its water forces and buoyancy scaled by {@code immersion}. */
    void startAtLure(double immersion, Nodes into) {
        at.piece = 0;
        top = 0;
        at.s = at.x = at.y = at.z = 0;
        at.fx = at.fy = at.fz = 0;
        addBody(0, immersion);
        into.push(at);
    }

    /** The tension jumps by minus the body's force. */
    private void addBody(int link, double immersion) {
        at.fx -= immersion * chain.bodyDrag[link];
        at.fy -= immersion * chain.bodySide[link];
        at.fz += chain.bodyWeight[link] - immersion * (chain.bodyBuoyancy[link] - chain.bodyDive[link]);
        top = Math.max(top, at.z + chain.bodyRadius[link]);
    }

    /**
     * Resumes at node {@code i} of a wet shape, or where that shape meets the surface {@code ahead} metres of line
     * past it.
     */
    void resume(Nodes from, int i, double ahead, double surface, Nodes into) {
        from.load(i, at);
        if (ahead > 0) {
            useMedium(true);
            firstStage();
            tryStep(ahead);
            copyNext();
            at.z = surface;
        }
        into.push(at);
    }

    /**
     * Goes on to the tip.
     *
     * @param surface height of the sea surface above the lure (m); infinite keeps everything under water
     * @param stopHeight with an infinite surface: stop once no higher exit could reach this tip height
     * @return false when the budget is spent or the line lost its tension
     */
    boolean toTip(double surface, double stopHeight, Nodes into) {
        while (at.piece < chain.pieces) {
            if (!alongPiece(surface, stopHeight, into)) {
                return false;
            }
            if (at.piece == chain.pieces - 1 || stopped) {
                return true;
            }
            at.piece++;
            if (chain.hasBody[at.piece]) {
                addBody(at.piece, immersion(at.piece, surface));
            }
            into.push(at);
        }
        return true;
    }

    private double immersion(int link, double surface) {
        double share = 0.5 - (at.z - surface) / (2 * chain.bodyRadius[link]);
        return Math.max(0, Math.min(1, share));
    }

    private boolean alongPiece(double surface, double stopHeight, Nodes into) {
        double end = chain.pieceEnd[at.piece];
        boolean wet = at.z < surface || (at.z == surface && at.fz < 0);
        useMedium(wet);
        firstStage();
        double h = firstStep();
        stopped = false;
        while (end - at.s > 1e-9) {
            if (++steps > mostSteps || !(at.tension() > 1e-12)) {
                return false;
            }
            boolean last = h >= end - at.s;
            h = last ? end - at.s : h;
            tryStep(h);
            if (!(error <= tolerance) || turned() > MOST_TURN) {
                h *= Double.isFinite(error) ? Math.max(0.2, Math.min(0.6, 0.9 * Math.cbrt(tolerance / error))) : 0.2;
                if (h < 1e-12) {
                    return false;
                }
                continue;
            }
            if (wet ? next.z > surface : next.z < surface) {
                cutAtSurface(h, surface);
                wet = !wet;
                useMedium(wet);
                firstStage();
                into.push(at);
                h = firstStep();
                continue;
            }
            copyNext();
            top = Math.max(top, at.z);
            if (last) {
                at.s = end;
            }
            into.push(at);
            keepLastStage();
            h *= Math.min(4, 0.9 * Math.cbrt(tolerance / Math.max(error, 1e-3 * tolerance)));
            if (surface == Double.POSITIVE_INFINITY && chain.flattestAhead[at.piece] && beyond(stopHeight)) {
                stopped = true;
                return true;
            }
        }
        return true;
    }

    /**
     * The line lies ever flatter, and even with its sag in air the rest stays below the tip: no later exit reaches it.
     * Judged only where nothing heavier for its drag follows, which would stand up again.
     */
    private boolean beyond(double stopHeight) {
        if (at.z < top) {
            return false;
        }
        boolean flattening = k1z * at.tension() < t1z * (k1x * at.fx + k1y * at.fy + k1z * at.fz);
        double rest = chain.totalLength - at.s;
        double sag = chain.heaviestDry[at.piece] * rest * rest / (2 * at.tension());
        return flattening && t1z * rest + sag < 0.95 * stopHeight - 0.5;
    }

    private void useMedium(boolean wet) {
        int p = at.piece;
        normal = wet ? chain.normalWet[p] : chain.normalDry[p];
        along = wet ? chain.alongWet[p] : chain.alongDry[p];
        weight = wet ? chain.weightWet[p] : chain.weightDry[p];
    }

    /** Length over which the line turns by about a tenth of a radian, as a first step. */
    private double firstStep() {
        double rate = Math.sqrt(k1x * k1x + k1y * k1y + k1z * k1z);
        return rate == 0 ? chain.totalLength : FIRST_TURN * at.tension() / rate;
    }

    /** 1 − cos of the angle the line turns by in the step just tried. */
    private double turned() {
        return 1 - (t1x * tx + t1y * ty + t1z * tz);
    }

    private void firstStage() {
        field(at.fx, at.fy, at.fz);
        keepLastStage();
    }

    private void keepLastStage() {
        k1x = gx;
        k1y = gy;
        k1z = gz;
        t1x = tx;
        t1y = ty;
        t1z = tz;
    }

    private void field(double fx, double fy, double fz) {
        double inverse = 1 / Math.sqrt(fx * fx + fy * fy + fz * fz);
        tx = fx * inverse;
        ty = fy * inverse;
        tz = fz * inverse;
        double v = chain.speed;
        double ut = v * tx;
        double across = v * Math.sqrt(Math.max(0, 1 - tx * tx));
        double n = normal * across;
        double a = along * Math.abs(ut) * ut;
        gx = -(n * (v - ut * tx) + a * tx);
        gy = -(-n * ut * ty + a * ty);
        gz = -(-n * ut * tz + a * tz) + weight;
    }

    private void tryStep(double h) {
        field(at.fx + h / 2 * k1x, at.fy + h / 2 * k1y, at.fz + h / 2 * k1z);
        double k2x = gx;
        double k2y = gy;
        double k2z = gz;
        double x = 2.0 / 9 * t1x + 1.0 / 3 * tx;
        double y = 2.0 / 9 * t1y + 1.0 / 3 * ty;
        double z = 2.0 / 9 * t1z + 1.0 / 3 * tz;
        double h34 = 0.75 * h;
        field(at.fx + h34 * k2x, at.fy + h34 * k2y, at.fz + h34 * k2z);
        double k3x = gx;
        double k3y = gy;
        double k3z = gz;
        next.x = at.x + h * (x + 4.0 / 9 * tx);
        next.y = at.y + h * (y + 4.0 / 9 * ty);
        next.z = at.z + h * (z + 4.0 / 9 * tz);
        next.fx = at.fx + h * (2.0 / 9 * k1x + 1.0 / 3 * k2x + 4.0 / 9 * k3x);
        next.fy = at.fy + h * (2.0 / 9 * k1y + 1.0 / 3 * k2y + 4.0 / 9 * k3y);
        next.fz = at.fz + h * (2.0 / 9 * k1z + 1.0 / 3 * k2z + 4.0 / 9 * k3z);
        next.s = at.s + h;
        field(next.fx, next.fy, next.fz);
        double ex = -5.0 / 72 * k1x + 1.0 / 12 * k2x + 1.0 / 9 * k3x - 1.0 / 8 * gx;
        double ey = -5.0 / 72 * k1y + 1.0 / 12 * k2y + 1.0 / 9 * k3y - 1.0 / 8 * gy;
        double ez = -5.0 / 72 * k1z + 1.0 / 12 * k2z + 1.0 / 9 * k3z - 1.0 / 8 * gz;
        double size = Math.min(at.tension(), next.tension());
        error = h * Math.sqrt(ex * ex + ey * ey + ez * ez) / size;
    }

    /** Shortens the step just tried so that it ends on the surface. */
    private void cutAtSurface(double h, double surface) {
        double share = Hermite.crossing(at.z - surface, next.z - surface, h * t1z, h * tz);
        tryStep(share * h);
        copyNext();
        at.z = surface;
    }

    private void copyNext() {
        at.s = next.s;
        at.x = next.x;
        at.y = next.y;
        at.z = next.z;
        at.fx = next.fx;
        at.fy = next.fy;
        at.fz = next.fz;
    }
}
