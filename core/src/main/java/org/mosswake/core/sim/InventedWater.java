package org.mosswake.core.sim;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.mosswake.core.water.Grid;
import org.mosswake.core.water.Grid.Frame;
import org.mosswake.core.water.Grid.Kind;
import org.mosswake.core.water.Spot;

/**
 * What a satellite and a survey would have of an invented coast: temperature, colour, height, current and depth, day by day,
 * with noise and cloud. All of it is invented and follows from the seed; the edge drifts from day to day.
 */
public final class InventedWater {
    private static final double STEP_DEG = 0.012;
    private static final double DEEP_STEP_DEG = 0.006;
    private static final int ROWS = 60;
    private static final int COLUMNS = 76;
    private static final double MILE_M = 1852;
    /** The picture is of the evening before a day out. */
    private static final int AT_UTC = 22;

    private static final double CLOUD_SHARE = 0.22;
    private static final double NOISE_C = 0.08;

    /** An invented coast: what its sea is like. */
    public enum Coast {
        /** A ledge with humps and the edge of a current. */
        WARM(27.6, -47.3, 1, 23.7, 0.9, 62, 34, 210),
        /** A sound with shoals, and river water on the salt. */
        COLD(43.4, -38.9, 2, 11.6, 0.8, 20, 14, 120);

        private final Spot middle;
        private final long seed;
        private final double colderC;
        private final double stepC;
        private final double alongDeg;
        private final double shallowM;
        private final double deepM;

        Coast(
                double lat,
                double lon,
                long seed,
                double colderC,
                double stepC,
                double along,
                double shallow,
                double deep) {
            middle = new Spot(lat, lon);
            this.seed = seed;
            this.colderC = colderC;
            this.stepC = stepC;
            alongDeg = along;
            shallowM = shallow;
            deepM = deep;
        }
    }

    private final Coast coast;
    private final Dice dice;
    private final double alongRad;

    private InventedWater(Coast coast) {
        this.coast = coast;
        dice = new Dice(coast.seed);
        alongRad = Math.toRadians(coast.alongDeg);
    }

    /** Depth, and the other kinds for each evening up to the one before a day. */
    public static List<Grid> of(Coast coast, LocalDate day, int evenings) {
        var water = new InventedWater(coast);
        var all = new ArrayList<Grid>();
        Frame fine = frame(coast.middle, 2 * ROWS, 2 * COLUMNS, DEEP_STEP_DEG);
        all.add(grid(Kind.DEPTH, Optional.empty(), fine, water::depthM));
        Frame frame = frame(coast.middle, ROWS, COLUMNS, STEP_DEG);
        for (int back = evenings; back >= 1; back--) {
            Instant at = day.minusDays(back).atTime(AT_UTC, 0).toInstant(ZoneOffset.UTC);
            double days = day.minusDays(back).toEpochDay();
            Optional<Instant> when = Optional.of(at);
            Grid clear = grid(Kind.TEMPERATURE, when, frame, spot -> water.temperatureC(spot, days));
            all.add(water.clouded(clear, back, NOISE_C));
            all.add(water.clouded(grid(Kind.COLOUR, when, frame, spot -> water.colour(spot, days)), 40 + back, 0.02));
            all.add(grid(Kind.HEIGHT, when, frame, spot -> 0.18 * Math.tanh(water.fromEdge(spot, days) / 14)));
            all.add(grid(Kind.CURRENT_EAST, when, frame, spot -> water.current(spot, days) * Math.sin(water.alongRad)));
            all.add(grid(
                    Kind.CURRENT_NORTH, when, frame, spot -> water.current(spot, days) * Math.cos(water.alongRad)));
        }
        return all;
    }

    private static Frame frame(Spot middle, int rows, int columns, double stepDeg) {
        return new Frame(
                rows,
                columns,
                middle.latDeg() - (rows - 1) * stepDeg / 2,
                middle.lonDeg() - (columns - 1) * stepDeg / 2,
                stepDeg,
                stepDeg);
    }

    private interface Field {
        double at(Spot spot);
    }

    private static Grid grid(Kind kind, Optional<Instant> at, Frame frame, Field field) {
        var values = new float[frame.rows() * frame.columns()];
        for (int i = 0; i < values.length; i++) {
            values[i] =
                    (float) field.at(new Spot(frame.latDeg(i / frame.columns()), frame.lonDeg(i % frame.columns())));
        }
        return new Grid(kind, at, frame, values);
    }

    /** Along the ledge and across it to deep water (nautical miles). */
    private double[] onLedge(Spot spot) {
        double off = coast.middle.toM(spot) / MILE_M;
        double way = coast.middle.bearingRad(spot) - alongRad;
        double along = off * Math.cos(way);
        return new double[] {along, off * Math.sin(way) - 0.9 * Math.sin(along / 4.1 + dice.between(0, 6, "ledge", 0))};
    }

    private double depthM(Spot spot) {
        double[] at = onLedge(spot);
        double depth = (coast.shallowM + coast.deepM) / 2
                + (coast.deepM - coast.shallowM) / 2 * Math.tanh((at[1] - 1.5) / 2.4);
        for (int hump = 0; hump < 3; hump++) {
            double along = at[0] - dice.between(-11, 11, "hump along", hump);
            double across = at[1] - dice.between(2.5, 7, "hump across", hump);
            depth -= 0.55 * depth * Math.exp(-(along * along + across * across) / (2 * 0.8 * 0.8));
        }
        return Math.max(6, depth + 1.5 * Math.sin(at[0] * 1.7) * Math.cos(at[1] * 2.1));
    }

    /** Of the warm side (nautical miles): the edge winds, and drifts by a mile or so a day. */
    private double fromEdge(Spot spot, double day) {
        double[] at = onLedge(spot);
        double drift = 1.1 * (day - 20_620) % 9;
        double winds = 3.2 * Math.sin((at[0] - 1.4 * day) / 6.3) + 1.3 * Math.sin((at[0] + 0.8 * day) / 2.4);
        return at[1] - 4.5 + 0.25 * drift - winds;
    }

    private double temperatureC(Spot spot, double day) {
        double edge = fromEdge(spot, day);
        double north = coast.middle.latDeg() - spot.latDeg();
        return coast.colderC
                + coast.stepC * (0.5 + 0.5 * Math.tanh(edge / 0.9))
                + 0.5 * north
                + 0.12 * Math.sin(edge / 5.1 + onLedge(spot)[0] / 7);
    }

    /** Green on the colder side, and past the edge by a little. */
    private double colour(Spot spot, double day) {
        double edge = fromEdge(spot, day) - 0.6;
        return 0.12 + 0.5 * (0.5 - 0.5 * Math.tanh(edge / 1.2));
    }

    /** Quickest along the edge (m/s). */
    private double current(Spot spot, double day) {
        double edge = fromEdge(spot, day);
        return 0.1 + 0.42 * Math.exp(-edge * edge / 18);
    }

    private Grid clouded(Grid clear, long which, double noise) {
        Frame frame = clear.frame();
        var random = new SplittableRandom(coast.seed * 7919 + which);
        double[] phase = new double[8];
        for (int i = 0; i < phase.length; i++) {
            phase[i] = 2 * Math.PI * random.nextDouble();
        }
        float[] values = clear.values().clone();
        for (int i = 0; i < values.length; i++) {
            double row = i / frame.columns();
            double column = i % frame.columns();
            double cloud = Math.sin(row / 6 + phase[0]) * Math.sin(column / 7 + phase[1])
                    + 0.7 * Math.sin(row / 3.1 + column / 4.3 + phase[2])
                    + 0.5 * Math.sin(row / 1.9 - column / 2.3 + phase[3]);
            values[i] = cloud > 1.9 - 4 * CLOUD_SHARE ? Float.NaN : values[i] + (float) (noise * random.nextGaussian());
        }
        return new Grid(clear.kind(), clear.at(), frame, values);
    }
}
