package org.mosswake.core.course;

import java.util.List;
import java.util.OptionalDouble;
import org.mosswake.core.water.Grid;
import org.mosswake.core.water.Spot;

/**
 * One quantity about a place, laid out anew on a plane in metres north and east of it, so that a course can ask for it a million
 * times.
 */
public final class Field {
    /** Of its cells (m): finer than a boat's turn. */
    static final double CELL_M = 50;

    private final int half;
    private final float[] values;

    private Field(double reachM) {
        half = (int) Math.ceil(reachM / CELL_M);
        values = new float[(2 * half + 1) * (2 * half + 1)];
    }

    private interface Value {
        double at(double northM, double eastM);
    }

    private Field filled(Value value) {
        int side = 2 * half + 1;
        for (int i = 0; i < values.length; i++) {
            values[i] = (float) value.at((i / side - half) * CELL_M, (i % side - half) * CELL_M);
        }
        return this;
    }

    /** What a grid has within reach of a place. */
    public static Field of(Grid grid, Spot middle, double reachM) {
        return new Field(reachM).filled((north, east) -> {
            Spot spot = middle.by(north, east);
            return grid.at(spot.latDeg(), spot.lonDeg()).orElse(Double.NaN);
        });
    }

    /**
     * How far off a line it is (m).
     *
     * @param line    from point to point, at least one
     * @param withinM farther off nobody asks how far: all of it is so far off
     */
    public static Field off(List<Spot> line, Spot middle, double reachM, double withinM) {
        var field = new Field(reachM).filled((north, east) -> withinM);
        Pose from = place(middle, line.get(0));
        field.near(from, from, withinM);
        for (Spot spot : line) {
            Pose to = place(middle, spot);
            field.near(from, to, withinM);
            from = to;
        }
        return field;
    }

    private static Pose place(Spot middle, Spot spot) {
        return new Pose(middle.northM(spot), middle.eastM(spot), 0);
    }

    /** The cells about one leg of the line. */
    private void near(Pose from, Pose to, double withinM) {
        int side = 2 * half + 1;
        int south = cell(Math.min(from.northM(), to.northM()) - withinM);
        int north = cell(Math.max(from.northM(), to.northM()) + withinM);
        int west = cell(Math.min(from.eastM(), to.eastM()) - withinM);
        int east = cell(Math.max(from.eastM(), to.eastM()) + withinM);
        for (int row = south; row <= north; row++) {
            for (int column = west; column <= east; column++) {
                int i = row * side + column;
                double off = from.lineToM(to, (row - half) * CELL_M, (column - half) * CELL_M);
                values[i] = (float) Math.min(values[i], off);
            }
        }
    }

    private int cell(double metres) {
        return (int) Math.max(0, Math.min(2 * half, Math.round(metres / CELL_M) + half));
    }

    /** A sea that is told by a formula; for seabeds that are invented. */
    static Field invented(double reachM, java.util.function.DoubleBinaryOperator value) {
        return new Field(reachM).filled(value::applyAsDouble);
    }

    /** Least of it on a way, as far as it is known there. */
    public OptionalDouble leastAlong(Track track) {
        return track.every(CELL_M / 2).stream()
                .mapToDouble(pose -> at(pose.northM(), pose.eastM()))
                .filter(value -> !Double.isNaN(value))
                .min();
    }

    public boolean knowsAnything() {
        for (float value : values) {
            if (!Float.isNaN(value)) {
                return true;
            }
        }
        return false;
    }

    /** Between its neighbours; NaN where it is not known and outside. */
    double at(double northM, double eastM) {
        double row = northM / CELL_M + half;
        double column = eastM / CELL_M + half;
        int r = (int) Math.floor(row);
        int c = (int) Math.floor(column);
        if (r < 0 || c < 0 || r >= 2 * half || c >= 2 * half) {
            return Double.NaN;
        }
        int side = 2 * half + 1;
        int i = r * side + c;
        double up = row - r;
        double right = column - c;
        return (1 - up) * ((1 - right) * values[i] + right * values[i + 1])
                + up * ((1 - right) * values[i + side] + right * values[i + side + 1]);
    }
}
