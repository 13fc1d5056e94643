package org.mosswake.core.water;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Plane;
import org.mosswake.core.units.Sentence;
import org.mosswake.core.water.Beginning.Reason;
import org.mosswake.core.water.Beginning.Rule;

/**
 * Where to begin: every stretch of front and every structure within reach is weighed for what is wanted, by reasons that add up
 * (handbook §3: the step matters more than the value, an edge over structure is the first choice). Weights are ESTIMATE.
 */
public final class Beginnings {
    /** Two of them are two places (m). */
    private static final double APART_M = 3 * Spot.MILE_M;

    private static final double NEAR_M = 0.6 * Spot.MILE_M;
    /** A front that was within this of here a day before has held (m). */
    private static final double HELD_M = 2 * Spot.MILE_M;

    private static final double STRUCK_M = 1.5 * Spot.MILE_M;
    private static final double LATTICE_M = 0.7 * Spot.MILE_M;
    private static final double BEND_RAD = Math.toRadians(50);
    private static final double FELT_MPS = 0.15;
    private static final Duration OLD = Duration.ofHours(30);
    /** Who looks further back looks at another sea. */
    private static final int DAYS_BACK = 3;

    /**
     * @param wanted absent where nobody said: warmth says nothing then
     * @param home   from where she runs out
     * @param reachM how far she may
     * @param struck where lures were taken in the same weeks of other years; absent where no log is kept
     */
    public record Ask(
            Waters waters,
            Optional<Wanted> wanted,
            Spot home,
            double reachM,
            Instant at,
            Optional<List<Spot>> struck) {}

    /**
     * @param lacking what is not known, and what it could change
     * @param edges   fronts of the newest picture of temperature, {@code before} those of the one of a day earlier
     */
    public record Found(
            List<Beginning> places, List<Sentence> lacking, List<List<Spot>> edges, List<List<Spot>> before) {
        public Found {
            places = List.copyOf(places);
            lacking = List.copyOf(lacking);
            edges = List.copyOf(edges);
            before = List.copyOf(before);
        }
    }

    private final Ask ask;
    private final Optional<Grid> temperature;
    private final Optional<Grid> depth;
    private final Optional<Line> edge;
    private final Optional<Line> colour;
    private final List<Line> before;

    private Beginnings(Ask ask) {
        this.ask = ask;
        temperature = ask.waters().newest(Grid.Kind.TEMPERATURE);
        depth = ask.waters().newest(Grid.Kind.DEPTH);
        edge = temperature.map(Line::new);
        colour = ask.waters().newest(Grid.Kind.COLOUR).map(Line::new);
        before = ask.waters().daysOf(Grid.Kind.TEMPERATURE).stream()
                .skip(1)
                .limit(DAYS_BACK)
                .map(Line::new)
                .toList();
    }

    /** @param count of places at most */
    public static Found of(Ask ask, int count) {
        var all = new Beginnings(ask);
        return new Found(
                all.best(count),
                all.lacking(),
                all.edge.map(Line::fronts).orElse(List.of()),
                all.before.stream().findFirst().map(Line::fronts).orElse(List.of()));
    }

    private List<Beginning> best(int count) {
        var all = new ArrayList<Beginning>();
        edge.ifPresent(line -> line.points().stream()
                .filter(at -> ask.home().toM(at.spot()) <= ask.reachM())
                .forEach(at -> all.add(weigh(at.spot(), Optional.of(at)))));
        structures().forEach(spot -> all.add(weigh(spot, edge.flatMap(line -> line.nearest(spot, NEAR_M)))));
        all.sort(Comparator.comparingInt(Beginning::tenths).reversed());
        var chosen = new ArrayList<Beginning>();
        for (Beginning one : all) {
            if (chosen.size() < count
                    && one.tenths() > 0
                    && chosen.stream().allMatch(other -> other.spot().toM(one.spot()) >= APART_M)) {
                chosen.add(one);
            }
        }
        return chosen;
    }

    /** Places of a lattice within reach over which the bottom does something. */
    private List<Spot> structures() {
        if (depth.isEmpty()) {
            return List.of();
        }
        var spots = new ArrayList<Spot>();
        int far = (int) Math.ceil(ask.reachM() / LATTICE_M);
        for (int north = -far; north <= far; north++) {
            for (int east = -far; east <= far; east++) {
                double off = LATTICE_M * Plane.hypot(north, east);
                Spot spot = ask.home().on(Math.atan2(east, north), off);
                if (off <= ask.reachM()
                        && Bottom.about(depth.get(), spot)
                                .filter(bottom -> bottom.isHump() || bottom.isEdge())
                                .isPresent()) {
                    spots.add(spot);
                }
            }
        }
        return spots;
    }

    private Beginning weigh(Spot spot, Optional<Line.At> front) {
        var reasons = new ArrayList<Reason>();
        Optional<Bottom> bottom = depth.flatMap(grid -> Bottom.about(grid, spot));
        boolean structure = bottom.filter(one -> one.isHump() || one.isEdge()).isPresent();
        front.ifPresent(at -> step(at, reasons));
        bottom.filter(one -> structure).ifPresent(one -> bottom(one, front.isPresent(), reasons));
        front.ifPresent(at -> history(at, reasons));
        colour.flatMap(line -> line.nearest(spot, NEAR_M))
                .ifPresent(at -> reasons.add(new Reason(
                        Rule.COLOUR,
                        12,
                        Sentence.of("green meets blue, green " + side(at.point().toRad())))));
        temperature
                .flatMap(grid -> grid.about(spot.latDeg(), spot.lonDeg()))
                .ifPresent(celsius -> ask.wanted().ifPresent(wanted -> warmth(celsius, wanted, reasons)));
        if (structure) {
            stream(spot, reasons);
        }
        strikes(spot, reasons);
        old(front.isPresent(), reasons);
        far(spot, reasons);
        reasons.sort(Comparator.comparingInt((Reason reason) -> -Math.abs(reason.tenths())));
        return new Beginning(
                spot,
                reasons.stream().mapToInt(Reason::tenths).sum(),
                title(front, bottom),
                ask.home().toM(spot),
                Math.floorMod(Math.round(Math.toDegrees(ask.home().bearingRad(spot))), 360),
                front.map(at -> at.point().perMile()).orElse(0.0),
                reasons);
    }

    /** 0.3 K is hardly an edge, one of 1 K or more is as good as they come. */
    private static void step(Line.At at, List<Reason> reasons) {
        double step = at.point().step();
        int tenths = (int) Math.round(Math.max(4, Math.min(26, 30 * (step - 0.1))));
        reasons.add(new Reason(
                Rule.STEP,
                tenths,
                Sentence.of(
                        "{0} step, {1} of it in a mile, warm side "
                                + side(at.point().toRad()),
                        Figure.step(step),
                        Figure.step(at.point().perMile()))));
        if (at.bendRad() >= BEND_RAD) {
            reasons.add(new Reason(Rule.BEND, 7, Sentence.of("it bends here, which holds what drifts")));
        }
    }

    private static void bottom(Bottom bottom, boolean edge, List<Reason> reasons) {
        Sentence says = bottom.isHump()
                ? Sentence.of("a hump to {0} in {1}", Figure.distance(bottom.hereM()), Figure.distance(bottom.leastM()))
                : Sentence.of(
                        "the bottom falls from {0} to {1}",
                        Figure.distance(bottom.leastM()), Figure.distance(bottom.mostM()));
        reasons.add(new Reason(Rule.STRUCTURE, bottom.isHump() ? 9 : 7, says));
        if (edge) {
            reasons.add(new Reason(Rule.OVER_STRUCTURE, 10, Sentence.of("the edge lies right over it")));
        }
    }

    private void history(Line.At at, List<Reason> reasons) {
        if (before.isEmpty()) {
            return;
        }
        int held = 0;
        for (Line day : before) {
            if (day.nearest(at.spot(), HELD_M).isEmpty()) {
                break;
            }
            held++;
        }
        if (held > 0) {
            reasons.add(new Reason(
                    Rule.HELD,
                    4 + 3 * held,
                    held == 1
                            ? Sentence.of("it was here the day before too")
                            : Sentence.of("held here for {0} days", Figure.count(held))));
            return;
        }
        before.get(0)
                .nearest(at.spot(), 4 * HELD_M)
                .ifPresent(day -> reasons.add(new Reason(
                        Rule.MOVED,
                        -3,
                        Sentence.of(
                                "it came {0} since the day before, from the "
                                        + compass(at.spot().bearingRad(day.spot())),
                                Figure.miles(at.spot().toM(day.spot()))))));
    }

    private static void warmth(double celsius, Wanted wanted, List<Reason> reasons) {
        Figure figure = Figure.temperature(celsius);
        if (celsius >= wanted.from() && celsius <= wanted.to()) {
            reasons.add(new Reason(Rule.WARMTH, 5, Sentence.of("{0} suits " + wanted.words(), figure)));
        } else if (celsius < wanted.coldest() || celsius > wanted.warmest()) {
            String how = celsius < wanted.coldest() ? "too cold" : "too warm";
            reasons.add(new Reason(Rule.WARMTH, -20, Sentence.of("{0} is " + how + " for " + wanted.words(), figure)));
        } else {
            String how = celsius < wanted.from() ? "cool" : "warm";
            reasons.add(new Reason(Rule.WARMTH, -5, Sentence.of("{0} is " + how + " for " + wanted.words(), figure)));
        }
    }

    private void stream(Spot spot, List<Reason> reasons) {
        Optional<Double> east =
                ask.waters().newest(Grid.Kind.CURRENT_EAST).flatMap(at -> at.at(spot.latDeg(), spot.lonDeg()));
        Optional<Double> north =
                ask.waters().newest(Grid.Kind.CURRENT_NORTH).flatMap(at -> at.at(spot.latDeg(), spot.lonDeg()));
        if (east.isEmpty() || north.isEmpty()) {
            return;
        }
        double mps = Plane.hypot(east.get(), north.get());
        if (mps >= FELT_MPS) {
            // Fish wait where the water meets what stands in it.
            reasons.add(new Reason(
                    Rule.STREAM,
                    (int) Math.round(Math.min(8, 12 * mps)),
                    Sentence.of(
                            "{0} of current sets onto it: try its " + compass(Math.atan2(-east.get(), -north.get()))
                                    + " side",
                            Figure.speed(mps))));
        }
    }

    private void strikes(Spot spot, List<Reason> reasons) {
        long near = ask.struck().stream()
                .flatMap(List::stream)
                .filter(struck -> struck.toM(spot) <= STRUCK_M)
                .count();
        if (near > 0) {
            reasons.add(new Reason(
                    Rule.STRIKES,
                    (int) Math.round(Math.min(14, 4 * Math.sqrt(near))),
                    Sentence.of(
                            "{0} " + (near == 1 ? "strike" : "strikes")
                                    + " of yours within a mile and a half in these weeks",
                            Figure.count(near))));
        }
    }

    /** An edge drifts: a picture of it is worth less by the day. */
    private void old(boolean edge, List<Reason> reasons) {
        Optional<Duration> age = temperature
                .flatMap(Grid::at)
                .map(at -> Duration.between(at, ask.at()))
                .filter(since -> since.compareTo(OLD) > 0);
        if (edge && age.isPresent()) {
            double days = age.get().toHours() / 24.0;
            reasons.add(new Reason(
                    Rule.OLD,
                    -(int) Math.round(Math.min(15, 5 * days)),
                    Sentence.of("the picture is {0} days old: edges drift", Figure.count(Math.round(days)))));
        }
    }

    /** A tenth for each two miles beyond four. */
    private void far(Spot spot, List<Reason> reasons) {
        double miles = ask.home().toM(spot) / Spot.MILE_M;
        int tenths = (int) Math.round((miles - 4) / 2);
        if (tenths > 0) {
            reasons.add(new Reason(
                    Rule.FAR,
                    -tenths,
                    Sentence.of("{0} to run", Figure.miles(ask.home().toM(spot)))));
        }
    }

    private static String title(Optional<Line.At> front, Optional<Bottom> bottom) {
        boolean hump = bottom.filter(Bottom::isHump).isPresent();
        boolean ledge = bottom.filter(Bottom::isEdge).isPresent();
        if (front.isEmpty()) {
            return hump ? "Hump" : "Ledge";
        }
        if (hump || ledge) {
            return hump ? "Edge over a hump" : "Edge over the ledge";
        }
        return front.get().bendRad() >= BEND_RAD ? "Bend of the edge" : "Edge of warm water";
    }

    private List<Sentence> lacking() {
        var all = new ArrayList<Sentence>();
        if (temperature.isEmpty()) {
            all.add(Sentence.of("No temperature is here: an edge would weigh more than all of these."));
        }
        temperature
                .map(grid -> grid.frame().awayM(ask.home()))
                .filter(away -> away > ask.reachM())
                .ifPresent(away -> all.add(Sentence.of(
                        "The picture of temperature that is here begins {0} away: it is of another sea.",
                        Figure.miles(away))));
        if (colour.isEmpty()) {
            all.add(Sentence.of("Colour is not known: green against blue would add 1.2 where it lies."));
        }
        if (depth.isEmpty()) {
            all.add(Sentence.of("Depth is not known: an edge over a ledge would add 1.7."));
        }
        if (before.isEmpty() && temperature.isPresent()) {
            all.add(Sentence.of("No earlier day is here: nobody can say which edge holds."));
        }
        if (ask.struck().isEmpty()) {
            all.add(Sentence.of("The log has no strikes with a place in these weeks."));
        }
        all.add(Sentence.of("Birds anywhere lead over all of it."));
        return all;
    }

    private static String side(double toRad) {
        return compass(toRad);
    }

    private static String compass(double rad) {
        String[] names = {"north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west"};
        return names[Math.floorMod(Math.round(rad / (Math.PI / 4)), 8)];
    }
}
