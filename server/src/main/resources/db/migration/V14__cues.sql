-- What crews saw of how lures run is asked whenever gear is put together: found at once, however long the log.

create index fact_cues on fact (vessel_id, sequence) where kind in ('CUED', 'RETRACTED');
create index fact_retracted on fact (vessel_id, (body #>> '{payload,targetId}')) where kind = 'RETRACTED';
