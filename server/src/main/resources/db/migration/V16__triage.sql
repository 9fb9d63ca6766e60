-- A minute's look at motors nobody knows.
create table triage_look (
  id bigint generated always as identity primary key,
  mark text not null check (length(mark) between 1 and 40),
  typed jsonb not null,
  answer text not null check (answer in ('sound', 'doubtful', 'unfit')),
  judgement jsonb not null,
  looked_by text not null,
  looked_at timestamptz not null,
  request_key text,
  job_tag text
);
create unique index triage_look_once on triage_look (looked_by, request_key) where request_key is not null;
create index triage_look_newest on triage_look (id desc);
