package org.mosswake.core.sim;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.mosswake.core.clock.MoonDay;
import org.mosswake.core.clock.SunDay.Light;
import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.Ledger;
import org.mosswake.core.log.LogEntry;
import org.mosswake.core.log.LoggedDay;
import org.mosswake.core.turn.Bend;

/**
 * Years of fishing on an invented sea, day by day and line by line: what the log finds in them can be held against the
 * tastes they were drawn from. The same seed is the same years.
 */
public final class InventedYears {
    /** A usual line over usual water is taken so often (1/min). */
    private static final double USUAL_PER_MIN = 0.015;
    /** What a day is worth varies so much: standard deviation of the logarithm. */
    private static final double DAY = 0.6;
    /** And what a position is worth to the fish. */
    private static final double POSITION = 0.6;

    /** The method of a day is known from so on: older notebooks do not say. */
    static final int PLANNED_FROM = 2022;

    private static final int DAYS_A_YEAR = 34;
    private static final int HOURS = 7;
    /** She turns for so much of an hour. */
    private static final double TURNING = 0.2;

    private static final double OUT_OF_SEASON = 0.15;
    private static final double COMES_ABOARD = 0.72;
    private static final double GOES_BACK = 0.25;

    /** Where a line is held, how far to which side (port negative), and how deep it usually runs (m). */
    private record Hold(String name, int side, double depthM) {}

    private static final List<Hold> HOLDS = List.of(
            new Hold("Centre, far", 0, 1.2),
            new Hold("Port rigger, outer clip", -1, 0.8),
            new Hold("Starboard rigger, outer clip", 1, 0.8),
            new Hold("Port stern", -1, 5),
            new Hold("Starboard downrigger", 1, 12));

    private record Lure(String name, ColourRole colour, double lengthM, double depthM) {}

    private static final List<Lure> LURES = List.of(
            new Lure("Feather, white", ColourRole.IMITATOR, 0.12, 0),
            new Lure("Bullet skirt, dark", ColourRole.IMITATOR, 0.18, 0),
            new Lure("Bullet skirt, pink", ColourRole.ATTRACTOR, 0.18, 0),
            new Lure("Lipped plug, silver", ColourRole.IMITATOR, 0.16, 3),
            new Lure("Lipped plug, orange", ColourRole.ATTRACTOR, 0.16, 3),
            new Lure("Sewn ballyhoo", ColourRole.IMITATOR, 0.28, 1));

    private static final List<String> SPECIES = List.of("king", "mahi", "small tuna", "wahoo");
    private static final double[] LEADERS_M = {0.7, 1.5, 3};
    private static final double[] PACES_MPS = {2.8, 3.3, 3.7, 4.2};
    private static final double MIDDLE_PACE_MPS = 3.5;

    private final long seed;
    private final double latitudeDeg;
    private final double longitudeDeg;
    private final ZoneId zone;
    private final ToDoubleFunction<Instant> flood;
    private final Dice dice;
    private final SyntheticSea sea;
    private final Tastes tastes;
    private final InventedPlans plans;
    private final List<LogEntry> entries = new ArrayList<>();

    private InventedYears(
            long seed, double latitudeDeg, double longitudeDeg, ZoneId zone, ToDoubleFunction<Instant> flood) {
        this.seed = seed;
        this.latitudeDeg = latitudeDeg;
        this.longitudeDeg = longitudeDeg;
        this.zone = zone;
        this.flood = flood;
        dice = new Dice(seed);
        sea = new SyntheticSea(seed, 40, 24, flood, at -> light(at));
        tastes = tastes(seed);
        plans = new InventedPlans(seed, latitudeDeg, longitudeDeg, zone);
    }

    /** What the fish of those years like. */
    public static Tastes tastes(long seed) {
        return new Tastes(seed, POSITION);
    }

    private Light light(Instant at) {
        int hour = at.atZone(zone).getHour();
        return hour < 5 || hour > 19 ? Light.NIGHT : hour < 7 || hour > 17 ? Light.TWILIGHT : Light.DAY;
    }

    /**
     * @param from  the first year, to the last one, both counted
     * @param flood at a moment, the ebb negative (m/s)
     */
    public static List<LogEntry> of(
            long seed,
            int from,
            int to,
            double latitudeDeg,
            double longitudeDeg,
            ZoneId zone,
            ToDoubleFunction<Instant> flood) {
        var years = new InventedYears(seed, latitudeDeg, longitudeDeg, zone, flood);
        for (int year = from; year <= to; year++) {
            daysOf(seed, year).forEach(years::day);
        }
        return List.copyOf(years.entries);
    }

    /** The days that were fished. */
    static List<LocalDate> days(long seed, int from, int to) {
        return IntStream.rangeClosed(from, to)
                .boxed()
                .flatMap(year -> daysOf(seed, year).stream())
                .toList();
    }

    private static List<LocalDate> daysOf(long seed, int year) {
        LocalDate first = LocalDate.of(year, 1, 1);
        return IntStream.range(0, DAYS_A_YEAR)
                .mapToObj(i -> dayOfYear(seed, year, i))
                .distinct()
                .sorted()
                .map(first::plusDays)
                .toList();
    }

    /** Most go out from May to October, some at any time. */
    private static int dayOfYear(long seed, int year, int number) {
        Dice of = new Dice(seed + 31L * year);
        double middle =
                of.share("any", number) < 0.2 ? of.between(0, 364, "day", number) : of.between(120, 300, "day", number);
        return (int) Math.min(364, middle);
    }

    /** King twice a year, at its best in June and in October. */
    private static double season(LocalDate day) {
        double x = day.getDayOfYear();
        return OUT_OF_SEASON + Math.exp(-Math.pow((x - 172) / 38, 2)) + 0.6 * Math.exp(-Math.pow((x - 280) / 26, 2));
    }

    private void day(LocalDate day) {
        long number = day.toEpochDay();
        Instant begin = day.atStartOfDay(zone)
                .plusHours(dice.share("early", number) < 0.6 ? 5 : 11)
                .toInstant();
        double worth = season(day) * dice.factor(DAY, "day", number);
        String moon =
                LoggedDay.moon(MoonDay.of(day, zone, latitudeDeg, longitudeDeg).lit());
        for (int hour = 0; hour < HOURS; hour++) {
            Instant at = begin.plus(Duration.ofHours(hour));
            long of = number * 24 + hour;
            Optional<InventedPlans.Hour> planned =
                    day.getYear() >= PLANNED_FROM ? Optional.of(plans.hour(at)) : Optional.empty();
            double with = worth * planned.map(InventedPlans.Hour::worth).orElse(1.0);
            double[] where = {dice.between(-1800, 1800, "north", of), dice.between(-500, 700, "east", of)};
            for (int i = 0; i < HOLDS.size(); i++) {
                // Not every line is out every hour.
                if (dice.share("out " + i, of) < 0.85) {
                    line(day, at, of, where, with, moon, i, planned);
                }
            }
        }
    }

    private void line(
            LocalDate day,
            Instant at,
            long hour,
            double[] where,
            double worth,
            String moon,
            int number,
            Optional<InventedPlans.Hour> planned) {
        Hold hold = HOLDS.get(number);
        String what = "line " + number;
        // A lure is changed every few hours.
        Lure lure = LURES.get((int) (LURES.size() * dice.share("lure " + number, hour / 3)));
        double depth = hold.depthM() + lure.depthM();
        double pace = PACES_MPS[(int) (PACES_MPS.length * dice.share("pace", hour / 2))];
        double leader = LEADERS_M[(int) (LEADERS_M.length * dice.share("leader " + number, day.toEpochDay()))];
        boolean scent = dice.share("scent " + number, hour / 2) < 0.3;
        boolean toPort = dice.share("turns", hour) < 0.5;
        double bottom = sea.depthM(where[0], where[1]);
        if (depth > bottom - 2) {
            return;
        }
        Bend bend = hold.side() == 0 ? Bend.NEITHER : (hold.side() < 0) == toPort ? Bend.INSIDE : Bend.OUTSIDE;
        boolean turns = bend != Bend.NEITHER;
        for (Bend part : turns ? List.of(Bend.NEITHER, bend) : List.of(Bend.NEITHER)) {
            double minutes = turns ? 60 * (part == Bend.NEITHER ? 1 - TURNING : TURNING) : 60;
            var offer = new Offer(hold.name(), depth, lure.colour(), lure.lengthM(), pace / MIDDLE_PACE_MPS, part);
            double rate = USUAL_PER_MIN
                    * worth
                    * sea.fish(where[0], where[1], at)
                    * tastes.liking(offer, sea.onLedge(where[0], where[1])[1] > 0);
            var choices = new EnumMap<Facet, String>(Facet.class);
            choices.put(Facet.PLACE, "Tarrow Banks");
            choices.put(Facet.LIGHT, light(at).name().toLowerCase());
            choices.put(Facet.STREAM, LoggedDay.stream(flood.applyAsDouble(at)));
            choices.put(Facet.MOON, moon);
            planned.ifPresent(by -> choices.put(Facet.METHOD, by.method().words()));
            choices.put(Facet.POSITION, hold.name());
            choices.put(Facet.LURE, lure.name());
            choices.put(Facet.COLOUR, lure.colour() == ColourRole.IMITATOR ? "imitator" : "attractor");
            choices.put(Facet.SCENT, scent ? "scented" : "none");
            choices.put(
                    Facet.BEND,
                    switch (part) {
                        case NEITHER -> "straight";
                        case INSIDE -> "inside";
                        case OUTSIDE -> "outside";
                    });
            var numbers = new EnumMap<Facet, Double>(Facet.class);
            numbers.put(Facet.MONTH, (double) day.getMonthValue());
            numbers.put(Facet.WEEK, (double) Ledger.week(day));
            numbers.put(Facet.HOUR, (double) at.atZone(zone).getHour());
            numbers.put(
                    Facet.WATER, Math.round(10 * (sea.temperatureC(where[0], where[1]) + 2.2 * season(day))) / 10.0);
            numbers.put(Facet.BOTTOM, (double) Math.round(bottom));
            numbers.put(Facet.SIZE, lure.lengthM());
            numbers.put(Facet.DEPTH, depth);
            numbers.put(Facet.OFF_BOTTOM, bottom - depth);
            numbers.put(Facet.LEADER, leader);
            numbers.put(Facet.PACE, pace);
            String id = what + " " + hour + " " + part;
            entries.add(new LogEntry(
                    id("fished " + id),
                    day,
                    Optional.of(at),
                    LogEntry.Kind.FISHED,
                    minutes,
                    true,
                    choices,
                    numbers,
                    Optional.of(place(where[0], where[1]))));
            int strikes = poisson(rate * minutes, id, hour);
            for (int i = 0; i < strikes; i++) {
                struck(day, at, choices, numbers, where, minutes, id + " " + i, hour);
            }
        }
    }

    private void struck(
            LocalDate day,
            Instant hourBegin,
            Map<Facet, String> choices,
            Map<Facet, Double> numbers,
            double[] where,
            double minutes,
            String id,
            long hour) {
        Instant at = hourBegin.plusSeconds(Math.round(60 * minutes * dice.share("at " + id, hour)));
        var of = new EnumMap<Facet, String>(choices);
        of.put(Facet.SPECIES, SPECIES.get((int) (SPECIES.size() * Math.pow(dice.share("species " + id, hour), 1.6))));
        boolean landed = dice.share("landed " + id, hour) < COMES_ABOARD;
        boolean back = dice.share("back " + id, hour) < GOES_BACK;
        of.put(Facet.OUTCOME, !landed ? LogEntry.LOST : back ? LogEntry.RELEASED : LogEntry.LANDED);
        double north = where[0] + dice.between(-120, 120, "n " + id, hour);
        double east = where[1] + dice.between(-120, 120, "e " + id, hour);
        entries.add(new LogEntry(
                id("struck " + id),
                day,
                Optional.of(at.truncatedTo(ChronoUnit.SECONDS)),
                LogEntry.Kind.STRUCK,
                0,
                true,
                of,
                numbers,
                Optional.of(place(north, east))));
    }

    private LogEntry.Place place(double north, double east) {
        return new LogEntry.Place(
                latitudeDeg + north / 111_195, longitudeDeg + east / (111_195 * Math.cos(Math.toRadians(latitudeDeg))));
    }

    private UUID id(String of) {
        return UUID.nameUUIDFromBytes((seed + " " + of).getBytes(StandardCharsets.UTF_8));
    }

    /** By its sum of shares: the mean is small. */
    private int poisson(double mean, String id, long hour) {
        double left = dice.share("strikes " + id, hour);
        double p = Math.exp(-mean);
        int count = 0;
        while (left > p && count < 12) {
            left -= p;
            count++;
            p *= mean / count;
        }
        return count;
    }
}
