package org.mosswake.core.water;

import java.util.List;

/**
 * A line along which the water changes, from one end to the other.
 *
 * @param points in order; neighbours are a cell or two apart
 * @param step   by which it changes across, on average, in the unit of the grid
 */
public record Front(List<Point> points, double step) {
    /**
     * @param row     of the grid, with {@code column}
     * @param step    across it here, in the unit of the grid
     * @param perMile steepest here, in the unit of the grid to a nautical mile
     * @param toRad   where the greater values lie, clockwise from north
     * @param sure    how many times the slope is the noise of a slope
     */
    public record Point(int row, int column, double step, double perMile, double toRad, double sure) {}

    public Front {
        points = List.copyOf(points);
    }
}
