package org.mosswake.server.strikes;

import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TrackController {
    private final DayTrack track;

    TrackController(DayTrack track) {
        this.track = track;
    }

    /** The way she went and where lures were taken, as GPX 1.1. */
    @GetMapping(value = "/api/boats/{boat}/trips/{trip}/track.gpx", produces = "application/gpx+xml")
    ResponseEntity<String> gpx(@PathVariable UUID boat, @PathVariable UUID trip) {
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"moss-wake-day.gpx\"")
                .body(track.gpx(boat, trip));
    }
}
