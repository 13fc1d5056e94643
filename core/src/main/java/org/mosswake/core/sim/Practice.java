package org.mosswake.core.sim;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import org.mosswake.core.clock.SunDay.Light;
import org.mosswake.core.live.Sample;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.strikes.Seen;
import org.mosswake.core.units.Plane;

/** A day on an invented sea: she sails, her instruments write, fish take what they like. */
public final class Practice {
    /** So far birds are seen (m), and */
    private static final double BIRDS_M = 1600;
    /** weed and the edge of a rip. */
    private static final double NEAR_M = 150;

    private static final double RIP_IS_SEEN = 0.5;

    private static final double DEFAULT_POSITION_TASTE = 0.8;
    private static final double WARMEST_C = 26;
    private static final double COLDER_A_DEGREE = 0.72;

    private final long seed;
    private final double alongDeg;
    private final SyntheticSea sea;
    private final PracticeBoat boat;
    private final Fishing fishing;

    /**
     * @param home     where the sea lies
     * @param alongDeg which way its ledge runs and the flood sets
     * @param flood    at a moment, the ebb negative (m/s)
     * @param light    at a moment
     */
    public Practice(
            long seed,
            Sample.Place home,
            double alongDeg,
            ToDoubleFunction<Instant> flood,
            Function<Instant, Light> light) {
        this.seed = seed;
        this.alongDeg = alongDeg;
        double surface = surfaceC(home.latitudeDeg());
        sea = new SyntheticSea(seed, alongDeg, surface, flood, light);
        boat = new PracticeBoat(sea, home);
        fishing = new Fishing(sea, new Tastes(seed, DEFAULT_POSITION_TASTE), swims(surface));
    }

    /** Warm near the line, cold away from it. */
    private static double surfaceC(double latitudeDeg) {
        return Math.max(6, WARMEST_C - COLDER_A_DEGREE * Math.max(0, Math.abs(latitudeDeg) - 24));
    }

    private static List<Species> swims(double surfaceC) {
        List<Species> home = Arrays.stream(Species.values())
                .filter(species -> species.isAtHomeIn(surfaceC))
                .toList();
        return home.isEmpty() ? List.of(Species.STRIPED_BASS) : home;
    }

    public SyntheticSea sea() {
        return sea;
    }

    public PracticeState begin(Instant at, double holdMps) {
        return PracticeState.begin(seed, at, alongDeg, holdMps);
    }

    /**
     * A line that is out.
     *
     * @param aheadM     of its lure before her, negative astern, with {@code starboardM}
     * @param cleanSince when somebody last saw it clean
     */
    public record Line(UUID lineId, Offer offer, double aheadM, double starboardM, Instant cleanSince) {}

    /**
     * A second later.
     *
     * @param lines as they were when last looked
     */
    public PracticeState second(PracticeState was, List<Line> lines) {
        PracticeState sailed = boat.second(was);
        return fishing.second(
                sailed, lines.stream().map(line -> towed(sailed, line)).toList());
    }

    /** What her instruments write at that moment: NMEA 0183. */
    public List<String> writes(PracticeState state) {
        return boat.writes(state);
    }

    /** Lures go where she goes. */
    private Fishing.Towed towed(PracticeState state, Line line) {
        double heading = Math.toRadians(state.headingDeg());
        double north = state.northM() + line.aheadM() * Math.cos(heading) - line.starboardM() * Math.sin(heading);
        double east = state.eastM() + line.aheadM() * Math.sin(heading) + line.starboardM() * Math.cos(heading);
        return new Fishing.Towed(line.lineId(), line.offer(), north, east, line.cleanSince());
    }

    /**
     * Something that can be seen from her.
     *
     * @param bearingDeg off the bow, clockwise
     */
    public record Sight(Seen what, double bearingDeg, double distanceM) {}

    /** What a crew that looks about sees, the nearest first. */
    public List<Sight> sights(PracticeState state) {
        var sights = new ArrayList<Sight>();
        for (Flock flock : sea.flocks(state.at())) {
            sight(state, flock.doing(), flock.northM(), flock.eastM(), BIRDS_M).ifPresent(sights::add);
        }
        ahead(state, Seen.WEED, sea::weed).ifPresent(sights::add);
        ahead(state, Seen.EDGE, (north, east) -> sea.rip(north, east, state.at()) > RIP_IS_SEEN)
                .ifPresent(sights::add);
        sights.sort(Comparator.comparingDouble(Sight::distanceM));
        return sights;
    }

    private interface Lies {
        boolean at(double northM, double eastM);
    }

    /** The nearest of it ahead of her, on either bow. */
    private static Optional<Sight> ahead(PracticeState state, Seen what, Lies lies) {
        for (double off = 20; off <= NEAR_M; off += 10) {
            for (double bearing = -45; bearing <= 45; bearing += 15) {
                double towards = Math.toRadians(state.headingDeg() + bearing);
                double north = state.northM() + off * Math.cos(towards);
                double east = state.eastM() + off * Math.sin(towards);
                if (lies.at(north, east)) {
                    return sight(state, what, north, east, NEAR_M);
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Sight> sight(
            PracticeState state, Seen what, double northM, double eastM, double furthestM) {
        double north = northM - state.northM();
        double east = eastM - state.eastM();
        double off = Plane.hypot(north, east);
        double bearing = (NmeaWriter.towards(north, east) - state.headingDeg() + 360) % 360;
        return off <= furthestM ? Optional.of(new Sight(what, bearing, off)) : Optional.empty();
    }

    /** Bait under her: from where to where (m). */
    public Optional<double[]> bait(PracticeState state) {
        return sea.bait(state.northM(), state.eastM(), state.at());
    }

    /** What her lines tell. */
    public enum Told {
        GOES_OFF,
        STILL_ON,
        ALONGSIDE,
        GONE,
        WEEDY
    }

    /**
     * @param species once it can be seen
     * @param kg      about, once it can be seen
     */
    public record Signal(Told told, UUID lineId, Instant since, Optional<String> species, Optional<Double> kg) {}

    private static final Duration GOES_OFF = Duration.ofSeconds(20);

    public List<Signal> signals(PracticeState state) {
        var signals = new ArrayList<Signal>();
        for (Bite bite : state.bites()) {
            boolean over = !bite.ends().isAfter(state.at());
            Told told = over
                    ? bite.landed() ? Told.ALONGSIDE : Told.GONE
                    : Duration.between(bite.at(), state.at()).compareTo(GOES_OFF) <= 0 ? Told.GOES_OFF : Told.STILL_ON;
            boolean seen = told == Told.ALONGSIDE;
            signals.add(new Signal(
                    told,
                    bite.lineId(),
                    over ? bite.ends() : bite.at(),
                    seen ? Optional.of(bite.species()) : Optional.empty(),
                    seen ? Optional.of(bite.kg()) : Optional.empty()));
        }
        state.weedy()
                .forEach((line, since) ->
                        signals.add(new Signal(Told.WEEDY, line, since, Optional.empty(), Optional.empty())));
        return signals;
    }

    /** A fish took in this second. */
    public static boolean isTaken(PracticeState state) {
        return state.bites().stream().anyMatch(bite -> bite.at().equals(state.at()));
    }
}
