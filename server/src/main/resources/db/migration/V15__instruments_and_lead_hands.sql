-- The shop's instruments, and what lead hands and the run station write.
create table shop_instrument (
  id bigint generated always as identity primary key,
  name text not null check (length(name) between 1 and 80),
  serial text not null check (length(serial) between 1 and 80),
  calibration_due date not null,
  retired boolean not null default false
);
create unique index instrument_by_name on shop_instrument (lower(name));
alter table job_event drop constraint job_event_kind_check;
alter table job_event add constraint job_event_kind_check check (kind in ('locked-out', 'voltage-applied',
  'discharge-proved', 'isolated', 'worked', 'evidence-added', 'evidence-struck', 'evidence-restored', 'concluded',
  'chosen', 'set-down', 'picked-up', 'skipped', 'taken-up', 'sent-back', 'held', 'resumed', 'left', 'came-back',
  'gate-opened', 'overruled', 'run-released'));
