package org.mosswake.server.deck.instruments;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.deck.Gauge;
import org.mosswake.core.deck.Heard;
import org.mosswake.core.deck.Instruments;
import org.mosswake.core.deck.NmeaReader;
import org.mosswake.core.deck.Reading;
import org.mosswake.core.live.OtherBoat;
import org.mosswake.core.live.Sample;
import org.mosswake.core.sim.SimulatedBoat;
import org.mosswake.server.deck.instruments.InstrumentsReply.GaugeReply;
import org.mosswake.server.deck.instruments.InstrumentsReply.SourceState;

/** Hears all sources of one boat. */
final class BoatListener implements AutoCloseable {
    private final Clock clock;
    private final double latitudeDeg;
    private final double longitudeDeg;
    private final Feed.Recordings recordings;
    private final Map<UUID, Feed> feeds = new HashMap<>();
    private final Map<UUID, Integer> lines = new HashMap<>();
    private final Map<UUID, Map<Heard.Wrong, Integer>> wrong = new HashMap<>();
    private final Instruments instruments = new Instruments();
    private final OthersHeard others = new OthersHeard();
    private Instant placed = Instant.EPOCH;
    private Instant sampled = Instant.EPOCH;

    /** @param latitudeDeg with {@code longitudeDeg}: where a simulated boat begins */
    BoatListener(Clock clock, double latitudeDeg, double longitudeDeg, Feed.Recordings recordings) {
        this.clock = clock;
        this.latitudeDeg = latitudeDeg;
        this.longitudeDeg = longitudeDeg;
        this.recordings = recordings;
    }

    /** Begins those that are new or changed, ends those that are gone. */
    synchronized void follow(Map<UUID, SourceBody> sources) {
        for (UUID id : List.copyOf(feeds.keySet())) {
            if (!feeds.get(id).source().equals(sources.get(id))) {
                feeds.remove(id).close();
                instruments.forget(id.toString());
                lines.remove(id);
                wrong.remove(id);
            }
        }
        sources.forEach((id, source) -> feeds.computeIfAbsent(
                id,
                begun -> new Feed(
                        source,
                        new SimulatedBoat(latitudeDeg, longitudeDeg, id.getLeastSignificantBits()),
                        () -> recordings.open(id),
                        line -> hear(id, source.priority(), line))));
    }

    private synchronized void hear(UUID source, int priority, String line) {
        Instant now = clock.instant();
        Heard heard = NmeaReader.read(line);
        lines.merge(source, 1, Integer::sum);
        heard.wrong()
                .ifPresent(why -> wrong.computeIfAbsent(source, id -> new EnumMap<>(Heard.Wrong.class))
                        .merge(why, 1, Integer::sum));
        heard.readings().forEach(reading -> instruments.hear(source.toString(), priority, now, reading));
        heard.contact().ifPresent(contact -> others.hear(contact, instruments.shown(now), now));
    }

    /** What was told since this was last asked; empty where nothing was that moves a boat. */
    synchronized Optional<TrackService.Told> told() {
        Instant now = clock.instant().truncatedTo(ChronoUnit.MILLIS);
        var fresh = new EnumMap<Gauge, Reading>(Gauge.class);
        Map<Gauge, Instruments.Shown> all = instruments.shown(now);
        all.forEach((gauge, shown) -> {
            if (shown.arrived().isAfter(sampled)) {
                fresh.put(gauge, shown.reading());
            }
        });
        // A place is of when it came: a boat that trolls goes four metres until it is asked for.
        Instant at = fresh.containsKey(Gauge.POSITION)
                ? all.get(Gauge.POSITION).arrived().truncatedTo(ChronoUnit.MILLIS)
                : now;
        List<OtherBoat> boats = others.since(sampled);
        sampled = now;
        if (fresh.isEmpty() && boats.isEmpty()) {
            return Optional.empty();
        }
        Optional<Reading> ground = Optional.ofNullable(fresh.get(Gauge.GROUND));
        Optional<Double> course = ground.flatMap(Reading::second);
        return Optional.of(new TrackService.Told(
                new Sample(
                        at,
                        Optional.ofNullable(fresh.get(Gauge.POSITION))
                                .map(place -> new Sample.Place(
                                        place.value(), place.second().orElseThrow())),
                        course.isPresent() ? ground.map(Reading::value) : Optional.empty(),
                        course,
                        one(fresh, Gauge.WATER_SPEED),
                        one(fresh, Gauge.HEADING),
                        one(fresh, Gauge.DEPTH)),
                boats));
    }

    private static Optional<Double> one(Map<Gauge, Reading> fresh, Gauge gauge) {
        return Optional.ofNullable(fresh.get(gauge)).map(Reading::value);
    }

    synchronized InstrumentsReply.Now now() {
        Instant now = clock.instant();
        var gauges = new ArrayList<GaugeReply>();
        for (Map.Entry<Gauge, Instruments.Shown> one : instruments.shown(now).entrySet()) {
            Instruments.Shown shown = one.getValue();
            gauges.add(new GaugeReply(
                    one.getKey(),
                    shown.reading().value(),
                    shown.reading().second().orElse(null),
                    shown.arrived(),
                    UUID.fromString(shown.source())));
        }
        var states = new ArrayList<SourceState>();
        feeds.forEach((id, feed) -> states.add(new SourceState(
                id,
                lines.getOrDefault(id, 0),
                feed.trouble(),
                wrong.getOrDefault(id, Map.of()).entrySet().stream()
                        .map(count -> new InstrumentsReply.WrongReply(
                                count.getKey(), count.getKey().words(), count.getValue()))
                        .toList())));
        return new InstrumentsReply.Now(now, gauges, states);
    }

    /** @param speedMps over ground, with {@code courseDeg}, where they are known */
    record PlaceHeard(
            UUID source,
            Instant at,
            double latitudeDeg,
            double longitudeDeg,
            @Nullable Double speedMps,
            @Nullable Double courseDeg) {}

    /** Where she is, told since this was last asked; never of a boat that is not there. */
    synchronized Optional<PlaceHeard> place(InstrumentsReply.Now now) {
        Optional<GaugeReply> told = gauge(now, Gauge.POSITION)
                .filter(one -> one.arrived().isAfter(placed))
                .filter(one -> feeds.containsKey(one.sourceId())
                        && feeds.get(one.sourceId()).source().way().isReal());
        told.ifPresent(one -> placed = one.arrived());
        Optional<GaugeReply> ground = gauge(now, Gauge.GROUND)
                .filter(one -> Duration.between(one.arrived(), now.at()).compareTo(Instruments.QUIET) <= 0);
        return told.map(one -> new PlaceHeard(
                one.sourceId(),
                one.arrived(),
                one.value(),
                one.second(),
                ground.map(GaugeReply::value).orElse(null),
                ground.map(GaugeReply::second).orElse(null)));
    }

    private static Optional<GaugeReply> gauge(InstrumentsReply.Now now, Gauge gauge) {
        return now.gauges().stream().filter(one -> one.gauge() == gauge).findFirst();
    }

    @Override
    public synchronized void close() {
        feeds.values().forEach(Feed::close);
        feeds.clear();
    }
}
