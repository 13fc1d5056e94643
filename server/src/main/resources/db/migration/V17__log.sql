-- The log in entries: what the facts of a day come to, what was typed from a notebook, and invented years.

create table log_entry (
    vessel_id     uuid not null references vessel,
    entry_id      uuid not null,
    source        text not null check (source in ('FACTS', 'NOTEBOOK', 'INVENTED')),
    trip_id       uuid,
    import_id     uuid,
    day           date not null,
    happened_at   timestamptz,
    kind          text not null check (kind in ('FISHED', 'STRUCK')),
    minutes       real not null check (minutes >= 0),
    timed         boolean not null,
    known         jsonb not null,
    latitude_deg  double precision,
    longitude_deg double precision,
    primary key (vessel_id, entry_id),
    check ((source = 'FACTS') = (trip_id is not null)),
    check ((source = 'NOTEBOOK') = (import_id is not null))
);
create index log_entry_by_day on log_entry (vessel_id, day);
create index log_entry_by_trip on log_entry (vessel_id, trip_id);
comment on table log_entry is
    'A stretch of one line in the water, or a strike. Those of facts are made from them again whenever facts come in.';
comment on column log_entry.known is 'By facet: texts of choices, numbers in SI. What is not there is not known.';

create table log_trip (
    vessel_id uuid not null references vessel,
    trip_id   uuid not null,
    sequence  bigint not null,
    edition   integer not null,
    primary key (vessel_id, trip_id)
);
comment on table log_trip is 'Up to which fact, and by which edition of the rules, the entries of a day out were made.';

create table log_import (
    vessel_id uuid not null references vessel,
    import_id uuid not null,
    name      text not null,
    taken_at  timestamptz not null,
    rows      integer not null,
    primary key (vessel_id, import_id)
);
comment on table log_import is 'Tables that were taken in; each can be taken back as a whole.';

create table log_stand (
    vessel_id uuid primary key references vessel,
    changes   bigint not null
);
comment on table log_stand is 'Counts the changes of an owner''s entries, so that nobody reads them again for nothing.';

-- As before, with the log.
create or replace function forget_owner(owner uuid) returns void language plpgsql as $$
declare
    removed jsonb := '{}';
    one     text;
    rows    bigint;
begin
    perform forget_owner(p.vessel_id) from practice p where p.of_vessel_id = owner;
    perform set_config('moss.forgetting', owner::text, true);
    foreach one in array array['log_entry', 'log_import', 'log_trip', 'log_stand', 'struck_place', 'struck_line',
        'fact', 'fix', 'trip', 'document', 'put_away', 'instrument_now', 'calibration_observation', 'calibration', 'spread_revision',
        'spread', 'content_gear', 'content', 'gear_version', 'reel_gear', 'lure_gear', 'line_gear', 'holder', 'boat',
        'vessel']
    loop
        execute format('delete from %I where vessel_id = $1', one) using owner;
        get diagnostics rows = row_count;
        removed := removed || jsonb_build_object(one, rows);
    end loop;
    insert into forgotten values (owner, now(), removed) on conflict do nothing;
    perform set_config('moss.forgetting', '', true);
end $$;
