alter table reel_gear add column rod_class_n double precision;
alter table reel_gear add column spool_metal text;
alter table reel_gear add column hand_m double precision;
alter table reel_gear add column backing_line_gear_id uuid;
alter table reel_gear add column backing_m double precision;
alter table reel_gear add constraint reel_gear_backing foreign key (vessel_id, backing_line_gear_id) references line_gear;
comment on column reel_gear.rod_class_n is 'Drag the rod is made for; null where nobody said.';
comment on column reel_gear.hand_m is 'A hand''s pull of line from the reel to the first guide; null for the usual.';

alter table spread_piece add column foot_above text;
alter table spread_piece add column foot_fitting text;
alter table spread_piece add column foot_fitting_n double precision;
alter table spread_piece add column foot_below text;
comment on column spread_piece.foot_above is 'With the other feet: how the piece is made fast below; null where as usual.';

alter table spread_line add column reel_gear_id uuid;
alter table spread_line add column hook_kind text;
alter table spread_line add column hook_count integer;
alter table spread_line add column hook_strength_n double precision;
alter table spread_line add column bait_kind text;
alter table spread_line add column bait_length_m double precision;
alter table spread_line add column bait_angle_rad double precision;
alter table spread_line add column take text;
alter table spread_line add column marks text;
alter table spread_line add constraint spread_line_reel foreign key (vessel_id, reel_gear_id) references reel_gear;
comment on column spread_line.hook_kind is 'With the bench''s other choices: null where as usual for the lure.';

create table rig_number (
    vessel_id uuid not null references vessel,
    name      text not null,
    value     double precision not null,
    primary key (vessel_id, name)
);
comment on table rig_number is 'Numbers of the bench set by the skipper; the rest are defaults of the program.';

create table stock (
    vessel_id uuid not null references vessel,
    item      text not null,
    amount    double precision not null,
    primary key (vessel_id, item)
);
comment on table stock is 'Leader line, sleeves, swivels, hooks and the like that somebody counted: metres, pieces or kilograms.';

create table tick (
    vessel_id uuid not null,
    spread_id uuid not null,
    task      text not null,
    ticked_at timestamptz not null,
    primary key (vessel_id, spread_id, task),
    foreign key (vessel_id, spread_id) references spread
);
comment on table tick is 'What of a spread''s evening list is done; a changed task has another name and is open again.';
