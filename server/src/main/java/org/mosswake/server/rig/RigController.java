package org.mosswake.server.rig;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.core.units.Named;
import org.mosswake.server.gear.BenchNumbersService;
import org.mosswake.server.platform.wire.NumbersBody;
import org.mosswake.server.platform.wire.NumbersReply;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class RigController {
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final RigService rigs;
    private final TicksService ticks;
    private final BenchNumbersService numbers;

    RigController(RigService rigs, TicksService ticks, BenchNumbersService numbers) {
        this.rigs = rigs;
        this.ticks = ticks;
        this.numbers = numbers;
    }

    @PostMapping("/api/boats/{boat}/rig")
    RigReply rig(@PathVariable UUID boat, @RequestBody RigBody body) {
        return rigs.rig(boat, body);
    }

    /** The evening's work as a calendar file. */
    @PostMapping(value = "/api/boats/{boat}/rig/calendar", produces = "text/calendar")
    ResponseEntity<String> calendar(@PathVariable UUID boat, @RequestBody RigBody body) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header("Content-Disposition", "attachment; filename=\"moss-wake-evening.ics\"")
                .body(rigs.calendar(boat, body));
    }

    @PutMapping("/api/boats/{boat}/spreads/{spread}/ticks")
    List<TickBody.Ticked> tick(@PathVariable UUID boat, @PathVariable UUID spread, @RequestBody TickBody body) {
        return ticks.tick(boat, spread, body);
    }

    /** What was counted aboard. */
    @GetMapping("/api/boats/{boat}/stock")
    List<StockBody> stock(@PathVariable UUID boat) {
        return List.copyOf(ticks.stock(boat).values());
    }

    @PutMapping("/api/boats/{boat}/stock")
    StockBody count(@PathVariable UUID boat, @RequestBody StockBody body) {
        return ticks.count(boat, body);
    }

    @GetMapping("/api/rig/numbers")
    List<Named> catalogue() {
        return RigNumbers.all();
    }

    @GetMapping("/api/boats/{boat}/rig/numbers")
    NumbersReply numbers(@PathVariable UUID boat) {
        return numbers.kept(boat);
    }

    @PutMapping("/api/boats/{boat}/rig/numbers")
    NumbersReply set(@PathVariable UUID boat, @RequestBody NumbersBody body) {
        return numbers.set(boat, body);
    }
}
