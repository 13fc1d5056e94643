-- A boat on an invented sea: an owner of her own, begun as a copy of the real one, so that nothing of it mixes with facts.

create table practice (
    vessel_id    uuid primary key references vessel on delete cascade,
    of_vessel_id uuid not null references vessel,
    moment       timestamptz not null,
    rate         integer not null check (rate between 1 and 60),
    asked_at     timestamptz not null,
    body         jsonb not null
);
create index practice_of on practice (of_vessel_id);
comment on table practice is
    'Who practises, how far her day has gone and at how many times the clock; the sea follows from the seed in the body.';
comment on column practice.moment is 'By the clock of the practice day.';
comment on column practice.asked_at is 'By the server''s clock, when the day last went on: nobody looking, it waits.';

-- Boat, box, spreads and the skipper's words; no day out, nor what instruments told.
create function copy_owner(source uuid, target uuid, title text) returns void language plpgsql as $$
declare
    one text;
begin
    insert into vessel (vessel_id) values (target);
    foreach one in array array['boat', 'holder', 'lure_gear', 'line_gear', 'reel_gear', 'content', 'content_gear',
        'spread', 'spread_revision', 'calibration', 'calibration_observation', 'calibration_slope', 'put_away',
        'document']
    loop
        execute format(
            'insert into %1$I overriding user value select r.* from %1$I t,
                lateral jsonb_populate_record(null::%1$I, to_jsonb(t) || jsonb_build_object(''vessel_id'', $2)) r
             where t.vessel_id = $1', one) using source, target;
    end loop;
    delete from document where vessel_id = target and kind = 'INSTRUMENT';
    delete from put_away where vessel_id = target and thing_id = source;
    update boat set name = title where vessel_id = target;
    insert into gear_version
    select b.vessel_id, b.vessel_id, b.version, 'BOAT', '-infinity', to_jsonb(b) || jsonb_build_object('holders',
           coalesce((select jsonb_agg(to_jsonb(h) order by h.ordinal) from holder h where h.vessel_id = b.vessel_id),
                    '[]'))
    from boat b where b.vessel_id = target;
end $$;

-- As before; who practised as a copy of her goes first.
create or replace function forget_owner(owner uuid) returns void language plpgsql as $$
declare
    removed jsonb := '{}';
    one     text;
    rows    bigint;
begin
    perform forget_owner(p.vessel_id) from practice p where p.of_vessel_id = owner;
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
