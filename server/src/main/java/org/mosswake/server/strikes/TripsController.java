package org.mosswake.server.strikes;

import java.util.List;
import java.util.UUID;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.platform.http.Paged;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TripsController {
    private final TripService trips;

    TripsController(TripService trips) {
        this.trips = trips;
    }

    /** The last day first. */
    @GetMapping("/api/boats/{boat}/trips")
    ResponseEntity<List<TripBody>> trips(
            @PathVariable UUID boat,
            @RequestParam(defaultValue = "0") Integer from,
            @RequestParam(defaultValue = Paged.USUAL) Integer count) {
        return Paged.of(from, count, trips.count(boat), (first, most) -> trips.all(boat, first, most));
    }

    @GetMapping("/api/boats/{boat}/trips/{trip}")
    TripBody trip(@PathVariable UUID boat, @PathVariable UUID trip) {
        return trips.trip(boat, trip);
    }

    @PutMapping("/api/boats/{boat}/trips/{trip}")
    TripBody save(@PathVariable UUID boat, @PathVariable UUID trip, @RequestBody TripBody body) {
        if (!trip.equals(body.tripId())) {
            throw FaultException.of(
                    FaultCode.NOT_ONE_OF, "tripId", body.tripId().toString(), "the trip in the address");
        }
        return trips.save(boat, body);
    }
}
