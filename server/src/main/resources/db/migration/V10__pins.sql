-- A short number by which people take turns at one tablet, and how often a wrong one was tried in a row.
alter table shop_user add column pin_hash text;
alter table shop_user add column pin_failures int not null default 0;
