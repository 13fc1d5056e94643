package org.mosswake.core.live;

import java.util.List;
import org.hipparchus.filtering.kalman.extended.NonLinearEvolution;
import org.hipparchus.filtering.kalman.extended.NonLinearProcess;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * Constant speed through the water and constant rate of turn, in a stream. The state: place (m), speed (m/s), heading
 * (rad), rate of turn (rad/s), stream (m/s).
 */
final class WayModel implements NonLinearProcess<Told> {
    static final int NORTH = 0;
    static final int EAST = 1;
    static final int SPEED = 2;
    static final int HEADING = 3;
    static final int TURN = 4;
    static final int STREAM_NORTH = 5;
    static final int STREAM_EAST = 6;
    private static final int SIZE = 7;

    /** Slower she has no course (m/s). */
    static final double SLOWEST_MPS = 0.5;

    /** How much each wanders in the root of a second, set by the trial in docs/decisions/0021 (ESTIMATE): m/s, rad/s, m/s; a helm is put over within seconds. */
    private static final double SPEED_WANDERS = 0.06;

    private static final double TURN_WANDERS = Math.toRadians(0.5);
    private static final double STREAM_WANDERS = 0.002;
    private static final double PLACE_WANDERS = 0.05;

    /** Beyond it a sample is none of hers: the square of so many standard deviations (chi-square). */
    private static final double LIKELY_A_ROW = 9;

    private static final double LIKELY = 16;

    /** A stream of so much is nothing unusual (m/s); places alone, without speeds, cannot tell it from a turn. */
    private static final double USUAL_STREAM = 0.25;

    private static final double STILL = 0.05;

    /** A tide table for the next station says the stream here to so much (m/s, ESTIMATE). */
    static final double TIDE_MPS = 0.18;

    /** How uncertain she is at first. */
    static RealMatrix first(boolean speedsAreTold, boolean tideIsKnown) {
        double stream = !speedsAreTold ? STILL : tideIsKnown ? TIDE_MPS : USUAL_STREAM;
        return MatrixUtils.createRealDiagonalMatrix(
                new double[] {9, 9, 1, 0.1, Math.pow(Math.toRadians(2), 2), stream * stream, stream * stream});
    }

    static RealVector after(RealVector from, double dt) {
        double speed = from.getEntry(SPEED);
        double middle = from.getEntry(HEADING) + from.getEntry(TURN) * dt / 2;
        RealVector then = from.copy();
        then.addToEntry(NORTH, (speed * Math.cos(middle) + from.getEntry(STREAM_NORTH)) * dt);
        then.addToEntry(EAST, (speed * Math.sin(middle) + from.getEntry(STREAM_EAST)) * dt);
        then.addToEntry(HEADING, from.getEntry(TURN) * dt);
        return then;
    }

    @Override
    public NonLinearEvolution getEvolution(double time, RealVector state, Told told) {
        double dt = told.getTime() - time;
        RealVector then = after(state, dt);
        return new NonLinearEvolution(told.getTime(), then, slopes(state, dt), wanders(dt), seen(then, told.rows()));
    }

    private static RealMatrix slopes(RealVector state, double dt) {
        double speed = state.getEntry(SPEED);
        double middle = state.getEntry(HEADING) + state.getEntry(TURN) * dt / 2;
        double cos = Math.cos(middle) * dt;
        double sin = Math.sin(middle) * dt;
        RealMatrix f = MatrixUtils.createRealIdentityMatrix(SIZE);
        f.setEntry(NORTH, SPEED, cos);
        f.setEntry(NORTH, HEADING, -speed * sin);
        f.setEntry(NORTH, TURN, -speed * sin * dt / 2);
        f.setEntry(NORTH, STREAM_NORTH, dt);
        f.setEntry(EAST, SPEED, sin);
        f.setEntry(EAST, HEADING, speed * cos);
        f.setEntry(EAST, TURN, speed * cos * dt / 2);
        f.setEntry(EAST, STREAM_EAST, dt);
        f.setEntry(HEADING, TURN, dt);
        return f;
    }

    private static RealMatrix wanders(double dt) {
        double turn = TURN_WANDERS * TURN_WANDERS * dt;
        RealMatrix q = MatrixUtils.createRealMatrix(SIZE, SIZE);
        q.setEntry(NORTH, NORTH, PLACE_WANDERS * PLACE_WANDERS * dt);
        q.setEntry(EAST, EAST, PLACE_WANDERS * PLACE_WANDERS * dt);
        q.setEntry(SPEED, SPEED, SPEED_WANDERS * SPEED_WANDERS * dt);
        q.setEntry(HEADING, HEADING, turn * dt * dt / 3);
        q.setEntry(HEADING, TURN, turn * dt / 2);
        q.setEntry(TURN, HEADING, turn * dt / 2);
        q.setEntry(TURN, TURN, turn);
        q.setEntry(STREAM_NORTH, STREAM_NORTH, STREAM_WANDERS * STREAM_WANDERS * dt);
        q.setEntry(STREAM_EAST, STREAM_EAST, STREAM_WANDERS * STREAM_WANDERS * dt);
        return q;
    }

    /** How each row changes with the state. */
    private static RealMatrix seen(RealVector state, List<Told.Row> rows) {
        double speed = state.getEntry(SPEED);
        double cos = Math.cos(state.getEntry(HEADING));
        double sin = Math.sin(state.getEntry(HEADING));
        RealMatrix h = MatrixUtils.createRealMatrix(rows.size(), SIZE);
        for (int row = 0; row < rows.size(); row++) {
            switch (rows.get(row)) {
                case NORTH -> h.setEntry(row, NORTH, 1);
                case EAST -> h.setEntry(row, EAST, 1);
                case GROUND_NORTH -> {
                    h.setEntry(row, SPEED, cos);
                    h.setEntry(row, HEADING, -speed * sin);
                    h.setEntry(row, STREAM_NORTH, 1);
                }
                case GROUND_EAST -> {
                    h.setEntry(row, SPEED, sin);
                    h.setEntry(row, HEADING, speed * cos);
                    h.setEntry(row, STREAM_EAST, 1);
                }
                case HEADING -> h.setEntry(row, HEADING, 1);
                case WATER -> h.setEntry(row, SPEED, 1);
            }
        }
        return h;
    }

    private static double expected(RealVector state, Told.Row row) {
        double speed = state.getEntry(SPEED);
        return switch (row) {
            case NORTH -> state.getEntry(NORTH);
            case EAST -> state.getEntry(EAST);
            case GROUND_NORTH -> speed * Math.cos(state.getEntry(HEADING)) + state.getEntry(STREAM_NORTH);
            case GROUND_EAST -> speed * Math.sin(state.getEntry(HEADING)) + state.getEntry(STREAM_EAST);
            case HEADING -> state.getEntry(HEADING);
            case WATER -> speed;
        };
    }

    @Override
    public RealVector getInnovation(Told told, NonLinearEvolution evolution, RealMatrix covariance) {
        RealVector value = told.getValue();
        for (int row = 0; row < told.rows().size(); row++) {
            double off = value.getEntry(row)
                    - expected(evolution.getCurrentState(), told.rows().get(row));
            value.setEntry(row, told.rows().get(row) == Told.Row.HEADING ? Math.IEEEremainder(off, 2 * Math.PI) : off);
        }
        double far = value.dotProduct(
                new QRDecomposition(covariance, 1e-15).getSolver().solve(value));
        if (far > LIKELY + LIKELY_A_ROW * told.rows().size()) {
            told.refuse();
            return null;
        }
        return value;
    }
}
