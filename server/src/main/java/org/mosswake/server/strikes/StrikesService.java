package org.mosswake.server.strikes;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.strikes.DayLog;
import org.mosswake.core.strikes.Event;
import org.mosswake.core.strikes.StrikeState;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.http.StaleWrite;
import org.mosswake.server.spread.SpreadService;
import org.mosswake.server.strikes.LogReply.StrikeReply;
import org.mosswake.server.strikes.StrikesMapper.EventRow;
import org.mosswake.server.strikes.StrikesMapper.FishRow;
import org.mosswake.server.strikes.StrikesMapper.StrikeLineRow;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes events in, once each, and folds them into the day. */
@Service
public class StrikesService {
    private final StrikesMapper strikes;
    private final StrikeRecorder recorder;
    private final SpreadService spreads;
    private final Clock clock;

    StrikesService(StrikesMapper strikes, StrikeRecorder recorder, SpreadService spreads, Clock clock) {
        this.strikes = strikes;
        this.recorder = recorder;
        this.spreads = spreads;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<TripBody> trips(UUID vessel, int from, int count) {
        return strikes.trips(vessel, from, count);
    }

    @Transactional(readOnly = true)
    int countTrips(UUID vessel) {
        return strikes.countTrips(vessel);
    }

    /** Sent again it is the same day. A day out is not changed: what differs is refused with both sides. */
    @Write
    public TripBody save(UUID vessel, TripBody trip) {
        spreads.requireBoat(vessel);
        int made = strikes.insertTrip(vessel, trip, clock.instant());
        TripBody kept = trip(vessel, trip.tripId());
        if (made == 0 && !kept.equals(trip)) {
            throw new StaleWrite("This day out", trip, kept);
        }
        return kept;
    }

    @Transactional(readOnly = true)
    TripBody trip(UUID vessel, UUID trip) {
        TripBody kept = strikes.trip(vessel, trip);
        if (kept == null) {
            throw FaultException.of(FaultCode.NOT_FOUND, "trip", trip.toString());
        }
        return kept;
    }

    /** Keeps each event that is not kept yet. One id with two contents is refused. */
    @Write
    public void take(UUID vessel, UUID trip, List<EventBody> events) {
        trip(vessel, trip);
        // In an order of their own: two batches that share events never wait for each other.
        events.stream().map(EventBody::eventId).sorted().forEach(strikes::lockEvent);
        for (int i = 0; i < events.size(); i++) {
            EventBody event = events.get(i);
            String kept = strikes.fingerprint(vessel, event.eventId());
            String sent = fingerprint(trip, event);
            if (kept != null && !kept.equals(sent)) {
                throw FaultException.of(FaultCode.EVENT_ID_REUSED, "events[" + i + "].eventId");
            }
            if (kept == null) {
                keep(vessel, trip, event, sent, "events[" + i + "]");
            }
        }
    }

    private void keep(UUID vessel, UUID trip, EventBody event, String fingerprint, String path) {
        Integer revision = event.revision();
        Spread fished = null;
        if (event.spreadId() != null && event.lineId() != null) {
            revision = event.draft() == null
                    ? event.revision()
                    : (Integer) spreads.keepAsFished(vessel, event.spreadId(), event.draft());
            fished = spreads.asFished(vessel, event.spreadId(), Objects.requireNonNull(revision));
            requireLine(fished, event.lineId(), path + ".lineId");
        }
        strikes.insertEvent(row(vessel, trip, event, revision, fingerprint));
        if (event.kind() == EventKind.STRUCK) {
            recorder.record(vessel, event.eventId(), event.lineId(), Objects.requireNonNull(fished));
        } else if (event.kind() == EventKind.LANDED) {
            strikes.insertFish(vessel, event);
        }
    }

    private static void requireLine(Spread fished, UUID line, String field) {
        if (fished.lines().stream().noneMatch(l -> l.id().equals(line))) {
            throw FaultException.of(FaultCode.NOT_FOUND, field, line.toString());
        }
    }

    private EventRow row(UUID vessel, UUID trip, EventBody event, Integer revision, String fingerprint) {
        return new EventRow(
                vessel,
                event.eventId(),
                trip,
                event.kind().name(),
                event.deviceId(),
                event.happenedAt(),
                event.deviceAt(),
                clock.instant(),
                event.targetId(),
                event.spreadId(),
                revision,
                event.lineId(),
                event.letOutM(),
                event.note(),
                event.latitudeDeg(),
                event.longitudeDeg(),
                event.speedOverGroundMps(),
                event.courseDeg(),
                fingerprint);
    }

    private static String fingerprint(UUID trip, EventBody event) {
        try {
            byte[] content = (trip + " " + event).getBytes(StandardCharsets.UTF_8);
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    @Transactional(readOnly = true)
    LogReply log(UUID vessel, UUID trip) {
        TripBody kept = trip(vessel, trip);
        var rows = strikes.events(vessel, trip);
        Map<UUID, String> fish =
                strikes.fish(vessel, trip).stream().collect(Collectors.toMap(FishRow::eventId, FishRow::species));
        var log = DayLog.of(rows.stream()
                .map(row -> event(row, fish))
                .filter(Objects::nonNull)
                .toList());
        Map<UUID, EventRow> struck = rows.stream().collect(Collectors.toMap(EventRow::eventId, Function.identity()));
        Map<UUID, StrikeLineRow> figures = strikes.strikeLines(vessel, trip).stream()
                .collect(Collectors.toMap(StrikeLineRow::eventId, Function.identity()));
        return new LogReply(
                kept,
                log.strikes().stream()
                        .map(state -> reply(state, struck.get(state.id()), figures.get(state.id())))
                        .toList());
    }

    private static Event event(EventRow row, Map<UUID, String> fish) {
        return switch (EventKind.valueOf(row.kind())) {
            case STRUCK -> new Event.Struck(row.eventId(), row.happenedAt(), row.lineId());
            case LANDED -> new Event.Landed(row.eventId(), row.happenedAt(), row.targetId(), fish.get(row.eventId()));
            case LOST -> new Event.Lost(row.eventId(), row.happenedAt(), row.targetId());
            case ANNOTATED -> new Event.Annotated(row.eventId(), row.happenedAt(), row.targetId(), row.note());
            case RETRACTED -> new Event.Retracted(row.eventId(), row.happenedAt(), row.targetId());
            case SET, CHANGED, CLEARED, FIX -> null;
        };
    }

    private static StrikeReply reply(StrikeState state, EventRow event, StrikeLineRow line) {
        return new StrikeReply(
                state.id(),
                state.at(),
                state.line(),
                event.spreadId(),
                event.revision(),
                line.label(),
                line.holderName(),
                line.lureName(),
                line.speedThroughWaterMps(),
                line.letOutM(),
                line.regime(),
                line.depthM(),
                line.asternM(),
                line.towPullN(),
                line.solverEdition(),
                state.outcome(),
                state.species(),
                state.notes());
    }
}
