package org.mosswake.server.log;

import org.mosswake.server.log.EntryMapper.MonthKey;
import org.mosswake.server.platform.compute.Clockwork;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
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
    private final Clockwork clockwork = new Clockwork("months", "months of the log were not put into columns");

    MonthsAhead(EntryMapper entries, EntryStore store) {
        this.entries = entries;
        this.store = store;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        clockwork.every(FIRST_S, EVERY_S, this::make);
    }

    void make() {
        for (MonthKey key : entries.unmade()) {
            store.month(key.vesselId(), key.month());
        }
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        clockwork.stop();
    }
}
