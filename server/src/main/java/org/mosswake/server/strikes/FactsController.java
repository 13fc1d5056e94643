package org.mosswake.server.strikes;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class FactsController {
    private final FactService facts;
    private final DayService days;

    FactsController(FactService facts, DayService days) {
        this.facts = facts;
        this.days = days;
    }

    /** Acknowledged one by one, when kept: what is refused holds up none of the others. */
    @PostMapping("/api/boats/{boat}/facts")
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            content = @Content(schema = @Schema(implementation = FactsBody.class)))
    FactsReply take(@PathVariable UUID boat, @RequestBody byte[] body) {
        return facts.take(boat, new String(body, StandardCharsets.UTF_8));
    }

    @GetMapping("/api/boats/{boat}/trips/{trip}/log")
    LogReply log(@PathVariable UUID boat, @PathVariable UUID trip) {
        return days.log(boat, trip);
    }

    /** The day as it stood at {@code at}. */
    @GetMapping("/api/boats/{boat}/trips/{trip}/state")
    DayReply.State state(@PathVariable UUID boat, @PathVariable UUID trip, @RequestParam Instant at) {
        return days.at(boat, trip, at);
    }

    /** How long each line was in the water from {@code from} to {@code to}. */
    @GetMapping("/api/boats/{boat}/trips/{trip}/exposure")
    List<DayReply.LineExposure> exposure(
            @PathVariable UUID boat, @PathVariable UUID trip, @RequestParam Instant from, @RequestParam Instant to) {
        return days.exposure(boat, trip, from, to);
    }

    /** As first editions of the page report: flat events of one day. They are taken for ever. */
    @PostMapping("/api/boats/{boat}/trips/{trip}/events")
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            content = @Content(schema = @Schema(implementation = Object.class)))
    LogReply events(@PathVariable UUID boat, @PathVariable UUID trip, @RequestBody byte[] body) {
        facts.takeEvents(boat, trip, new String(body, StandardCharsets.UTF_8));
        return days.log(boat, trip);
    }
}
