package org.mosswake.server.platform.database;

import org.mosswake.server.platform.compute.Clockwork;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Looks every hour whether a dump is due; a server whose start command gave no folder for them takes none. */
@Component
class DumpSchedule {
    private static final long FIRST_S = 90;
    private static final long EVERY_S = 3600;

    private final KeptDumps dumps;
    private final boolean wanted;
    private final Clockwork clockwork = new Clockwork("dumps", "the dump of the day could not be taken");

    DumpSchedule(KeptDumps dumps, @Value("${moss.dumps:}") String folder) {
        this.dumps = dumps;
        this.wanted = !folder.isEmpty();
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        if (wanted) {
            clockwork.every(FIRST_S, EVERY_S, dumps::takeDue);
        }
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        clockwork.stop();
    }
}
