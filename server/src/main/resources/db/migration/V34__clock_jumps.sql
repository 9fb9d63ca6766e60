-- Jumps of the database's clock that a server noticed: by so much it went forward without time having passed. What has to wait for
-- its time, such as a winding that discharges, waits that much longer.
create table clock_jump (
  id bigint generated always as identity primary key,
  noticed_at timestamptz not null,
  seconds double precision not null check (seconds > 0)
);
