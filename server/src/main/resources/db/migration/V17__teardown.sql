-- Taking a motor apart: its log of marks and parts, its lead map, what was found; parts put back by name; air gap and run-out.
alter table job_sheet drop constraint job_sheet_kind_check;
alter table job_sheet add constraint job_sheet_kind_check check (kind in ('arrival', 'plate', 'teardown-log', 'lead-map',
  'findings', 'coil-map', 'winding', 'offers'));
alter table job_event drop constraint job_event_kind_check;
alter table job_event add constraint job_event_kind_check check (kind in ('locked-out', 'voltage-applied',
  'discharge-proved', 'isolated', 'worked', 'evidence-added', 'evidence-struck', 'evidence-restored', 'concluded',
  'chosen', 'set-down', 'picked-up', 'skipped', 'taken-up', 'sent-back', 'held', 'resumed', 'left', 'came-back',
  'gate-opened', 'overruled', 'run-released', 'part-refitted', 'part-left-out', 'part-off-again'));
alter table bench_test drop constraint bench_test_kind_check;
alter table bench_test add constraint bench_test_kind_check check (kind in ('tester-proof', 'insulation-resistance',
  'winding-resistance', 'surge-comparison', 'low-voltage-balance', 'step-voltage', 'no-load-run', 'core-loop-result',
  'lead-sets', 'single-phase-windings', 'protector', 'bearing-insulation', 'withstand-record', 'surge-rise', 'starting-gear', 'start-log',
  'rolled-leads', 'run-watch', 'vibration', 'rotor-proof', 'shaft-voltage', 'heat-run', 'rotor-balance',
  'circuit-insulation', 'pole-check', 'bearing-seats', 'air-gap', 'shaft-runout'));
-- What started the failures of closed jobs, counted once when a job leaves: the priors learn from it.
alter table job add column closed_cause text check (length(closed_cause) between 1 and 60);
create table closed_cause_count (
  explanation text primary key check (length(explanation) between 1 and 60),
  jobs int not null check (jobs >= 0)
);
create table closed_cause_reset (
  at timestamptz not null,
  by_whom text not null,
  jobs int not null
);
