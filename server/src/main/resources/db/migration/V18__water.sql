-- Grids of the sea: temperature, colour, height, current and depth, as they were dropped or shipped.

create table water_grid (
    vessel_id    uuid not null references vessel,
    grid_id      uuid not null,
    name         text not null,
    kind         text not null
        check (kind in ('TEMPERATURE', 'COLOUR', 'HEIGHT', 'CURRENT_EAST', 'CURRENT_NORTH', 'DEPTH')),
    at           timestamptz,
    row_count    integer not null check (row_count >= 2),
    column_count integer not null check (column_count >= 2),
    south_deg    double precision not null,
    west_deg     double precision not null,
    lat_step_deg double precision not null check (lat_step_deg > 0),
    lon_step_deg double precision not null check (lon_step_deg > 0),
    known_share  real not null,
    least        real,
    most         real,
    taken_at     timestamptz not null,
    cells        bytea not null,
    primary key (vessel_id, grid_id)
);
create index water_grid_by_kind on water_grid (vessel_id, kind, at);
comment on table water_grid is 'What a satellite, a model or a survey says of a piece of sea; the same grid again is the same row.';
comment on column water_grid.cells is
    'Floats of four bytes, little-endian, deflated; row by row from the south-west; NaN where nothing is known.';

-- As before, with the water.
create or replace function forget_owner(owner uuid) returns void language plpgsql as $$
declare
    removed jsonb := '{}';
    one     text;
    rows    bigint;
begin
    perform forget_owner(p.vessel_id) from practice p where p.of_vessel_id = owner;
    perform set_config('moss.forgetting', owner::text, true);
    foreach one in array array['water_grid', 'log_entry', 'log_import', 'log_trip', 'log_stand', 'struck_place',
        'struck_line', 'fact', 'fix', 'trip', 'document', 'put_away', 'instrument_now', 'calibration_observation',
        'calibration', 'spread_revision', 'spread', 'content_gear', 'content', 'gear_version', 'reel_gear', 'lure_gear',
        'line_gear', 'holder', 'boat', 'vessel']
    loop
        execute format('delete from %I where vessel_id = $1', one) using owner;
        get diagnostics rows = row_count;
        removed := removed || jsonb_build_object(one, rows);
    end loop;
    insert into forgotten values (owner, now(), removed) on conflict do nothing;
    perform set_config('moss.forgetting', '', true);
end $$;
