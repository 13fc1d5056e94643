alter table boat add column idle_mps double precision;
alter table boat add column drogue_area_m2 double precision;
alter table boat add column drogue_speed_mps double precision;
comment on column boat.drogue_speed_mps is 'Seen at idle with the drogue streamed: fits the resistance of the hull.';

alter table lure_gear add column slowest_mps double precision;
alter table lure_gear add column fastest_mps double precision;
comment on column lure_gear.slowest_mps is 'Speeds at which it works as it should; null for weights.';

alter table spread_revision add column engines_running integer;
alter table spread_revision add column bottom_m double precision;
alter table spread_revision add column bait_top_m double precision;
alter table spread_revision add column bait_bottom_m double precision;
alter table spread_revision add column layer_m double precision;
alter table spread_revision add column above_c double precision;
alter table spread_revision add column below_c double precision;
alter table spread_revision add column heading_deg double precision;
alter table spread_revision add column stream_mps double precision;
alter table spread_revision add column stream_towards_deg double precision;
comment on column spread_revision.bottom_m is 'The water it was planned or fished in, as far as known.';

alter table spread_line add column cable_out_m double precision;
alter table spread_line add column clip_above_m double precision;
alter table spread_line add column ball_gear_id uuid;
alter table spread_line add column cable_gear_id uuid;
alter table spread_line add column clip_seat text;
alter table spread_line add foreign key (vessel_id, ball_gear_id) references lure_gear;
alter table spread_line add foreign key (vessel_id, cable_gear_id) references line_gear;
comment on column spread_line.cable_out_m is 'With the other cable columns: only for a line on a downrigger.';

alter table spread_piece add column branch_lure_gear_id uuid;
alter table spread_piece add column branch_line_gear_id uuid;
alter table spread_piece add column branch_length_m double precision;
alter table spread_piece add foreign key (vessel_id, branch_lure_gear_id) references lure_gear;
alter table spread_piece add foreign key (vessel_id, branch_line_gear_id) references line_gear;
comment on column spread_piece.branch_lure_gear_id is 'A second lure on a leader of its own at the foot of this piece.';

alter table strike_line add column cable_out_m double precision;
comment on column strike_line.cable_out_m is 'Cable out at the strike; null for a line without one.';

create table calibration (
    vessel_id      uuid not null references vessel,
    calibration_id uuid not null,
    sequence       bigint generated always as identity,
    gear_id        uuid not null,
    coefficient    text not null,
    old_value      double precision not null,
    new_value      double precision not null,
    standard_error double precision,
    scatter_m      double precision not null,
    reason         text not null,
    made_at        timestamptz not null,
    taken_back_at  timestamptz,
    primary key (vessel_id, calibration_id)
);
create index calibration_by_gear on calibration (vessel_id, gear_id, sequence);
comment on table calibration is 'Why a coefficient of an item is what it is; taking one back is noted, nothing is removed.';

create table calibration_observation (
    vessel_id               uuid not null,
    calibration_id          uuid not null,
    observation_no          integer not null,
    kind                    text not null,
    seen_m                  double precision not null,
    before_m                double precision not null,
    after_m                 double precision not null,
    speed_through_water_mps double precision not null,
    let_out_m               double precision not null,
    cable_out_m             double precision,
    primary key (vessel_id, calibration_id, observation_no),
    foreign key (vessel_id, calibration_id) references calibration
);
comment on table calibration_observation is 'What was seen, and what the model said of it before and after.';

create trigger keep_calibration_observation before update or delete on calibration_observation
    for each row execute function refuse_change();
