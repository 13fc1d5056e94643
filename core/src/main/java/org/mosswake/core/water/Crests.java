package org.mosswake.core.water;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.units.Plane;

/** Cells of some rows in which the water changes more than on both sides of them, along the way it changes. */
final class Crests {
    /** Of the window that must be known about a cell of a front. */
    static final double LEAST_COVER = 0.4;
    /** So far to either side lie its two waters (cells). */
    static final int SIDE = 5;
    /** By so much it must be steeper than the sea on both sides of it, or twice as much than on one. */
    private static final double STEEPER = 1.3;

    private static final double MILE_M = 1852;

    private final Grid grid;
    private final Slopes slopes;
    private final double least;
    /** How many times a slope is its noise. */
    private final float[] sure;

    /**
     * @param noise of single cells
     * @param least times the noise that a slope must be
     */
    Crests(Grid grid, int from, int to, double noise, double least) {
        this.grid = grid;
        this.least = least;
        int rows = grid.frame().rows();
        slopes = new Slopes(grid, Math.max(0, from - SIDE - 1), Math.min(rows, to + SIDE + 1));
        sure = new float[slopes.steep.length];
        for (int i = 0; i < sure.length; i++) {
            sure[i] = slopes.cover[i] < LEAST_COVER / 2
                    ? Float.NaN
                    : (float) (slopes.steep[i] / (noise * slopes.noise[i]));
        }
    }

    List<Front.Point> of(int from, int to) {
        var points = new ArrayList<Front.Point>();
        for (int row = from; row < to; row++) {
            for (int column = 0; column < slopes.columns; column++) {
                if (isCrest(row, column)) {
                    points.add(point(row, column));
                }
            }
        }
        return points;
    }

    private boolean isCrest(int row, int column) {
        int i = slopes.index(row, column);
        if (!(sure[i] >= least)
                || slopes.cover[i] < LEAST_COVER
                || Float.isNaN(grid.value(row, column)) && slopes.cover[i] < 2 * LEAST_COVER) {
            return false;
        }
        double x = slopes.east[i] / slopes.steep[i];
        double y = slopes.north[i] / slopes.steep[i];
        Optional<Double> ahead = at(sure, row + y, column + x);
        Optional<Double> behind = at(sure, row - y, column - x);
        if (ahead.isEmpty() && behind.isEmpty() || ahead.orElse(0.0) > sure[i] || behind.orElse(0.0) >= sure[i]) {
            return false;
        }
        double far = at(slopes.steep, row + SIDE * y, column + SIDE * x).orElse(0.0);
        double near = at(slopes.steep, row - SIDE * y, column - SIDE * x).orElse(0.0);
        return slopes.steep[i] >= STEEPER * Math.max(far, near) || slopes.steep[i] >= 2 * STEEPER * Math.min(far, near);
    }

    private Optional<Double> at(float[] of, double row, double column) {
        if (row < slopes.from || column < 0 || row > slopes.to - 1 || column > slopes.columns - 1) {
            return Optional.empty();
        }
        int r = (int) Math.min(row, slopes.to - 2);
        int c = (int) Math.min(column, slopes.columns - 2);
        double up = row - r;
        double right = column - c;
        int i = slopes.index(r, c);
        double value = (1 - up) * ((1 - right) * of[i] + right * of[i + 1])
                + up * ((1 - right) * of[i + slopes.columns] + right * of[i + slopes.columns + 1]);
        return Double.isNaN(value) ? Optional.empty() : Optional.of(value);
    }

    private Front.Point point(int row, int column) {
        int i = slopes.index(row, column);
        double north = slopes.north[i] / grid.frame().northM();
        double east = slopes.east[i] / grid.frame().eastM();
        return new Front.Point(
                row, column, step(row, column, i), MILE_M * Plane.hypot(north, east), Math.atan2(east, north), sure[i]);
    }

    /** Between the levels of its two waters; by its slope alone where one of them is not known. */
    private double step(int row, int column, int i) {
        double x = slopes.east[i] / slopes.steep[i];
        double y = slopes.north[i] / slopes.steep[i];
        double step = level(row + SIDE * y, column + SIDE * x) - level(row - SIDE * y, column - SIDE * x);
        return Double.isNaN(step) ? slopes.steep[i] * Slopes.SIGMA * Math.sqrt(2 * Math.PI) : step;
    }

    private double level(double row, double column) {
        int r = (int) Math.round(row);
        int c = (int) Math.round(column);
        if (r < slopes.from || c < 0 || r >= slopes.to || c >= slopes.columns) {
            return Double.NaN;
        }
        int i = slopes.index(r, c);
        return slopes.cover[i] >= LEAST_COVER / 2 ? slopes.level[i] : Double.NaN;
    }
}
