-- Practice: of a person, apart from everything that is of a motor.
create table practice_attempt (
  id bigint generated always as identity primary key,
  user_id bigint not null references shop_user,
  exercise text not null,
  seed bigint not null,
  acts jsonb not null default '[]',
  answer text,
  points int,
  begun_at timestamptz not null,
  ended_at timestamptz,
  set_id bigint,
  check ((answer is null) = (ended_at is null) and (answer is null) = (points is null))
);
create index practice_attempt_by_user on practice_attempt (user_id, id desc);

-- An exercise that a lead hand set somebody; what comes of it is shown to that lead hand alone, where the person shows it.
create table practice_set (
  id bigint generated always as identity primary key,
  user_id bigint not null references shop_user,
  exercise text not null,
  seed bigint not null,
  set_by bigint not null references shop_user,
  set_at timestamptz not null,
  shown_at timestamptz
);
alter table practice_attempt add constraint practice_attempt_set foreign key (set_id) references practice_set;
