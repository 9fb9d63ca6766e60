-- Key seats and bracket registers are measured beside the bearing seats.
alter table bench_test drop constraint bench_test_kind_check;
alter table bench_test add constraint bench_test_kind_check check (kind in ('tester-proof', 'insulation-resistance',
  'winding-resistance', 'surge-comparison', 'low-voltage-balance', 'step-voltage', 'no-load-run', 'core-loop-result',
  'lead-sets', 'single-phase-windings', 'protector', 'bearing-insulation', 'withstand-record', 'surge-rise', 'starting-gear', 'start-log',
  'rolled-leads', 'run-watch', 'vibration', 'rotor-proof', 'shaft-voltage', 'heat-run', 'rotor-balance',
  'circuit-insulation', 'pole-check', 'bearing-seats', 'air-gap', 'shaft-runout', 'bracket-registers', 'key-seat'));
