-- Facts kept as received, content once, gear with its history, fixes apart, owners who asked to be forgotten.

-- A change of what never changes is refused, but for an owner who is being forgotten.
create or replace function refuse_change() returns trigger language plpgsql as $$
begin
    if tg_op = 'DELETE' and current_setting('moss.forgetting', true) = old.vessel_id::text then
        return old;
    end if;
    raise exception '% is never changed; record something new instead', tg_table_name;
end $$;

create table content (
    vessel_id uuid not null references vessel,
    hash      text not null,
    body      jsonb not null,
    primary key (vessel_id, hash)
);
comment on table content is
    'Line-ups and spreads as fished, once each, by the SHA-256 of their canonical JSON (RFC 8785); never changed.';

create table content_gear (
    vessel_id    uuid not null,
    hash         text not null,
    lure_gear_id uuid,
    line_gear_id uuid,
    reel_gear_id uuid,
    foreign key (vessel_id, hash) references content,
    foreign key (vessel_id, lure_gear_id) references lure_gear,
    foreign key (vessel_id, line_gear_id) references line_gear,
    foreign key (vessel_id, reel_gear_id) references reel_gear,
    check (num_nonnulls(lure_gear_id, line_gear_id, reel_gear_id) = 1)
);
create index content_gear_by_content on content_gear (vessel_id, hash);
comment on table content_gear is 'What gear a content uses, so that none is removed that something kept needs.';

-- Keeps a content, and notes of what is aboard what it uses; the same content again is no change.
create function keep_content(owner uuid, digest text, said jsonb) returns void language plpgsql as $$
begin
    insert into content values (owner, digest, said) on conflict do nothing;
    if found then
        insert into content_gear (vessel_id, hash, lure_gear_id, line_gear_id, reel_gear_id)
        select owner, digest, g.lure, g.line, g.reel
        from (select gear_id as lure, null::uuid as line, null::uuid as reel from lure_gear where vessel_id = owner
              union all select null, gear_id, null from line_gear where vessel_id = owner
              union all select null, null, gear_id from reel_gear where vessel_id = owner) g
        where coalesce(g.lure, g.line, g.reel)::text in (
            select lower(m[1]) from regexp_matches(said::text, '"[a-z]*GearId": "([0-9a-f-]{36})"', 'gi') m);
    end if;
end $$;

alter table spread_revision rename to v5_spread_revision;
create table spread_revision (
    vessel_id  uuid not null,
    spread_id  uuid not null,
    revision   integer not null,
    hash       text not null,
    reason     text not null,
    created_at timestamptz not null,
    primary key (vessel_id, spread_id, revision),
    foreign key (vessel_id, spread_id) references spread,
    foreign key (vessel_id, hash) references content
);
comment on table spread_revision is 'Which content a spread had when, never changed.';

create table gear_version (
    vessel_id uuid not null references vessel,
    gear_id   uuid not null,
    version   integer not null,
    kind      text not null,
    since     timestamptz not null,
    body      jsonb not null,
    primary key (vessel_id, gear_id, version)
);
comment on table gear_version is
    'Lures, lines, reels and the boat with her holders as they were: a fact is reckoned with what its device saw.';

create function keep_gear_version() returns trigger language plpgsql as $$
begin
    insert into gear_version values (new.vessel_id, new.gear_id, new.version, tg_argv[0], now(), to_jsonb(new))
    on conflict do nothing;
    return null;
end $$;
create trigger keep_version after insert or update on lure_gear for each row execute function keep_gear_version('LURE');
create trigger keep_version after insert or update on line_gear for each row execute function keep_gear_version('LINE');
create trigger keep_version after insert or update on reel_gear for each row execute function keep_gear_version('REEL');

insert into gear_version select vessel_id, gear_id, version, 'LURE', '-infinity', to_jsonb(g) from lure_gear g;
insert into gear_version select vessel_id, gear_id, version, 'LINE', '-infinity', to_jsonb(g) from line_gear g;
insert into gear_version select vessel_id, gear_id, version, 'REEL', '-infinity', to_jsonb(g) from reel_gear g;
insert into gear_version
select b.vessel_id, b.vessel_id, b.version, 'BOAT', '-infinity',
       to_jsonb(b) || jsonb_build_object('holders', coalesce(
           (select jsonb_agg(to_jsonb(h) order by h.ordinal) from holder h where h.vessel_id = b.vessel_id), '[]'))
from boat b;

create table fact (
    vessel_id   uuid not null references vessel,
    fact_id     uuid not null,
    sequence    bigint generated always as identity,
    trip_id     uuid not null,
    kind        text not null,
    edition     integer not null,
    device_id   uuid not null,
    happened_at timestamptz not null,
    device_at   timestamptz not null,
    server_at   timestamptz not null,
    hash        text not null,
    received    text not null,
    body        jsonb not null,
    primary key (vessel_id, fact_id)
);
create index fact_by_trip on fact (vessel_id, trip_id, sequence);
comment on table fact is
    'What happened, as it was received and never changed; the state of a day is the fold of its facts.';
comment on column fact.hash is 'SHA-256 of the canonical JSON: sent again it is the same fact.';
comment on column fact.trip_id is 'The day out; it may arrive after its facts.';

create table struck_line (
    vessel_id      uuid not null,
    fact_id        uuid not null,
    solver_edition text not null,
    computed_at    timestamptz not null,
    body           jsonb not null,
    primary key (vessel_id, fact_id),
    foreign key (vessel_id, fact_id) references fact
);
comment on table struck_line is
    'A struck line as computed from what its device had: depth, coefficients, pieces. Set once, never rewritten.';

create table struck_place (
    vessel_id     uuid not null,
    fact_id       uuid not null,
    latitude_deg  double precision not null,
    longitude_deg double precision not null,
    method        text not null,
    computed_at   timestamptz not null,
    primary key (vessel_id, fact_id),
    foreign key (vessel_id, fact_id) references fact
);
comment on table struck_place is 'Where the lure was, once the fixes about the strike are in; set once.';

create table fix (
    vessel_id             uuid not null references vessel,
    device_id             uuid not null,
    at                    timestamptz not null,
    latitude_deg          double precision not null,
    longitude_deg         double precision not null,
    speed_over_ground_mps double precision,
    course_deg            double precision,
    primary key (vessel_id, device_id, at)
);
create index fix_by_time on fix (vessel_id, at);
comment on table fix is 'Where the boat was, by device and time; many, so apart from the facts.';

-- A restore of an older backup may have brought it already.
create table if not exists forgotten (
    vessel_id    uuid primary key,
    forgotten_at timestamptz not null,
    removed      jsonb not null
);
comment on table forgotten is
    'Owners who asked to be forgotten, and how many rows went: what their devices send again is refused.';

create trigger keep_content before update or delete on content for each row execute function refuse_change();
create trigger keep_content_gear before update or delete on content_gear for each row execute function refuse_change();
create trigger keep_spread_revision before update or delete on spread_revision
    for each row execute function refuse_change();
create trigger keep_gear_version before update or delete on gear_version for each row execute function refuse_change();
create trigger keep_fact before update or delete on fact for each row execute function refuse_change();
create trigger keep_struck_line before update or delete on struck_line for each row execute function refuse_change();
create trigger keep_struck_place before update or delete on struck_place for each row execute function refuse_change();
create trigger keep_fix before update or delete on fix for each row execute function refuse_change();

-- The one way through: everything of one owner, children first, and written down as done.
create function forget_owner(owner uuid) returns void language plpgsql as $$
declare
    removed jsonb := '{}';
    one     text;
    rows    bigint;
begin
    perform set_config('moss.forgetting', owner::text, true);
    foreach one in array array['struck_place', 'struck_line', 'fact', 'fix', 'trip', 'document',
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
