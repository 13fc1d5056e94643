package org.mosswake.server.owner;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.owner.OwnedTables.Column;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * An owner's file taken in again, inside a transaction of the caller's: rows are put by as they come, and then go into
 * their tables in the order in which those need each other. Numbers that a database gives are given anew.
 */
@Component
class Archive {
    private static final int AT_ONCE = 500;
    /** What changes by itself when the rows of others come in goes first, so that what was kept stands. */
    private static final String HISTORY = "gear_version";

    private final JdbcTemplate database;
    private final OwnedTables tables;
    private final JsonMapper json;

    Archive(JdbcTemplate database, OwnedTables tables, JsonMapper json) {
        this.database = database;
        this.tables = tables;
        this.json = json;
    }

    /** @return the owner whose file it was */
    UUID takeIn(InputStream file) {
        database.execute("create temporary table brought (name text, n bigserial, kept jsonb) on commit drop");
        UUID owner = putBy(file);
        if (Boolean.TRUE.equals(database.queryForObject(
                "select exists (select 1 from vessel where vessel_id = ?)", Boolean.class, owner))) {
            throw FaultException.of(FaultCode.HERE_ALREADY, "owner");
        }
        database.update("delete from forgotten where vessel_id = ?", owner);
        Set<String> came = new TreeSet<>(database.queryForList("select distinct name from brought", String.class));
        came.removeAll(OwnedTables.RETIRED);
        if (!came.containsAll(List.of("vessel", "boat"))) {
            throw unreadable("it holds no boat");
        }
        inOrder(came).forEach(this::intoTable);
        return owner;
    }

    private UUID putBy(InputStream file) {
        try (JsonParser in = json.createParser(file)) {
            @Nullable UUID owner = null;
            if (in.nextToken() != JsonToken.START_OBJECT) {
                throw unreadable("it is no archive");
            }
            boolean whole = false;
            while (in.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = in.currentName();
                JsonToken value = in.nextToken();
                if (name.equals("owner") && value == JsonToken.VALUE_STRING) {
                    owner = UUID.fromString(in.getString());
                } else if (name.equals("tables") && value == JsonToken.START_OBJECT && owner != null) {
                    rows(in, owner);
                    whole = true;
                } else {
                    in.skipChildren();
                }
            }
            if (!whole || in.nextToken() != null) {
                throw unreadable("it is not whole");
            }
            return Objects.requireNonNull(owner);
        } catch (JacksonException e) {
            throw unreadable("it breaks off or is no JSON at line "
                    + (e.getLocation() == null ? 1 : e.getLocation().getLineNr()));
        } catch (IllegalArgumentException e) {
            throw unreadable("its owner is no id");
        }
    }

    private void rows(JsonParser in, UUID owner) {
        var known = tables.archived();
        var batch = new ArrayList<Object[]>();
        while (in.nextToken() == JsonToken.PROPERTY_NAME) {
            String table = in.currentName();
            if (!known.contains(table)) {
                throw unreadable(
                        "it was written by a later edition, or by another program: nothing here is called " + table);
            }
            if (in.nextToken() != JsonToken.START_ARRAY) {
                throw unreadable(table + " is no list");
            }
            while (in.nextToken() == JsonToken.START_OBJECT) {
                JsonNode row = in.readValueAsTree();
                if (!owner.toString().equals(row.path("vessel_id").asString(""))) {
                    throw unreadable("a row of " + table + " is of another owner");
                }
                batch.add(new Object[] {table, row.toString()});
                if (batch.size() == AT_ONCE) {
                    flush(batch);
                }
            }
        }
        flush(batch);
    }

    private void flush(List<Object[]> batch) {
        try {
            database.batchUpdate("insert into brought (name, kept) values (?, ?::jsonb)", batch);
        } catch (DataAccessException e) {
            throw unreadable("a row cannot be read");
        }
        batch.clear();
    }

    /** Those that others need first. */
    private List<String> inOrder(Set<String> came) {
        var needs = tables.needs().stream()
                .filter(two -> came.contains(two[0]) && came.contains(two[1]))
                .toList();
        var done = new LinkedHashSet<String>();
        if (came.contains(HISTORY)) {
            done.addAll(List.of("vessel", HISTORY));
        }
        while (done.size() < came.size()) {
            int before = done.size();
            came.stream()
                    .filter(table -> needs.stream().noneMatch(two -> two[0].equals(table) && !done.contains(two[1])))
                    .forEach(done::add);
            if (done.size() == before) {
                throw new IllegalStateException("tables need each other in a ring: " + came);
            }
        }
        return List.copyOf(done);
    }

    private void intoTable(String table) {
        List<Column> columns = tables.columns(table);
        List<String> told = database.queryForList(
                "select distinct jsonb_object_keys(kept) from brought where name = ?", String.class, table);
        Set<String> known = columns.stream().map(Column::name).collect(Collectors.toSet());
        told.stream().filter(name -> !known.contains(name)).findFirst().ifPresent(name -> {
            throw unreadable("it was written by a later edition: " + table + " has no " + name + " here");
        });
        String names = columns.stream()
                .filter(column -> !column.counted() && told.contains(column.name()))
                .map(column -> '"' + column.name() + '"')
                .collect(Collectors.joining(", "));
        try {
            database.update(
                    "insert into " + table + " (" + names + ") select " + names + " from (select r.* from brought b, "
                            + "jsonb_populate_record(null::" + table
                            + ", b.kept) r where b.name = ? order by b.n) kept",
                    table);
        } catch (DataIntegrityViolationException e) {
            throw unreadable("rows of " + table + " do not fit: "
                    + Objects.requireNonNullElse(e.getMostSpecificCause().getMessage(), "")
                            .lines()
                            .findFirst()
                            .orElse(""));
        } catch (DataAccessException e) {
            throw unreadable("rows of " + table + " cannot be read");
        }
    }

    private static FaultException unreadable(String why) {
        return FaultException.of(FaultCode.UNREADABLE_ARCHIVE, "archive", why);
    }
}
