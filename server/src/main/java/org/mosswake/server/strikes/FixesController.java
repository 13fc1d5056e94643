package org.mosswake.server.strikes;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class FixesController {
    private static final Accepted EVERY_S = new Accepted(0.1, 86_400, "s");
    private static final int MOST = 5000;

    private final FixService fixes;

    FixesController(FixService fixes) {
        this.fixes = fixes;
    }

    @PostMapping("/api/boats/{boat}/fixes")
    FixBody.Reply take(@PathVariable UUID boat, @RequestBody FixBody.Batch body) {
        return new FixBody.Reply(fixes.take(boat, body));
    }

    /** From {@code from} up to {@code to}, one each {@code everyS} seconds, the first 5000. */
    @GetMapping("/api/boats/{boat}/fixes")
    List<FixBody> fixes(
            @PathVariable UUID boat,
            @RequestParam Instant from,
            @RequestParam Instant to,
            @RequestParam(defaultValue = "1") Double everyS) {
        var faults = new Faults();
        EVERY_S.check(faults, "everyS", everyS);
        faults.throwIfAny();
        return fixes.thinned(boat, from, to, everyS, MOST);
    }
}
