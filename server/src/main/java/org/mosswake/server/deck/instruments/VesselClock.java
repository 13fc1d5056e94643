package org.mosswake.server.deck.instruments;

import java.time.Clock;
import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What time it is for a boat: the server's, or that of her practice day. */
@Service
public class VesselClock {
    private final InstrumentMapper rows;
    private final Clock clock;

    VesselClock(InstrumentMapper rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public Instant now(UUID vessel) {
        Instant practised = rows.practised(vessel);
        return practised == null ? clock.instant() : practised;
    }

    /** She is on a sea that is not there. */
    @Transactional(readOnly = true)
    public boolean isPractised(UUID vessel) {
        return rows.practised(vessel) != null;
    }
}
