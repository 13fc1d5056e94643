package org.mosswake.server.deck.instruments;

import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.tow.TowLimits;
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

    /** What the instruments of a boat tell now, and what to hold for a speed through the water (m/s). */
    @GetMapping("/api/boats/{boat}/instruments")
    InstrumentsReply instruments(@PathVariable UUID boat, @RequestParam(required = false) @Nullable Double wantedMps) {
        if (wantedMps == null) {
            return sources.reply(boat);
        }
        var faults = new Faults();
        TowLimits.SPEED_MPS.check(faults, "wantedMps", wantedMps);
        faults.throwIfAny();
        return sources.reply(boat, Optional.of(wantedMps));
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
