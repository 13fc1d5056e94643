package org.mosswake.e2e.support;

/** Copies the demo's boats, and all that is kept for them, under owner keys of their own. */
final class FreshBoats {
    /**
     * Every table with an owner key is copied row by row in the order its references ask for; ids within a vessel stay.
     * Copies of before are renamed, so that a name finds the newest.
     */
    static final String SQL = """
            do $$
            declare
                boat record;
                made uuid;
                place record;
                columns text;
            begin
                -- Rows are copied as they are: what a trigger would add is among them.
                set local session_replication_role = replica;
                update boat set name = name || ' of before' where name in ('Quiet Ledger', 'Sprat')
                    and exists (select from boat where name like '% pattern');
                update boat set name = name || ' pattern' where name in ('Quiet Ledger', 'Sprat');
                for boat in select vessel_id, name from boat where name like '% pattern' loop
                    made := gen_random_uuid();
                    for place in
                        select c.table_name from information_schema.columns c
                        join pg_class t on t.relname = c.table_name and t.relkind = 'r'
                        where c.table_schema = 'public' and c.column_name = 'vessel_id'
                        order by t.oid
                    loop
                        select string_agg(quote_ident(column_name), ', ') into columns
                        from information_schema.columns
                        where table_schema = 'public' and table_name = place.table_name
                          and column_name <> 'vessel_id' and is_identity = 'NO';
                        execute format(
                            'insert into %I (vessel_id, %s) select %L, %s from %I where vessel_id = %L',
                            place.table_name, columns, made, columns, place.table_name, boat.vessel_id);
                    end loop;
                    update boat as b set name = replace(boat.name, ' pattern', '') where vessel_id = made;
                end loop;
            end $$""";

    private FreshBoats() {}
}
