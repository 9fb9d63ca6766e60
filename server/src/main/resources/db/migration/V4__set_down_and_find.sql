-- Work set down half way: by whom, when, where the hands were, and for which rush job.
alter table job add column set_down_by text;
alter table job add column set_down_at timestamptz;
alter table job add column hands_were text check (length(hands_were) between 1 and 300);
alter table job add column displaced_by text references job (tag);
alter table job add constraint set_down_whole
  check ((set_down_by is null) = (hands_were is null) and (set_down_by is null) = (set_down_at is null));

alter table job_event drop constraint job_event_kind_check;
alter table job_event add constraint job_event_kind_check check (kind in ('locked-out', 'voltage-applied',
  'discharge-proved', 'isolated', 'worked', 'evidence-added', 'evidence-struck', 'evidence-restored', 'concluded',
  'chosen', 'set-down', 'picked-up'));

-- Everything a job can be found by, in one text; parts of words are found through trigrams.
create extension if not exists pg_trgm;
alter table job add column find_by text not null default '';
create index job_by_words on job using gin (find_by gin_trgm_ops);
update job set find_by = lower(concat_ws(' ', tag, customer, machine, complaint, motor));
