package org.mosswake.core.course;

import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.mosswake.core.units.Plane;

/**
 * A flock or a school as it was seen, time after time, by range and bearing: where it is and how it moves, with how little of that is
 * known (a Kalman filter over place and velocity; its heading wanders).
 */
public final class SeenMoving {
    /** Birds and schools hardly move faster (m/s, ESTIMATE): before the second sight nothing else is known. */
    private static final double USUAL_MPS = 2.3;
    /** How far a heading wanders in a minute (rad, standard deviation). */
    private static final double WANDERS_RAD = Math.toRadians(15);

    private static final int STATE = 4;

    private double atS;
    private RealVector state;
    private RealMatrix spread;

    /** @param rangeShare error of the range, as a share of it; {@code bearingRad} that of the bearing */
    public record Errors(double rangeShare, double bearingRad) {}

    /**
     * What is known of it at a moment.
     *
     * @param offM standard deviation of where it is, in its worse direction, and {@code offMps} of how it moves
     */
    public record State(double northM, double eastM, double northMps, double eastMps, double offM, double offMps) {
        double speedMps() {
            return Plane.hypot(northMps, eastMps);
        }

        /** The same on the same course, faster by so much; slower where it is negative, and never backwards. */
        State by(double moreMps) {
            double mps = speedMps();
            double share = mps < 1e-6 ? 1 : Math.max(0, mps + moreMps) / mps;
            return new State(northM, eastM, share * northMps, share * eastMps, offM, offMps);
        }

        double courseRad() {
            return Math.atan2(eastMps, northMps);
        }

        /** Its course may be so far off, to either side; a half turn where nobody can say. */
        public double offCourseRad() {
            return offMps >= speedMps() ? Math.PI : Math.asin(offMps / speedMps());
        }

        double northM(double inS) {
            return northM + inS * northMps;
        }

        double eastM(double inS) {
            return eastM + inS * eastMps;
        }
    }

    private SeenMoving(double atS, RealVector state, RealMatrix spread) {
        this.atS = atS;
        this.state = state;
        this.spread = spread;
    }

    /** Seen for the first time, from the boat; which way it goes nobody knows yet. */
    public static SeenMoving first(double atS, Pose boat, double bearingRad, double rangeM, Errors errors) {
        double north = boat.northM() + rangeM * Math.cos(bearingRad);
        double east = boat.eastM() + rangeM * Math.sin(bearingRad);
        RealMatrix spread = MatrixUtils.createRealMatrix(STATE, STATE);
        spread.setSubMatrix(off(bearingRad, rangeM, errors).getData(), 0, 0);
        spread.setEntry(2, 2, USUAL_MPS * USUAL_MPS / 2);
        spread.setEntry(3, 3, USUAL_MPS * USUAL_MPS / 2);
        return new SeenMoving(atS, MatrixUtils.createRealVector(new double[] {north, east, 0, 0}), spread);
    }

    /** Told by the crew which way it goes and how fast. */
    public SeenMoving going(double courseRad, double mps) {
        state.setEntry(2, mps * Math.cos(courseRad));
        state.setEntry(3, mps * Math.sin(courseRad));
        double off = Math.max(0.3, 0.25 * mps);
        for (int i = 2; i < STATE; i++) {
            spread.setEntry(i, i, off * off);
        }
        return this;
    }

    private static RealMatrix off(double bearingRad, double rangeM, Errors errors) {
        double along = rangeM * errors.rangeShare();
        double across = rangeM * errors.bearingRad();
        double c = Math.cos(bearingRad);
        double s = Math.sin(bearingRad);
        double mixed = c * s * (along * along - across * across);
        return MatrixUtils.createRealMatrix(new double[][] {
            {c * c * along * along + s * s * across * across, mixed},
            {mixed, s * s * along * along + c * c * across * across}
        });
    }

    public void seen(double nowS, Pose boat, double bearingRad, double rangeM, Errors errors) {
        goOn(nowS);
        RealMatrix look = MatrixUtils.createRealMatrix(new double[][] {{1, 0, 0, 0}, {0, 1, 0, 0}});
        RealMatrix sum = look.multiply(spread).multiplyTransposed(look).add(off(bearingRad, rangeM, errors));
        RealMatrix gain = spread.multiplyTransposed(look).multiply(MatrixUtils.inverse(sum));
        RealVector told = MatrixUtils.createRealVector(new double[] {
            boat.northM() + rangeM * Math.cos(bearingRad), boat.eastM() + rangeM * Math.sin(bearingRad)
        });
        state = state.add(gain.operate(told.subtract(look.operate(state))));
        spread = MatrixUtils.createRealIdentityMatrix(STATE)
                .subtract(gain.multiply(look))
                .multiply(spread);
    }

    private void goOn(double nowS) {
        double dt = nowS - atS;
        if (dt <= 0) {
            return;
        }
        atS = nowS;
        RealMatrix on = MatrixUtils.createRealIdentityMatrix(STATE);
        on.setEntry(0, 2, dt);
        on.setEntry(1, 3, dt);
        double mps = Math.max(1, Plane.hypot(state.getEntry(2), state.getEntry(3)));
        // A heading that wanders shakes the velocity across it; both ways are taken alike.
        double shake = mps * mps * WANDERS_RAD * WANDERS_RAD / 60;
        RealMatrix noise = MatrixUtils.createRealMatrix(STATE, STATE);
        for (int i = 0; i < 2; i++) {
            noise.setEntry(i, i, shake * dt * dt * dt / 3);
            noise.setEntry(i, i + 2, shake * dt * dt / 2);
            noise.setEntry(i + 2, i, shake * dt * dt / 2);
            noise.setEntry(i + 2, i + 2, shake * dt);
        }
        state = on.operate(state);
        spread = on.multiply(spread).multiplyTransposed(on).add(noise);
    }

    /** As it is at a moment, not before the last sight. */
    public State at(double nowS) {
        goOn(nowS);
        return new State(state.getEntry(0), state.getEntry(1), state.getEntry(2), state.getEntry(3), off(0), off(2));
    }

    /** Along the axis in which it is the least known, of the two entries from one on (standard deviation). */
    private double off(int first) {
        double a = spread.getEntry(first, first);
        double d = spread.getEntry(first + 1, first + 1);
        double b = spread.getEntry(first, first + 1);
        return Math.sqrt(Math.max(0, (a + d) / 2 + Plane.hypot((a - d) / 2, b)));
    }
}
