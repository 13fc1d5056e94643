package org.mosswake.server.course;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.time.LocalDate;
import java.util.UUID;
import org.mosswake.server.platform.compute.Computing;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
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
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;

@RestController
class CourseController {
    private static final String LINES_OF_JSON = "application/x-ndjson";

    private final CourseService courses;
    private final KeptCourses kept;
    private final Computing computing;

    CourseController(CourseService courses, KeptCourses kept, Computing computing) {
        this.courses = courses;
        this.kept = kept;
        this.computing = computing;
    }

    /** A course over the water: laid, with its legs, not yet followed with every line. */
    @PostMapping("/api/boats/{boat}/courses")
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = CourseReply.class)))
    ResponseEntity<ResponseBodyEmitter> lay(@PathVariable UUID boat, @RequestBody CourseBody body) {
        return computing.answer(courses.lay(boat, body));
    }

    /** The same followed with every line: one event a line; closing the connection cancels it. */
    @PostMapping(value = "/api/boats/{boat}/courses/sailed", produces = LINES_OF_JSON)
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = LINES_OF_JSON, schema = @Schema(implementation = SailedEvent.class)))
    ResponseEntity<ResponseBodyEmitter> sail(@PathVariable UUID boat, @RequestBody CourseBody body) {
        return computing.tell(courses.sail(boat, body), SailedEvent.failed());
    }

    /** What was taken along for a day; without corners where nothing was. */
    @GetMapping("/api/boats/{boat}/courses/{day}")
    KeptCourseBody of(@PathVariable UUID boat, @PathVariable LocalDate day) {
        return kept.of(boat, day);
    }

    @PutMapping("/api/boats/{boat}/courses")
    KeptCourseBody save(@PathVariable UUID boat, @RequestBody KeptCourseBody body) {
        return kept.save(boat, body);
    }

    @DeleteMapping("/api/boats/{boat}/courses/{day}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID boat, @PathVariable LocalDate day, @RequestParam Integer version) {
        kept.remove(boat, day, version);
    }

    @GetMapping(value = "/api/boats/{boat}/courses/{day}.gpx", produces = "application/gpx+xml")
    ResponseEntity<String> gpx(@PathVariable UUID boat, @PathVariable LocalDate day) {
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"moss-wake-course-" + day + ".gpx\"")
                .body(kept.gpx(boat, day));
    }
}
