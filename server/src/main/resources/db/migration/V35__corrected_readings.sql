-- A reading whose typing error was corrected: the one in its place is the same reading, not a repeat.
alter table bench_test add column corrected boolean not null default false;
