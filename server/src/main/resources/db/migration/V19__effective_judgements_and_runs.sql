-- How a test came into the record, at what voltage, by what kind of instrument; the core names the kinds.
alter table bench_test drop constraint bench_test_kind_check;
alter table bench_test add constraint bench_test_kind_form check (kind ~ '^[a-z][a-z-]{2,39}$');
alter table bench_test add column origin text not null default 'here'
  check (origin in ('here', 'simulated', 'taken-before', 'file'));
alter table bench_test add column origin_note text not null default '' check (length(origin_note) <= 300);
alter table bench_test add column applied_v double precision check (applied_v > 0);
alter table bench_test add column instrument_kind text;
update bench_test set origin = 'simulated' where simulated;
alter table bench_test drop column simulated;
-- Every result is computed anew from its readings, so that a version of the rules on a row says nothing.
alter table bench_test drop column rule_version;

-- What a file brings is history: it never acts on a gate here.
alter table job_event drop constraint job_event_kind_check;
alter table job_event add constraint job_event_kind_form check (kind ~ '^[a-z][a-z-]{2,39}$');
alter table job_event add column imported boolean not null default false;
alter table job_sheet add column imported boolean not null default false;
alter table job_sheet_past add column imported boolean not null default false;
update job_event set kind = 'limit-waived' where kind = 'gate-opened';

-- The lamp's words, and until when the floor may rely on the one that was left on the row.
alter table job drop constraint job_gate_check;
update job set gate = case gate when 'open' then 'permitted' when 'test-power' then 'test-power-only' else 'blocked' end;
alter table job alter column gate set default 'blocked';
alter table job add constraint job_gate_check check (gate in ('blocked', 'test-power-only', 'permitted'));
alter table job add column gate_until timestamptz;
-- Old words were computed by old rules: until a job is next read, its line on the floor says blocked.
update job set gate_until = now() where gate <> 'blocked';

alter table shop_instrument add column kind text;

-- Voltage is on record before it is on: a run is claimed here first, one on a motor at a time.
create table instrument_run (
  id bigint generated always as identity primary key,
  job_id bigint not null references job,
  kind text not null,
  speed smallint not null default 1 check (speed in (1, 2)),
  instrument text not null check (length(instrument) between 1 and 80),
  simulated boolean not null,
  server text not null check (length(server) between 1 and 80),
  pace double precision not null check (pace >= 1),
  begun_by text not null,
  begun_at timestamptz not null default clock_timestamp(),
  alive_at timestamptz not null default clock_timestamp(),
  stop_asked boolean not null default false,
  ended_at timestamptz,
  seconds double precision check (seconds >= 0),
  how text check (length(how) between 1 and 300),
  used_by_test bigint references bench_test,
  check ((ended_at is null) = (seconds is null))
);
create unique index one_run_on_a_motor on instrument_run (job_id) where ended_at is null;
create index instrument_run_by_job on instrument_run (job_id, id);
