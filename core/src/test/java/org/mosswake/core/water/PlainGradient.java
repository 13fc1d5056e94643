package org.mosswake.core.water;

import org.mosswake.core.units.Plane;

/** What the fronts are held against: the difference across a cell, over a threshold. */
final class PlainGradient {
    private PlainGradient() {}

    static boolean[] of(Grid grid, double threshold) {
        int rows = grid.frame().rows();
        int columns = grid.frame().columns();
        var found = new boolean[rows * columns];
        for (int row = 1; row < rows - 1; row++) {
            for (int column = 1; column < columns - 1; column++) {
                double east = grid.value(row, column + 1) - grid.value(row, column - 1);
                double north = grid.value(row + 1, column) - grid.value(row - 1, column);
                found[row * columns + column] = Plane.hypot(east, north) / 2 >= threshold;
            }
        }
        return found;
    }
}
