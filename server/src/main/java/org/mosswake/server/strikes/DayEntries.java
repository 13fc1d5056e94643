package org.mosswake.server.strikes;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.mosswake.core.call.Topic;
import org.mosswake.core.clock.DemoTides;
import org.mosswake.core.clock.TideStation;
import org.mosswake.core.deck.AfterDay;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.LogEntry;
import org.mosswake.core.log.LoggedDay;
import org.mosswake.core.log.Places;
import org.mosswake.core.log.Traits;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.spread.SolvedLine;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.SpreadSolver;
import org.mosswake.core.spread.TacklePiece;
import org.mosswake.core.strikes.DayLog;
import org.mosswake.core.strikes.Fact;
import org.mosswake.core.strikes.Happening.Changed;
import org.mosswake.core.strikes.Happening.OfLine;
import org.mosswake.core.tow.TowShape;
import org.mosswake.server.call.OriginService;
import org.mosswake.server.call.PlanService;
import org.mosswake.server.gear.Aboard;
import org.mosswake.server.gear.LureAboard;
import org.mosswake.server.spread.FishedSpreads.Fished;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.TransactionException;

/** Days out as entries of the log, with what was tied and where it hung as the device had it. */
@Service
public class DayEntries {
    private static final Logger LOG = LoggerFactory.getLogger(DayEntries.class);

    /** A place older than this is none. */
    private static final Duration OLDEST = Duration.ofMinutes(4);

    private static final double EVERY_S = 10;
    /** A tip nearer to her middle line is in the middle (m). */
    private static final double MIDDLE_M = 0.4;
    /** She turns where her course changes faster than this (rad/s, ESTIMATE: 40 m at seven knots and a half is 0.1). */
    private static final double TURNS_RAD_S = 0.03;

    private static final Duration CHORD = Duration.ofSeconds(20);

    private static final int MOST_FIXES = 5000;

    private final TripService trips;
    private final FactMapper facts;
    private final FactReader reader;
    private final StruckLines lines;
    private final Aboard aboard;
    private final OriginService origins;
    private final FixService fixes;
    private final PlanService plans;
    private final SpreadSolver solver = new SpreadSolver();

    DayEntries(
            TripService trips,
            FactMapper facts,
            FactReader reader,
            StruckLines lines,
            Aboard aboard,
            OriginService origins,
            FixService fixes,
            PlanService plans) {
        this.plans = plans;
        this.fixes = fixes;
        this.origins = origins;
        this.trips = trips;
        this.facts = facts;
        this.reader = reader;
        this.lines = lines;
        this.aboard = aboard;
    }

    /** A day out by the last of its facts that came in: where that is the same, so are its entries. */
    public record Stand(UUID tripId, long sequence) {}

    /** Of all days out of which the server knows place and date. */
    public List<Stand> stands(UUID vessel) {
        return facts.stands(vessel);
    }

    public List<LogEntry> of(UUID vessel, UUID trip) {
        TripBody kept = trips.trip(vessel, trip);
        List<FactRow> rows = facts.ofTrip(vessel, trip);
        List<Fact> told = rows.stream().map(reader::kept).toList();
        var known = new Tied(vessel, kept.day(), rows, told);
        return new LoggedDay(
                        kept.day(),
                        kept.place(),
                        ZoneId.of(kept.timeZone()),
                        kept.latitudeDeg(),
                        kept.longitudeDeg(),
                        TideStation.near(DemoTides.ALL, kept.latitudeDeg(), kept.longitudeDeg()),
                        known,
                        way(vessel, trip, told))
                .entries(DayLog.of(told));
    }

    /** What the tide carried the water of a day out by; nothing where no tide is known. */
    public Places.Drift drift(UUID vessel, UUID trip) {
        TripBody of = trips.trip(vessel, trip);
        return TideStation.near(DemoTides.ALL, of.latitudeDeg(), of.longitudeDeg())
                .map(Places::by)
                .orElse(Places.Drift.NONE);
    }

    /** As the day's device, or whoever told most, had it; between places no older than {@link #OLDEST}. */
    private LoggedDay.Way way(UUID vessel, UUID trip, List<Fact> told) {
        if (told.isEmpty()) {
            return LoggedDay.Way.UNKNOWN;
        }
        Instant from =
                told.stream().map(Fact::at).min(Comparator.naturalOrder()).orElseThrow();
        Instant to = told.stream().map(Fact::at).max(Comparator.naturalOrder()).orElseThrow();
        var places = new TreeMap<Instant, LogEntry.Place>();
        fixes.thinned(vessel, from.minus(OLDEST), to.plus(OLDEST), EVERY_S, MOST_FIXES)
                .forEach(fix -> places.put(fix.at(), new LogEntry.Place(fix.latitudeDeg(), fix.longitudeDeg())));
        Map<UUID, LogEntry.Place> struck = facts.places(vessel, trip).stream()
                .collect(Collectors.toMap(
                        FactMapper.PlaceRow::factId, row -> new LogEntry.Place(row.latitudeDeg(), row.longitudeDeg())));
        return places.isEmpty() && struck.isEmpty() ? LoggedDay.Way.UNKNOWN : new Sailed(places, struck);
    }

    private record Sailed(TreeMap<Instant, LogEntry.Place> places, Map<UUID, LogEntry.Place> struck)
            implements LoggedDay.Way {
        @Override
        public Optional<LogEntry.Place> lure(UUID strike) {
            return Optional.ofNullable(struck.get(strike));
        }

        @Override
        public boolean isKnown() {
            return !places.isEmpty();
        }

        @Override
        public Optional<Integer> turning(Instant moment) {
            Optional<LogEntry.Place> before = at(moment.minus(CHORD));
            Optional<LogEntry.Place> now = at(moment);
            Optional<LogEntry.Place> after = at(moment.plus(CHORD));
            if (before.isEmpty() || now.isEmpty() || after.isEmpty() || before.equals(now) || now.equals(after)) {
                return Optional.empty();
            }
            double turned = course(now.get(), after.get()) - course(before.get(), now.get());
            double rate = Math.IEEEremainder(turned, 2 * Math.PI) / CHORD.toSeconds();
            return Optional.of(Math.abs(rate) < TURNS_RAD_S ? 0 : rate > 0 ? 1 : -1);
        }

        private static double course(LogEntry.Place from, LogEntry.Place to) {
            double north = to.latitudeDeg() - from.latitudeDeg();
            double east = (to.longitudeDeg() - from.longitudeDeg()) * Math.cos(Math.toRadians(from.latitudeDeg()));
            return Math.atan2(east, north);
        }

        @Override
        public Optional<LogEntry.Place> at(Instant moment) {
            return Optional.ofNullable(places.floorEntry(moment))
                    .filter(before -> !before.getKey().isBefore(moment.minus(OLDEST)))
                    .map(Map.Entry::getValue);
        }
    }

    /** How often the spread was changed from a moment to another one; a pair that moves together moves once. */
    public int moves(UUID vessel, UUID trip, Instant from, Instant to) {
        return (int) facts.ofTrip(vessel, trip).stream()
                .map(reader::kept)
                .filter(fact -> fact.what() instanceof Changed
                        && !fact.at().isBefore(from)
                        && !fact.at().isAfter(to))
                .map(fact -> fact.at().truncatedTo(ChronoUnit.MINUTES))
                .distinct()
                .count();
    }

    /** What a day out used up, and what is to be done after it. */
    public AfterDay after(UUID vessel, UUID trip) {
        LocalDate day = trips.trip(vessel, trip).day();
        List<FactRow> rows = facts.ofTrip(vessel, trip);
        List<Fact> told = rows.stream().map(reader::kept).toList();
        return AfterDay.of(DayLog.of(told), new Tied(vessel, day, rows, told)::line);
    }

    /** What each line of a day out was at a moment, or as it was last told. */
    public Map<UUID, Traits> lines(UUID vessel, UUID trip, Optional<Instant> at) {
        LocalDate day = trips.trip(vessel, trip).day();
        List<FactRow> rows = facts.ofTrip(vessel, trip);
        var known = new Tied(vessel, day, rows, rows.stream().map(reader::kept).toList());
        return known.lines.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        line -> at.map(moment -> known.of(line.getKey(), moment))
                                .orElseGet(() -> line.getValue().lastEntry().getValue())));
    }

    /** What each line was known to be, from when; before the first time, as then. */
    private final class Tied implements LoggedDay.Lines {
        private final Map<UUID, TreeMap<Instant, Traits>> lines = new HashMap<>();
        private final Map<UUID, TreeMap<Instant, AfterDay.Line>> tied = new HashMap<>();
        private final Map<UUID, LureAboard> lures;
        private final Map<UUID, Optional<PlaybookId>> methods = new HashMap<>();
        private final UUID vessel;
        private final Optional<Integer> crew;
        /** Most facts of a day name the same spread. */
        private final Map<Spread, List<SolvedLine>> solved = new HashMap<>();

        Tied(UUID vessel, LocalDate day, List<FactRow> rows, List<Fact> told) {
            this.vessel = vessel;
            crew = plans.stated(vessel, day, Topic.CREW);
            lures = aboard.of(vessel).carried().lures().stream()
                    .collect(Collectors.toMap(lure -> lure.item().id(), lure -> lure, (one, other) -> one));
            IntStream.range(0, rows.size())
                    .boxed()
                    .filter(i -> told.get(i).what() instanceof OfLine)
                    .sorted(Comparator.comparing(i -> told.get(i).at()))
                    .forEach(i -> tell(vessel, rows.get(i), told.get(i)));
        }

        private void tell(UUID vessel, FactRow row, Fact fact) {
            try {
                DayEntries.this
                        .lines
                        .fished(vessel, row, (OfLine) fact.what())
                        .ifPresent(spread -> solved.computeIfAbsent(
                                        spread.spread(),
                                        one -> solver.solve(one).lines())
                                .forEach(line -> tell(fact.at(), spread, line)));
            } catch (DataAccessException | TransactionException e) {
                throw e;
            } catch (RuntimeException e) {
                // Whatever its device said of what was fished: its time and its strikes count all the same.
                LOG.info("fact {} tells nothing of its line: {}", row.factId(), e.toString());
            }
        }

        private void tell(Instant at, Fished spread, SolvedLine line) {
            UUID id = line.line().id();
            lines.computeIfAbsent(id, one -> new TreeMap<>()).put(at, traits(spread, line));
            tied.computeIfAbsent(id, one -> new TreeMap<>()).put(at, new AfterDay.Line(line.label(), line.line()));
        }

        Optional<AfterDay.Line> line(UUID line, Instant at) {
            return Optional.ofNullable(tied.get(line))
                    .map(known -> Optional.ofNullable(known.floorEntry(at)).orElseGet(known::firstEntry))
                    .map(Map.Entry::getValue);
        }

        @Override
        public Traits of(UUID line, Instant at) {
            return Optional.ofNullable(lines.get(line))
                    .map(known -> Optional.ofNullable(known.floorEntry(at)).orElseGet(known::firstEntry))
                    .map(Map.Entry::getValue)
                    .orElse(Traits.NONE);
        }

        @Override
        public List<Instant> changes(UUID line) {
            var changes = new ArrayList<Instant>();
            Traits before = null;
            for (Map.Entry<Instant, Traits> told :
                    lines.getOrDefault(line, new TreeMap<>()).entrySet()) {
                if (before != null && !before.equals(told.getValue())) {
                    changes.add(told.getKey());
                }
                before = told.getValue();
            }
            return changes;
        }

        @Override
        public int side(UUID line, Instant at) {
            double starboard = line(line, at)
                    .map(one -> one.line().holder().tip().starboardM())
                    .orElse(0.0);
            return Math.abs(starboard) < MIDDLE_M ? 0 : starboard > 0 ? 1 : -1;
        }

        @Override
        public Optional<Instant> paceChanged(UUID line, Instant at) {
            Optional<Instant> changed = Optional.empty();
            Double before = null;
            for (Map.Entry<Instant, Traits> told :
                    lines.getOrDefault(line, new TreeMap<>()).headMap(at, true).entrySet()) {
                Double pace = told.getValue().numbers().get(Facet.PACE);
                if (before != null && !before.equals(pace)) {
                    changed = Optional.of(told.getKey());
                }
                before = pace;
            }
            return changed;
        }

        @Override
        public boolean isBaited(UUID line, Instant at) {
            return line(line, at).filter(one -> one.line().lure().isBait()).isPresent();
        }

        private Traits traits(Fished spread, SolvedLine solved) {
            SpreadLine line = solved.line();
            var choices = new EnumMap<Facet, String>(Facet.class);
            choices.put(Facet.POSITION, line.holder().name());
            choices.put(Facet.LURE, line.lure().name());
            Optional.ofNullable(spread.body().spreadId())
                    .flatMap(id -> methods.computeIfAbsent(id, one -> origins.playbookOf(vessel, one)))
                    .ifPresent(method -> choices.put(Facet.METHOD, method.words()));
            line.rigging().scent().ifPresent(scent -> choices.put(Facet.SCENT, scent));
            Optional<LureAboard> carried = line.tackle().stream()
                    .map(TacklePiece::item)
                    .flatMap(Optional::stream)
                    .findFirst()
                    .map(LureItem::id)
                    .map(lures::get);
            carried.ifPresent(
                    lure -> choices.put(Facet.COLOUR, lure.role().name().toLowerCase(Locale.ROOT)));
            var numbers = new EnumMap<Facet, Double>(Facet.class);
            solved.shape().map(TowShape::depthM).ifPresent(depth -> numbers.put(Facet.DEPTH, Math.max(0, depth)));
            carried.ifPresent(lure -> numbers.put(Facet.SIZE, lure.lengthM()));
            spread.spread().here().bottomM().ifPresent(bottom -> {
                numbers.put(Facet.BOTTOM, bottom);
                Optional.ofNullable(numbers.get(Facet.DEPTH))
                        .ifPresent(depth -> numbers.put(Facet.OFF_BOTTOM, Math.max(0, bottom - depth)));
            });
            crew.ifPresent(hands -> numbers.put(Facet.CREW, (double) hands));
            numbers.put(Facet.LET_OUT, line.letOutM());
            numbers.put(Facet.PACE, spread.spread().speed().mps());
            double leaderM = line.tackle().stream()
                    .limit(Math.max(0, line.tackle().size() - 1))
                    .mapToDouble(piece -> piece.lengthM().orElse(0.0))
                    .sum();
            if (leaderM > 0) {
                numbers.put(Facet.LEADER, leaderM);
            }
            return new Traits(choices, numbers);
        }
    }
}
