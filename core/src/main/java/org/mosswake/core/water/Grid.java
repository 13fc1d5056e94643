package org.mosswake.core.water;

import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;

/**
 * One quantity over a piece of sea.
 *
 * @param at     when it was so; absent of what does not change
 * @param frame  where its cells lie
 * @param values row by row from the south-west cell; NaN where nothing is known, as under cloud
 */
public record Grid(Kind kind, Optional<Instant> at, Frame frame, float[] values) {
    /** Metres to a degree of latitude (mean sphere). */
    static final double DEGREE_M = 111_195;

    /** What is measured, in its unit. */
    public enum Kind {
        /** °C at the surface. */
        TEMPERATURE,
        /** Chlorophyll in mg/m³: green water has more. */
        COLOUR,
        /** Height of the sea surface (m). */
        HEIGHT,
        /** Set of the current to the east (m/s). */
        CURRENT_EAST,
        /** Set of the current to the north (m/s). */
        CURRENT_NORTH,
        /** Depth of the bottom (m), positive down. */
        DEPTH
    }

    /**
     * Cells of equal steps in latitude and longitude.
     *
     * @param southDeg middle of the southernmost row
     * @param westDeg  middle of the westernmost column
     */
    public record Frame(int rows, int columns, double southDeg, double westDeg, double latStepDeg, double lonStepDeg) {
        public static final Accepted CELLS = new Accepted(2, 4_000_000, "");
        public static final Accepted STEP_DEG = new Accepted(1e-5, 2, "°");

        public Frame {
            var faults = new Faults();
            CELLS.check(faults, "cells", (double) rows * columns);
            STEP_DEG.check(faults, "latStepDeg", latStepDeg);
            STEP_DEG.check(faults, "lonStepDeg", lonStepDeg);
            new Accepted(-89.9, 89.9, "°").check(faults, "southDeg", southDeg);
            new Accepted(-89.9, 89.9, "°").check(faults, "northDeg", southDeg + (rows - 1) * latStepDeg);
            new Accepted(-360, 360, "°").check(faults, "westDeg", westDeg);
            faults.throwIfAny();
        }

        public double latDeg(double row) {
            return southDeg + row * latStepDeg;
        }

        public double lonDeg(double column) {
            return westDeg + column * lonStepDeg;
        }

        /** With parts of a cell; may lie outside. */
        public double row(double latDeg) {
            return (latDeg - southDeg) / latStepDeg;
        }

        /** With parts of a cell; may lie outside. */
        public double column(double lonDeg) {
            return (lonDeg - westDeg) / lonStepDeg;
        }

        /** From a place to the nearest of its cells (m); 0 inside. */
        public double awayM(Spot from) {
            double lat = Math.max(southDeg, Math.min(latDeg(rows - 1), from.latDeg()));
            double lon = Math.max(westDeg, Math.min(lonDeg(columns - 1), from.lonDeg()));
            return from.toM(new Spot(lat, lon));
        }

        /** Of the sea within so far each way of a place, how much lies in it: 0 to 1. */
        public double shareOf(Spot middle, double reachM) {
            double up = reachM / DEGREE_M;
            double across = up / Math.cos(Math.toRadians(middle.latDeg()));
            return overlap(southDeg - latStepDeg / 2, rows * latStepDeg, middle.latDeg(), up)
                    * overlap(westDeg - lonStepDeg / 2, columns * lonStepDeg, middle.lonDeg(), across);
        }

        private static double overlap(double from, double span, double middle, double half) {
            double in = Math.min(from + span, middle + half) - Math.max(from, middle - half);
            return Math.max(0, in) / (2 * half);
        }

        public double northM() {
            return latStepDeg * DEGREE_M;
        }

        /** Width of a cell in the middle of the grid (m). */
        public double eastM() {
            return lonStepDeg * DEGREE_M * Math.cos(Math.toRadians(latDeg((rows - 1) / 2.0)));
        }
    }

    public Grid {
        if (values.length != frame.rows() * frame.columns()) {
            throw new IllegalArgumentException(values.length + " values for " + frame);
        }
    }

    public float value(int row, int column) {
        return values[row * frame.columns() + column];
    }

    /** Between its four neighbours; empty outside and where one of them is not known. */
    public Optional<Double> at(double latDeg, double lonDeg) {
        double row = frame.row(latDeg);
        double column = frame.column(lonDeg);
        int r = (int) Math.floor(Math.min(row, frame.rows() - 1.000001));
        int c = (int) Math.floor(Math.min(column, frame.columns() - 1.000001));
        if (row < 0 || column < 0 || row > frame.rows() - 1 || column > frame.columns() - 1) {
            return Optional.empty();
        }
        double up = row - r;
        double right = column - c;
        double value = (1 - up) * ((1 - right) * value(r, c) + right * value(r, c + 1))
                + up * ((1 - right) * value(r + 1, c) + right * value(r + 1, c + 1));
        return Double.isNaN(value) ? Optional.empty() : Optional.of(value);
    }

    /** As {@link #at}, else the mean of what is known within two cells: a gap at a place is no reason to know nothing of it. */
    public Optional<Double> about(double latDeg, double lonDeg) {
        return at(latDeg, lonDeg).or(() -> {
            int row = (int) Math.round(frame.row(latDeg));
            int column = (int) Math.round(frame.column(lonDeg));
            double sum = 0;
            int known = 0;
            for (int r = Math.max(0, row - 2); r <= Math.min(frame.rows() - 1, row + 2); r++) {
                for (int c = Math.max(0, column - 2); c <= Math.min(frame.columns() - 1, column + 2); c++) {
                    if (!Float.isNaN(value(r, c))) {
                        sum += value(r, c);
                        known++;
                    }
                }
            }
            return known == 0 ? Optional.empty() : Optional.of(sum / known);
        });
    }

    /** Share of cells in which something is known. */
    public double known() {
        int known = 0;
        for (float value : values) {
            known += Float.isNaN(value) ? 0 : 1;
        }
        return (double) known / values.length;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Grid grid
                && kind == grid.kind
                && at.equals(grid.at)
                && frame.equals(grid.frame)
                && Arrays.equals(values, grid.values);
    }

    @Override
    public int hashCode() {
        return 31 * frame.hashCode() + Arrays.hashCode(values);
    }

    @Override
    public String toString() {
        return kind + " " + at + " " + frame;
    }
}
