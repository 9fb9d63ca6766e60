package app.brasskettle.measurements;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;

/**
 * The database's clock put forward and set back while people write, and a winding that discharges meanwhile. Afterwards it counts as
 * {@link WriteOracle} does, and looks for an entry that stands before one made earlier.
 *
 * <p>Arguments: the server's jar, its port, JDBC address, user and password, and the file by which the database's clock is moved.
 */
public final class ClockTrial {

    /** The server looks every thirty seconds. */
    private static final int NOTICED_S = 40;

    private static final double MOST_EARLY_S = 3;

    /** Seconds the clock is away from the right time, one after the other. */
    private static final int[] AWAY = {3600, 0, -1800, 7200, 0};

    /** How often it is put forward beyond what is on record by then: what is set back is waited for. */
    private static final int FORWARD = 2;

    private static final String BACK = """
            select count(*) from (select at, max(at) over (order by id rows between unbounded preceding and 1 preceding) as before
            from journal where id > %d) j where at < before - interval '%d milliseconds'""";

    /** Calls under way beside each other may write their lines in another order than they began. */
    private static final int BESIDE_MS = 3000;

    public static void main(String[] args) throws Exception {
        TrialServer server = new TrialServer(new File(args[0]), Integer.parseInt(args[1]));
        WriteOracle oracle = new WriteOracle(args[2], args[3], args[4]);
        Path moved = Path.of(args[5]);
        server.start();
        Caller tech = new Caller(server.address()).signedIn("tech");
        String tag = charged(tech);
        int wrong = 0;
        try (Connection db = DriverManager.getConnection(args[2], args[3], args[4])) {
            int begun = one(db, "select max(id) from journal");
            List<KillWriter> writers = KillWriter.atWork(server.address());
            double before = left(tech, tag);
            long from = System.nanoTime();
            double early = 0;
            double late = 0;
            for (int away : AWAY) {
                Files.writeString(moved, (away < 0 ? "" : "+") + away);
                for (int i = 0; i < NOTICED_S; i++) {
                    TimeUnit.SECONDS.sleep(1);
                    double expected = before - (System.nanoTime() - from) / 1e9;
                    double off = expected - left(tech, tag);
                    early = Math.max(early, off);
                    late = Math.max(late, -off);
                }
                System.err.printf("clock %+d s: %.1f s early, %.1f s late at most so far%n", away, early, late);
            }
            KillWriter.Sum sum = KillWriter.finish(writers);
            System.out.printf(
                    "| the clock %d times put forward or set back, by up to two hours | %d acknowledged writes, %d calls sent again,"
                            + " longest wait for an acknowledgement %.1f s |%n|---|---|%n",
                    AWAY.length, sum.acknowledged(), sum.repeated(), sum.longestWaitS());
            sum.faults().forEach(f -> System.out.println("| a writer gave up | " + f + " |"));
            wrong += sum.faults().size() + oracle.report(writers);
            int back = one(db, BACK.formatted(begun, BESIDE_MS));
            System.out.printf("| entries that stand before an earlier one | %d |%n", back);
            int noted = one(db, "select count(*) from clock_jump");
            System.out.printf("| jumps forward noted | %d |%n", noted);
            System.out.printf(
                    "| a winding's discharge over too early, too late by at most | %.1f s, %.1f s |%n", early, late);
            wrong += back + (early > MOST_EARLY_S ? 1 : 0) + (noted == FORWARD ? 0 : 1);
        }
        server.stop();
        System.exit(wrong == 0 ? 0 : 1);
    }

    /** A motor after ten minutes under direct voltage: its leads stay grounded for forty. */
    private static String charged(Caller tech) throws Exception {
        String tag = TrialMotor.plated(tech, "clock");
        tech.post("/api/jobs/" + tag + "/lock-out", Map.of("means", "two-pole tester, meter"))
                .with(200);
        tech.post("/api/jobs/" + tag + "/tests/tester-proof", TrialMotor.TESTER_PROOF)
                .with(200);
        Map<String, String> readings = new TreeMap<>(Map.of("60", "900", "600", "1900"));
        tech.post("/api/jobs/" + tag + "/tests/insulation-resistance", TrialMotor.insulation(readings))
                .with(200);
        return tag;
    }

    private static double left(Caller tech, String tag) throws Exception {
        return tech.get("/api/jobs/" + tag)
                .with(200)
                .json()
                .at("/discharge/secondsLeft")
                .asDouble();
    }

    private static int one(Connection db, String sql) throws Exception {
        try (Statement statement = db.createStatement();
                ResultSet row = statement.executeQuery(sql)) {
            row.next();
            return row.getInt(1);
        }
    }

    private ClockTrial() {}
}
