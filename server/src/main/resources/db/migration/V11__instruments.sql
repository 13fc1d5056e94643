-- What the instruments of a boat tell now: written by the one server that listens to her, read by all.

create table instrument_now (
    vessel_id uuid primary key references vessel,
    at        timestamptz not null,
    body      jsonb not null
);
comment on table instrument_now is
    'The last readings of a boat''s instruments, for servers that do not listen themselves; overwritten each second.';

-- As before, with what instruments told.
create or replace function forget_owner(owner uuid) returns void language plpgsql as $$
declare
    removed jsonb := '{}';
    one     text;
    rows    bigint;
begin
    perform set_config('moss.forgetting', owner::text, true);
    foreach one in array array['struck_place', 'struck_line', 'fact', 'fix', 'trip', 'document', 'put_away',
        'instrument_now', 'calibration_observation', 'calibration', 'spread_revision', 'spread', 'content_gear',
        'content', 'gear_version', 'reel_gear', 'lure_gear', 'line_gear', 'holder', 'boat', 'vessel']
    loop
        execute format('delete from %I where vessel_id = $1', one) using owner;
        get diagnostics rows = row_count;
        removed := removed || jsonb_build_object(one, rows);
    end loop;
    insert into forgotten values (owner, now(), removed) on conflict do nothing;
    perform set_config('moss.forgetting', '', true);
end $$;

-- Asked each second: whose instruments are to be heard.
create index document_instruments on document (vessel_id) where kind = 'INSTRUMENT';
