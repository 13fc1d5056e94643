package org.mosswake.server.platform.database;

import java.io.IOException;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Looks every hour whether a dump is due; a server whose start command gave no folder for them takes none. */
@Component
class DumpSchedule {
    private static final long FIRST_S = 90;
    private static final long EVERY_S = 3600;

    private final KeptDumps dumps;
    private final boolean wanted;

    DumpSchedule(KeptDumps dumps, @Value("${moss.dumps:}") String folder) {
        this.dumps = dumps;
        this.wanted = !folder.isEmpty();
    }

    @Scheduled(initialDelay = FIRST_S, fixedDelay = EVERY_S, timeUnit = TimeUnit.SECONDS)
    void take() throws IOException {
        if (wanted) {
            dumps.takeDue();
        }
    }
}
