package org.mosswake.core.log;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.clustering.Clusterable;
import org.hipparchus.clustering.DBSCANClusterer;
import org.hipparchus.distribution.discrete.BinomialDistribution;
import org.mosswake.core.clock.TidalStream;
import org.mosswake.core.clock.TideStation;
import org.mosswake.core.log.LogEntry.Place;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Plane;
import org.mosswake.core.units.Sentence;

/**
 * Where strikes lie together. Clusters by density (DBSCAN; Ester, Kriegel, Sander and Xu, 1996) on where the lures were;
 * on one day, what the stream has carried since is taken out first, for fish over no bottom go with the water.
 *
 * @param north of the middle of where was fished (m), with {@code east}
 * @param radiusM that holds them
 * @param share of the time fished that was spent there
 */
public record Places(int strikes, int of, double north, double east, double radiusM, double share) {
    /** Strikes nearer than this belong together (m, ESTIMATE: a ledge's corner, a flock's width). */
    private static final double NEAR_M = 220;

    private static final Duration STEP = Duration.ofMinutes(10);

    private static final int LEAST = 4;
    /** A cluster is looked for, so that chance must be less likely than usual to have made it. */
    private static final double CHANCE = 0.005;

    private static final double DEGREE_M = 111_195;
    private static final String[] SIDES = {
        "north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west"
    };
    /** Nearer to the middle of what was fished there is no side to it (m). */
    private static final double MIDDLE_M = 120;

    /** @param minutes fished there; 0 of a strike */
    public record Spot(Place place, Optional<Instant> at, double minutes) {
        public static Spot of(LogEntry entry) {
            return new Spot(entry.place().orElseThrow(), entry.at(), entry.minutes());
        }
    }

    /** How far the water moved to north and east between two moments (m). */
    public interface Drift {
        Drift NONE = (from, to) -> new double[2];

        double[] between(Instant from, Instant to);
    }

    /** By the tide's stream, added up. */
    public static Drift by(TideStation tide) {
        return (from, to) -> {
            double[] carried = new double[2];
            for (Instant at = from; at.isBefore(to); at = at.plus(STEP)) {
                TidalStream stream = tide.streamAt(at.plus(STEP.dividedBy(2)), List.of());
                double metres = stream.mps()
                        * Math.min(STEP.toSeconds(), Duration.between(at, to).toSeconds());
                carried[0] += metres * Math.cos(stream.towardsRad());
                carried[1] += metres * Math.sin(stream.towardsRad());
            }
            return carried;
        };
    }

    private record Point(double north, double east, double minutes) implements Clusterable {
        @Override
        public double[] getPoint() {
            return new double[] {north, east};
        }

        double from(double otherNorth, double otherEast) {
            return Plane.hypot(north - otherNorth, east - otherEast);
        }
    }

    /** The cluster that took most; empty where there is none that chance would not make. */
    public static Optional<Places> of(List<Spot> strikes, List<Spot> fished, Drift drift, Instant now) {
        if (strikes.size() < LEAST || fished.isEmpty()) {
            return Optional.empty();
        }
        Place origin = fished.get(0).place();
        List<Point> struck =
                strikes.stream().map(spot -> point(spot, origin, drift, now)).toList();
        List<Point> time =
                fished.stream().map(spot -> point(spot, origin, drift, now)).toList();
        double minutes = time.stream().mapToDouble(Point::minutes).sum();
        return new DBSCANClusterer<Point>(NEAR_M, LEAST - 1)
                .cluster(struck).stream()
                        .filter(cluster -> cluster.getPoints().size() >= LEAST)
                        .map(cluster -> found(cluster.getPoints(), struck.size(), time, minutes))
                        .filter(Places::isNoChance)
                        .max(Comparator.comparingInt(Places::strikes));
    }

    private static Point point(Spot spot, Place origin, Drift drift, Instant now) {
        double[] carried = spot.at().map(at -> drift.between(at, now)).orElse(new double[2]);
        return new Point(
                (spot.place().latitudeDeg() - origin.latitudeDeg()) * DEGREE_M + carried[0],
                (spot.place().longitudeDeg() - origin.longitudeDeg())
                                * DEGREE_M
                                * Math.cos(Math.toRadians(origin.latitudeDeg()))
                        + carried[1],
                spot.minutes());
    }

    private static Places found(List<Point> cluster, int of, List<Point> time, double minutes) {
        double north = mean(cluster.stream().map(Point::north).toList());
        double east = mean(cluster.stream().map(Point::east).toList());
        double radius = Math.max(
                NEAR_M / 2,
                cluster.stream()
                        .mapToDouble(point -> point.from(north, east))
                        .max()
                        .orElseThrow());
        double there = time.stream()
                .filter(point -> point.from(north, east) <= radius)
                .mapToDouble(Point::minutes)
                .sum();
        double middleNorth = time.stream()
                        .mapToDouble(point -> point.north() * point.minutes())
                        .sum()
                / minutes;
        double middleEast = time.stream()
                        .mapToDouble(point -> point.east() * point.minutes())
                        .sum()
                / minutes;
        return new Places(cluster.size(), of, north - middleNorth, east - middleEast, radius, there / minutes);
    }

    private static double mean(List<Double> values) {
        return values.stream().mapToDouble(one -> one).average().orElseThrow();
    }

    private boolean isNoChance() {
        double expected = Math.max(share, 0.01);
        return 1 - new BinomialDistribution(of, Math.min(1, expected)).cumulativeProbability(strikes - 1) < CHANCE;
    }

    /** On which side of what was fished, clockwise from north; empty near the middle of it. */
    public Optional<String> side() {
        if (Plane.hypot(north, east) < MIDDLE_M) {
            return Optional.empty();
        }
        double bearing = Math.toDegrees(Math.atan2(east, north));
        return Optional.of(SIDES[Math.floorMod((int) Math.round(bearing / 45), 8)]);
    }

    /** @param more such as {@code ", on the flood"} */
    public Sentence says(String more) {
        var figures = new ArrayList<Figure>(List.of(
                Figure.count(strikes),
                Figure.count(of),
                Figure.distance(Math.round(radiusM / 10) * 10.0),
                Figure.share(share)));
        return new Sentence(
                "{0} of {1} strikes lie within {2}, "
                        + side().map(side -> "on the " + side + " side of").orElse("in the middle of")
                        + " where you fished" + more + ": {3} of the time was spent there.",
                figures);
    }
}
