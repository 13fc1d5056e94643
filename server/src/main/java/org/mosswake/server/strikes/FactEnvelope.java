package org.mosswake.server.strikes;

import java.time.Instant;
import java.util.UUID;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;
import tools.jackson.databind.JsonNode;

/**
 * A fact as a device sends it. What the payload holds goes by the kind; a member nobody knows is kept.
 *
 * @param factId     made by the device; the same fact sent again is one
 * @param edition    of the payload: 2
 * @param happenedAt when it happened; {@code deviceAt} is when the device wrote it down
 */
record FactEnvelope(
        UUID factId,
        UUID tripId,
        String kind,
        Integer edition,
        UUID deviceId,
        Instant happenedAt,
        Instant deviceAt,
        JsonNode payload)
        implements Checked {
    private static final int LONGEST_KIND = 40;

    @Override
    public void check(Faults faults) {
        faults.required("factId", factId);
        faults.required("tripId", tripId);
        faults.text("kind", kind, LONGEST_KIND);
        faults.required("edition", edition);
        faults.required("deviceId", deviceId);
        faults.required("happenedAt", happenedAt);
        faults.required("deviceAt", deviceAt);
        if (faults.required("payload", payload) && !payload.isObject()) {
            faults.add(FaultCode.WRONG_TYPE, "payload", "no object", "an object");
        }
    }
}
