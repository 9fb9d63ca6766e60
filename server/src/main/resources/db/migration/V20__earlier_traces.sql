-- Coils unlike by construction are judged beside the same winding's traces of an earlier visit: {"tag": …, "input": …}.
alter table bench_test add column earlier_traces jsonb;
