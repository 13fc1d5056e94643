package org.mosswake.server.marks;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class MarkController {
    private final MarkService marks;

    MarkController(MarkService marks) {
        this.marks = marks;
    }

    @GetMapping("/api/boats/{boat}/marks")
    List<SeaMarkBody> all(@PathVariable UUID boat) {
        return marks.all(boat);
    }

    @PutMapping("/api/boats/{boat}/marks")
    SeaMarkBody save(@PathVariable UUID boat, @RequestBody SeaMarkBody body) {
        return marks.save(boat, body);
    }

    @DeleteMapping("/api/boats/{boat}/marks/{mark}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID boat, @PathVariable UUID mark, @RequestParam Integer version) {
        marks.remove(boat, mark, version);
    }

    /** Waypoints of a file; the same again changes nothing. */
    @PostMapping(value = "/api/boats/{boat}/marks.gpx", consumes = "application/gpx+xml")
    MarkService.MarksTaken take(@PathVariable UUID boat, @RequestBody byte[] gpx) {
        return marks.take(boat, gpx);
    }

    @GetMapping(value = "/api/boats/{boat}/marks.gpx", produces = "application/gpx+xml")
    ResponseEntity<String> gpx(@PathVariable UUID boat) {
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"moss-wake-marks.gpx\"")
                .body(Waypoints.write(marks.all(boat)));
    }
}
