package app.brasskettle.measurements;

import java.io.IOException;
import java.net.URI;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;

/**
 * Many people at work in a large shop for some minutes, and then one alone: how long each kind of call takes, and how long the
 * database takes for the same rows.
 *
 * <p>Arguments: address of a demonstration on this machine that {@link ScaleFill} made large, JDBC address, user, password, people,
 * seconds.
 */
public final class ScaleTrial {

    private static final int ALONE = 200;
    /** So long a machine of two cores is still busy translating what it runs. */
    private static final int WARM_S = 60;

    private static final int THINK_LEAST_MS = 1500;
    private static final int THINK_MORE_MS = 3000;
    private static final List<String> WORDS =
            List.of("works 17", "pump", "harbour", "30 kw", "tq-1234", "stopped night", "sc404");

    private final URI base;
    private final Connection db;
    /** Tags by shop, the first one's first. */
    private final List<List<String>> tags = new ArrayList<>();

    private volatile long begun;
    private final ConcurrentLinkedQueue<Taken> taken = new ConcurrentLinkedQueue<>();

    /** A call: what, what was answered, how long it took, and how long after the first it was over. */
    private record Taken(String what, int status, double ms, double atS) {}

    /** A kind of call: how often in a hundred, and how it is made. */
    private enum Kind {
        FLOOR("the floor", 20),
        ALL("the floor of all shops", 5),
        JOB("a job's page", 25),
        FIND("a search by words", 15),
        GONE("what left", 5),
        JOURNAL("a job's journal", 5),
        PASSPORT("a motor's passport", 5),
        CUSTOMERS("a customer by words", 3),
        SHEET("a printed sheet", 2),
        TEST("an insulation test recorded", 15);

        private final String label;
        private final int share;

        Kind(String label, int share) {
            this.label = label;
            this.share = share;
        }

        static Kind at(int hundredth) {
            int sum = 0;
            for (Kind kind : values()) {
                sum += kind.share;
                if (hundredth < sum) {
                    return kind;
                }
            }
            throw new IllegalArgumentException("shares are of a hundred");
        }
    }

    private ScaleTrial(URI base, Connection db) throws SQLException {
        this.base = base;
        this.db = db;
        try (PreparedStatement statement = db.prepareStatement(
                        "select shop_id, tag from job where left_at is null or id % 50 = 0 order by shop_id, id");
                ResultSet rows = statement.executeQuery()) {
            while (rows.next()) {
                if (rows.getInt(1) > tags.size()) {
                    tags.add(new ArrayList<>());
                }
                tags.get(tags.size() - 1).add(rows.getString(2));
            }
        }
    }

    public static void main(String[] args) throws Exception {
        int people = Integer.parseInt(args[4]);
        int seconds = Integer.parseInt(args[5]);
        try (Connection db = DriverManager.getConnection(args[1], args[2], args[3])) {
            ScaleTrial trial = new ScaleTrial(URI.create(args[0]), db);
            boolean clean = trial.crowd(people, seconds);
            trial.alone();
            System.exit(clean ? 0 : 1);
        }
    }

    /** Somebody at work: a motor of their own to test, and looks at everything else. */
    private final class Worker extends Thread {

        private final Caller caller;
        private final List<String> shop;
        private final String own;
        private final Random random;
        private final long until;
        private int tests;

        Worker(int number, long until) throws IOException, InterruptedException {
            int at = number % tags.size();
            this.shop = tags.get(at);
            this.caller = new Caller(base)
                    .signedIn(number / tags.size() % 2 == 0 ? "tech" : "lead")
                    .in(at + 1);
            this.own = TrialMotor.plated(caller, "scale " + number);
            this.random = new Random(number);
            this.until = until;
        }

        @Override
        public void run() {
            try {
                while (System.nanoTime() < until) {
                    Kind kind = Kind.at(random.nextInt(100));
                    Caller.Answer answer = made(caller, kind, shop, own, random, tests);
                    tests += kind == Kind.TEST ? 1 : 0;
                    taken.add(new Taken(kind.label, answer.status(), answer.ms(), (System.nanoTime() - begun) / 1e9));
                    TimeUnit.MILLISECONDS.sleep(THINK_LEAST_MS + random.nextInt(THINK_MORE_MS));
                }
            } catch (IOException broken) {
                taken.add(new Taken("cut off", 0, 0, 0));
            } catch (InterruptedException stopped) {
                interrupt();
            }
        }
    }

    private static Caller.Answer made(Caller caller, Kind kind, List<String> tags, String own, Random random, int tests)
            throws IOException, InterruptedException {
        String tag = tags.get(random.nextInt(tags.size()));
        String word = WORDS.get(random.nextInt(WORDS.size())).replace(" ", "%20");
        return switch (kind) {
            case FLOOR -> caller.get("/api/jobs");
            case ALL -> caller.get("/api/jobs?shops=all");
            case JOB -> caller.get("/api/jobs/" + tag);
            case FIND -> caller.get("/api/jobs?find=" + word);
            case GONE -> caller.get("/api/jobs?show=gone");
            case JOURNAL -> caller.get("/api/jobs/" + tag + "/journal");
            case PASSPORT -> caller.get("/api/motors/SC" + (100_000 + random.nextInt(90_000)) / 3);
            case CUSTOMERS -> caller.get("/api/customers?find=works%20" + random.nextInt(2000));
            case SHEET -> caller.get("/api/jobs/" + tag + "/sheet.pdf");
            case TEST -> caller.post("/api/jobs/" + own + "/tests/insulation-resistance", insulation(random, tests));
        };
    }

    private static Map<String, Object> insulation(Random random, int tests) {
        Map<String, Object> test =
                new HashMap<>(TrialMotor.insulation(Map.of("60", String.valueOf(400 + random.nextInt(900)))));
        test.put("because", tests == 0 ? "" : "again");
        test.put("takenBefore", "at the customer's");
        return test;
    }

    private boolean crowd(int people, int seconds) throws IOException, InterruptedException {
        List<Worker> workers = new ArrayList<>();
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
        for (int n = 0; n < people; n++) {
            workers.add(new Worker(n, until));
        }
        Caller watcher = new Caller(base).signedIn("admin").in(1);
        double before = translating(watcher);
        begun = System.nanoTime();
        workers.forEach(Thread::start);
        TimeUnit.SECONDS.sleep(Math.min(WARM_S, seconds));
        double warm = translating(watcher);
        for (Worker worker : workers) {
            worker.join();
        }
        double after = translating(watcher);
        System.out.printf(
                "%n| %d people, %d s | calls | p50 | p95 | p99 | longest | not answered with 200 |%n", people, seconds);
        System.out.println("|---|---|---|---|---|---|---|");
        Map<String, List<Taken>> byKind = new TreeMap<>();
        taken.forEach(
                t -> byKind.computeIfAbsent(t.what(), k -> new ArrayList<>()).add(t));
        boolean clean = true;
        for (var kind : byKind.entrySet()) {
            double[] ms =
                    kind.getValue().stream().mapToDouble(Taken::ms).sorted().toArray();
            long refused =
                    kind.getValue().stream().filter(t -> t.status() != 200).count();
            System.out.printf(
                    "| %s | %d | %.0f ms | %.0f ms | %.0f ms | %.0f ms | %d |%n",
                    kind.getKey(), ms.length, at(ms, 0.5), at(ms, 0.95), at(ms, 0.99), ms[ms.length - 1], refused);
            clean &= refused == 0;
        }
        System.out.printf(
                "%n| a server just started | calls | p50 | p95 | p99 | longest |%n|---|---|---|---|---|---|%n");
        all("the first minute", t -> t.atS() <= WARM_S);
        all("after it", t -> t.atS() > WARM_S);
        System.out.printf(
                "%nthe compilers of the server were at work for %.1f s before, %.1f s in the first minute, %.1f s after it%n",
                before, warm - before, after - warm);
        return clean;
    }

    /**
     * Seconds that the server's compilers have been at work since it started, as it tells an administrator: time that passed for them, not
     * the processors'.
     */
    private static double translating(Caller administrator) throws IOException, InterruptedException {
        return administrator
                        .get("/actuator/metrics/jvm.compilation.time")
                        .with(200)
                        .json()
                        .at("/measurements/0/value")
                        .asDouble()
                / 1000;
    }

    private void all(String when, Predicate<Taken> which) {
        double[] ms =
                taken.stream().filter(which).mapToDouble(Taken::ms).sorted().toArray();
        if (ms.length > 0) {
            System.out.printf(
                    "| %s | %d | %.0f ms | %.0f ms | %.0f ms | %.0f ms |%n",
                    when, ms.length, at(ms, 0.5), at(ms, 0.95), at(ms, 0.99), ms[ms.length - 1]);
        }
    }

    private static double at(double[] sorted, double share) {
        return sorted[(int) Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
    }

    private void alone() throws IOException, InterruptedException, SQLException {
        Caller caller = new Caller(base).signedIn("tech").in(1);
        String own = TrialMotor.plated(caller, "scale alone");
        System.out.printf(
                "%n| one person, p50 of %d | the call | the database for its rows | ratio |%n|---|---|---|---|%n",
                ALONE);
        for (Kind kind : List.of(Kind.FLOOR, Kind.ALL, Kind.FIND, Kind.GONE, Kind.JOB, Kind.JOURNAL, Kind.TEST)) {
            Random random = new Random(7);
            double[] call = new double[ALONE];
            double[] rows = new double[ALONE];
            for (int n = 0; n < ALONE; n++) {
                Random same = new Random(n);
                call[n] = made(caller, kind, tags.get(0), own, new Random(n), n).ms();
                rows[n] = ScaleRows.of(
                        kind.name(),
                        db,
                        tags.get(0).get(same.nextInt(tags.get(0).size())),
                        WORDS.get(random.nextInt(WORDS.size())),
                        own);
            }
            Arrays.sort(call);
            Arrays.sort(rows);
            System.out.printf(
                    "| %s | %.1f ms | %.1f ms | %.1f |%n",
                    kind.label, at(call, 0.5), at(rows, 0.5), at(call, 0.5) / at(rows, 0.5));
        }
    }
}
