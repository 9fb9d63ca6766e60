-- Where a job departs from the usual order: who asked for the rush, what it waits for, how it left.
alter table job add column asked_by text not null default '' check (length(asked_by) <= 120);
alter table job add column waits_for text check (waits_for in ('parts', 'customer'));
alter table job add column waits_because text check (length(waits_because) between 1 and 300);
alter table job add column left_at timestamptz;
alter table job add column left_how text check (length(left_how) between 1 and 300);
alter table job add constraint wait_whole check ((waits_for is null) = (waits_because is null));
alter table job add constraint leaving_whole check ((left_at is null) = (left_how is null));
alter table job_event drop constraint job_event_kind_check;
alter table job_event add constraint job_event_kind_check check (kind in ('locked-out', 'voltage-applied',
  'discharge-proved', 'isolated', 'worked', 'evidence-added', 'evidence-struck', 'evidence-restored', 'concluded',
  'chosen', 'set-down', 'picked-up', 'skipped', 'taken-up', 'sent-back', 'held', 'resumed', 'left', 'came-back'));
drop index job_by_urgency;
create index job_in_order on job ((urgency <> 'rush'), (waits_for is not null), (set_down_by is not null), received_at, id)
  where left_at is null;
create index job_gone on job (left_at desc, id desc) where left_at is not null;
