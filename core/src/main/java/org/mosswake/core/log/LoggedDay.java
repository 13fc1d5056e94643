package org.mosswake.core.log;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.UUID;
import org.mosswake.core.clock.MoonDay;
import org.mosswake.core.clock.SunDay;
import org.mosswake.core.clock.TideStation;
import org.mosswake.core.strikes.DayLog;
import org.mosswake.core.strikes.Fact;
import org.mosswake.core.strikes.Happening;
import org.mosswake.core.strikes.Happening.Landed;
import org.mosswake.core.strikes.Loss;
import org.mosswake.core.strikes.Stretch;
import org.mosswake.core.strikes.StrikeState;

/** A day's facts as entries of the log: each line's time in the water in pieces, each strike, with what is known of both. */
public final class LoggedDay {
    /** Hour, light and stream change: time is told apart in pieces of so long. */
    private static final Duration PIECE = Duration.ofMinutes(30);
    /** And where her way is known in pieces so short that each has a place: two miles at most. */
    /** A turn is looked for so often. */
    private static final Duration LOOK = Duration.ofSeconds(30);

    private static final Duration PIECE_OF_WAY = Duration.ofMinutes(10);

    /** A day out ends by the noon after it, whatever is told later. */
    private static final Duration LONGEST_AFTER = Duration.ofHours(12);

    /** A slower stream is slack (m/s). */
    private static final double SLACK_MPS = 0.12;

    private final LocalDate day;
    private final String place;
    private final ZoneId zone;
    private final List<SunDay.Band> light;
    private final String moon;
    private final Optional<TideStation> tide;
    private final Lines lines;
    private final Way way;
    private final Map<UUID, TreeSet<Instant>> renewed = new HashMap<>();

    /** Where she was. */
    public interface Way {
        Way UNKNOWN = new Way() {
            @Override
            public boolean isKnown() {
                return false;
            }

            @Override
            public Optional<LogEntry.Place> at(Instant moment) {
                return Optional.empty();
            }
        };

        boolean isKnown();

        Optional<LogEntry.Place> at(Instant moment);

        /** Where the lure of a strike was, as it was reckoned. */
        default Optional<LogEntry.Place> lure(UUID strike) {
            return Optional.empty();
        }

        /** Negative where she turned to port, 0 where she ran straight; empty where nobody knows. */
        default Optional<Integer> turning(Instant moment) {
            return Optional.empty();
        }
    }

    /** What was tied and where it hung. */
    public interface Lines {
        Traits of(UUID line, Instant at);

        /** Moments from which it was something else; in order. */
        default List<Instant> changes(UUID line) {
            return List.of();
        }

        /** Negative where it is held to port of her middle, 0 where in it. */
        default int side(UUID line, Instant at) {
            return 0;
        }

        /** The last change of her speed before a moment; empty where none was told. */
        default Optional<Instant> paceChanged(UUID line, Instant at) {
            return Optional.empty();
        }

        default boolean isBaited(UUID line, Instant at) {
            return false;
        }
    }

    public LoggedDay(
            LocalDate day,
            String place,
            ZoneId zone,
            double latitudeDeg,
            double longitudeDeg,
            Optional<TideStation> tide,
            Lines lines,
            Way way) {
        this.way = way;
        this.day = day;
        this.place = place;
        this.zone = zone;
        this.tide = tide;
        this.lines = lines;
        SunDay sun = SunDay.of(day, zone, latitudeDeg, longitudeDeg);
        light = sun.bands(sun.whole());
        moon = moon(MoonDay.of(day, zone, latitudeDeg, longitudeDeg).lit());
    }

    /** @param lit share of the disc */
    public static String moon(double lit) {
        return lit > 0.85 ? "full" : lit < 0.15 ? "new" : "half";
    }

    public static String stream(double floodMps) {
        return Math.abs(floodMps) < SLACK_MPS ? "slack" : floodMps > 0 ? "flood" : "ebb";
    }

    /** A line nobody took in fishes until the last thing that was told. */
    public List<LogEntry> entries(DayLog log) {
        Instant over = day.plusDays(1).atStartOfDay(zone).plus(LONGEST_AFTER).toInstant();
        Optional<Instant> end = log.standing().stream()
                .filter(fact -> happenedAfloat(fact.what()) && fact.at().isBefore(over))
                .map(Fact::at)
                .reduce((one, later) -> later);
        var entries = new ArrayList<LogEntry>();
        if (end.isEmpty()) {
            return entries;
        }
        baits(log);
        log.lines()
                .forEach((line, stretches) -> stretches.stream()
                        .filter(stretch -> stretch.state() == Stretch.State.OUT)
                        .forEach(stretch -> fished(UUID.fromString(line), stretch, end.get(), entries)));
        log.strikes().forEach(strike -> entries.add(struck(strike, log)));
        return entries;
    }

    /** What is said of a day afterwards is no sign that its lines were out still. */
    private static boolean happenedAfloat(Happening what) {
        boolean ashore = what instanceof Happening.Tended tended && tended.isPuttingAway();
        return !ashore
                && !(what instanceof Happening.Corrected
                        || what instanceof Happening.Retracted
                        || what instanceof Happening.Annotated
                        || what instanceof Happening.Opened);
    }

    private void fished(UUID line, Stretch stretch, Instant end, List<LogEntry> entries) {
        Instant to = stretch.to().filter(at -> at.isBefore(end)).orElse(end);
        List<Instant> changes = lines.changes(line);
        Duration piece = way.isKnown() ? PIECE_OF_WAY : PIECE;
        Instant until;
        for (Instant at = stretch.from(); at.isBefore(to); at = until) {
            until = bend(at, earliest(at, at.plus(piece).isBefore(to) ? at.plus(piece) : to, changes));
            Duration lasts = Duration.between(at, until);
            Traits known = known(line, at.plus(lasts.dividedBy(2)));
            entries.add(new LogEntry(
                    UUID.nameUUIDFromBytes((line + " " + at).getBytes(StandardCharsets.UTF_8)),
                    day,
                    Optional.of(at),
                    LogEntry.Kind.FISHED,
                    lasts.toMillis() / 60_000.0,
                    true,
                    known.choices(),
                    known.numbers(),
                    way.at(at.plus(lasts.dividedBy(2)))));
        }
    }

    /** A piece ends where she begins or ends to turn. */
    private Instant bend(Instant at, Instant until) {
        Optional<Integer> now = way.turning(at.plus(LOOK.dividedBy(2)));
        Instant next = at.plus(LOOK);
        while (now.isPresent() && next.isBefore(until)) {
            if (!way.turning(next.plus(LOOK.dividedBy(2))).equals(now)) {
                return next;
            }
            next = next.plus(LOOK);
        }
        return until;
    }

    /** What fished one way and what fished another are two pieces. */
    private static Instant earliest(Instant at, Instant until, List<Instant> changes) {
        return changes.stream()
                .filter(change -> change.isAfter(at) && change.isBefore(until))
                .findFirst()
                .orElse(until);
    }

    private LogEntry struck(StrikeState strike, DayLog log) {
        Traits known = known(strike.line(), strike.at());
        var choices = new EnumMap<Facet, String>(Facet.class);
        choices.putAll(known.choices());
        strike.fish().stream().findFirst().map(Landed::species).ifPresent(fish -> choices.put(Facet.SPECIES, fish));
        outcome(strike).ifPresent(outcome -> choices.put(Facet.OUTCOME, outcome));
        strike.how().ifPresent(how -> choices.put(Facet.LOSS, words(how)));
        strike.eaten().stream().findFirst().ifPresent(found -> choices.put(Facet.EATEN, found));
        boolean timed = log.lines().getOrDefault(strike.line().toString(), List.of()).stream()
                .anyMatch(stretch -> stretch.state() == Stretch.State.OUT);
        return new LogEntry(
                strike.id(),
                day,
                Optional.of(strike.at()),
                LogEntry.Kind.STRUCK,
                0,
                timed,
                choices,
                known.numbers(),
                strike.placed()
                        .map(at -> new LogEntry.Place(at.latitudeDeg(), at.longitudeDeg()))
                        .or(() -> way.lure(strike.id()))
                        .or(() -> way.at(strike.at())));
    }

    /** As {@link Facet#LOSS} says it. */
    public static String words(Loss how) {
        return how.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static Optional<String> outcome(StrikeState strike) {
        return switch (strike.outcome()) {
            case OPEN -> Optional.empty();
            case LANDED -> Optional.of(LogEntry.LANDED);
            case RELEASED -> Optional.of(LogEntry.RELEASED);
            case LOST -> Optional.of(LogEntry.LOST);
        };
    }

    /** A line in the middle is neither inside nor outside. */
    private static String bend(int turn, int side) {
        return turn == 0 ? "straight" : side == 0 ? "turning, in the middle" : turn == side ? "inside" : "outside";
    }

    private Optional<Double> baitAge(UUID line, Instant at) {
        if (!lines.isBaited(line, at)) {
            return Optional.empty();
        }
        return Optional.ofNullable(renewed.get(line))
                .map(times -> times.floor(at))
                .map(since -> Duration.between(since, at).toSeconds() / 60.0);
    }

    private void baits(DayLog log) {
        for (Fact fact : log.standing()) {
            if (fact.what() instanceof Happening.Renewed || fact.what() instanceof Happening.Set) {
                renewed.computeIfAbsent(((Happening.OfLine) fact.what()).lineId(), one -> new TreeSet<>())
                        .add(fact.at());
            }
        }
    }

    private Traits known(UUID line, Instant at) {
        Traits of = lines.of(line, at);
        var choices = new EnumMap<Facet, String>(Facet.class);
        choices.putAll(of.choices());
        choices.put(Facet.PLACE, place);
        choices.put(Facet.MOON, moon);
        light.stream()
                .filter(band ->
                        !band.span().from().isAfter(at) && band.span().to().isAfter(at))
                .findFirst()
                .ifPresent(band -> choices.put(Facet.LIGHT, band.light().name().toLowerCase(Locale.ROOT)));
        tide.ifPresent(station -> choices.put(Facet.STREAM, stream(station.streamMps(at))));
        way.turning(at).ifPresent(turn -> choices.put(Facet.BEND, bend(turn, lines.side(line, at))));
        Map<Facet, Double> numbers = new EnumMap<>(Facet.class);
        numbers.putAll(of.numbers());
        numbers.put(Facet.MONTH, (double) day.getMonthValue());
        numbers.put(Facet.WEEK, (double) Ledger.week(day));
        numbers.put(Facet.HOUR, (double) at.atZone(zone).getHour());
        lines.paceChanged(line, at)
                .map(since -> Duration.between(since, at).toSeconds() / 60.0)
                .ifPresent(minutes -> numbers.put(Facet.PACE_AGE, minutes));
        baitAge(line, at).ifPresent(minutes -> numbers.put(Facet.BAIT_AGE, minutes));
        return new Traits(choices, numbers);
    }
}
