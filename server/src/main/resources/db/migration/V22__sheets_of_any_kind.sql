-- The core says which sheets there are, as it does for tests; a new one needs no migration.
alter table job_sheet drop constraint job_sheet_kind_check;
alter table job_sheet add constraint job_sheet_kind_check check (kind ~ '^[a-z]+(-[a-z]+)*$');
