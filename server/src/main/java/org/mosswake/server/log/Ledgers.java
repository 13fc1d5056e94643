package org.mosswake.server.log;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.mosswake.core.log.Ledger;
import org.mosswake.server.log.EntryMapper.MonthStamp;
import org.mosswake.server.log.EntryStore.Month;
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

    private static final class Held {
        private final Map<LocalDate, Month> months = new TreeMap<>();
        private Ledger ledger = new Ledger(List.of());
    }

    private final EntryMapper entries;
    private final EntryStore store;
    private final DayEntries days;
    private final Map<UUID, Held> kept = new LinkedHashMap<>();

    Ledgers(EntryMapper entries, EntryStore store, DayEntries days) {
        this.entries = entries;
        this.store = store;
        this.days = days;
    }

    /** As it stands now; of what was read before only the months that changed are read. Two that ask at once read it once. */
    Ledger of(UUID vessel) {
        Held held = held(vessel);
        synchronized (held) {
            makeNew(vessel);
            List<MonthStamp> stand = entries.months(vessel);
            boolean changed = held.months
                    .keySet()
                    .retainAll(stand.stream().map(MonthStamp::month).collect(Collectors.toSet()));
            for (MonthStamp month : stand) {
                Month before = held.months.get(month.month());
                if (before == null || before.stamp() != month.stamp()) {
                    held.months.put(month.month(), store.month(vessel, month.month()));
                    changed = true;
                }
            }
            if (changed) {
                held.ledger = new Ledger(
                        held.months.values().stream().map(Month::columns).toList());
            }
            return held.ledger;
        }
    }

    private synchronized Held held(UUID vessel) {
        Held held = kept.remove(vessel);
        // Room first: what comes in and what went out may be too much together.
        while (kept.size() >= KEPT) {
            kept.remove(kept.keySet().iterator().next());
        }
        kept.put(vessel, held == null ? new Held() : held);
        return kept.get(vessel);
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
