-- Bench tests beside the first ones: balance, step voltage, run without load, core loop.
alter table bench_test drop constraint bench_test_kind_check;
alter table bench_test add constraint bench_test_kind_check check (kind in ('tester-proof', 'insulation-resistance',
  'winding-resistance', 'surge-comparison', 'low-voltage-balance', 'step-voltage', 'no-load-run', 'core-loop-result'));
