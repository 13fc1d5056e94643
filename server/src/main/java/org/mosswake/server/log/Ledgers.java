package org.mosswake.server.log;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.mosswake.core.log.Ledger;
import org.mosswake.server.strikes.DayEntries;
import org.mosswake.server.strikes.DayEntries.Stand;
import org.springframework.stereotype.Component;

/** Logs that were asked for last, in columns; days out whose facts have grown are made into entries first. */
@Component
class Ledgers {
    /** Rules by which entries are made of facts: raised, they are made anew. */
    private static final int EDITION = 8;
    /** Each may take tens of megabytes. */
    private static final int KEPT = 2;

    private record Kept(long changes, Ledger ledger) {}

    private final EntryMapper entries;
    private final EntryStore store;
    private final DayEntries days;
    private final Map<UUID, Kept> kept = new LinkedHashMap<>(4, 0.75f, true);

    Ledgers(EntryMapper entries, EntryStore store, DayEntries days) {
        this.entries = entries;
        this.store = store;
        this.days = days;
    }

    /** As it stands now. One at a time: two that ask at once read it once. */
    synchronized Ledger of(UUID vessel) {
        makeNew(vessel);
        long changes = entries.changes(vessel);
        Kept before = kept.get(vessel);
        if (before == null || before.changes() != changes) {
            // Room first: the old one and the new one together may be too much.
            kept.remove(vessel);
            while (kept.size() >= KEPT) {
                kept.remove(kept.keySet().iterator().next());
            }
            kept.put(vessel, new Kept(changes, store.ledger(vessel)));
        }
        return kept.get(vessel).ledger();
    }

    private void makeNew(UUID vessel) {
        Map<UUID, EntryMapper.TripStand> made =
                entries.trips(vessel).stream().collect(Collectors.toMap(EntryMapper.TripStand::tripId, one -> one));
        for (Stand stand : days.stands(vessel)) {
            EntryMapper.TripStand before = made.get(stand.tripId());
            if (before == null || before.sequence() != stand.sequence() || before.edition() != EDITION) {
                store.replace(vessel, stand.tripId(), stand.sequence(), EDITION, days.of(vessel, stand.tripId()));
            }
        }
    }
}
