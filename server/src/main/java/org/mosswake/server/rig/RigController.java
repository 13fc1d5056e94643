package org.mosswake.server.rig;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.server.platform.json.Checked;
import org.mosswake.server.platform.wire.NumbersBody;
import org.mosswake.server.spread.BenchNumbersService;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class RigController {
    private static final int LONGEST_KEY = 400;
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    record TickBody(String task, Boolean done) implements Checked {
        @Override
        public void check(Faults faults) {
            faults.text("task", task, LONGEST_KEY);
            faults.required("done", done);
        }
    }

    /** @param amount in metres, pieces or kilograms; absent: not counted */
    record StockBody(String item, @Nullable Double amount) implements Checked {
        private static final Accepted AMOUNT = new Accepted(0, 100_000, "");

        @Override
        public void check(Faults faults) {
            faults.text("item", item, LONGEST_KEY);
            AMOUNT.checkOptional(faults, "amount", amount);
        }
    }

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
    List<String> tick(@PathVariable UUID boat, @PathVariable UUID spread, @RequestBody TickBody body) {
        return ticks.tick(boat, spread, body.task(), body.done());
    }

    @PutMapping("/api/boats/{boat}/stock")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void count(@PathVariable UUID boat, @RequestBody StockBody body) {
        ticks.count(boat, body.item(), body.amount());
    }

    @GetMapping("/api/rig/numbers")
    List<RigNumbers.Named> catalogue() {
        return RigNumbers.all();
    }

    @GetMapping("/api/boats/{boat}/rig/numbers")
    NumbersBody numbers(@PathVariable UUID boat) {
        return NumbersBody.of(numbers.of(boat).set());
    }

    @PutMapping("/api/boats/{boat}/rig/numbers")
    NumbersBody set(@PathVariable UUID boat, @RequestBody NumbersBody body) {
        return NumbersBody.of(numbers.set(boat, body.values()).set());
    }
}
