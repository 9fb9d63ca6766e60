package app.brasskettle.measurements;

import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;

/**
 * What happens to a shop while people write in it: two servers behind a proxy renewed one after the other, a disk that runs
 * full, a primary that dies and its replica that takes its place. Afterwards it counts as {@link WriteOracle} does.
 *
 * <p>Arguments: {@code rolling}, {@code disk} or {@code failover}; the server's jar, its port, JDBC address, user and password; then
 * for {@code rolling} the port of a second server, that of the proxy and how often; for {@code disk} a folder on the disk of the
 * database and a command that starts the database where it does not run; for {@code failover} a command that takes {@code fail_over}
 * or {@code rejoin} and a side, 0 or 1, and how often.
 */
public final class OutageTrial {

    private static final int LOAD_S = 5;

    private final String[] args;
    private final WriteOracle oracle;

    private OutageTrial(String[] args) {
        this.args = args;
        this.oracle = new WriteOracle(args[3], args[4], args[5]);
    }

    public static void main(String[] args) throws Exception {
        OutageTrial trial = new OutageTrial(args);
        int wrong = switch (args[0]) {
            case "rolling" -> trial.rolling();
            case "disk" -> trial.disk();
            case "failover" -> trial.failover();
            default -> throw new IllegalArgumentException("rolling, disk or failover");
        };
        System.exit(wrong == 0 ? 0 : 1);
    }

    private TrialServer server(String port) {
        return new TrialServer(new File(args[1]), Integer.parseInt(port));
    }

    private int over(String what, List<KillWriter> writers) throws Exception {
        KillWriter.Sum sum = KillWriter.finish(writers);
        System.out.printf(
                "| %s | %d acknowledged writes, %d calls sent again, longest wait for an acknowledgement %.1f s |%n|---|---|%n",
                what, sum.acknowledged(), sum.repeated(), sum.longestWaitS());
        sum.faults().forEach(f -> System.out.println("| a writer gave up | " + f + " |"));
        return oracle.report(writers) + sum.faults().size();
    }

    private int rolling() throws Exception {
        TrialServer one = server(args[2]);
        TrialServer two = server(args[6]);
        one.start();
        two.start();
        int times = Integer.parseInt(args[8]);
        List<KillWriter> writers = KillWriter.atWork(URI.create("http://127.0.0.1:" + args[7]));
        for (int n = 0; n < times; n++) {
            for (TrialServer server : List.of(one, two)) {
                TimeUnit.SECONDS.sleep(LOAD_S);
                server.stop();
                server.start();
            }
        }
        TimeUnit.SECONDS.sleep(LOAD_S);
        int wrong = over(times + " rolling restarts of two servers behind a proxy", writers);
        one.stop();
        two.stop();
        return wrong;
    }

    private int disk() throws Exception {
        TrialServer server = server(args[2]);
        server.start();
        List<KillWriter> writers = KillWriter.atWork(server.address());
        TimeUnit.SECONDS.sleep(LOAD_S);
        Path filler = Path.of(args[6], "filler");
        fill(filler);
        int before = writers.stream().mapToInt(KillWriter::acknowledged).sum();
        TimeUnit.SECONDS.sleep(2L * LOAD_S);
        int during = writers.stream().mapToInt(KillWriter::acknowledged).sum() - before;
        Caller reader = new Caller(server.address());
        int health = reader.get("/actuator/health").status();
        Files.delete(filler);
        // A database that had no room left for its log has ended itself.
        TrialServer.run(args[7]);
        server.healthy();
        TimeUnit.SECONDS.sleep(2L * LOAD_S);
        int after = writers.stream().mapToInt(KillWriter::acknowledged).sum() - before - during;
        int wrong = over("the disk of the database full for " + 2 * LOAD_S + " s", writers);
        System.out.printf(
                "| acknowledged while it was full, and in %d s once it was not; health while full | %d, %d; %d |%n",
                2 * LOAD_S, during, after, health);
        server.stop();
        return wrong + (after == 0 ? 1 : 0);
    }

    private int failover() throws Exception {
        TrialServer server = server(args[2]);
        server.start();
        int times = Integer.parseInt(args[7]);
        List<KillWriter> writers = KillWriter.atWork(server.address());
        for (int n = 0; n < times; n++) {
            TimeUnit.SECONDS.sleep(LOAD_S);
            done(args[6] + " fail_over " + n % 2);
            TimeUnit.SECONDS.sleep(LOAD_S);
            done(args[6] + " rejoin " + n % 2);
        }
        TimeUnit.SECONDS.sleep(LOAD_S);
        int wrong = over(times + " times the primary killed and the replica promoted", writers);
        server.stop();
        return wrong;
    }

    private static void done(String command) throws IOException, InterruptedException {
        if (TrialServer.run(command) != 0) {
            throw new IllegalStateException("It failed: " + command);
        }
    }

    /** Writes until the disk takes no more. */
    private static void fill(Path filler) {
        byte[] piece = new byte[1 << 16];
        try (var out = Files.newOutputStream(filler)) {
            while (true) {
                out.write(piece);
            }
        } catch (IOException full) {
            // What was wanted.
        }
    }
}
