package org.mosswake.server.platform.database;

import java.io.IOException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Looks every hour whether a dump is due; a server whose start command gave no folder for them takes none. */
@Component
class DumpSchedule {
    private static final Logger LOG = LoggerFactory.getLogger(DumpSchedule.class);
    private static final long FIRST_S = 90;
    private static final long EVERY_S = 3600;

    private final KeptDumps dumps;
    private final boolean wanted;
    private final ScheduledExecutorService clockwork = Executors.newSingleThreadScheduledExecutor(task -> {
        var thread = new Thread(task, "dumps");
        thread.setDaemon(true);
        return thread;
    });

    DumpSchedule(KeptDumps dumps, @Value("${moss.dumps:}") String folder) {
        this.dumps = dumps;
        this.wanted = !folder.isEmpty();
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        if (wanted) {
            clockwork.scheduleWithFixedDelay(this::look, FIRST_S, EVERY_S, TimeUnit.SECONDS);
        }
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        clockwork.shutdownNow();
    }

    private void look() {
        try {
            dumps.takeDue();
        } catch (IOException | RuntimeException e) {
            // A schedule whose task throws never runs again.
            LOG.warn("the dump of the day could not be taken: {}", e.getMessage());
        }
    }
}
