-- What a fit says of how sure depths are: how the depth that was seen hung on what is not known.

alter table calibration_observation add column noise double precision;
comment on column calibration_observation.noise is
    'Standard deviation of the logarithm of what was read, with what was of that moment only; absent before this edition.';

create table calibration_slope (
    vessel_id      uuid not null,
    calibration_id uuid not null,
    observation_no integer not null,
    what           text not null,
    shared_by      text not null,
    slope          double precision not null,
    primary key (vessel_id, calibration_id, observation_no, what, shared_by),
    foreign key (vessel_id, calibration_id, observation_no) references calibration_observation on delete cascade
);
comment on table calibration_slope is
    'Change of the logarithm of a depth that was seen for one unit of the logarithm of what is not known, or for a metre.';

create trigger keep_calibration_slope before update or delete on calibration_slope
    for each row execute function refuse_change();

alter table boat add column top_mps double precision;
comment on column boat.top_mps is 'The most she makes through the water; null: from her length.';
