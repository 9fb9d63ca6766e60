-- How each person wants to write and see: units of a bare figure, and the light or the dark setting.
alter table shop_user add column units text not null default 'metric' check (units in ('metric', 'us-customary'));
alter table shop_user add column setting text not null default 'light' check (setting in ('light', 'dark'));
