package app.brasskettle.measurements;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;

/** Counts by plain SQL, after {@link KillWriter}s wrote: nothing acknowledged may be lost, nothing doubled, nothing half there. */
final class WriteOracle {

    /** What a job's record holds after {@link KillWriter} made it whole, and what must never be there twice or alone. */
    private static final List<String[]> COUNTS = List.of(
            new String[] {
                "jobs that stand twice",
                "select count(*) from (select machine from job where machine like 'trial %' group by machine having count(*) > 1) d"
            },
            new String[] {
                "tests that stand twice",
                "select count(*) from (select job_id, kind from bench_test group by job_id, kind, speed having count(*) > 1"
                        + " and job_id in (select id from job where machine like 'trial %')) d"
            },
            new String[] {
                "insulation tests without the voltage they put on, or the reverse",
                "select count(*) from job j where machine like 'trial %'"
                        + " and (select count(*) from bench_test t where t.job_id = j.id and kind = 'insulation-resistance')"
                        + " <> (select count(*) from job_event e where e.job_id = j.id and kind = 'voltage-applied')"
            },
            new String[] {
                "changes without their line in the journal, or the reverse",
                "select count(*) from job j where machine like 'trial %' and (select count(*) from journal l where l.job_id = j.id)"
                        + " <> 1 + (select count(*) from job_sheet s where s.job_id = j.id)"
                        + " + (select count(*) from bench_test t where t.job_id = j.id)"
                        + " + (select count(*) from job_event e where e.job_id = j.id and kind = 'locked-out')"
            });

    private final String url;
    private final String user;
    private final String password;

    WriteOracle(String url, String user, String password) {
        this.url = url;
        this.user = user;
        this.password = password;
    }

    /** Prints what was found and returns how much of it is wrong. */
    int report(List<KillWriter> writers) throws SQLException {
        int wrong = 0;
        try (Connection db = DriverManager.getConnection(url, user, password)) {
            int lost = 0;
            for (KillWriter writer : writers) {
                for (KillWriter.Made made : writer.made()) {
                    lost += missing(db, made);
                }
            }
            System.out.printf("| acknowledged and lost | %d |%n", lost);
            wrong += lost;
            for (String[] count : COUNTS) {
                int found = one(db, count[1]);
                System.out.printf("| %s | %d |%n", count[0], found);
                wrong += found;
            }
        }
        return wrong;
    }

    /** How many of a job's acknowledged writes are not on record. */
    private static int missing(Connection db, KillWriter.Made made) throws SQLException {
        String job = "(select id from job where machine = '" + made.machine() + "')";
        int missing = 1 - one(db, "select count(*) from job where machine = '" + made.machine() + "'");
        for (String sheet : made.sheets()) {
            missing += 1 - one(db, "select count(*) from job_sheet where kind = '" + sheet + "' and job_id = " + job);
        }
        for (String test : made.tests()) {
            missing += 1 - one(db, "select count(*) from bench_test where kind = '" + test + "' and job_id = " + job);
        }
        return missing;
    }

    private static int one(Connection db, String sql) throws SQLException {
        try (Statement statement = db.createStatement();
                ResultSet row = statement.executeQuery(sql)) {
            row.next();
            return row.getInt(1);
        }
    }
}
