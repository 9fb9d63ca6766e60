-- The whole bench: every further test, each speed of a two-speed motor, the instrument that read; verdicts a lead hand wrote
-- over those of the limits, and the release to run.
alter table bench_test drop constraint bench_test_kind_check;
alter table bench_test add constraint bench_test_kind_check check (kind in ('tester-proof', 'insulation-resistance',
  'winding-resistance', 'surge-comparison', 'low-voltage-balance', 'step-voltage', 'no-load-run', 'core-loop-result',
  'lead-sets', 'single-phase-windings', 'protector', 'bearing-insulation', 'withstand-record', 'surge-rise', 'starting-gear', 'start-log',
  'rolled-leads', 'run-watch', 'vibration', 'rotor-proof', 'shaft-voltage', 'heat-run', 'rotor-balance',
  'circuit-insulation', 'pole-check', 'bearing-seats'));
alter table bench_test add column speed smallint not null default 1 check (speed in (1, 2));
alter table bench_test add column instrument text check (length(instrument) between 1 and 80);
alter table bench_test add column calibration_due date;
drop index one_standing_test;
create unique index one_standing_test on bench_test (job_id, kind, speed) where superseded_by is null;
