package org.mosswake.core.live;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.hipparchus.filtering.kalman.Measurement;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.mosswake.core.deck.HoldSpeed;

/** One sample as the filter takes it: a row for each thing that was told. */
final class Told implements Measurement {
    /** Standard deviations of good instruments at sea (ESTIMATE): metres, metres a second, radians. */
    private static final double PLACE_M = 1.8;

    private static final double GROUND_MPS = 0.15;
    private static final double HEADING_RAD = Math.toRadians(3);
    private static final double WATER_MPS = 0.15;

    /** What a row tells of. */
    enum Row {
        NORTH,
        EAST,
        GROUND_NORTH,
        GROUND_EAST,
        HEADING,
        WATER
    }

    private final double time;
    private final List<Row> rows;
    private final double[] values;
    private final double[] variances;
    private boolean refused;

    private Told(double time, List<Row> rows, double[] values, double[] variances) {
        this.time = time;
        this.rows = List.copyOf(rows);
        this.values = values;
        this.variances = variances;
    }

    /** Empty where nothing was told that moves her. */
    static Optional<Told> of(Sample sample, double time, LocalPlane plane) {
        var rows = new ArrayList<Row>();
        var values = new ArrayList<Double>();
        var doubts = new ArrayList<Double>();
        sample.place().map(plane::of).ifPresent(at -> {
            add(rows, Row.NORTH, values, at[0], doubts, PLACE_M);
            add(rows, Row.EAST, values, at[1], doubts, PLACE_M);
        });
        if (sample.groundMps().isPresent() && sample.courseDeg().isPresent()) {
            double course = Math.toRadians(sample.courseDeg().get());
            add(rows, Row.GROUND_NORTH, values, sample.groundMps().get() * Math.cos(course), doubts, GROUND_MPS);
            add(rows, Row.GROUND_EAST, values, sample.groundMps().get() * Math.sin(course), doubts, GROUND_MPS);
        }
        sample.headingDeg()
                .ifPresent(heading -> add(rows, Row.HEADING, values, Math.toRadians(heading), doubts, HEADING_RAD));
        sample.waterMps()
                .filter(water -> isSound(water, sample.groundMps()))
                .ifPresent(water -> add(rows, Row.WATER, values, water, doubts, WATER_MPS));
        return rows.isEmpty()
                ? Optional.empty()
                : Optional.of(new Told(
                        time,
                        rows,
                        values.stream().mapToDouble(Double::doubleValue).toArray(),
                        doubts.stream().mapToDouble(sd -> sd * sd).toArray()));
    }

    /** A log that is fouled shows nothing while she goes, or what no stream would make of it. */
    private static boolean isSound(double water, Optional<Double> ground) {
        return water >= HoldSpeed.LEAST_THROUGH_MPS
                && ground.filter(over -> Math.abs(over - water) > HoldSpeed.MOST_STREAM_MPS)
                        .isEmpty();
    }

    private static void add(
            List<Row> rows, Row row, List<Double> values, double value, List<Double> doubts, double doubt) {
        rows.add(row);
        values.add(value);
        doubts.add(doubt);
    }

    /** A log or a compass that has lost its mind takes nothing else with it; empty where there is nothing else, or neither. */
    Optional<Told> withoutLog() {
        int kept = (int)
                rows.stream().filter(row -> row.compareTo(Row.HEADING) < 0).count();
        return kept == 0 || kept == rows.size()
                ? Optional.empty()
                : Optional.of(new Told(
                        time, rows.subList(0, kept), Arrays.copyOf(values, kept), Arrays.copyOf(variances, kept)));
    }

    List<Row> rows() {
        return rows;
    }

    void refuse() {
        refused = true;
    }

    boolean refused() {
        return refused;
    }

    @Override
    public double getTime() {
        return time;
    }

    @Override
    public RealVector getValue() {
        return MatrixUtils.createRealVector(values);
    }

    @Override
    public RealMatrix getCovariance() {
        return MatrixUtils.createRealDiagonalMatrix(variances);
    }
}
