create table later (vessel_id uuid primary key); -- a migration this program does not have yet
