alter table boat add column prop_spread_m double precision;
comment on column boat.prop_spread_m is 'Between the outermost propellers: the width of the wash; null for the usual spacing.';

alter table lure_gear add column count integer;
alter table lure_gear add column colour_role text;
alter table lure_gear add column shade text;
comment on column lure_gear.count is 'Aboard; null where nobody counted, which is taken as one.';
comment on column lure_gear.colour_role is 'With shade: by the words of the colour while null.';

create table reel_gear (
    vessel_id         uuid not null references vessel,
    gear_id           uuid not null,
    version           integer not null,
    name              text not null,
    count             integer not null,
    rated_m           double precision not null,
    rated_diameter_m  double precision not null,
    full_radius_m     double precision not null,
    arbor_radius_m    double precision not null,
    main_line_gear_id uuid,
    primary key (vessel_id, gear_id),
    foreign key (vessel_id, main_line_gear_id) references line_gear
);
comment on table reel_gear is 'Rods with reels, alike ones together: how many lines can be fished and what each spool takes.';

alter table spread_line add column locked boolean not null default false;
comment on column spread_line.locked is 'The skipper keeps it as it is when the rest is called anew.';

create table plan (
    vessel_id  uuid not null references vessel,
    day        date not null,
    version    integer not null,
    conditions jsonb not null,
    run_out_s  double precision not null,
    bait_s     double precision,
    lines_in   timestamptz,
    home_at    timestamptz,
    primary key (vessel_id, day)
);
comment on table plan is 'What is known of a day, answer by answer, and when it begins; edited in place under a version.';

create table school_choice (
    vessel_id uuid not null references vessel,
    school    text not null,
    side      integer not null,
    primary key (vessel_id, school)
);
comment on table school_choice is 'Which side of a disagreement of the trade the skipper takes.';

create table call_number (
    vessel_id uuid not null references vessel,
    name      text not null,
    value     double precision not null,
    primary key (vessel_id, name)
);
comment on table call_number is 'Numbers of playbooks and weights set by the skipper, in SI; the rest are defaults of the program.';

create table rule_entry (
    vessel_id      uuid not null references vessel,
    species        text not null,
    version        integer not null,
    dated          date not null,
    season_from    text,
    season_to      text,
    bag            integer,
    least_length_m double precision,
    most_length_m  double precision,
    barbless       boolean not null,
    most_lines     integer,
    gear           text not null,
    primary key (vessel_id, species)
);
comment on table rule_entry is 'The skipper''s own table of seasons and rules, dated; the program adds nothing to it.';

create table spread_origin (
    vessel_id uuid not null,
    spread_id uuid not null,
    made_at   timestamptz not null,
    playbook  text not null,
    story     jsonb not null,
    primary key (vessel_id, spread_id),
    foreign key (vessel_id, spread_id) references spread
);
comment on table spread_origin is 'Why the call made a spread as it is, in sentences with figures; later edits do not change it.';
