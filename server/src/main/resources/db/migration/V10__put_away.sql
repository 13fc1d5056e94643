-- What is no longer offered, and stays for what was made with it: gear by its id, a spread by its, the boat by her own.

create table put_away (
    vessel_id uuid not null references vessel,
    thing_id  uuid not null,
    since     timestamptz not null default now(),
    primary key (vessel_id, thing_id)
);
comment on table put_away is
    'Gear, spreads and boats out of the lists and out of the call; what carries them is still solved with them.';

-- As before, with what was put away.
create or replace function forget_owner(owner uuid) returns void language plpgsql as $$
declare
    removed jsonb := '{}';
    one     text;
    rows    bigint;
begin
    perform set_config('moss.forgetting', owner::text, true);
    foreach one in array array['struck_place', 'struck_line', 'fact', 'fix', 'trip', 'document', 'put_away',
        'calibration_observation', 'calibration', 'spread_revision', 'spread', 'content_gear', 'content',
        'gear_version', 'reel_gear', 'lure_gear', 'line_gear', 'holder', 'boat', 'vessel']
    loop
        execute format('delete from %I where vessel_id = $1', one) using owner;
        get diagnostics rows = row_count;
        removed := removed || jsonb_build_object(one, rows);
    end loop;
    insert into forgotten values (owner, now(), removed) on conflict do nothing;
    perform set_config('moss.forgetting', '', true);
end $$;
