package org.mosswake.server.deck.instruments;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.strikes.FixBody;
import org.mosswake.server.strikes.FixService;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Hears what the instruments of a practice day write, as those of a real one are heard. */
@Service
public class PracticeEar {
    private static final int MOST_HEARD = 50;
    /** One place in so many seconds is kept, as on a day whose time nobody hurries. */
    private static final int FIX_EVERY_S = 5;

    private final InstrumentMapper rows;
    private final TrackService track;
    private final FixService fixes;
    private final JsonMapper json;
    private final Map<UUID, Hearing> heard = new HashMap<>();

    PracticeEar(InstrumentMapper rows, TrackService track, FixService fixes, JsonMapper json) {
        this.rows = rows;
        this.track = track;
        this.fixes = fixes;
        this.json = json;
    }

    /** The one source of a practice day. */
    static UUID source(UUID vessel) {
        return UUID.nameUUIDFromBytes(("practice " + vessel).getBytes(StandardCharsets.UTF_8));
    }

    /** Sentences of one moment. */
    public record Written(Instant at, List<String> sentences) {}

    /** @param written in time, of the seconds since this was last told */
    @Write
    public synchronized void hear(UUID vessel, List<Written> written) {
        if (written.isEmpty()) {
            return;
        }
        if (heard.size() >= MOST_HEARD && !heard.containsKey(vessel)) {
            heard.clear();
        }
        Hearing hearing = heard.computeIfAbsent(vessel, id -> new Hearing());
        UUID source = source(vessel);
        var told = new ArrayList<TrackService.Told>();
        var places = new ArrayList<FixBody>();
        for (Written second : written) {
            second.sentences().forEach(line -> hearing.hear(source, 1, line, second.at()));
            hearing.told(second.at()).ifPresent(told::add);
            hearing.place(second.at())
                    .filter(place -> second.at().getEpochSecond() % FIX_EVERY_S == 0)
                    .ifPresent(place -> places.add(place.fix()));
        }
        track.keep(vessel, told);
        fixes.heard(vessel, source, places);
        Instant now = written.get(written.size() - 1).at();
        rows.write(
                vessel,
                json.writeValueAsString(
                        new InstrumentsReply.Now(now, hearing.gauges(now), List.of(hearing.state(source, "")))));
    }
}
