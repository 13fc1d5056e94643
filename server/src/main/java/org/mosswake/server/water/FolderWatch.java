package org.mosswake.server.water;

import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Looks into the folder of grids every few seconds. */
@Component
class FolderWatch {
    private static final long EVERY_S = 5;

    private final GridFolder folder;
    private final ScheduledExecutorService clockwork = Executors.newSingleThreadScheduledExecutor(task -> {
        var thread = new Thread(task, "grids");
        thread.setDaemon(true);
        return thread;
    });

    FolderWatch(GridFolder folder) {
        this.folder = folder;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        if (folder.isWatched()) {
            clockwork.scheduleWithFixedDelay(folder::look, EVERY_S, EVERY_S, TimeUnit.SECONDS);
        }
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        clockwork.shutdownNow();
    }
}
