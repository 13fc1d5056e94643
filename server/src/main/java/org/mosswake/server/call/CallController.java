package org.mosswake.server.call;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.UUID;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.clock.CalendarFile;
import org.mosswake.server.platform.compute.Computing;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;

@RestController
class CallController {
    private static final String LINES_OF_JSON = "application/x-ndjson";
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final CallService calls;
    private final PlanService plans;
    private final OriginService origins;
    private final BuildService builds;
    private final Computing computing;

    CallController(
            CallService calls, PlanService plans, OriginService origins, BuildService builds, Computing computing) {
        this.calls = calls;
        this.plans = plans;
        this.origins = origins;
        this.builds = builds;
        this.computing = computing;
    }

    @PostMapping("/api/boats/{boat}/call")
    CallReply call(@PathVariable UUID boat, @RequestBody CallBody body) {
        return calls.call(boat, body);
    }

    /** One event a line, as the search goes on; closing the connection cancels it. */
    @PostMapping(value = "/api/boats/{boat}/call/spread", produces = LINES_OF_JSON)
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = LINES_OF_JSON, schema = @Schema(implementation = BuildEvent.class)))
    ResponseEntity<ResponseBodyEmitter> build(@PathVariable UUID boat, @RequestBody BuildBody body) {
        CallService.Build build = calls.build(boat, body);
        return computing.tell(telling -> builds.run(build, telling), BuildEvent.failed());
    }

    /** The steps of the day for a calendar. */
    @PostMapping(value = "/api/boats/{boat}/call/calendar", produces = "text/calendar")
    ResponseEntity<String> calendar(@PathVariable UUID boat, @RequestBody CallBody body) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header("Content-Disposition", "attachment; filename=\"moss-wake-" + body.day() + ".ics\"")
                .body(CalendarFile.of(calls.steps(boat, body), body.place().zone()));
    }

    @GetMapping("/api/boats/{boat}/plans/{day}")
    PlanBody plan(@PathVariable UUID boat, @PathVariable LocalDate day) {
        return plans.plan(boat, day);
    }

    /** The last spread that was called for a day; 204 where none was. */
    @GetMapping("/api/boats/{boat}/plans/{day}/spread")
    ResponseEntity<OriginService.Called> called(@PathVariable UUID boat, @PathVariable LocalDate day) {
        return origins.calledFor(boat, day)
                .map(ResponseEntity::ok)
                .orElseGet(() -> ResponseEntity.noContent().build());
    }

    @PutMapping("/api/boats/{boat}/plans/{day}")
    PlanBody save(@PathVariable UUID boat, @PathVariable LocalDate day, @RequestBody PlanBody body) {
        if (!day.equals(body.day())) {
            throw FaultException.of(FaultCode.NOT_ONE_OF, "day", body.day().toString(), "the day in the address");
        }
        return plans.save(boat, body);
    }

    @GetMapping("/api/boats/{boat}/spreads/{spread}/origin")
    ResponseEntity<OriginBody.OriginReply> origin(@PathVariable UUID boat, @PathVariable UUID spread) {
        return origins.origin(boat, spread)
                .map(ResponseEntity::ok)
                .orElse(ResponseEntity.noContent().build());
    }

    @PutMapping("/api/boats/{boat}/spreads/{spread}/origin")
    OriginBody.OriginReply keep(@PathVariable UUID boat, @PathVariable UUID spread, @RequestBody OriginBody body) {
        return origins.keep(boat, spread, body);
    }
}
