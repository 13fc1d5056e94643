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
    private final RecordingService recordings;

    InstrumentController(SourceService sources, RecordingService recordings) {
        this.sources = sources;
        this.recordings = recordings;
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

    /** A file of NMEA 0183 for a source that plays it; how much of it is used. */
    @PutMapping(value = "/api/boats/{boat}/instruments/{source}/recording", consumes = "text/plain")
    RecordingService.Recorded record(@PathVariable UUID boat, @PathVariable UUID source, @RequestBody byte[] recorded) {
        return recordings.keep(boat, source, recorded);
    }

    @DeleteMapping("/api/boats/{boat}/instruments/{source}")
    InstrumentsReply remove(@PathVariable UUID boat, @PathVariable UUID source, @RequestParam Integer version) {
        return sources.remove(boat, source, version);
    }
}
