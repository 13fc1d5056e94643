package org.mosswake.core.water;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * Fronts of a grid. The slope of the plane that fits best about each cell is held against the noise that the grid itself
 * shows; cells where it is steepest along its own direction are kept, weak ones only where they go on from strong ones
 * (Canny, "A computational approach to edge detection", IEEE PAMI 8, 1986), and only where the two sides are two waters: the
 * step between them stands out of the slope of the sea about it (the idea of two populations in a window is that of Cayula and
 * Cornillon, "Edge detection algorithm for SST images", J. Atmos. Oceanic Technol. 9, 1992). Gaps are no edges: a plane is
 * fitted to known cells alone.
 */
public final class Fronts {
    /** Slopes so many times their noise begin a front, and so many go on with it (tried on seeded seas, decision 27). */
    private static final double BEGINS = 4.6;

    private static final double GOES_ON = 2.8;
    /** Shorter ones are chance (cells). */
    private static final int SHORTEST = 8;
    /** Share of the grid that is taken to be far from fronts; lengths of slopes of noise are Rayleigh. */
    private static final double CALM = 0.4;

    private static final double LEAST_NOISE = 1e-3;
    /** Rows that are worked through at once: a large grid needs no copies of itself. */
    private static final int BAND = 64;
    /** Rows that the noise is taken from, in bands of eight. */
    private static final int SAMPLED = 320;

    private final int rows;
    private final int columns;
    /** By row and column in one number. */
    private final Map<Integer, Front.Point> crests = new TreeMap<>();

    private Fronts(Grid grid) {
        rows = grid.frame().rows();
        columns = grid.frame().columns();
        double noise = Math.max(LEAST_NOISE, noise(grid));
        IntStream.range(0, (rows + BAND - 1) / BAND)
                .parallel()
                .mapToObj(band -> band(grid, band, noise))
                .toList()
                .forEach(points -> points.forEach(point -> crests.put(point.row() * columns + point.column(), point)));
    }

    /** The longest first. */
    public static List<Front> of(Grid grid) {
        return new Fronts(grid).all();
    }

    private List<Front.Point> band(Grid grid, int band, double noise) {
        int from = band * BAND;
        int to = Math.min(rows, from + BAND);
        return new Crests(grid, from, to, noise, GOES_ON).of(from, to);
    }

    /**
     * Of single cells, as the slopes of the calmer part of the grid show it: noise that neighbours share makes more of a slope
     * than white noise does, and is counted so.
     */
    private double noise(Grid grid) {
        int bands = Math.max(1, Math.min(rows, SAMPLED) / 8);
        float[] calm = IntStream.range(0, bands)
                .parallel()
                .mapToObj(band -> {
                    int from = (int) ((long) band * (rows - Math.min(rows, 8)) / Math.max(1, bands - 1));
                    return new Slopes(grid, from, Math.min(rows, from + 8));
                })
                .map(Fronts::calm)
                .reduce(new float[0], Fronts::joined);
        Arrays.sort(calm);
        return calm.length == 0 ? 0 : calm[(int) (CALM * calm.length)] / Math.sqrt(-2 * Math.log(1 - CALM));
    }

    private static float[] calm(Slopes slopes) {
        var calm = new float[slopes.steep.length];
        int count = 0;
        for (int i = 0; i < calm.length; i++) {
            if (slopes.cover[i] >= Crests.LEAST_COVER) {
                calm[count++] = slopes.steep[i] / slopes.noise[i];
            }
        }
        return Arrays.copyOf(calm, count);
    }

    private static float[] joined(float[] a, float[] b) {
        float[] all = Arrays.copyOf(a, a.length + b.length);
        System.arraycopy(b, 0, all, a.length, b.length);
        return all;
    }

    private List<Front> all() {
        var seen = new HashSet<Integer>();
        List<Front> fronts = new ArrayList<>();
        crests.forEach((i, point) -> {
            if (point.sure() >= BEGINS && !seen.contains(i)) {
                Set<Integer> together = together(i, seen);
                if (together.size() >= SHORTEST) {
                    lines(together).forEach(line -> fronts.add(front(line)));
                }
            }
        });
        fronts.sort(Collections.reverseOrder(
                (a, b) -> Integer.compare(a.points().size(), b.points().size())));
        return fronts;
    }

    /** Cells that hang together, by their corners too. */
    private Set<Integer> together(int first, Set<Integer> seen) {
        var all = new TreeSet<Integer>();
        var open = new ArrayDeque<Integer>(List.of(first));
        seen.add(first);
        while (!open.isEmpty()) {
            int i = open.pop();
            all.add(i);
            for (int beside : about(i)) {
                if (crests.containsKey(beside) && seen.add(beside)) {
                    open.add(beside);
                }
            }
        }
        return all;
    }

    private List<Integer> about(int i) {
        var all = new ArrayList<Integer>(8);
        int row = i / columns;
        int column = i % columns;
        for (int y = Math.max(0, row - 1); y <= Math.min(rows - 1, row + 1); y++) {
            for (int x = Math.max(0, column - 1); x <= Math.min(columns - 1, column + 1); x++) {
                if (x != column || y != row) {
                    all.add(y * columns + x);
                }
            }
        }
        return all;
    }

    /** The longest way through them, then that through what is left: a front that forks is two. */
    private List<List<Integer>> lines(Set<Integer> together) {
        var left = new TreeSet<>(together);
        var lines = new ArrayList<List<Integer>>();
        while (!left.isEmpty()) {
            int end = farthest(left.first(), left).get(0);
            List<Integer> line = farthest(end, left);
            // What only widens the line is none of its own.
            line.forEach(i -> {
                left.remove(i);
                about(i).forEach(left::remove);
            });
            if (lines.isEmpty() || line.size() >= SHORTEST) {
                lines.add(line);
            }
        }
        return lines;
    }

    /** The way from the cell that is farthest from here. */
    private List<Integer> farthest(int from, Set<Integer> in) {
        var before = new HashMap<Integer, Integer>();
        before.put(from, -1);
        var open = new ArrayDeque<Integer>(List.of(from));
        int last = from;
        while (!open.isEmpty()) {
            last = open.pollFirst();
            for (int beside : about(last)) {
                if (in.contains(beside) && before.putIfAbsent(beside, last) == null) {
                    open.addLast(beside);
                }
            }
        }
        var way = new ArrayList<Integer>();
        for (int i = last; i >= 0; i = before.get(i)) {
            way.add(i);
        }
        return way;
    }

    private Front front(List<Integer> cells) {
        List<Front.Point> points = cells.stream().map(crests::get).toList();
        return new Front(
                points, points.stream().mapToDouble(Front.Point::step).average().orElse(0));
    }
}
