package org.mosswake.server.deck.instruments;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.sim.SimulatedBoat;
import org.mosswake.server.deck.instruments.InstrumentsReply.SourceState;

/** Hears all sources of one boat. */
final class BoatListener implements AutoCloseable {
    private final Clock clock;
    private final double latitudeDeg;
    private final double longitudeDeg;
    private final Feed.Recordings recordings;
    private final Map<UUID, Feed> feeds = new HashMap<>();
    private final Hearing hearing = new Hearing();

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
                hearing.forget(id);
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
        hearing.hear(source, priority, line, clock.instant());
    }

    /** What was told since this was last asked; empty where nothing was that moves a boat. */
    synchronized Optional<TrackService.Told> told() {
        return hearing.told(clock.instant().truncatedTo(ChronoUnit.MILLIS));
    }

    synchronized InstrumentsReply.Now now() {
        Instant now = clock.instant();
        List<SourceState> states = feeds.entrySet().stream()
                .map(feed -> hearing.state(feed.getKey(), feed.getValue().trouble()))
                .toList();
        return new InstrumentsReply.Now(now, hearing.gauges(now), states);
    }

    /** Where she is, told since this was last asked; never of a boat that is not there. */
    synchronized Optional<Hearing.PlaceHeard> place() {
        return hearing.place(clock.instant())
                .filter(one -> feeds.containsKey(one.source())
                        && feeds.get(one.source()).source().way().isReal());
    }

    @Override
    public synchronized void close() {
        feeds.values().forEach(Feed::close);
        feeds.clear();
    }
}
