package org.mosswake.server.deck.instruments;

import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class InstrumentController {
    private final SourceService sources;

    InstrumentController(SourceService sources) {
        this.sources = sources;
    }

    /** What the instruments of a boat tell now, by which source, and how each source is heard. */
    @GetMapping("/api/boats/{boat}/instruments")
    InstrumentsReply instruments(@PathVariable UUID boat) {
        return sources.reply(boat);
    }

    /** Listened to within a second or two. */
    @PutMapping("/api/boats/{boat}/instruments/{source}")
    InstrumentsReply keep(@PathVariable UUID boat, @PathVariable UUID source, @RequestBody SourceBody body) {
        return sources.keep(boat, source, body);
    }

    @DeleteMapping("/api/boats/{boat}/instruments/{source}")
    InstrumentsReply remove(@PathVariable UUID boat, @PathVariable UUID source, @RequestParam Integer version) {
        return sources.remove(boat, source, version);
    }
}
