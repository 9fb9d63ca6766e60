-- Customers, and the people to reach there. A job keeps the name it came under.
create table customer (
  id bigint generated always as identity primary key,
  name text not null check (length(name) between 1 and 120),
  note text not null default '' check (length(note) <= 1000),
  version int not null default 1
);
create unique index customer_by_name on customer (lower(name));
create table customer_contact (
  id bigint generated always as identity primary key,
  customer_id bigint not null references customer,
  place int not null check (place >= 0),
  name text not null check (length(name) between 1 and 120),
  part text not null default '' check (length(part) <= 120),
  phone text not null default '' check (length(phone) <= 60),
  email text not null default '' check (length(email) <= 120),
  unique (customer_id, place)
);
insert into customer (name) select min(customer) from job group by lower(customer);
alter table job add column customer_id bigint references customer;
update job j set customer_id = c.id from customer c where lower(c.name) = lower(j.customer);
alter table job alter column customer_id set not null;
create index job_by_customer on job (customer_id, received_at);

-- The mark by which a motor is known again: its serial number, or one the shop gave it; letters and figures alone.
alter table job add column mark text not null default '' check (mark ~ '^[A-Z0-9]*$');
create index job_by_mark on job (mark, received_at) where mark <> '';
update job j set mark = upper(regexp_replace(coalesce(s.typed ->> 'serial', ''), '[^A-Za-z0-9]', '', 'g'))
from job_sheet s where s.job_id = j.id and s.kind = 'plate';
