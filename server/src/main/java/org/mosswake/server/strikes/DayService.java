package org.mosswake.server.strikes;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.mosswake.core.strikes.DayLog;
import org.mosswake.core.strikes.Fact;
import org.mosswake.core.strikes.StrikeState;
import org.mosswake.server.strikes.FactMapper.LineRow;
import org.mosswake.server.strikes.FactMapper.PlaceRow;
import org.mosswake.server.strikes.LogReply.FactReply;
import org.mosswake.server.strikes.LogReply.LureAt;
import org.mosswake.server.strikes.LogReply.StrikeReply;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A day as its facts fold. */
@Service
public class DayService {
    private final TripService trips;
    private final FactMapper facts;
    private final FactReader reader;
    private final StruckLines lines;
    private final JsonMapper json;

    DayService(TripService trips, FactMapper facts, FactReader reader, StruckLines lines, JsonMapper json) {
        this.trips = trips;
        this.facts = facts;
        this.reader = reader;
        this.lines = lines;
        this.json = json;
    }

    public LogReply log(UUID vessel, UUID trip) {
        TripBody kept = trips.trip(vessel, trip);
        List<FactRow> rows = facts.ofTrip(vessel, trip);
        List<ObjectNode> payloads = rows.stream().map(reader::payload).toList();
        DayLog day = DayLog.of(IntStream.range(0, rows.size())
                .mapToObj(i -> reader.kept(rows.get(i), payloads.get(i)))
                .toList());
        Map<UUID, LineRow> computed = Map.of();
        Map<UUID, PlaceRow> places = Map.of();
        if (!day.strikes().isEmpty()) {
            // What was accepted and not computed yet, for whatever reason, is computed for its first reader.
            lines.compute(vessel, trip);
            computed = byId(facts.lines(vessel, trip), LineRow::factId);
            places = byId(facts.places(vessel, trip), PlaceRow::factId);
        }
        return reply(kept, day, rows, payloads, computed, places);
    }

    private LogReply reply(
            TripBody trip,
            DayLog day,
            List<FactRow> rows,
            List<ObjectNode> payloads,
            Map<UUID, LineRow> computed,
            Map<UUID, PlaceRow> places) {
        return new LogReply(
                trip,
                day.strikes().stream()
                        .map(state -> strike(state, computed.get(state.id()), places.get(state.id())))
                        .toList(),
                IntStream.range(0, rows.size())
                        .mapToObj(i -> fact(rows.get(i), payloads.get(i)))
                        .toList());
    }

    private static FactReply fact(FactRow row, ObjectNode payload) {
        return new FactReply(row.factId(), row.kind(), row.deviceId(), row.happenedAt(), row.deviceAt(), payload);
    }

    /** Fish kept on all days out of a date until a moment, by species as it was told. */
    public Map<String, Integer> bag(UUID vessel, LocalDate day, Instant until) {
        return trips.ofDate(vessel, day).stream()
                .flatMap(trip -> folded(facts.ofTrip(vessel, trip)).at(until).bag().entrySet().stream())
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, Integer::sum));
    }

    /** As it stood at a moment. */
    public DayReply.State at(UUID vessel, UUID trip, Instant moment) {
        trips.trip(vessel, trip);
        return DayReply.State.of(folded(facts.ofTrip(vessel, trip)).at(moment));
    }

    /** Facts of a day that stand, in time. */
    public List<Fact> standing(UUID vessel, UUID trip) {
        return folded(facts.ofTrip(vessel, trip)).standing();
    }

    public List<DayReply.LineExposure> exposure(UUID vessel, UUID trip, Instant from, Instant to) {
        trips.trip(vessel, trip);
        return folded(facts.ofTrip(vessel, trip)).exposure(from, to).entrySet().stream()
                .map(line -> DayReply.LineExposure.of(line.getKey(), line.getValue()))
                .toList();
    }

    private DayLog folded(List<FactRow> rows) {
        return DayLog.of(rows.stream().map(reader::kept).toList());
    }

    private StrikeReply strike(StrikeState state, LineRow row, PlaceRow place) {
        return new StrikeReply(
                state.id(),
                state.at(),
                state.line(),
                state.outcome(),
                state.how().orElse(null),
                state.fish().stream().map(fish -> fish.species()).toList(),
                state.notes(),
                row == null ? null : row.solverEdition(),
                row == null ? null : json.readValue(row.body(), StruckLine.class),
                state.placed()
                        .map(said -> new LureAt(said.latitudeDeg(), said.longitudeDeg()))
                        .orElse(place == null ? null : new LureAt(place.latitudeDeg(), place.longitudeDeg())));
    }

    private static <T> Map<UUID, T> byId(List<T> rows, Function<T, UUID> id) {
        return rows.stream().collect(Collectors.toMap(id, Function.identity()));
    }
}
