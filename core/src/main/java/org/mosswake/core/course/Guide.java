package org.mosswake.core.course;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.PriorityQueue;
import org.mosswake.core.units.Plane;

/**
 * Where a course should go by and large: the cheapest way over a lattice, on which water outside the band costs more (E. W. Dijkstra,
 * "A note on two problems in connexion with graphs", Numer. Math. 1, 1959). It knows nothing yet of how tightly she turns.
 */
final class Guide {
    static final double STEP_M = 50;
    private static final double NODE_M = 100;
    /** A metre outside costs as much as so many in the middle of the band. */
    private static final double OUTSIDE = 4;

    private static final double UNKNOWN = 6;
    /** At the limits of the band by so much more than in its middle. */
    private static final double AT_LIMIT = 0.8;
    /** A metre outside takes away so much of what a metre inside is worth. */
    private static final double LOST_OUTSIDE = 0.5;
    /** What going the way that was asked is worth, of a metre inside. */
    private static final double WANTED_WAY = 0.25;

    private final Band band;
    private final int half;
    private final int side;
    private final double north;
    private final double east;
    private final double[] cost;
    private final float[] metres;
    private final float[] inside;
    private final int[] from;

    private Guide(Band band, Pose start, double reachM) {
        this.band = band;
        north = start.northM();
        east = start.eastM();
        half = (int) Math.ceil(reachM / NODE_M) + 1;
        side = 2 * half + 1;
        cost = new double[side * side];
        metres = new float[side * side];
        inside = new float[side * side];
        from = new int[side * side];
        spread();
    }

    /** Between two places. */
    static List<Pose> between(Band band, Pose start, Pose end) {
        var guide = new Guide(band, start, 1.5 * start.toM(end) + 1000);
        return guide.to(guide.node(end));
    }

    /**
     * Along the band for so far, or as far as it goes.
     *
     * @param towardsRad the way that is wanted rather; NaN for any
     */
    static List<Pose> along(Band band, Pose start, double lengthM, double towardsRad) {
        var guide = new Guide(band, start, lengthM);
        int best = -1;
        double most = -1;
        for (int i = 0; i < guide.cost.length; i++) {
            if (guide.metres[i] > lengthM || guide.from[i] < 0) {
                continue;
            }
            double worth = guide.inside[i] - LOST_OUTSIDE * (guide.metres[i] - guide.inside[i]);
            if (!Double.isNaN(towardsRad)) {
                worth += WANTED_WAY * guide.metres[i] * Math.cos(start.bearingRad(guide.pose(i)) - towardsRad);
            }
            if (worth > most) {
                most = worth;
                best = i;
            }
        }
        return best < 0 ? List.of() : guide.to(best);
    }

    private int node(Pose place) {
        int row = (int) Math.round((place.northM() - north) / NODE_M) + half;
        int column = (int) Math.round((place.eastM() - east) / NODE_M) + half;
        return row * side + column;
    }

    private Pose pose(int node) {
        return new Pose(north + (node / side - half) * NODE_M, east + (node % side - half) * NODE_M, 0);
    }

    private record Reached(int node, double cost) {}

    private void spread() {
        Arrays.fill(cost, Double.MAX_VALUE);
        Arrays.fill(from, -1);
        var perM = new double[cost.length];
        for (int i = 0; i < perM.length; i++) {
            perM[i] = perMetre(pose(i));
        }
        int start = half * side + half;
        cost[start] = 0;
        var queue = new PriorityQueue<Reached>((a, b) -> Double.compare(a.cost(), b.cost()));
        queue.add(new Reached(start, 0));
        while (!queue.isEmpty()) {
            Reached here = queue.poll();
            if (here.cost() > cost[here.node()]) {
                continue;
            }
            for (int up = -1; up <= 1; up++) {
                for (int right = -1; right <= 1; right++) {
                    step(here.node(), up, right, perM, queue);
                }
            }
        }
    }

    private void step(int node, int up, int right, double[] perM, PriorityQueue<Reached> queue) {
        int row = node / side + up;
        int column = node % side + right;
        if (up == 0 && right == 0 || row < 0 || column < 0 || row >= side || column >= side) {
            return;
        }
        int next = row * side + column;
        double length = NODE_M * Plane.hypot(up, right);
        double there = cost[node] + length * (perM[node] + perM[next]) / 2;
        if (there < cost[next]) {
            cost[next] = there;
            from[next] = node;
            metres[next] = (float) (metres[node] + length);
            inside[next] = (float) (inside[node] + (perM[next] <= 1 + AT_LIMIT ? length : 0));
            queue.add(new Reached(next, there));
        }
    }

    private double perMetre(Pose at) {
        double within = band.within(at.northM(), at.eastM());
        if (Double.isNaN(within)) {
            return UNKNOWN;
        }
        return within < 0 ? OUTSIDE : 1 + AT_LIMIT * (1 - within) * (1 - within);
    }

    private List<Pose> to(int node) {
        var nodes = new ArrayList<Pose>();
        for (int at = node; at >= 0; at = from[at]) {
            nodes.add(pose(at));
        }
        Collections.reverse(nodes);
        return evenly(smooth(smooth(nodes)));
    }

    /** The corners of the lattice off. */
    private static List<Pose> smooth(List<Pose> rough) {
        var smooth = new ArrayList<Pose>();
        for (int i = 0; i < rough.size(); i++) {
            int reach = Math.min(3, Math.min(i, rough.size() - 1 - i));
            double n = 0;
            double e = 0;
            for (int k = i - reach; k <= i + reach; k++) {
                n += rough.get(k).northM();
                e += rough.get(k).eastM();
            }
            smooth.add(new Pose(n / (2 * reach + 1), e / (2 * reach + 1), 0));
        }
        return smooth;
    }

    /** In even steps, each heading for the next. */
    static List<Pose> evenly(List<Pose> line) {
        var even = new ArrayList<Pose>();
        double into = 0;
        for (int i = 0; i + 1 < line.size(); i++) {
            Pose from = line.get(i);
            double length = from.toM(line.get(i + 1));
            double heading = from.bearingRad(line.get(i + 1));
            var leg = new Pose(from.northM(), from.eastM(), heading);
            for (; into < length; into += STEP_M) {
                even.add(leg.ahead(into));
            }
            into -= length;
        }
        return even;
    }
}
