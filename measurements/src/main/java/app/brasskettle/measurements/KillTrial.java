package app.brasskettle.measurements;

import java.io.File;
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

    private static final int LONGEST_LOAD_MS = 2500;
    private static final int DATABASE_EVERY = 2;
    private static final Random RANDOM = new Random(20261128);

    private KillTrial() {}

    public static void main(String[] args) throws Exception {
        int kills = Integer.parseInt(args[5]);
        TrialServer server = new TrialServer(new File(args[0]), Integer.parseInt(args[1]));
        server.start();
        List<KillWriter> writers = KillWriter.atWork(server.address());
        int ofDatabase = 0;
        for (int kill = 1; kill <= kills; kill++) {
            TimeUnit.MILLISECONDS.sleep(300 + RANDOM.nextInt(LONGEST_LOAD_MS));
            System.err.printf("kill %d%n", kill);
            if (kill % DATABASE_EVERY == 0) {
                TrialServer.run(args[6]);
                ofDatabase++;
                TrialServer.run(args[7]);
                server.healthy();
            } else {
                server.kill();
                server.start();
            }
        }
        TimeUnit.SECONDS.sleep(2);
        KillWriter.Sum sum = KillWriter.finish(writers);
        System.out.printf(
                "| %d kills, %d of them of the database | %d acknowledged writes, %d calls sent again |%n",
                kills, ofDatabase, sum.acknowledged(), sum.repeated());
        sum.faults().forEach(f -> System.out.println("| a writer gave up | " + f + " |"));
        int wrong = sum.faults().size() + new WriteOracle(args[2], args[3], args[4]).report(writers);
        server.stop();
        System.exit(wrong == 0 ? 0 : 1);
    }
}
