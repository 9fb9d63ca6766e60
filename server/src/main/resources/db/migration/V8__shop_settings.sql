-- What the shop settled for itself: one row, its whole past beside it.
create table shop_settings (
  only_one boolean primary key default true check (only_one),
  version int not null,
  settings jsonb not null,
  written_by text not null,
  written_at timestamptz not null
);
create table shop_journal (
  id bigint generated always as identity primary key,
  at timestamptz not null,
  by_whom text not null,
  what text not null,
  before jsonb,
  after jsonb
);
