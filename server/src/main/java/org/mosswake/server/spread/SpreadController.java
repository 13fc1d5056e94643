package org.mosswake.server.spread;

import java.util.List;
import java.util.UUID;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.platform.http.Paged;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SpreadController {
    private final SpreadService spreads;

    SpreadController(SpreadService spreads) {
        this.spreads = spreads;
    }

    @PostMapping("/api/boats/{boat}/solve")
    SolvedReply solve(@PathVariable UUID boat, @RequestBody SpreadDraft draft) {
        return spreads.solve(boat, draft);
    }

    /** The last saved first. */
    @GetMapping("/api/boats/{boat}/spreads")
    ResponseEntity<List<SpreadBody.Title>> spreads(
            @PathVariable UUID boat,
            @RequestParam(defaultValue = "0") Integer from,
            @RequestParam(defaultValue = Paged.USUAL) Integer count) {
        return Paged.of(from, count, spreads.count(boat), (first, most) -> spreads.titles(boat, first, most));
    }

    @GetMapping("/api/boats/{boat}/spreads/{spread}")
    SpreadBody.Kept spread(@PathVariable UUID boat, @PathVariable UUID spread) {
        return spreads.spread(boat, spread);
    }

    @GetMapping("/api/boats/{boat}/spreads/{spread}/solved")
    SpreadBody.Solved solved(@PathVariable UUID boat, @PathVariable UUID spread) {
        SpreadBody.Kept kept = spreads.spread(boat, spread);
        return new SpreadBody.Solved(kept.version(), spreads.solve(boat, kept.draft()));
    }

    @PutMapping("/api/boats/{boat}/spreads/{spread}")
    SpreadBody.Kept save(@PathVariable UUID boat, @PathVariable UUID spread, @RequestBody SpreadBody body) {
        if (!spread.equals(body.spreadId())) {
            throw FaultException.of(
                    FaultCode.NOT_ONE_OF, "spreadId", body.spreadId().toString(), "the spread in the address");
        }
        return spreads.save(boat, body);
    }
}
