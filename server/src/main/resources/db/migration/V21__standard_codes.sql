-- One code for one thing: the end opposite the drive, a fault of middle severity, the label of a conclusion, the note of work set down.
create function pg_temp.standard(held jsonb) returns jsonb language sql immutable as $$
  select replace(replace(replace(replace(replace(held::text,
    '"other-end"', '"non-drive-end"'),
    '"opposite-end"', '"non-drive-end"'),
    '"severity": "clear"', '"severity": "moderate"'),
    '"otherEnd', '"nonDriveEnd'),
    '"handsWere"', '"workNote"')::jsonb
$$;
update job_sheet set typed = pg_temp.standard(typed);
update job_sheet_past set typed = pg_temp.standard(typed);
update bench_test set typed = pg_temp.standard(typed), input = pg_temp.standard(input), result = pg_temp.standard(result)
  where typed::text || input::text like '%ther-end%' or input::text like '%opposite-end%' or input::text like '%otherEnd%';
update triage_look set typed = pg_temp.standard(typed);
update job_event set detail = pg_temp.standard(detail);
update job_event set detail = detail - 'spoken' || jsonb_build_object('label', detail->'spoken') where detail ? 'spoken';
update job set simulated_motor = replace(simulated_motor::text, ': "clear"', ': "moderate"')::jsonb;
alter table job rename column hands_were to work_note;
