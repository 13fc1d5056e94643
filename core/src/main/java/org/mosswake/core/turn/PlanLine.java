package org.mosswake.core.turn;

import java.util.Map;
import java.util.Optional;
import org.mosswake.core.sure.Factor;
import org.mosswake.core.sure.Likely;
import org.mosswake.core.tow.Tow;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowLimits;
import org.mosswake.core.tow.TowProfile;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.units.Plane;

/** One line ready to be turned: its chain in plan, how it lies on a straight course, and how deep its lure runs at which speed. */
final class PlanLine {
    /** Pieces of the wet line; chosen by the convergence study in docs/decisions. */
    static final int PIECES = 12;

    private static final double[] SPEED_SHARES = {0.2, 0.4, 0.6, 0.75, 0.9, 1, 1.15, 1.35, 1.7};

    final PlanChain chain;
    /** Of the tip from the pivot (m). */
    final double tipAstern;

    final double tipStarboard;
    /** Of the nodes from the pivot at rest (m); height over the surface. */
    final double[] restAstern;

    final double[] restStarboard;
    final double[] restZ;
    final double[] restTension;
    /** Share of a change of the lure's depth that each node follows. */
    private final double[] follows;

    private final double[] strandShares;
    private final Map<Factor, Double> slopes;

    private final double[] speeds;
    private final double[] depths;
    private final double restDepth;
    /** Of the boat on the straight course (m/s). */
    final double restSpeed;

    /** The strand ends on piece {@code cutPiece}, this share up; negative when the whole line is nearer. */
    private final int cutPiece;

    private final double cutShare;

    /** Empty when the line flies: there is nothing to swing. */
    static Optional<PlanLine> of(TurnLine line, TurnRules rules, int pieces, TowSolver tows) {
        return tows.profile(line.tow()).map(profile -> new PlanLine(line, profile, rules, pieces, tows));
    }

    private PlanLine(TurnLine line, TowProfile profile, TurnRules rules, int pieces, TowSolver tows) {
        Tow tow = line.tow();
        double[] cuts = PlanChain.cuts(tow, profile, pieces);
        chain = PlanChain.of(tow, profile, cuts);
        tipAstern = line.tipAsternM() - rules.pivotAsternM();
        tipStarboard = line.tipStarboardM();
        int n = chain.pieces;
        restAstern = new double[n + 1];
        restStarboard = new double[n + 1];
        restZ = new double[n + 1];
        restTension = new double[n];
        follows = new double[n + 1];
        double wet = profile.wetM();
        for (int i = 0; i <= n; i++) {
            var at = profile.at(cuts[i]);
            restAstern[i] = tipAstern + at.asternM();
            restStarboard[i] = tipStarboard + at.starboardM();
            restZ[i] = at.heightM();
            follows[i] = wet > 0 ? Math.max(0, 1 - cuts[i] / wet) : 0;
            if (i < n) {
                restTension[i] = Plane.hypot(at.pullAsternN(), at.pullStarboardN());
            }
        }
        double cut = profile.lengthM() - TurnRules.NEAR_TIP_M;
        int piece = -1;
        while (piece + 1 < n && cuts[piece + 1] < cut) {
            piece++;
        }
        cutPiece = piece;
        cutShare = piece < 0 ? 0 : Math.min(1, (cut - cuts[piece]) / (cuts[piece + 1] - cuts[piece]));
        strandShares = new double[Math.max(0, cutPiece + 2)];
        for (int i = 0; i <= cutPiece; i++) {
            strandShares[i] = follows[i];
        }
        if (cutPiece >= 0) {
            strandShares[cutPiece + 1] = follows[cutPiece] + cutShare * (follows[cutPiece + 1] - follows[cutPiece]);
        }
        slopes = line.slopesM();
        speeds = new double[SPEED_SHARES.length];
        depths = new double[SPEED_SHARES.length];
        restDepth = -restZ[0];
        restSpeed = tow.speed().mps();
        tabulate(tow, tows);
        if (chain.stretched || steersAside()) {
            relax(rules);
        }
    }

    private void tabulate(Tow tow, TowSolver tows) {
        double v = tow.speed().mps();
        for (int i = 0; i < speeds.length; i++) {
            speeds[i] = SPEED_SHARES[i] * v;
            double asked = TowLimits.SPEED_MPS.nearest(speeds[i]);
            TowAnswer answer = SPEED_SHARES[i] == 1 ? null : tows.settle(tow.withSpeed(asked));
            depths[i] = answer instanceof TowAnswer.Shaped shaped
                    ? shaped.shape().depthM()
                    : answer instanceof TowAnswer.Airborne ? 0 : restDepth;
        }
    }

    private boolean steersAside() {
        for (double side : chain.side) {
            if (side != 0) {
                return true;
            }
        }
        return false;
    }

    /** Bars that steer lie a little differently in plan than in the tow's three dimensions: let the line find its rest. */
    private void relax(TurnRules rules) {
        var stepper = new TurnStepper(chain, restSpeed, LineTrace.TOLERANCE);
        int n = chain.pieces;
        stepper.resume(
                restAstern.clone(),
                restStarboard.clone(),
                restTension.clone(),
                restAstern.clone(),
                restStarboard.clone());
        double step = rules.stepM();
        double run = 0;
        double length = 0;
        for (double l : chain.length) {
            length += l;
        }
        while (run < 3 * length) {
            run += step;
            if (!stepper.step(tipAstern - run, tipStarboard, rules.dt())) {
                return;
            }
        }
        for (int i = 0; i <= n; i++) {
            restAstern[i] = stepper.x[i] + run;
            restStarboard[i] = stepper.y[i];
        }
        System.arraycopy(stepper.tension, 0, restTension, 0, n);
    }

    /** Depth of the lure at a speed of its own through the water (m), from the straight tow's table. */
    double depthAt(double lureSpeed) {
        int last = speeds.length - 1;
        if (lureSpeed <= speeds[0]) {
            return depths[0];
        }
        for (int i = 1; i <= last; i++) {
            if (lureSpeed <= speeds[i]) {
                double u = (lureSpeed - speeds[i - 1]) / (speeds[i] - speeds[i - 1]);
                return depths[i - 1] + u * (depths[i] - depths[i - 1]);
            }
        }
        return depths[last];
    }

    /** The line as it counts for fouls, with these nodes in plan and the lure this deep; null when it is all near its tip. */
    Strand strand(double[] x, double[] y, double lureDepth) {
        if (cutPiece < 0) {
            return null;
        }
        int nodes = cutPiece + 2;
        var sx = new double[nodes];
        var sy = new double[nodes];
        var sz = new double[nodes];
        for (int i = 0; i < nodes; i++) {
            sx[i] = x[i];
            sy[i] = y[i];
            sz[i] = height(i, lureDepth);
        }
        int c = cutPiece;
        sx[c + 1] = x[c] + cutShare * (x[c + 1] - x[c]);
        sy[c + 1] = y[c] + cutShare * (y[c + 1] - y[c]);
        sz[c + 1] = sz[c] + cutShare * (sz[c + 1] - sz[c]);
        return new Strand(sx, sy, sz, strandShares);
    }

    /** Of a node over the surface (m), with the lure this deep. */
    double height(int node, double lureDepth) {
        return restZ[node] - follows[node] * (lureDepth - restDepth);
    }

    /** How sure the heights between two lines are, from what errs in each and in both. */
    Meeting.Gap gapTo(PlanLine other) {
        double one = 0;
        double two = 0;
        double both = 0;
        for (var slope : slopes.entrySet()) {
            one += slope.getValue() * slope.getValue();
            both += slope.getValue() * other.slopes.getOrDefault(slope.getKey(), 0.0);
        }
        for (double slope : other.slopes.values()) {
            two += slope * slope;
        }
        double square = Likely.FOUR_IN_FIVE * Likely.FOUR_IN_FIVE;
        return new Meeting.Gap(square * one, square * two, square * both);
    }

    Strand restStrand() {
        return strand(restAstern, restStarboard, restDepth);
    }
}
