-- What a skipper edits in small pieces becomes one table under one rule: a version that every write must know.

create table document (
    vessel_id  uuid not null references vessel,
    kind       text not null,
    name       text not null,
    version    integer not null,
    body       jsonb,
    changed_at timestamptz not null default now(),
    primary key (vessel_id, kind, name)
);
comment on table document is
    'The skipper''s own words, edited in place under a version: plans, sides taken, numbers, the table of rules, what is counted, ticked, and why a spread was made. No body: taken out; the version goes on, so that an old write cannot bring it back.';

insert into document (vessel_id, kind, name, version, body)
select vessel_id, 'PLAN', day::text, version,
       jsonb_strip_nulls(jsonb_build_object(
           'answers', conditions,
           'runOutMin', run_out_s / 60,
           'catchBaitMin', bait_s / 60,
           'linesIn', to_char(lines_in at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.US"Z"'),
           'homeAt', to_char(home_at at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.US"Z"')))
from plan;

insert into document (vessel_id, kind, name, version, body)
select vessel_id, 'SCHOOL', school, 1, jsonb_build_object('side', side) from school_choice;

insert into document (vessel_id, kind, name, version, body)
select vessel_id, 'CALL_NUMBERS', '', 1, jsonb_object_agg(name, value) from call_number group by vessel_id;

insert into document (vessel_id, kind, name, version, body)
select vessel_id, 'BENCH_NUMBERS', '', 1, jsonb_object_agg(name, value) from rig_number group by vessel_id;

insert into document (vessel_id, kind, name, version, body)
select vessel_id, 'RULE', species, version,
       jsonb_strip_nulls(jsonb_build_object(
           'dated', dated, 'seasonFrom', season_from, 'seasonTo', season_to, 'bag', bag,
           'leastLengthM', least_length_m, 'mostLengthM', most_length_m, 'barbless', barbless,
           'mostLines', most_lines, 'gear', gear))
from rule_entry;

insert into document (vessel_id, kind, name, version, body)
select vessel_id, 'STOCK', item, 1, jsonb_build_object('amount', amount) from stock;

insert into document (vessel_id, kind, name, version, body, changed_at)
select vessel_id, 'TICK', spread_id || '/' || task, 1, jsonb_build_object('done', true), ticked_at from tick;

insert into document (vessel_id, kind, name, version, body, changed_at)
select vessel_id, 'ORIGIN', spread_id::text, 1, story, made_at from spread_origin;

drop table plan, school_choice, call_number, rig_number, rule_entry, stock, tick, spread_origin;
