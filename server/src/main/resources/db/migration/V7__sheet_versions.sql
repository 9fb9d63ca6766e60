-- What a sheet was before it was written again, so that two people's changes of one sheet can be told apart and merged.
create table job_sheet_past (
  job_id bigint not null references job,
  kind text not null,
  version int not null,
  typed jsonb not null,
  written_by text not null,
  written_at timestamptz not null,
  primary key (job_id, kind, version)
);
