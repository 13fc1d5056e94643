-- What instruments wrote on another day, to be heard again: packed, of the source that plays it.

create table recording (
    vessel_id uuid not null references vessel on delete cascade,
    source_id uuid not null,
    lines     int not null check (lines > 0),
    packed    bytea not null,
    primary key (vessel_id, source_id)
);
comment on table recording is 'Recorded NMEA 0183 as gzip; goes with its source.';
