package org.mosswake.server.log;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.Ledger;
import org.mosswake.core.log.LogEntry;
import org.mosswake.server.log.EntryMapper.EntryRow;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
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

    EntryStore(EntryMapper entries, JsonMapper json) {
        this.entries = entries;
        this.json = json;
    }

    /** All of an owner's, in columns. */
    @Transactional(readOnly = true)
    public Ledger ledger(UUID vessel) {
        int most = entries.count(vessel);
        try (var rows = entries.all(vessel)) {
            Iterator<EntryRow> each = rows.iterator();
            return new Ledger(
                    new Iterator<>() {
                        @Override
                        public boolean hasNext() {
                            return each.hasNext();
                        }

                        @Override
                        public LogEntry next() {
                            return entry(each.next());
                        }
                    },
                    most);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private LogEntry entry(EntryRow row) {
        var choices = new EnumMap<Facet, String>(Facet.class);
        var numbers = new EnumMap<Facet, Double>(Facet.class);
        // Of hundreds of thousands: read as it comes, without a tree of each.
        try (JsonParser known = json.createParser(row.known())) {
            known.nextToken();
            while (known.nextToken() == JsonToken.PROPERTY_NAME) {
                Facet facet = FACETS.get(known.currentName());
                JsonToken value = known.nextToken();
                if (facet != null && facet.isNumber() && value.isNumeric()) {
                    numbers.put(facet, known.getDoubleValue());
                } else if (facet != null && !facet.isNumber() && value == JsonToken.VALUE_STRING) {
                    choices.put(facet, known.getString());
                }
                known.skipChildren();
            }
        }
        return new LogEntry(
                row.entryId(),
                row.day(),
                Optional.ofNullable(row.happenedAt()),
                LogEntry.Kind.valueOf(row.kind()),
                row.minutes(),
                row.timed(),
                choices,
                numbers,
                row.latitudeDeg() == null || row.longitudeDeg() == null
                        ? Optional.empty()
                        : Optional.of(new LogEntry.Place(row.latitudeDeg(), row.longitudeDeg())));
    }

    /** Those of one day out, in the place of what was there. */
    @Transactional
    public void replace(UUID vessel, UUID trip, long sequence, int edition, List<LogEntry> made) {
        entries.clear(vessel, trip);
        insert(vessel, new From(Source.FACTS, trip, null), made);
        entries.trip(vessel, trip, sequence, edition);
        entries.changed(vessel);
    }

    @Transactional
    public void invented(UUID vessel, List<LogEntry> made) {
        insert(vessel, new From(Source.INVENTED, null, null), made);
        entries.changed(vessel);
    }

    /** @return how many were not in the log before */
    @Transactional
    public int takeIn(UUID vessel, UUID taken, String name, Instant now, List<LogEntry> made) {
        int added = insert(vessel, new From(Source.NOTEBOOK, null, taken), made);
        if (added > 0) {
            entries.taken(vessel, new EntryMapper.ImportRow(taken, name, now, added));
            entries.changed(vessel);
        }
        return added;
    }

    @Transactional
    public boolean takeBack(UUID vessel, UUID taken) {
        entries.clearImport(vessel, taken);
        entries.changed(vessel);
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
