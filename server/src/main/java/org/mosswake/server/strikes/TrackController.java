package org.mosswake.server.strikes;

import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TrackController {
    private final DayTrack track;
    private final TrackIn in;

    TrackController(DayTrack track, TrackIn in) {
        this.track = track;
        this.in = in;
    }

    /** The way that another instrument kept of that day; sent again it changes nothing. */
    @PostMapping(value = "/api/boats/{boat}/trips/{trip}/track.gpx", consumes = "application/gpx+xml")
    TrackIn.TrackTaken take(@PathVariable UUID boat, @PathVariable UUID trip, @RequestBody byte[] gpx) {
        return in.take(boat, trip, gpx);
    }

    /** The same from GeoJSON: lines with a list of {@code times} among their properties. */
    @PostMapping(value = "/api/boats/{boat}/trips/{trip}/track.geojson", consumes = "application/geo+json")
    TrackIn.TrackTaken takeGeoJson(@PathVariable UUID boat, @PathVariable UUID trip, @RequestBody byte[] geoJson) {
        return in.takeGeoJson(boat, trip, geoJson);
    }

    /** The same as GeoJSON: a line for the way, a point for each strike. */
    @GetMapping(value = "/api/boats/{boat}/trips/{trip}/track.geojson", produces = "application/geo+json")
    ResponseEntity<String> geoJson(@PathVariable UUID boat, @PathVariable UUID trip) {
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"moss-wake-day.geojson\"")
                .body(track.geoJson(boat, trip));
    }

    /** The way she went and where lures were taken, as GPX 1.1. */
    @GetMapping(value = "/api/boats/{boat}/trips/{trip}/track.gpx", produces = "application/gpx+xml")
    ResponseEntity<String> gpx(@PathVariable UUID boat, @PathVariable UUID trip) {
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"moss-wake-day.gpx\"")
                .body(track.gpx(boat, trip));
    }
}
