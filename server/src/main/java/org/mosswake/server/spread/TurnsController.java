package org.mosswake.server.spread;

import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TurnsController {
    private final TurnsService turns;

    TurnsController(TurnsService turns) {
        this.turns = turns;
    }

    @PostMapping("/api/boats/{boat}/turns")
    TurnsReply turns(@PathVariable UUID boat, @RequestBody TurnsBody body) {
        return turns.turns(boat, body);
    }

    @PostMapping("/api/boats/{boat}/turns/mend")
    TurnsReply.MendsReply mend(@PathVariable UUID boat, @RequestBody TurnsBody body) {
        return turns.mend(boat, body);
    }

    @PostMapping("/api/boats/{boat}/turns/helm")
    TurnsReply.HelmReply helm(@PathVariable UUID boat, @RequestBody TurnsBody.HelmBody body) {
        return turns.helm(boat, body);
    }
}
