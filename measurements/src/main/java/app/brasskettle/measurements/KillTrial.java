package app.brasskettle.measurements;

import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;

/**
 * Kills the server and its database in turn, while people write, starts both again, and counts: nothing that was acknowledged
 * may be lost, nothing doubled, nothing half there.
 *
 * <p>Arguments: the server's jar, its port, JDBC address, user and password, number of kills, a command that kills the database and
 * one that starts it again. The server listens on 127.0.0.1.
 */
public final class KillTrial {

    private static final int WRITERS = 4;
    private static final int LONGEST_LOAD_MS = 2500;
    private static final int DATABASE_EVERY = 2;
    private static final int START_S = 120;

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

    private final String[] args;
    private final URI base;
    private final Random random = new Random(20261128);
    private Process server;

    private KillTrial(String[] args) {
        this.args = args;
        this.base = URI.create("http://127.0.0.1:" + args[1]);
    }

    public static void main(String[] args) throws Exception {
        KillTrial trial = new KillTrial(args);
        int kills = Integer.parseInt(args[5]);
        trial.start();
        List<KillWriter> writers = new ArrayList<>();
        for (int i = 0; i < WRITERS; i++) {
            writers.add(new KillWriter(new Caller(trial.base).signedIn("tech"), i));
        }
        writers.forEach(Thread::start);
        int ofDatabase = 0;
        for (int kill = 1; kill <= kills; kill++) {
            TimeUnit.MILLISECONDS.sleep(300 + trial.random.nextInt(LONGEST_LOAD_MS));
            System.err.printf("kill %d%n", kill);
            boolean database = kill % DATABASE_EVERY == 0;
            if (database) {
                run(args[6]);
                ofDatabase++;
                run(args[7]);
                trial.healthy();
            } else {
                trial.server.destroyForcibly().waitFor();
                trial.start();
            }
        }
        TimeUnit.SECONDS.sleep(2);
        for (KillWriter writer : writers) {
            writer.finish();
        }
        int wrong = trial.report(writers, kills, ofDatabase);
        trial.server.destroy();
        System.exit(wrong == 0 ? 0 : 1);
    }

    private static void run(String command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder("bash", "-c", command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        process.waitFor();
    }

    private void start() throws IOException, InterruptedException {
        server = new ProcessBuilder(
                        "java",
                        "-Xmx256m",
                        "-XX:+UseSerialGC",
                        "-XX:+ExitOnOutOfMemoryError",
                        "-XX:SharedArchiveFile=" + new File(args[0]).getParent() + "/classes.jsa",
                        "-Xshare:auto",
                        "-jar",
                        args[0],
                        "--server.port=" + args[1],
                        "--brasskettle.demo=true")
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(new File(args[0] + ".log")))
                .start();
        healthy();
    }

    private void healthy() throws InterruptedException {
        Caller caller = new Caller(base);
        for (int i = 0; i < 10 * START_S; i++) {
            try {
                if (caller.get("/actuator/health").status() == 200) {
                    return;
                }
            } catch (IOException notYet) {
                // Not there yet.
            }
            TimeUnit.MILLISECONDS.sleep(100);
        }
        throw new IllegalStateException("The server did not come back");
    }

    private int report(List<KillWriter> writers, int kills, int ofDatabase) throws SQLException {
        int acknowledged = writers.stream().mapToInt(KillWriter::acknowledged).sum();
        int repeated = writers.stream().mapToInt(KillWriter::repeated).sum();
        int lost = 0;
        System.out.printf(
                "| %d kills, %d of them of the database | %d acknowledged writes, %d calls sent again |%n",
                kills, ofDatabase, acknowledged, repeated);
        try (Connection db = DriverManager.getConnection(args[2], args[3], args[4])) {
            for (KillWriter writer : writers) {
                for (KillWriter.Made made : writer.made()) {
                    lost += missing(db, made);
                }
            }
            System.out.printf("| acknowledged and lost | %d |%n", lost);
            for (String[] count : COUNTS) {
                int wrong = one(db, count[1]);
                System.out.printf("| %s | %d |%n", count[0], wrong);
                lost += wrong;
            }
        }
        return lost;
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
