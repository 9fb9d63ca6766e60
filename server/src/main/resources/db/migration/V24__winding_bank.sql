-- The bank of windings. What a search reads stands in columns of its own, so that the index is read without the records; change
-- grows with every write, so that each server knows what it has not read yet.
create sequence bank_change;
create table bank_winding (
  id bigint generated always as identity primary key,
  key text not null unique check (length(key) between 1 and 80),
  job_id bigint unique references job,
  mark text not null default '',
  record jsonb not null,
  words text not null,
  rated_power_w double precision,
  poles int not null,
  slots int not null,
  bore_diameter_m double precision not null,
  core_length_m double precision not null,
  span_slots int not null,
  rated_voltage_v double precision not null,
  frequency_hz double precision not null,
  written_by text not null,
  written_at timestamptz not null,
  change bigint not null default nextval('bank_change')
);
create index bank_by_change on bank_winding (change);
