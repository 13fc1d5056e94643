package org.mosswake.server.owner;

import java.io.IOException;
import java.io.Writer;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Every table that carries the owner key, row by row as JSON: what was kept is all there, whatever it is called. What
 * instruments tell this second is not kept: it would make every export old a second later; nor are months of the log in
 * columns, which are made of its entries.
 */
@Component
class OwnedTables {
    /** Fixes are many and never changed: how many there are and the last of them say whether some came. */
    private static final String FIXES = "fix";

    private static final String SEQUENCE = "sequence";

    private static final int FETCHED = 500;

    private final JdbcTemplate database;

    OwnedTables(JdbcTemplate database) {
        this.database = new JdbcTemplate(database.getDataSource());
        this.database.setFetchSize(FETCHED);
    }

    private List<String> names() {
        return database.queryForList("""
                select table_name from information_schema.columns
                where table_schema = 'public' and column_name = 'vessel_id'
                  and table_name not in ('forgotten', 'practice', 'log_month') and table_name not like 'instrument\\_%'
                order by table_name""", String.class);
    }

    /** Changes with anything the owner has. */
    String mark(UUID owner) {
        var marks = new StringBuilder();
        for (String table : names()) {
            String rows = table.equals(FIXES)
                    ? "select count(*) || ' ' || coalesce(max(at)::text, '') from fix where vessel_id = ?"
                    : "select coalesce(md5(string_agg(row, '' order by row)), '') from"
                            + " (select md5(to_jsonb(t)::text) as row from " + table + " t where vessel_id = ?) rows";
            marks.append(database.queryForObject(rows, String.class, owner)).append(';');
        }
        return database.queryForObject("select md5(?)", String.class, marks.toString());
    }

    /** A member for each table, a list of its rows. */
    void write(UUID owner, Writer out) throws IOException {
        boolean first = true;
        for (String table : names()) {
            out.write((first ? "" : ",\n") + "\"" + table + "\": [");
            first = false;
            rows(owner, table, out);
            out.write("]");
        }
    }

    private void rows(UUID owner, String table, Writer out) throws IOException {
        try (var rows = database.queryForStream(
                "select to_jsonb(t)::text from " + table + " t where vessel_id = ? order by " + inOrder(table),
                (row, n) -> (n == 0 ? "\n" : ",\n") + row.getString(1),
                owner)) {
            var all = rows.iterator();
            while (all.hasNext()) {
                out.write(all.next());
            }
        }
    }

    /** As it was kept, where that is known: facts are taken in again in that order. */
    private String inOrder(String table) {
        return columns(table).stream().anyMatch(column -> column.name().equals(SEQUENCE) && column.counted())
                ? SEQUENCE
                : "to_jsonb(t)::text";
    }

    /** @param counted given by the database itself */
    record Column(String name, boolean counted) {}

    List<Column> columns(String table) {
        return database.query("""
                select column_name, is_identity = 'YES' from information_schema.columns
                where table_schema = 'public' and table_name = ?""", (row, n) -> new Column(row.getString(1), row.getBoolean(2)), table);
    }

    /** Those that an archive may hold. */
    Set<String> archived() {
        var all = new TreeSet<>(names());
        all.addAll(RETIRED);
        return all;
    }

    /** Archives of before have them, and nothing is lost without. */
    static final Set<String> RETIRED = Set.of("log_stand");

    /** Which table needs which other one first. */
    List<String[]> needs() {
        return database.query("""
                select distinct conrelid::regclass::text, confrelid::regclass::text from pg_constraint
                where contype = 'f' and conrelid <> confrelid and connamespace = 'public'::regnamespace""", (row, n) -> new String[] {row.getString(1), row.getString(2)});
    }

    /** The one way through what never changes; written down as done. */
    void forget(UUID owner) {
        database.queryForObject("select forget_owner(?)::text", String.class, owner);
    }

    /** Boat, box, spreads and words as they are now, as those of a new owner; no day out. */
    void copy(UUID owner, UUID copy, String title) {
        database.queryForObject("select copy_owner(?, ?, ?)::text", String.class, owner, copy, title);
    }
}
