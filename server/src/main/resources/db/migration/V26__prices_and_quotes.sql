-- A shop's price lists and task tables, each from its day on; the newest that has begun is in force.
create table price_list (
  id bigint generated always as identity primary key,
  kind text not null check (kind in ('prices', 'tasks')),
  valid_from date not null,
  csv text not null check (length(csv) <= 4000000),
  lines int not null check (lines > 0),
  written_by text not null,
  written_at timestamptz not null
);
create index price_list_by_day on price_list (kind, valid_from desc, id desc);

-- A quote is what was shown: its words, figures and pages never change. A change makes the next version.
create table quote (
  id bigint generated always as identity primary key,
  job_id bigint not null references job,
  version int not null check (version > 0),
  content jsonb not null,
  pdf bytea not null,
  pdf_sha256 text not null,
  valid_until timestamptz not null,
  issued_by text not null,
  issued_at timestamptz not null,
  unique (job_id, version)
);
create function quote_stands() returns trigger language plpgsql as
$$ begin raise exception 'a quote is not changed: issue the next version'; end $$;
create trigger quote_stands before update or delete on quote for each row execute function quote_stands();

-- Addresses by which a customer reads and answers a quote; only their hash is kept.
create table quote_link (
  id bigint generated always as identity primary key,
  quote_id bigint not null references quote,
  hash text not null unique,
  expires_at timestamptz not null,
  made_by text not null,
  made_at timestamptz not null,
  revoked_by text,
  revoked_at timestamptz
);

-- One answer settles a quote, whoever comes first.
create table quote_answer (
  id bigint generated always as identity primary key,
  quote_id bigint not null references quote,
  answer text not null check (answer in ('accepted', 'declined', 'question')),
  option text not null default '',
  who text not null check (length(who) between 1 and 120),
  how text not null,
  words text not null default '' check (length(words) <= 2000),
  at timestamptz not null,
  taken_by text not null default ''
);
create unique index quote_settled_once on quote_answer (quote_id) where answer <> 'question';
create index quote_answer_by_quote on quote_answer (quote_id, id);
