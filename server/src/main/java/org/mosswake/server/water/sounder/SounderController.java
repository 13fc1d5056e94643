package org.mosswake.server.water.sounder;

import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SounderController {
    private final SounderService sounder;

    SounderController(SounderService sounder) {
        this.sounder = sounder;
    }

    /** What a trace on the sounder can be, and when each lure reaches it. */
    @PostMapping("/api/boats/{boat}/sounder")
    SounderReply read(@PathVariable UUID boat, @RequestBody SounderBody body) {
        return sounder.read(boat, body);
    }
}
