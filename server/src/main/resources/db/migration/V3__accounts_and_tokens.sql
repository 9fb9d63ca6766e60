-- Accounts are closed, not deleted: their names stay on what they wrote.
alter table shop_user add column closed boolean not null default false;

-- Tokens by which scripts speak for a person. Only a hash is kept.
create table access_token (
  id bigint generated always as identity primary key,
  user_id bigint not null references shop_user,
  name text not null check (length(name) between 1 and 80),
  hash bytea not null unique,
  made_at timestamptz not null default now(),
  used_at timestamptz,
  revoked_at timestamptz
);
create index access_token_by_user on access_token (user_id);
