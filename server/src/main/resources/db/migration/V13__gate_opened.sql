-- A lead hand's written reason against a limit of the gate.
alter table job_event drop constraint job_event_kind_check;
alter table job_event add constraint job_event_kind_check check (kind in ('locked-out', 'voltage-applied',
  'discharge-proved', 'isolated', 'worked', 'evidence-added', 'evidence-struck', 'evidence-restored', 'concluded',
  'chosen', 'set-down', 'picked-up', 'skipped', 'taken-up', 'sent-back', 'held', 'resumed', 'left', 'came-back',
  'gate-opened'));
