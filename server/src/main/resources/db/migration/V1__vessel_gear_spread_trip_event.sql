-- Measures are SI with the unit in the column name. Instants are UTC. Every table and unique index carries the owner
-- key: the vessel.

create function refuse_change() returns trigger language plpgsql as $$
begin
    raise exception '% is never changed; record something new instead', tg_table_name;
end $$;

create table vessel (
    vessel_id  uuid primary key,
    created_at timestamptz not null default now()
);
comment on table vessel is 'The owner key: everything kept belongs to one vessel.';

create table boat (
    vessel_id     uuid primary key references vessel,
    version       integer not null,
    name          text not null,
    length_m      double precision not null,
    beam_m        double precision not null,
    engines       integer not null,
    place         text not null,
    latitude_deg  double precision not null,
    longitude_deg double precision not null,
    time_zone     text not null
);
comment on table boat is 'The vessel as its lines see it, and its home waters; edited in place under a version.';

create table holder (
    vessel_id        uuid not null references boat,
    holder_id        uuid not null,
    ordinal          integer not null,
    name             text not null,
    kind             text not null,
    base_astern_m    double precision not null,
    base_starboard_m double precision not null,
    base_height_m    double precision not null,
    tip_astern_m     double precision not null,
    tip_starboard_m  double precision not null,
    tip_height_m     double precision not null,
    primary key (vessel_id, holder_id)
);
comment on table holder is 'Where a line leaves the boat; rows of a boat, so that a line can point at one.';

create table lure_gear (
    vessel_id    uuid not null references vessel,
    gear_id      uuid not null,
    version      integer not null,
    name         text not null,
    kind         text not null,
    colour       text not null,
    length_m     double precision not null,
    mass_kg      double precision not null,
    volume_m3    double precision not null,
    drag_area_m2 double precision not null,
    dive_area_m2 double precision not null,
    side_area_m2 double precision not null,
    primary key (vessel_id, gear_id)
);
comment on table lure_gear is 'Lures and weights aboard with their own coefficients, which the skipper may correct.';

create table line_gear (
    vessel_id            uuid not null references vessel,
    gear_id              uuid not null,
    version              integer not null,
    name                 text not null,
    kind                 text not null,
    diameter_m           double precision not null,
    density_kg_per_m3    double precision not null,
    normal_drag          double precision not null,
    tangential_drag      double precision not null,
    strength_n           double precision not null,
    primary key (vessel_id, gear_id)
);
comment on table line_gear is 'Kinds of line aboard with their own coefficients and rated strength.';

create table spread (
    vessel_id     uuid not null references vessel,
    spread_id     uuid not null,
    version       integer not null,
    name          text not null,
    head_revision integer not null,
    updated_at    timestamptz not null,
    primary key (vessel_id, spread_id)
);
comment on table spread is 'A named line-up; its content is the head revision. The version guards concurrent edits.';

create table spread_revision (
    vessel_id               uuid not null,
    spread_id               uuid not null,
    revision                integer not null,
    speed_through_water_mps double precision not null,
    reason                  text not null,
    created_at              timestamptz not null,
    primary key (vessel_id, spread_id, revision),
    foreign key (vessel_id, spread_id) references spread
);
comment on table spread_revision is 'One content of a spread, never changed: strikes point at what was fished.';

create table spread_line (
    vessel_id     uuid not null,
    spread_id     uuid not null,
    revision      integer not null,
    line_id       uuid not null,
    ordinal       integer not null,
    holder_id     uuid not null,
    let_out_m     double precision not null,
    strike_drag_n double precision not null,
    primary key (vessel_id, spread_id, revision, line_id),
    foreign key (vessel_id, spread_id, revision) references spread_revision
);
comment on table spread_line is 'One line of a revision; the line keeps its id from revision to revision.';

create table spread_piece (
    vessel_id    uuid not null,
    spread_id    uuid not null,
    revision     integer not null,
    line_id      uuid not null,
    piece_no     integer not null,
    lure_gear_id uuid,
    line_gear_id uuid not null,
    length_m     double precision,
    primary key (vessel_id, spread_id, revision, line_id, piece_no),
    foreign key (vessel_id, spread_id, revision, line_id) references spread_line,
    foreign key (vessel_id, lure_gear_id) references lure_gear,
    foreign key (vessel_id, line_gear_id) references line_gear
);
comment on table spread_piece is 'What is tied, from the lure up; a line may carry several lures. No length: the main line.';

create table trip (
    vessel_id     uuid not null references vessel,
    trip_id       uuid not null,
    name          text not null,
    day           date not null,
    place         text not null,
    latitude_deg  double precision not null,
    longitude_deg double precision not null,
    time_zone     text not null,
    created_at    timestamptz not null,
    primary key (vessel_id, trip_id)
);
comment on table trip is 'A day out: where, and in which zone its clock is read.';

create table event (
    vessel_id            uuid not null,
    event_id             uuid not null,
    trip_id              uuid not null,
    sequence             bigint generated always as identity,
    kind                 text not null,
    device_id            uuid not null,
    happened_at          timestamptz not null,
    device_at            timestamptz not null,
    server_at            timestamptz not null,
    target_id            uuid,
    spread_id            uuid,
    revision             integer,
    line_id              uuid,
    let_out_m            double precision,
    note                 text,
    latitude_deg         double precision,
    longitude_deg        double precision,
    speed_over_ground_mps double precision,
    course_deg           double precision,
    fingerprint          text not null,
    primary key (vessel_id, event_id),
    foreign key (vessel_id, trip_id) references trip,
    foreign key (vessel_id, spread_id, revision, line_id) references spread_line
);
create index event_by_trip on event (vessel_id, trip_id, sequence);
comment on table event is 'Facts as they were reported, never changed; the state of a day is their fold.';

create table strike_line (
    vessel_id               uuid not null,
    event_id                uuid not null,
    label                   text not null,
    holder_name             text not null,
    lure_name               text not null,
    speed_through_water_mps double precision not null,
    let_out_m               double precision not null,
    strike_drag_n           double precision not null,
    regime                  text not null,
    depth_m                 double precision,
    astern_m                double precision,
    tow_pull_n              double precision,
    solver_edition          text not null,
    primary key (vessel_id, event_id),
    foreign key (vessel_id, event_id) references event
);
comment on table strike_line is 'The struck line as computed at the strike: later calibration never rewrites it.';

create table strike_piece (
    vessel_id         uuid not null,
    event_id          uuid not null,
    piece_no          integer not null,
    lure_gear_id      uuid,
    lure_name         text,
    mass_kg           double precision,
    volume_m3         double precision,
    drag_area_m2      double precision,
    dive_area_m2      double precision,
    side_area_m2      double precision,
    lure_depth_m      double precision,
    line_gear_id      uuid not null,
    line_name         text not null,
    length_m          double precision not null,
    diameter_m        double precision not null,
    density_kg_per_m3 double precision not null,
    normal_drag       double precision not null,
    tangential_drag   double precision not null,
    primary key (vessel_id, event_id, piece_no),
    foreign key (vessel_id, event_id) references strike_line
);
comment on table strike_piece is 'Lures and lines of the struck line with the coefficients of that moment.';

create table fish (
    vessel_id  uuid not null,
    event_id   uuid not null,
    species    text not null,
    length_m   double precision,
    mass_kg    double precision,
    primary key (vessel_id, event_id),
    foreign key (vessel_id, event_id) references event
);
comment on table fish is 'The fish of a landed event, apart from the line and lure that took it.';

create trigger keep_spread_revision before update or delete on spread_revision
    for each row execute function refuse_change();
create trigger keep_spread_line before update or delete on spread_line
    for each row execute function refuse_change();
create trigger keep_spread_piece before update or delete on spread_piece
    for each row execute function refuse_change();
create trigger keep_event before update or delete on event for each row execute function refuse_change();
create trigger keep_strike_line before update or delete on strike_line for each row execute function refuse_change();
create trigger keep_strike_piece before update or delete on strike_piece for each row execute function refuse_change();
create trigger keep_fish before update or delete on fish for each row execute function refuse_change();
