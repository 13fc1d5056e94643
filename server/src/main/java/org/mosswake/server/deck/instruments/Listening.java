package org.mosswake.server.deck.instruments;

import java.time.Clock;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.strikes.FixService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import tools.jackson.databind.json.JsonMapper;

/** Each second: who is to be heard, by whom, and what was heard. */
@Component
class Listening {
    private static final Logger LOG = LoggerFactory.getLogger(Listening.class);

    private final InstrumentMapper rows;
    private final SourceService sources;
    private final ListenerLocks locks;
    private final BoatService boats;
    private final FixService fixes;
    private final TrackService track;
    private final RecordingService recordings;
    private final JsonMapper json;
    private final Clock clock;
    private final Map<UUID, BoatListener> listeners = new HashMap<>();

    Listening(
            InstrumentMapper rows,
            SourceService sources,
            ListenerLocks locks,
            BoatService boats,
            FixService fixes,
            TrackService track,
            RecordingService recordings,
            JsonMapper json,
            Clock clock) {
        this.rows = rows;
        this.sources = sources;
        this.locks = locks;
        this.boats = boats;
        this.fixes = fixes;
        this.track = track;
        this.recordings = recordings;
        this.json = json;
        this.clock = clock;
    }

    @Scheduled(initialDelay = 1, fixedDelay = 1, timeUnit = TimeUnit.SECONDS)
    synchronized void everySecond() {
        try {
            List<UUID> wanted = rows.boats();
            if (wanted.isEmpty() && !listeners.isEmpty()) {
                locks.release();
            }
            for (UUID gone : new HashSet<>(listeners.keySet())) {
                if (!wanted.contains(gone)) {
                    listeners.remove(gone).close();
                }
            }
            wanted.forEach(this::listen);
        } catch (DataAccessException | TransactionException e) {
            // Instruments are heard on; what they tell is written when the database is back.
            LOG.debug("instruments not written: {}", e.getMessage());
        }
    }

    private void listen(UUID vessel) {
        if (!locks.hold(vessel)) {
            var lost = listeners.remove(vessel);
            if (lost != null) {
                lost.close();
            }
            return;
        }
        BoatListener listener = listeners.computeIfAbsent(vessel, id -> {
            var place = boats.homeOf(id);
            return new BoatListener(
                    clock, place.latitudeDeg(), place.longitudeDeg(), source -> recordings.open(id, source));
        });
        listener.follow(sources.kept(vessel));
        InstrumentsReply.Now now = listener.now();
        rows.write(vessel, json.writeValueAsString(now));
        listener.told().ifPresent(told -> track.keep(vessel, List.of(told)));
        listener.place().ifPresent(place -> fixes.heard(vessel, place.source(), List.of(place.fix())));
    }

    @EventListener(ContextClosedEvent.class)
    synchronized void stop() {
        listeners.values().forEach(BoatListener::close);
        listeners.clear();
        locks.release();
    }
}
