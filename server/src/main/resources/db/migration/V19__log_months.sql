-- A month of the log in columns, so that a log of hundreds of thousands is not read entry by entry after each fact.

create sequence log_month_stamp;

create table log_month (
    vessel_id uuid not null references vessel on delete cascade,
    month     date not null,
    stamp     bigint not null,
    columns   bytea,
    primary key (vessel_id, month)
);
-- Floats do not get smaller, and would be unpacked with each reading.
alter table log_month alter column columns set storage external;
comment on table log_month is
    'Months that have entries. The stamp is new with each change of them; columns are there once they were asked for since.';
comment on column log_month.columns is 'Made of the entries by the application and made anew whenever they are absent: nothing is kept here alone.';

-- Whoever writes entries, by whatever way.
create function log_month_changed() returns trigger language plpgsql as $$
begin
    insert into log_month (vessel_id, month, stamp)
    select vessel_id, month, nextval('log_month_stamp')
    from (select distinct vessel_id, date_trunc('month', day)::date as month from changed order by 1, 2) months
    on conflict (vessel_id, month) do update set stamp = excluded.stamp, columns = null;
    return null;
end $$;
create trigger log_month_came after insert on log_entry
    referencing new table as changed for each statement execute function log_month_changed();
create trigger log_month_went after delete on log_entry
    referencing old table as changed for each statement execute function log_month_changed();

create function log_entry_stays() returns trigger language plpgsql as $$
begin
    raise exception 'entries of the log are made and removed, never changed';
end $$;
create trigger log_entry_stays before update on log_entry for each statement execute function log_entry_stays();

insert into log_month (vessel_id, month, stamp)
select vessel_id, month, nextval('log_month_stamp')
from (select distinct vessel_id, date_trunc('month', day)::date as month from log_entry) months;

-- What log_month tells now.
drop table log_stand;

-- All tables of an owner by the catalogue, those that lean on others first: the next table needs no new edition of this.
create or replace function forget_owner(owner uuid) returns void language plpgsql as $$
declare
    removed jsonb := '{}';
    waiting oid[];
    free    oid[];
    one     oid;
    rows    bigint;
begin
    perform forget_owner(p.vessel_id) from practice p where p.of_vessel_id = owner;
    perform set_config('moss.forgetting', owner::text, true);
    select array_agg(c.oid order by c.relname) into waiting
    from pg_class c join pg_attribute a on a.attrelid = c.oid and a.attname = 'vessel_id' and not a.attisdropped
    where c.relkind = 'r' and c.relnamespace = 'public'::regnamespace and c.relname <> 'forgotten';
    while cardinality(waiting) > 0 loop
        select array_agg(w.t) into free from unnest(waiting) w(t)
        where not exists (
            select 1 from pg_constraint k
            where k.contype = 'f' and k.confrelid = w.t and k.conrelid <> w.t and k.conrelid = any (waiting));
        if free is null then
            raise exception 'tables lean on each other in a ring: %', waiting;
        end if;
        foreach one in array free loop
            execute format('delete from %s where vessel_id = $1', one::regclass) using owner;
            get diagnostics rows = row_count;
            removed := removed || jsonb_build_object(one::regclass::text, rows);
        end loop;
        select coalesce(array_agg(w.t), '{}') into waiting from unnest(waiting) w(t) where w.t <> all (free);
    end loop;
    insert into forgotten values (owner, now(), removed) on conflict do nothing;
    perform set_config('moss.forgetting', '', true);
end $$;
