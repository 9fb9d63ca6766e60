-- The shops of all rows, looked at while people work: nothing waits for it.
alter table job validate constraint job_shop;
alter table customer validate constraint customer_shop;
alter table bank_winding validate constraint bank_winding_shop;
alter table wire_lot validate constraint wire_lot_shop;
alter table shop_instrument validate constraint shop_instrument_shop;
alter table triage_look validate constraint triage_look_shop;
alter table price_list validate constraint price_list_shop;
alter table shop_settings validate constraint shop_settings_shop;
alter table shop_journal validate constraint shop_journal_shop;
alter table shop_roster validate constraint shop_roster_shop;
alter table shop_plan validate constraint shop_plan_shop;
alter table plan_search validate constraint plan_search_shop;
alter table expected_motor validate constraint expected_motor_shop;
alter table calendar_feed validate constraint calendar_feed_shop;
alter table closed_cause_count validate constraint closed_cause_count_shop;
alter table closed_cause_reset validate constraint closed_cause_reset_shop;
