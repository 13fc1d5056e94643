package org.mosswake.server.strikes;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.spread.SpreadService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

@Service
public class FixService {
    private final FixMapper fixes;
    private final SpreadService spreads;
    private final JsonMapper json;

    FixService(FixMapper fixes, SpreadService spreads, JsonMapper json) {
        this.fixes = fixes;
        this.spreads = spreads;
        this.json = json;
    }

    /**
     * A place that instruments told.
     *
     * @param source    of them, in the place of a device
     * @param courseDeg clockwise from true north; null where it is not known
     */
    @Write
    public void heard(
            UUID vessel,
            UUID source,
            Instant at,
            double latitudeDeg,
            double longitudeDeg,
            @Nullable Double speedMps,
            @Nullable Double courseDeg) {
        var fix = new FixBody(at.truncatedTo(ChronoUnit.MILLIS), latitudeDeg, longitudeDeg, speedMps, courseDeg);
        fixes.insert(vessel, source, json.writeValueAsString(List.of(fix)));
    }

    @Write
    int take(UUID vessel, FixBody.Batch batch) {
        spreads.requireBoat(vessel);
        return fixes.insert(vessel, batch.deviceId(), json.writeValueAsString(batch.fixes()));
    }

    @Transactional(readOnly = true)
    List<FixBody> thinned(UUID vessel, Instant from, Instant to, double everyS, int most) {
        spreads.requireBoat(vessel);
        return fixes.thinned(vessel, from, to, everyS, most);
    }
}
