package org.mosswake.server.call;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.server.call.CallMapper.OriginRow;
import org.mosswake.server.call.OriginBody.OriginReply;
import org.mosswake.server.spread.SpreadService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Where a spread came from, kept beside it. */
@Service
class OriginService {
    private final CallMapper origins;
    private final SpreadService spreads;
    private final JsonMapper json;
    private final Clock clock;

    OriginService(CallMapper origins, SpreadService spreads, JsonMapper json, Clock clock) {
        this.origins = origins;
        this.spreads = spreads;
        this.json = json;
        this.clock = clock;
    }

    /** Empty for a spread made by hand. */
    @Transactional(readOnly = true)
    Optional<OriginReply> origin(UUID vessel, UUID spread) {
        spreads.requireSpread(vessel, spread);
        return Optional.ofNullable(origins.origin(vessel, spread)).map(row -> {
            OriginBody body = json.readValue(row.story(), OriginBody.class);
            return new OriginReply(row.madeAt(), body.playbook(), body.stories(), body.lacks(), body.notes());
        });
    }

    @Transactional
    OriginReply keep(UUID vessel, UUID spread, OriginBody body) {
        spreads.requireSpread(vessel, spread);
        origins.putOrigin(new OriginRow(
                vessel,
                spread,
                clock.instant().truncatedTo(ChronoUnit.MICROS),
                body.playbook().name(),
                json.writeValueAsString(body)));
        return origin(vessel, spread).orElseThrow();
    }
}
