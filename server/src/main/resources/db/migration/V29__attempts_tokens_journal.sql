-- Attempts counted before they are judged.
create table attempt (
  kind text not null check (length(kind) <= 40),
  subject text not null check (length(subject) <= 120),
  since timestamptz not null,
  count int not null,
  primary key (kind, subject)
);
create index attempt_by_age on attempt (since);

-- Addresses from which an account signed in: guesses from elsewhere cannot lock it out there.
create table known_address (
  username text not null references shop_user (username),
  address text not null check (length(address) <= 60),
  last_at timestamptz not null,
  primary key (username, address)
);
alter table shop_user drop column failed_attempts, drop column blocked_until;

-- The second factor: its secret, whether it was confirmed, and the last time step that was used.
alter table shop_user
  add column factor_secret bytea,
  add column factor_confirmed boolean not null default false,
  add column factor_step bigint not null default 0;

-- Tokens expire; those of an earlier release in ninety days from now.
alter table access_token add column expires_at timestamptz;
update access_token set expires_at = now() + interval '90 days';
alter table access_token alter column expires_at set not null;

-- What happened to sign-ins, rights, tokens and exports. Written, never changed.
create table security_event (
  id bigint generated always as identity primary key,
  at timestamptz not null,
  kind text not null check (length(kind) <= 40),
  username text not null check (length(username) <= 60),
  address text not null check (length(address) <= 60),
  detail text not null check (length(detail) <= 300)
);
create function security_event_stands() returns trigger language plpgsql as $$
begin
  raise exception 'security events are not changed';
end $$;
create trigger security_event_stands before update or delete on security_event
  for each row execute function security_event_stands();
