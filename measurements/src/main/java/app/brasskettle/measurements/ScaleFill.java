package app.brasskettle.measurements;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/**
 * Makes a demonstration's database as large as that of a shop after many years: every job of the demonstration copied again and
 * again with tag, customer, mark and dates of its own, each test repeated, in as many shops of one house as are asked for.
 *
 * <p>The copies are rows, not what people entered: what the demonstration's few jobs look like, the many look like too. Arguments:
 * JDBC address, user, password, jobs, tests, shops.
 */
public final class ScaleFill {

    private static final int CUSTOMERS = 2000;
    private static final int BATCH = 100;
    private static final int IN_THE_SHOP = 300;

    private static final String JOBS = """
            insert into job (shop_id, tag, customer, machine, complaint, supply, urgency, outage_cost_per_hour, promised_at, received_at,
                received_by, simulated_motor, version, motor, station, next_action, next_step, worst, gate, find_by, customer_id,
                mark, asked_by, left_at, left_how, closed_cause)
            select u.shop_id, 'TQ-' || c.number, u.name, s.machine, s.complaint, s.supply, s.urgency, s.outage_cost_per_hour, null,
                now() - c.age, s.received_by, s.simulated_motor, s.version, s.motor, s.station, s.next_action, s.next_step, s.worst,
                'blocked', replace(replace(s.find_by, lower(s.tag), 'tq-' || c.number), lower(s.customer), lower(u.name)),
                u.id, 'SC' || c.number / 3, '', case when c.lives then null else now() - c.age + interval '6 days' end,
                case when c.lives then null else 'fetched' end, s.closed_cause
            from copy c join source s on s.rank = c.rank
            join customer u on u.shop_id = c.shop and u.name = 'Works ' || c.number %% %d""".formatted(CUSTOMERS);

    private static final String TESTS = """
            insert into bench_test (job_id, kind, typed, input, result, taken_by, taken_at, superseded_by, superseded_because, speed,
                instrument, calibration_due, origin, origin_note, applied_v, instrument_kind)
            select j.id, t.kind, t.typed, t.input, t.result, t.taken_by, j.received_at + interval '1 hour', null, null, t.speed,
                t.instrument, t.calibration_due, t.origin, t.origin_note, t.applied_v, t.instrument_kind
            from copy c join source s on s.rank = c.rank join job j on j.tag = 'TQ-' || c.number
            join bench_test t on t.job_id = s.id and t.superseded_by is null""";

    private static final String REPEATS = """
            insert into bench_test (job_id, kind, typed, input, result, taken_by, taken_at, superseded_by, superseded_because, speed,
                instrument, calibration_due, origin, origin_note, applied_v, instrument_kind)
            select t.job_id, t.kind, t.typed, t.input, t.result, t.taken_by, t.taken_at - r * interval '5 minutes', t.id, 'repeated',
                t.speed, t.instrument, t.calibration_due, t.origin, t.origin_note, t.applied_v, t.instrument_kind
            from copy c join job j on j.tag = 'TQ-' || c.number join bench_test t on t.job_id = j.id and t.superseded_by is null
            cross join generate_series(1, ?) r""";

    private static final String SHEETS = """
            insert into job_sheet (job_id, kind, version, typed, written_by, written_at)
            select j.id, x.kind, x.version, x.typed, x.written_by, j.received_at + interval '1 hour'
            from copy c join source s on s.rank = c.rank join job j on j.tag = 'TQ-' || c.number join job_sheet x on x.job_id = s.id""";

    private static final String EVENTS = """
            insert into job_event (job_id, kind, detail, done_by, done_at)
            select j.id, x.kind, x.detail, x.done_by, j.received_at + interval '2 hours'
            from copy c join source s on s.rank = c.rank join job j on j.tag = 'TQ-' || c.number
            join job_event x on x.job_id = s.id order by x.id""";

    private static final String JOURNAL = """
            insert into journal (job_id, at, by_whom, what, before, after)
            select j.id, j.received_at + interval '2 hours', x.by_whom, x.what, x.before, x.after
            from copy c join source s on s.rank = c.rank join job j on j.tag = 'TQ-' || c.number
            join journal x on x.job_id = s.id order by x.id""";

    private final Connection db;

    private ScaleFill(Connection db) {
        this.db = db;
    }

    public static void main(String[] args) throws SQLException {
        long jobs = Long.parseLong(args[3]);
        long tests = Long.parseLong(args[4]);
        int shops = Integer.parseInt(args[5]);
        try (Connection db = DriverManager.getConnection(args[0], args[1], args[2])) {
            db.setAutoCommit(false);
            new ScaleFill(db).fill(jobs, tests, shops);
        }
    }

    private void fill(long jobs, long tests, int shops) throws SQLException {
        run("create temporary table source as select row_number() over (order by id) - 1 as rank, job.* from job");
        run("insert into shop (made_by, made_at) select 'trial', now() from generate_series(2, %d)".formatted(shops));
        // Everybody belongs to every shop and says with each call which one it is for.
        run(
                "insert into shop_member (user_id, shop_id) select u.id, s.id from shop_user u, shop s on conflict do nothing");
        run("insert into customer (shop_id, name) select s.id, 'Works ' || n from shop s, generate_series(0, %d) n"
                .formatted(CUSTOMERS - 1));
        long sources = one("select count(*) from source");
        double standing = one("select count(*) from bench_test where superseded_by is null") / (double) sources;
        double repeats = (double) tests / jobs / standing - 1;
        long made = one("select count(*) from job");
        for (long batch = 0; made < jobs; batch++) {
            run("drop table if exists copy");
            run("""
                    create temporary table copy as
                    select n as number, (n %% %d)::bigint as rank, 1 + n / 3 %% %d as shop, n >= %d as lives,
                        case when n >= %d then (n %% 40) * interval '6 hours'
                        else interval '30 days' + (%d - n) * interval '30 minutes' end as age
                    from generate_series(%d::bigint, %d::bigint) n""".formatted(
                            sources,
                            shops,
                            100_000 + jobs - IN_THE_SHOP,
                            100_000 + jobs - IN_THE_SHOP,
                            100_000 + jobs,
                            100_000 + made,
                            100_000 + Math.min(jobs, made + BATCH * sources) - 1));
            run("analyze copy");
            made += run(JOBS);
            run(TESTS);
            // Some batches once more often than others, so that the mean is met.
            repeat((int) (Math.floor((batch + 1) * repeats) - Math.floor(batch * repeats)));
            run(SHEETS);
            run(EVENTS);
            run(JOURNAL);
            db.commit();
        }
        db.commit();
        db.setAutoCommit(true);
        run("select setval('job_tag_number', %d)".formatted(900_000));
        run("vacuum analyze");
        System.out.printf(
                "%d shops, %,d jobs, %,d tests, %,d lines of the journal, %.1f GB%n",
                one("select count(*) from shop"),
                one("select count(*) from job"),
                one("select count(*) from bench_test"),
                one("select count(*) from journal"),
                one("select pg_database_size(current_database())") / 1e9);
    }

    private void repeat(int times) throws SQLException {
        try (PreparedStatement statement = db.prepareStatement(REPEATS)) {
            statement.setInt(1, times);
            statement.executeUpdate();
        }
    }

    private int run(String sql) throws SQLException {
        try (Statement statement = db.createStatement()) {
            statement.execute(sql);
            return Math.max(0, statement.getUpdateCount());
        }
    }

    private long one(String sql) throws SQLException {
        try (Statement statement = db.createStatement();
                ResultSet row = statement.executeQuery(sql)) {
            row.next();
            return row.getLong(1);
        }
    }
}
