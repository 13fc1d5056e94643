package org.mosswake.server.strikes;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.http.StaleWrite;
import org.mosswake.server.spread.SpreadService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Days out. */
@Service
public class TripService {
    private final TripMapper trips;
    private final SpreadService spreads;
    private final Clock clock;

    TripService(TripMapper trips, SpreadService spreads, Clock clock) {
        this.trips = trips;
        this.spreads = spreads;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<TripBody> all(UUID vessel, int from, int count) {
        return trips.all(vessel, from, count);
    }

    @Transactional(readOnly = true)
    List<UUID> ofDate(UUID vessel, LocalDate day) {
        return trips.ofDate(vessel, day);
    }

    @Transactional(readOnly = true)
    int count(UUID vessel) {
        return trips.count(vessel);
    }

    /** Sent again it is the same day. A day out is not changed: what differs is refused with both sides. */
    @Write
    public TripBody save(UUID vessel, TripBody trip) {
        spreads.requireBoat(vessel);
        int made = trips.insert(vessel, trip, clock.instant());
        TripBody kept = trip(vessel, trip.tripId());
        if (made == 0 && !kept.equals(trip)) {
            throw new StaleWrite("This day out", trip, kept);
        }
        return kept;
    }

    @Transactional(readOnly = true)
    public TripBody trip(UUID vessel, UUID trip) {
        TripBody kept = trips.one(vessel, trip);
        if (kept == null) {
            throw FaultException.of(FaultCode.NOT_FOUND, "trip", trip.toString());
        }
        return kept;
    }
}
