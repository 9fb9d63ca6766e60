-- Photographs of a job, re-encoded, with nothing of where or by which camera they were taken.
create table photo (
  id bigint generated always as identity primary key,
  job_id bigint not null references job,
  step text not null check (length(step) between 1 and 40),
  finding text not null default '' check (length(finding) <= 80),
  caption text not null default '' check (length(caption) <= 300),
  width int not null check (width > 0),
  height int not null check (height > 0),
  image bytea not null,
  thumbnail bytea not null,
  taken_by text not null,
  taken_at timestamptz not null,
  version int not null default 1,
  removed_because text check (length(removed_because) between 1 and 300)
);
create index photo_by_job on photo (job_id, id) where removed_because is null;
-- What is compressed already is not compressed again.
alter table photo alter column image set storage external;
alter table photo alter column thumbnail set storage external;
