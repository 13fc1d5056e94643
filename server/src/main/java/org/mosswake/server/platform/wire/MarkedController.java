package org.mosswake.server.platform.wire;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class MarkedController {
    private final List<MarkedReply.Source> sources;

    MarkedController(List<MarkedReply.Source> sources) {
        this.sources = sources;
    }

    /** Everything kept for a boat that today's program cannot use. */
    @GetMapping("/api/boats/{boat}/marked")
    List<MarkedReply> marked(@PathVariable UUID boat) {
        return sources.stream().flatMap(source -> source.marked(boat).stream()).toList();
    }
}
