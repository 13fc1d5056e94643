package org.mosswake.server.log;

import java.util.concurrent.TimeUnit;
import org.mosswake.server.log.EntryMapper.MonthKey;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Puts months into columns before somebody asks: a log that came whole, from an archive or a notebook or by an upgrade, may
 * take half a minute.
 */
@Component
class MonthsAhead {
    private static final long FIRST_S = 20;
    private static final long EVERY_S = 60;

    private final EntryMapper entries;
    private final EntryStore store;

    MonthsAhead(EntryMapper entries, EntryStore store) {
        this.entries = entries;
        this.store = store;
    }

    @Scheduled(initialDelay = FIRST_S, fixedDelay = EVERY_S, timeUnit = TimeUnit.SECONDS)
    void make() {
        for (MonthKey key : entries.unmade()) {
            store.month(key.vesselId(), key.month());
        }
    }
}
