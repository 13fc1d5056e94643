-- What instruments told, second by second, for as long as lines lag behind her: the live spread of any server is led along
-- it. The way she sailed is kept for good in `fix`.

create unlogged table instrument_track (
    vessel_id uuid not null references vessel on delete cascade,
    at        timestamptz not null,
    body      jsonb not null,
    primary key (vessel_id, at)
);
comment on table instrument_track is
    'The last quarter of an hour of a boat''s instruments; written each second by who listens to her, lost in a crash.';
