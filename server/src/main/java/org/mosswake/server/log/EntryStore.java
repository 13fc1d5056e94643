package org.mosswake.server.log;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.log.EntryColumns;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.LogEntry;
import org.mosswake.server.log.EntryMapper.MonthRow;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.MappingIterator;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Entries of the log as they are kept. */
@Component
class EntryStore {
    private static final int AT_ONCE = 2000;

    /** By name; of a later edition some may not be known here. */
    private static final Map<String, Facet> FACETS =
            Arrays.stream(Facet.values()).collect(Collectors.toMap(Facet::name, facet -> facet));

    private enum Source {
        FACTS,
        NOTEBOOK,
        INVENTED
    }

    private final EntryMapper entries;
    private final JsonMapper json;
    private final ObjectReader reader;

    EntryStore(EntryMapper entries, JsonMapper json) {
        this.entries = entries;
        this.json = json;
        // What this application wrote itself needs no looking for doubles in it.
        reader = json.readerFor(EntryRow.class).without(StreamReadFeature.STRICT_DUPLICATE_DETECTION);
    }

    /** A month of an owner's, as it stood at its stamp. */
    record Month(long stamp, EntryColumns columns) {}

    /** Made of its entries once after each change of them, and read as it was made from then on. */
    Month month(UUID vessel, LocalDate month) {
        MonthRow kept = entries.columns(vessel, month);
        if (kept == null) {
            return new Month(0, EntryColumns.of(List.of()));
        }
        return new Month(
                kept.stamp(),
                Optional.ofNullable(kept.columns()).flatMap(EntryColumns::read).orElseGet(() -> {
                    EntryColumns made = EntryColumns.of(read(entries.month(vessel, month)));
                    entries.made(vessel, new MonthRow(month, kept.stamp(), made.bytes()));
                    return made;
                }));
    }

    private List<LogEntry> read(String rows) {
        var all = new ArrayList<LogEntry>();
        try (MappingIterator<EntryRow> each = reader.readValues(rows)) {
            while (each.hasNext()) {
                all.add(each.next().entry());
            }
        }
        return all;
    }

    /**
     * @param day   as text: what is sent may not be of the year in which rows without one are kept
     * @param at    seconds since 1970
     * @param known by facet, a text or a number
     */
    private record EntryRow(
            UUID id,
            String day,
            @Nullable Long at,
            LogEntry.Kind kind,
            float minutes,
            boolean timed,
            @Nullable Double latitudeDeg,
            @Nullable Double longitudeDeg,
            Map<String, Object> known) {
        LogEntry entry() {
            var choices = new EnumMap<Facet, String>(Facet.class);
            var numbers = new EnumMap<Facet, Double>(Facet.class);
            known.forEach((name, value) -> {
                Facet facet = FACETS.get(name);
                if (facet != null && facet.isNumber() && value instanceof Number number) {
                    numbers.put(facet, number.doubleValue());
                } else if (facet != null && !facet.isNumber() && value instanceof String text) {
                    choices.put(facet, text);
                }
            });
            return new LogEntry(
                    id,
                    LocalDate.parse(day),
                    Optional.ofNullable(at).map(Instant::ofEpochSecond),
                    kind,
                    minutes,
                    timed,
                    choices,
                    numbers,
                    latitudeDeg == null || longitudeDeg == null
                            ? Optional.empty()
                            : Optional.of(new LogEntry.Place(latitudeDeg, longitudeDeg)));
        }
    }

    /** Those of one day out, in the place of what was there. */
    @Transactional
    public void replace(UUID vessel, UUID trip, long sequence, int edition, List<LogEntry> made) {
        entries.clear(vessel, trip);
        insert(vessel, new From(Source.FACTS, trip, null), made);
        entries.trip(vessel, trip, sequence, edition);
    }

    @Transactional
    public void invented(UUID vessel, List<LogEntry> made) {
        insert(vessel, new From(Source.INVENTED, null, null), made);
    }

    /** @return how many were not in the log before */
    @Transactional
    public int takeIn(UUID vessel, UUID taken, String name, Instant now, List<LogEntry> made) {
        int added = insert(vessel, new From(Source.NOTEBOOK, null, taken), made);
        if (added > 0) {
            entries.taken(vessel, new EntryMapper.ImportRow(taken, name, now, added));
        }
        return added;
    }

    @Transactional
    public boolean takeBack(UUID vessel, UUID taken) {
        entries.clearImport(vessel, taken);
        return entries.removeImport(vessel, taken) > 0;
    }

    /** Where rows come from: a day out, or a table. */
    private record From(
            Source source, @Nullable UUID trip, @Nullable UUID taken) {}

    private int insert(UUID vessel, From origin, List<LogEntry> made) {
        int inserted = 0;
        for (int from = 0; from < made.size(); from += AT_ONCE) {
            ArrayNode rows = json.createArrayNode();
            made.subList(from, Math.min(made.size(), from + AT_ONCE))
                    .forEach(entry -> row(rows.addObject(), origin, entry));
            inserted += entries.insert(vessel, rows.toString());
        }
        return inserted;
    }

    private static void row(ObjectNode row, From origin, LogEntry entry) {
        row.put("entry_id", entry.id().toString())
                .put("source", origin.source().name())
                .put("trip_id", origin.trip() == null ? null : origin.trip().toString())
                .put("import_id", origin.taken() == null ? null : origin.taken().toString())
                .put("day", entry.day().toString())
                .put("happened_at", entry.at().map(Instant::toString).orElse(null))
                .put("kind", entry.kind().name())
                .put("minutes", entry.minutes())
                .put("timed", entry.timed());
        ObjectNode known = row.putObject("known");
        entry.choices().forEach((facet, text) -> known.put(facet.name(), text));
        entry.numbers().forEach((facet, number) -> known.put(facet.name(), number));
        entry.place()
                .ifPresent(place ->
                        row.put("latitude_deg", place.latitudeDeg()).put("longitude_deg", place.longitudeDeg()));
    }
}
