-- One row that every writer of the bank counts up: a sequence is drawn before its writer commits, and a reader could pass it by.
create table bank_version (
  only_one boolean primary key default true check (only_one),
  version bigint not null
);
insert into bank_version (version) values (1);
drop index bank_by_change;
alter table bank_winding drop column change;
drop sequence bank_change;
