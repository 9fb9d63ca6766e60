-- Who works when, what each has learnt, the places of the shop: one row, as it is typed.
create table shop_roster (
  only_one boolean primary key default true check (only_one),
  version int not null,
  roster jsonb not null,
  written_by text not null,
  written_at timestamptz not null
);

-- Motors that were announced and are not here yet; they hold a place in the plan.
create sequence expected_motor_number;
create table expected_motor (
  tag text primary key,
  motor jsonb not null,
  accepted_by text not null,
  accepted_at timestamptz not null,
  ended_by text,
  ended_at timestamptz,
  ended_why text
);

-- Plans as they were found. One counts once somebody accepted it by name; the one accepted last is what people were told.
create table shop_plan (
  id bigint generated always as identity primary key,
  base timestamptz not null,
  kind text not null check (kind in ('week', 'what-if', 'move')),
  question text not null,
  expected_tag text,
  expected_motor jsonb,
  content jsonb not null,
  from_plan bigint references shop_plan,
  made_by text not null,
  made_at timestamptz not null,
  decided text check (decided in ('accepted', 'discarded')),
  decided_by text,
  decided_at timestamptz,
  check ((expected_tag is null) = (expected_motor is null)),
  check ((decided is null) = (decided_by is null) and (decided is null) = (decided_at is null))
);
create index shop_plan_accepted on shop_plan (id desc) where decided = 'accepted';

-- Searches for a plan: one at a time, kept alive by their server, broken off by anybody on any server.
create table plan_search (
  id bigint generated always as identity primary key,
  kind text not null,
  question text not null,
  server text not null,
  begun_by text not null,
  begun_at timestamptz not null default clock_timestamp(),
  alive_at timestamptz not null default clock_timestamp(),
  limit_seconds int not null,
  improved jsonb not null default '[]',
  stop_asked boolean not null default false,
  ended_at timestamptz,
  how text,
  plan_id bigint references shop_plan
);
create unique index plan_search_one on plan_search ((true)) where ended_at is null;

-- Addresses of calendars: of one person or one place; only their hash is kept.
create table calendar_feed (
  id bigint generated always as identity primary key,
  kind text not null check (kind in ('person', 'place')),
  name text not null,
  hash text not null unique,
  made_by text not null,
  made_at timestamptz not null,
  revoked_by text,
  revoked_at timestamptz
);
