package org.mosswake.core.clock;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.mosswake.core.units.Plane;

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
        EBB_BEGINS;

        public boolean ofTheStream() {
            return this == FLOOD_BEGINS || this == EBB_BEGINS;
        }
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

    /** The same as it sets: to the north and to the east (m/s). */
    public double[] streamNorthEast(Instant at) {
        double towards = Math.toRadians(floodTowardsDeg);
        double mps = streamMps(at);
        return new double[] {mps * Math.cos(towards), mps * Math.sin(towards)};
    }

    /** @param turns of the days around it, in order */
    public TidalStream streamAt(Instant at, List<Turn> turns) {
        double flood = streamMps(at);
        double towards = Math.toRadians(flood < 0 ? floodTowardsDeg + 180 : floodTowardsDeg);
        return new TidalStream(
                Math.abs(flood),
                towards % (2 * Math.PI),
                turns.stream()
                        .filter(turn -> turn.event().ofTheStream() && turn.at().isAfter(at))
                        .map(Turn::at)
                        .findFirst());
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
        look(turns, this::rise, from, to, Event.LOW, Event.HIGH);
        look(turns, this::streamMps, from, to, Event.FLOOD_BEGINS, Event.EBB_BEGINS);
        turns.sort(Comparator.comparing(Turn::at));
        return turns;
    }

    private void look(
            List<Turn> turns, ToDoubleFunction<Instant> of, Instant from, Instant to, Event upwards, Event downwards) {
        boolean positive = of.applyAsDouble(from) > 0;
        for (Instant at = from; at.isBefore(to); at = at.plus(LOOK)) {
            Instant next = at.plus(LOOK);
            boolean nextPositive = of.applyAsDouble(next) > 0;
            if (positive != nextPositive) {
                Instant turn = crossing(of, at, next, nextPositive);
                if (turn.isBefore(to)) {
                    turns.add(new Turn(nextPositive ? upwards : downwards, turn, heightM(turn)));
                }
            }
            positive = nextPositive;
        }
    }

    private double rise(Instant at) {
        return heightM(at.plusSeconds(30)) - heightM(at.minusSeconds(30));
    }

    /** Where it takes the sign it has at the end, to a second. */
    private static Instant crossing(ToDoubleFunction<Instant> of, Instant from, Instant to, boolean endsPositive) {
        double span = Duration.between(from, to).toMillis();
        double sign = endsPositive ? 1 : -1;
        // Either end may lie a hair on the other side of zero: it is taken at its word.
        UnivariateFunction rising = ms -> {
            double value = sign * of.applyAsDouble(from.plusMillis(Math.round(ms)));
            return ms <= 0 ? Math.min(0, value) : ms >= span ? Math.max(0, value) : value;
        };
        return from.plusMillis(Math.round(new BrentSolver(500).solve(100, rising, 0, span)));
    }

    /** Of the stations known, the nearest within some sixty kilometres. */
    public static Optional<TideStation> near(List<TideStation> stations, double latitudeDeg, double longitudeDeg) {
        return stations.stream()
                .filter(station -> station.awayDeg(latitudeDeg, longitudeDeg) <= NEAR_DEG)
                .min(Comparator.comparingDouble(station -> station.awayDeg(latitudeDeg, longitudeDeg)));
    }

    private double awayDeg(double latitude, double longitude) {
        double east = Math.IEEEremainder(longitude - longitudeDeg, 360) * Math.cos(Math.toRadians(latitudeDeg));
        return Plane.hypot(latitude - latitudeDeg, east);
    }
}
