package org.mosswake.server.water;

import org.mosswake.server.platform.compute.Clockwork;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Looks into the folder of grids every few seconds. */
@Component
class FolderWatch {
    private static final long EVERY_S = 5;

    private final GridFolder folder;
    private final Clockwork clockwork = new Clockwork("grids", "the folder of grids was not looked into");

    FolderWatch(GridFolder folder) {
        this.folder = folder;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        if (folder.isWatched()) {
            clockwork.every(EVERY_S, EVERY_S, folder::look);
        }
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        clockwork.stop();
    }
}
