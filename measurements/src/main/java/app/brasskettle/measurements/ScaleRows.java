package app.brasskettle.measurements;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;

/** The statements that bring, or write, the rows of a kind of call, and nothing else: what the database alone takes for it. */
final class ScaleRows {

    private static final String FLOOR = """
            select job.*, extract(epoch from now() - received_at) / 3600, (select min(p.id) from photo p where p.job_id = job.id
            and p.removed_because is null) from job where %s and left_at is null %s order by urgency <> 'rush', waits_for is not null,
            set_down_by is not null, received_at, id limit 100""";
    private static final String OF_JOB = " where job_id = (select id from job where tag = ?)";

    private static final Map<String, List<String>> READ = Map.of(
            "FLOOR", List.of(FLOOR.formatted("shop_id = 1", "")),
            "ALL", List.of(FLOOR.formatted("shop_id in (select id from shop)", "")),
            "FIND", List.of(FLOOR.formatted("shop_id = 1", "and find_by like ?")),
            "GONE",
                    List.of("select job.* from job where shop_id = 1 and left_at is not null"
                            + " order by left_at desc, id desc limit 100"),
            "JOURNAL", List.of("select * from journal" + OF_JOB + " order by id desc limit 100"),
            "JOB",
                    List.of(
                            "select * from job where tag = ?",
                            "select * from job_sheet" + OF_JOB,
                            "select * from bench_test" + OF_JOB + " order by taken_at, id",
                            "select * from job_event" + OF_JOB + " order by id"));

    private ScaleRows() {}

    /** Milliseconds that the statements of {@code kind} take on {@code db}, all rows read; those of one shop are the first one's. */
    static double of(String kind, Connection db, String tag, String word, String own) throws SQLException {
        long begun = System.nanoTime();
        if (kind.equals("TEST")) {
            written(db, own);
        } else {
            for (String sql : READ.get(kind)) {
                read(db, sql, kind.equals("FIND") ? "%" + word + "%" : tag);
            }
        }
        return (System.nanoTime() - begun) / 1e6;
    }

    private static void read(Connection db, String sql, String parameter) throws SQLException {
        try (PreparedStatement statement = db.prepareStatement(sql)) {
            if (sql.contains("?")) {
                statement.setString(1, parameter);
            }
            try (ResultSet rows = statement.executeQuery()) {
                int columns = rows.getMetaData().getColumnCount();
                while (rows.next()) {
                    for (int c = 1; c <= columns; c++) {
                        rows.getObject(c);
                    }
                }
            }
        }
    }

    /** The rows that a recorded test leaves, in one transaction: the test itself, one it supersedes, the journal, the job's row. */
    private static void written(Connection db, String own) throws SQLException {
        db.setAutoCommit(false);
        try {
            String job = "(select id from job where tag = ?)";
            for (String sql : List.of(
                    "select * from job where tag = ? for update",
                    "insert into bench_test (job_id, kind, typed, input, result, taken_by, taken_at, superseded_by, superseded_because)"
                            + " select job_id, kind, typed, input, result, taken_by, now(), id, 'again' from bench_test where job_id = "
                            + job + " and superseded_by is null limit 1 returning id",
                    "insert into journal (job_id, at, by_whom, what) values (" + job
                            + ", now(), 'trial', 'tested') returning id",
                    "update job set version = version + 1 where tag = ? returning id")) {
                read(db, sql, own);
            }
            db.commit();
        } finally {
            db.rollback();
            db.setAutoCommit(true);
        }
    }
}
