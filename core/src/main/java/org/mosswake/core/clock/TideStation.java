package org.mosswake.core.clock;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * Height and stream of the tide at a place, by harmonic constituents.
 *
 * @param meanM           mean level over the station's datum (m)
 * @param height          waves of the height (m)
 * @param stream          waves of the stream, flood positive (m/s)
 * @param floodTowardsDeg which way the flood sets, clockwise from north; the ebb sets the other way
 */
public record TideStation(
        String name,
        double latitudeDeg,
        double longitudeDeg,
        double meanM,
        List<Wave> height,
        List<Wave> stream,
        double floodTowardsDeg) {
    private static final Duration LOOK = Duration.ofMinutes(10);
    private static final double NEAR_DEG = 0.6;

    /** @param lagDeg phase behind the equilibrium tide at Greenwich (°) */
    public record Wave(TideConstituent of, double amplitude, double lagDeg) {}

    public enum Event {
        HIGH,
        LOW,
        /** The stream turns to flood. */
        FLOOD_BEGINS,
        /** The stream turns to ebb. */
        EBB_BEGINS
    }

    /** @param heightM of the tide then */
    public record Turn(Event event, Instant at, double heightM) {}

    public TideStation {
        height = List.copyOf(height);
        stream = List.copyOf(stream);
    }

    public double heightM(Instant at) {
        return meanM + sum(height, at);
    }

    /** Flood positive, ebb negative (m/s). */
    public double streamMps(Instant at) {
        return sum(stream, at);
    }

    private static double sum(List<Wave> waves, Instant at) {
        var sky = new TideConstituent.Sky(at);
        double sum = 0;
        for (Wave wave : waves) {
            sum += wave.amplitude() * wave.of().at(sky, wave.lagDeg());
        }
        return sum;
    }

    /** High and low waters and turns of the stream between two moments, in order; each to a few seconds. */
    public List<Turn> turns(Instant from, Instant to) {
        var turns = new ArrayList<Turn>();
        for (Instant at = from; at.isBefore(to); at = at.plus(LOOK)) {
            Instant next = at.plus(LOOK);
            crossing(this::rise, at, next).ifPresent(turn -> add(turns, turn, Event.LOW, Event.HIGH, this::rise, to));
            crossing(this::streamMps, at, next)
                    .ifPresent(turn -> add(turns, turn, Event.FLOOD_BEGINS, Event.EBB_BEGINS, this::streamMps, to));
        }
        turns.sort((a, b) -> a.at().compareTo(b.at()));
        return turns;
    }

    private void add(
            List<Turn> turns, Instant at, Event upwards, Event downwards, ToDoubleFunction<Instant> of, Instant to) {
        if (at.isBefore(to)) {
            boolean up = of.applyAsDouble(at.plus(LOOK)) > 0;
            turns.add(new Turn(up ? upwards : downwards, at, heightM(at)));
        }
    }

    private double rise(Instant at) {
        return heightM(at.plusSeconds(30)) - heightM(at.minusSeconds(30));
    }

    private static Optional<Instant> crossing(ToDoubleFunction<Instant> of, Instant from, Instant to) {
        double start = of.applyAsDouble(from);
        if (start == 0 || start > 0 == of.applyAsDouble(to) > 0) {
            return Optional.empty();
        }
        long low = from.toEpochMilli();
        long high = to.toEpochMilli();
        while (high - low > 1000) {
            long middle = (low + high) / 2;
            if (of.applyAsDouble(Instant.ofEpochMilli(middle)) > 0 == start > 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Optional.of(Instant.ofEpochMilli(high));
    }

    /** Of the stations known, the nearest within some sixty kilometres. */
    public static Optional<TideStation> near(List<TideStation> stations, double latitudeDeg, double longitudeDeg) {
        return stations.stream()
                .filter(station -> station.awayDeg(latitudeDeg, longitudeDeg) <= NEAR_DEG)
                .min((a, b) ->
                        Double.compare(a.awayDeg(latitudeDeg, longitudeDeg), b.awayDeg(latitudeDeg, longitudeDeg)));
    }

    private double awayDeg(double latitude, double longitude) {
        double east = (longitude - longitudeDeg) * Math.cos(Math.toRadians(latitudeDeg));
        return Math.hypot(latitude - latitudeDeg, east);
    }
}
