package org.mosswake.server.strikes;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mosswake.core.strikes.Happening;
import org.mosswake.core.strikes.Sailed;
import org.mosswake.core.strikes.Track;
import org.mosswake.server.strikes.FactMapper.LineRow;
import org.mosswake.server.strikes.FactMapper.PlaceRow;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Sets where the lure of a strike was, once, as soon as the fixes about it are in. */
@Component
class StruckPlaces {
    /** Names places that the live spread had at that moment. */
    private static final String LIVE = "live-1";

    /** A boat at the slowest takes about this long over the longest let-out. */
    private static final Duration BEFORE = Duration.ofMinutes(15);

    private final FactMapper facts;
    private final FixMapper fixes;
    private final FactReader reader;
    private final JsonMapper json;
    private final Clock clock;

    StruckPlaces(FactMapper facts, FixMapper fixes, FactReader reader, JsonMapper json, Clock clock) {
        this.facts = facts;
        this.fixes = fixes;
        this.reader = reader;
        this.json = json;
        this.clock = clock;
    }

    void set(UUID vessel, UUID trip) {
        var set = facts.places(vessel, trip).stream().map(PlaceRow::factId).collect(Collectors.toSet());
        Map<UUID, LineRow> open = facts.lines(vessel, trip).stream()
                .filter(line -> !set.contains(line.factId()))
                .collect(Collectors.toMap(LineRow::factId, Function.identity()));
        if (open.isEmpty()) {
            return;
        }
        List<FactRow> strikes = facts.ofTrip(vessel, trip).stream()
                .filter(fact -> open.containsKey(fact.factId()))
                .sorted(Comparator.comparing(FactRow::happenedAt))
                .toList();
        Instant first = strikes.get(0).happenedAt();
        Instant last = strikes.get(strikes.size() - 1).happenedAt();
        boolean told = strikes.stream().anyMatch(strike -> sailed(strike).isPresent());
        if (told || fixes.any(vessel, first.minus(BEFORE), last.plus(Track.LONGEST_GAP))) {
            strikes.forEach(strike ->
                    set(vessel, strike, json.readValue(open.get(strike.factId()).body(), StruckLine.class)));
        }
    }

    private void set(UUID vessel, FactRow strike, StruckLine line) {
        Optional<Sailed> sailed = sailed(strike);
        if (sailed.isPresent()) {
            keep(
                    vessel,
                    strike,
                    new Track.Spot(sailed.get().latitudeDeg(), sailed.get().longitudeDeg()),
                    LIVE);
            return;
        }
        if (line.asternM() == null) {
            return;
        }
        Instant at = strike.happenedAt();
        Instant from = at.minus(BEFORE);
        Instant to = at.plus(Track.LONGEST_GAP);
        List<FixBody> own = fixes.ofDevice(vessel, strike.deviceId(), from, to);
        // A device that does not know where it is goes by one that does: they are on one boat.
        UUID other = own.size() > 1 ? null : fixes.busiest(vessel, from, to);
        List<Track.Fix> near = (other == null ? own : fixes.ofDevice(vessel, other, from, to))
                .stream().map(FixBody::toCore).toList();
        double side = line.starboardM() == null ? 0 : line.starboardM();
        Track.of(near).behind(at, line.asternM(), side).ifPresent(place -> keep(vessel, strike, place, Track.METHOD));
    }

    /** What the live spread had of it. */
    private Optional<Sailed> sailed(FactRow strike) {
        return reader.kept(strike).what() instanceof Happening.Struck struck ? struck.sailed() : Optional.empty();
    }

    private void keep(UUID vessel, FactRow strike, Track.Spot place, String method) {
        facts.insertPlace(
                vessel,
                new PlaceRow(strike.factId(), place.latitudeDeg(), place.longitudeDeg()),
                method,
                clock.instant());
    }
}
