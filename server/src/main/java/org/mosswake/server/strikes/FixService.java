package org.mosswake.server.strikes;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.spread.SpreadService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

@Service
public class FixService {
    private static final double WAY_EVERY_S = 10;
    private static final int WAY_MOST = 6000;

    private final FixMapper fixes;
    private final SpreadService spreads;
    private final JsonMapper json;

    FixService(FixMapper fixes, SpreadService spreads, JsonMapper json) {
        this.fixes = fixes;
        this.spreads = spreads;
        this.json = json;
    }

    /**
     * Places that instruments told.
     *
     * @param source of them, in the place of a device
     */
    @Write
    public void heard(UUID vessel, UUID source, List<FixBody> places) {
        fixes.insert(vessel, source, json.writeValueAsString(places));
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

    /** Where she went, a place each ten seconds: what a course has covered. */
    @Transactional(readOnly = true)
    public List<FixBody> way(UUID vessel, Instant from, Instant to) {
        return thinned(vessel, from, to, WAY_EVERY_S, WAY_MOST);
    }
}
