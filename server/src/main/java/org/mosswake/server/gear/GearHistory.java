package org.mosswake.server.gear;

import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.gear.BoatMapper.BoatRow;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The boat and her gear as they were. */
@Component
class GearHistory {
    private final GearHistoryMapper history;
    private final JsonMapper json;

    GearHistory(GearHistoryMapper history, JsonMapper json) {
        this.history = history;
        this.json = json;
    }

    /** @param versions that a device saw, by id; the boat's by her own */
    BoatBody boat(UUID vessel, Map<UUID, Integer> versions, Instant at) {
        String seen = json.writeValueAsString(versions);
        BoatRow row = history.boat(vessel, seen, at);
        if (row == null) {
            throw FaultException.of(FaultCode.NOT_FOUND, "boat", vessel.toString());
        }
        return BoatService.body(row, history.holders(vessel, seen, at));
    }

    GearService.Gear gear(UUID vessel, Map<UUID, Integer> versions, Instant at) {
        String seen = json.writeValueAsString(versions);
        return new GearService.Gear(
                history.lures(vessel, seen, at), history.lines(vessel, seen, at), history.reels(vessel, seen, at));
    }
}
