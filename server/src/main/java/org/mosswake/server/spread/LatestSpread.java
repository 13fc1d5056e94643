package org.mosswake.server.spread;

import java.time.Instant;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.gear.BoatTitle;
import org.mosswake.server.platform.http.Landing;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.TaskScheduler;
import org.springframework.stereotype.Component;

/**
 * The spread saved last of the first boat, where the page opens. Looked up beside the page and not before it: a database
 * that does not answer must not keep the page away.
 */
@Component
class LatestSpread implements Landing {
    /** Somebody puts away fewer. */
    private static final int LOOKED_AT = 20;

    private final BoatService boats;
    private final SpreadService spreads;
    private final TaskScheduler rounds;
    private final AtomicBoolean looking = new AtomicBoolean();
    private volatile String path = "";

    LatestSpread(BoatService boats, SpreadService spreads, TaskScheduler rounds) {
        this.boats = boats;
        this.spreads = spreads;
        this.rounds = rounds;
    }

    /** For this page as it was, for the next as it is now. */
    @Override
    public String path() {
        lookSoon();
        return path;
    }

    @EventListener(ApplicationReadyEvent.class)
    void lookSoon() {
        if (looking.compareAndSet(false, true)) {
            rounds.schedule(this::look, Instant.now());
        }
    }

    private void look() {
        try {
            path = first().flatMap(this::latest).orElse("");
        } finally {
            looking.set(false);
        }
    }

    private Optional<BoatTitle> first() {
        return boats.titles(0, LOOKED_AT).stream()
                .filter(boat -> !boat.putAway())
                .findFirst();
    }

    private Optional<String> latest(BoatTitle boat) {
        return spreads.titles(boat.boatId(), 0, LOOKED_AT).stream()
                .filter(title -> !title.putAway())
                .findFirst()
                .map(title -> "/boats/" + boat.boatId() + "/spread/" + title.spreadId());
    }
}
