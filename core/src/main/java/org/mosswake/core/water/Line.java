package org.mosswake.core.water;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Points of all fronts of a grid, looked up by place. */
final class Line {
    /**
     * @param bendRad how much its front turns within a mile about it
     * @param length  of its front (points)
     */
    record At(Spot spot, Front.Point point, double bendRad, int length) {}

    private static final int BEND_POINTS = 3;

    private final List<At> points = new ArrayList<>();
    private final List<List<Spot>> fronts = new ArrayList<>();

    Line(Grid grid) {
        for (Front front : Fronts.of(grid)) {
            List<Spot> spots = front.points().stream()
                    .map(point -> new Spot(
                            grid.frame().latDeg(point.row()), grid.frame().lonDeg(point.column())))
                    .toList();
            fronts.add(spots);
            for (int i = 0; i < spots.size(); i++) {
                points.add(new At(spots.get(i), front.points().get(i), bend(spots, i), spots.size()));
            }
        }
    }

    /** Between the ways to some points before and after. */
    private static double bend(List<Spot> spots, int i) {
        int before = i - BEND_POINTS;
        int after = i + BEND_POINTS;
        if (before < 0 || after >= spots.size()) {
            return 0;
        }
        Spot here = spots.get(i);
        return Math.abs(Math.IEEEremainder(
                here.bearingRad(spots.get(after)) - spots.get(before).bearingRad(here), 2 * Math.PI));
    }

    /** Each front from one end to the other, the longest first. */
    List<List<Spot>> fronts() {
        return fronts;
    }

    List<At> points() {
        return points;
    }

    Optional<At> nearest(Spot spot, double withinM) {
        At best = null;
        double least = withinM;
        for (At at : points) {
            double off = spot.toM(at.spot());
            if (off <= least) {
                least = off;
                best = at;
            }
        }
        return Optional.ofNullable(best);
    }
}
