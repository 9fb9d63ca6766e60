-- Several shops of one house: every row belongs to a shop, every person to one or more. What stands here belongs to the first.
-- What hangs on a job belongs to its job's shop. Tags are counted for the whole house: a tag names one motor wherever it is read.
create table shop (
  id bigint generated always as identity primary key,
  made_by text not null,
  made_at timestamptz not null
);
insert into shop (made_by, made_at) values ('', now());

create table shop_member (
  user_id bigint not null references shop_user,
  shop_id bigint not null references shop,
  primary key (user_id, shop_id)
);
create index shop_member_by_shop on shop_member (shop_id);
insert into shop_member (user_id, shop_id) select id, 1 from shop_user;

-- With a default a column is added without writing a row; without one from then on, nothing falls to the first shop by being forgotten.
alter table job add column shop_id bigint not null default 1;
alter table customer add column shop_id bigint not null default 1;
alter table bank_winding add column shop_id bigint not null default 1;
alter table wire_lot add column shop_id bigint not null default 1;
alter table shop_instrument add column shop_id bigint not null default 1;
alter table triage_look add column shop_id bigint not null default 1;
alter table price_list add column shop_id bigint not null default 1;
alter table shop_settings add column shop_id bigint not null default 1;
alter table shop_journal add column shop_id bigint not null default 1;
alter table shop_roster add column shop_id bigint not null default 1;
alter table shop_plan add column shop_id bigint not null default 1;
alter table plan_search add column shop_id bigint not null default 1;
alter table expected_motor add column shop_id bigint not null default 1;
alter table calendar_feed add column shop_id bigint not null default 1;
alter table closed_cause_count add column shop_id bigint not null default 1;
alter table closed_cause_reset add column shop_id bigint not null default 1;

alter table job alter column shop_id drop default;
alter table customer alter column shop_id drop default;
alter table bank_winding alter column shop_id drop default;
alter table wire_lot alter column shop_id drop default;
alter table shop_instrument alter column shop_id drop default;
alter table triage_look alter column shop_id drop default;
alter table price_list alter column shop_id drop default;
alter table shop_settings alter column shop_id drop default;
alter table shop_journal alter column shop_id drop default;
alter table shop_roster alter column shop_id drop default;
alter table shop_plan alter column shop_id drop default;
alter table plan_search alter column shop_id drop default;
alter table expected_motor alter column shop_id drop default;
alter table calendar_feed alter column shop_id drop default;
alter table closed_cause_count alter column shop_id drop default;
alter table closed_cause_reset alter column shop_id drop default;

alter table job add constraint job_shop foreign key (shop_id) references shop not valid;
alter table customer add constraint customer_shop foreign key (shop_id) references shop not valid;
alter table bank_winding add constraint bank_winding_shop foreign key (shop_id) references shop not valid;
alter table wire_lot add constraint wire_lot_shop foreign key (shop_id) references shop not valid;
alter table shop_instrument add constraint shop_instrument_shop foreign key (shop_id) references shop not valid;
alter table triage_look add constraint triage_look_shop foreign key (shop_id) references shop not valid;
alter table price_list add constraint price_list_shop foreign key (shop_id) references shop not valid;
alter table shop_settings add constraint shop_settings_shop foreign key (shop_id) references shop not valid;
alter table shop_journal add constraint shop_journal_shop foreign key (shop_id) references shop not valid;
alter table shop_roster add constraint shop_roster_shop foreign key (shop_id) references shop not valid;
alter table shop_plan add constraint shop_plan_shop foreign key (shop_id) references shop not valid;
alter table plan_search add constraint plan_search_shop foreign key (shop_id) references shop not valid;
alter table expected_motor add constraint expected_motor_shop foreign key (shop_id) references shop not valid;
alter table calendar_feed add constraint calendar_feed_shop foreign key (shop_id) references shop not valid;
alter table closed_cause_count add constraint closed_cause_count_shop foreign key (shop_id) references shop not valid;
alter table closed_cause_reset add constraint closed_cause_reset_shop foreign key (shop_id) references shop not valid;

-- What was one of a kind is one of a kind in its shop.
alter table shop_settings drop constraint shop_settings_pkey;
alter table shop_settings drop column only_one;
alter table shop_settings add primary key (shop_id);
alter table shop_roster drop constraint shop_roster_pkey;
alter table shop_roster drop column only_one;
alter table shop_roster add primary key (shop_id);
alter table closed_cause_count drop constraint closed_cause_count_pkey;
alter table closed_cause_count add primary key (shop_id, explanation);
create unique index customer_of_shop_by_name on customer (shop_id, lower(name));
drop index customer_by_name;
create unique index instrument_of_shop_by_name on shop_instrument (shop_id, lower(name));
drop index instrument_by_name;
create unique index bank_winding_of_shop_by_key on bank_winding (shop_id, key);
alter table bank_winding drop constraint bank_winding_key_key;

create index job_of_shop_gone on job (shop_id, left_at desc, id desc) where left_at is not null;
create index triage_look_of_shop on triage_look (shop_id, id desc);
drop index triage_look_newest;
create index price_list_of_shop_by_day on price_list (shop_id, kind, valid_from desc, id desc);
drop index price_list_by_day;
create index shop_journal_of_shop on shop_journal (shop_id, id desc);
create index shop_plan_of_shop on shop_plan (shop_id, id desc);
