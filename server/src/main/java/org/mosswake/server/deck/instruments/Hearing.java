package org.mosswake.server.deck.instruments;

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
import org.mosswake.core.deck.Gauge;
import org.mosswake.core.deck.Heard;
import org.mosswake.core.deck.Instruments;
import org.mosswake.core.deck.NmeaReader;
import org.mosswake.core.deck.Reading;
import org.mosswake.core.live.OtherBoat;
import org.mosswake.core.live.Sample;
import org.mosswake.server.deck.instruments.InstrumentsReply.GaugeReply;
import org.mosswake.server.deck.instruments.InstrumentsReply.SourceState;
import org.mosswake.server.strikes.FixBody;

/** What the sources of one boat tell, line by line, each at its moment; used by one at a time. */
final class Hearing {
    private final Map<UUID, Integer> lines = new HashMap<>();
    private final Map<UUID, Map<Heard.Wrong, Integer>> wrong = new HashMap<>();
    private final Instruments instruments = new Instruments();
    private final OthersHeard others = new OthersHeard();
    private Instant placed = Instant.EPOCH;
    private Instant sampled = Instant.EPOCH;

    void hear(UUID source, int priority, String line, Instant now) {
        Heard heard = NmeaReader.read(line);
        lines.merge(source, 1, Integer::sum);
        heard.wrong()
                .ifPresent(why -> wrong.computeIfAbsent(source, id -> new EnumMap<>(Heard.Wrong.class))
                        .merge(why, 1, Integer::sum));
        heard.readings().forEach(reading -> instruments.hear(source.toString(), priority, now, reading));
        heard.contact().ifPresent(contact -> others.hear(contact, instruments.shown(now), now));
    }

    /** Nothing of it is believed any more. */
    void forget(UUID source) {
        instruments.forget(source.toString());
        lines.remove(source);
        wrong.remove(source);
    }

    /** What was told since this was last asked; empty where nothing was that moves a boat. */
    Optional<TrackService.Told> told(Instant now) {
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

    List<GaugeReply> gauges(Instant now) {
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
        return gauges;
    }

    /** @param trouble why nothing comes in; empty while the wire holds */
    SourceState state(UUID source, String trouble) {
        return new SourceState(
                source,
                lines.getOrDefault(source, 0),
                trouble,
                wrong.getOrDefault(source, Map.of()).entrySet().stream()
                        .map(count -> new InstrumentsReply.WrongReply(
                                count.getKey(), count.getKey().words(), count.getValue()))
                        .toList());
    }

    /** Who told where she is. */
    record PlaceHeard(UUID source, FixBody fix) {}

    /** Where she is, told since this was last asked. */
    Optional<PlaceHeard> place(Instant now) {
        Map<Gauge, Instruments.Shown> shown = instruments.shown(now);
        Optional<Instruments.Shown> told = Optional.ofNullable(shown.get(Gauge.POSITION))
                .filter(one -> one.arrived().isAfter(placed));
        told.ifPresent(one -> placed = one.arrived());
        Optional<Reading> ground = Optional.ofNullable(shown.get(Gauge.GROUND))
                .filter(one -> Duration.between(one.arrived(), now).compareTo(Instruments.QUIET) <= 0)
                .map(Instruments.Shown::reading);
        return told.map(one -> new PlaceHeard(
                UUID.fromString(one.source()),
                new FixBody(
                        one.arrived().truncatedTo(ChronoUnit.MILLIS),
                        one.reading().value(),
                        one.reading().second().orElseThrow(),
                        ground.map(Reading::value).orElse(null),
                        ground.flatMap(Reading::second).orElse(null))));
    }
}
