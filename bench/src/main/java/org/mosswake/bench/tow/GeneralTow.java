package org.mosswake.bench.tow;

import java.util.List;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.ODEStateAndDerivative;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.events.Action;
import org.hipparchus.ode.events.AdaptableInterval;
import org.hipparchus.ode.events.ODEEventDetector;
import org.hipparchus.ode.events.ODEEventHandler;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.Link;
import org.mosswake.core.tow.Physics;
import org.mosswake.core.tow.Tow;

/**
 * The peer: the same equations and the same shooting through a general integrator, Hipparchus' DormandPrince853, with
 * its own event location at the surface and its own Brent search.
 */
final class GeneralTow {
    private static final double MAX_STEP = 100;
    private final double tolerance;
    private final Tow tow;

    /** Depth (m) and immersion of the lure. */
    record Answer(double depthM, double immersion) {}

    GeneralTow(Tow tow, double tolerance) {
        this.tow = tow;
        this.tolerance = tolerance;
    }

    Answer solve() {
        double length = tow.lengthM();
        double justUnder = miss(0, 1);
        if (justUnder >= 0) {
            double deepest = length + Math.max(0, -tow.tipHeightM());
            double depth = new BrentSolver(1e-6, 1e-3).solve(200, d -> miss(d, 1), 0, deepest);
            return new Answer(depth, 1);
        }
        double share = new BrentSolver(1e-6, 1e-4).solve(200, s -> miss(0, s), 1e-6, 1);
        return new Answer(0, share);
    }

    private double miss(double depth, double immersion) {
        List<Link> chain = tow.chainFromLure();
        var state = new double[] {0, 0, -depth, 0, 0, 0};
        addBody(state, tow.lure(), immersion);
        for (int i = 0; i < chain.size(); i++) {
            Link link = chain.get(i);
            if (i > 0 && link.body().isPresent()) {
                addBody(
                        state,
                        link.body().get(),
                        immersionAt(state[2], link.body().get()));
            }
            state = alongPiece(state, link);
        }
        return state[2] - tow.tipHeightM();
    }

    private static double immersionAt(double z, Body body) {
        double radius = Math.max(0.03, Math.cbrt(3 * body.volumeM3() / (4 * Math.PI)));
        return Math.max(0, Math.min(1, 0.5 - z / (2 * radius)));
    }

    private void addBody(double[] state, Body body, double immersion) {
        double q = immersion
                * Physics.SEA_WATER_DENSITY
                * tow.speed().mps()
                * tow.speed().mps()
                / 2;
        double buoyancy = immersion * Physics.SEA_WATER_DENSITY * body.volumeM3();
        state[3] -= q * body.dragAreaM2();
        state[4] -= q * body.sideAreaM2();
        state[5] += (body.massKg() - buoyancy) * Physics.GRAVITY + q * body.diveAreaM2();
    }

    private double[] alongPiece(double[] start, Link link) {
        double end = link.line().lengthM();
        double s = 0;
        double[] state = start;
        boolean wet = state[2] < 0 || (state[2] == 0 && state[5] < 0);
        while (end - s > 1e-9) {
            var integrator = new DormandPrince853Integrator(1e-9, MAX_STEP, tolerance, tolerance);
            var surface = new Surface();
            integrator.addEventDetector(surface);
            ODEStateAndDerivative reached = integrator.integrate(new Field(link, wet), new ODEState(s, state), end);
            state = reached.getPrimaryState();
            s = reached.getTime();
            if (end - s > 1e-9) {
                state[2] = 0;
                wet = !wet;
            }
        }
        return state;
    }

    private final class Field implements OrdinaryDifferentialEquation {
        private final double normal;
        private final double along;
        private final double weight;

        Field(Link link, boolean wet) {
            double density = wet ? Physics.SEA_WATER_DENSITY : Physics.AIR_DENSITY;
            double d = link.line().diameterM();
            normal = density * d * link.line().normalDragCoefficient() / 2;
            along = density * d * Math.PI * link.line().tangentialDragCoefficient() / 2;
            weight = (link.line().densityKgPerM3() - density) * Physics.GRAVITY * Math.PI * d * d / 4;
        }

        @Override
        public int getDimension() {
            return 6;
        }

        @Override
        public double[] computeDerivatives(double s, double[] y) {
            double tension = Math.sqrt(y[3] * y[3] + y[4] * y[4] + y[5] * y[5]);
            double tx = y[3] / tension;
            double ty = y[4] / tension;
            double tz = y[5] / tension;
            double v = tow.speed().mps();
            double ut = v * tx;
            double n = normal * v * Math.sqrt(Math.max(0, 1 - tx * tx));
            double a = along * Math.abs(ut) * ut;
            return new double[] {
                tx, ty, tz, -(n * (v - ut * tx) + a * tx), n * ut * ty - a * ty, n * ut * tz - a * tz + weight
            };
        }
    }

    private static final class Surface implements ODEEventDetector {
        @Override
        public AdaptableInterval getMaxCheckInterval() {
            return (state, forward) -> MAX_STEP;
        }

        @Override
        public int getMaxIterationCount() {
            return 60;
        }

        @Override
        public BrentBracketing getSolver() {
            return new BrentBracketing(1e-7);
        }

        @Override
        public ODEEventHandler getHandler() {
            return (state, detector, increasing) -> Action.STOP;
        }

        @Override
        public double g(ODEStateAndDerivative state) {
            return state.getPrimaryState()[2];
        }
    }

    private static final class BrentBracketing extends org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver {
        BrentBracketing(double accuracy) {
            super(0, accuracy, 0, 5);
        }
    }

    /** The loosest tolerance of a ladder that still passes every reference case. */
    static double loosestThatAgrees(List<ReferenceTows.Case> cases) {
        for (double tolerance : new double[] {1e-1, 3e-2, 1e-2, 3e-3, 1e-3, 3e-4, 1e-4, 1e-5, 1e-6}) {
            if (cases.stream().allMatch(c -> agrees(c, tolerance))) {
                return tolerance;
            }
        }
        throw new IllegalStateException("the peer passes the reference at no tolerance");
    }

    private static boolean agrees(ReferenceTows.Case reference, double tolerance) {
        try {
            Answer answer = new GeneralTow(reference.tow(), tolerance).solve();
            return ReferenceTows.agrees(reference, answer.depthM(), answer.immersion());
        } catch (MathRuntimeException e) {
            return false;
        }
    }
}
