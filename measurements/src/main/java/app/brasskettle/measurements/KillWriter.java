package app.brasskettle.measurements;

import java.io.IOException;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;

/**
 * Somebody who receives motors and tests them while the server is killed: what is not answered is sent again with the same key until
 * it is, as the pages do, and what was answered is remembered.
 */
final class KillWriter extends Thread {

    private static final int WRITERS = 4;
    private static final int PAUSE_MS = 150;
    private static final int GIVEN_UP_S = 180;
    private static final int UNAUTHORIZED = 401;
    private final Caller caller;
    private final int number;
    private final List<Made> made = new ArrayList<>();
    private volatile int acknowledged;
    private double longestWaitS;
    private int repeated;
    private volatile String fault = "";
    private volatile boolean over;

    /** A job and what was acknowledged of it. */
    record Made(String machine, List<String> sheets, List<String> tests) {}

    KillWriter(Caller caller, int number) {
        super("writer-" + number);
        this.caller = caller;
        this.number = number;
        setDaemon(true);
    }

    /** What several wrote. */
    record Sum(int acknowledged, int repeated, double longestWaitS, List<String> faults) {}

    /** Four of them, signed in and begun. */
    static List<KillWriter> atWork(URI address) throws IOException, InterruptedException {
        List<KillWriter> writers = new ArrayList<>();
        for (int i = 0; i < WRITERS; i++) {
            writers.add(new KillWriter(new Caller(address).signedIn("tech"), i));
        }
        writers.forEach(Thread::start);
        return writers;
    }

    /** Ends them with the jobs that are under way. */
    static Sum finish(List<KillWriter> writers) throws InterruptedException {
        writers.forEach(w -> w.over = true);
        for (KillWriter writer : writers) {
            writer.join();
        }
        return new Sum(
                writers.stream().mapToInt(w -> w.acknowledged).sum(),
                writers.stream().mapToInt(w -> w.repeated).sum(),
                writers.stream().mapToDouble(w -> w.longestWaitS).max().orElse(0),
                writers.stream().map(w -> w.fault).filter(f -> !f.isEmpty()).toList());
    }

    List<Made> made() {
        return made;
    }

    int acknowledged() {
        return acknowledged;
    }

    @Override
    public void run() {
        try {
            for (int i = 0; !over; i++) {
                job("trial " + number + " " + i);
            }
        } catch (InterruptedException stopped) {
            interrupt();
        } catch (IllegalStateException wrong) {
            fault = wrong.getMessage();
        }
    }

    private void job(String machine) throws InterruptedException {
        String tag = written("POST", "/api/jobs", TrialMotor.receipt(machine))
                .json()
                .at("/identity/tag")
                .asString();
        Made job = new Made(machine, new ArrayList<>(), new ArrayList<>());
        made.add(job);
        sheet(tag, job, "plate", TrialMotor.PLATE);
        sheet(
                tag,
                job,
                "arrival",
                Map.of("shaft", "free", "signs", List.of(), "auxiliaries", List.of(), "missing", ""));
        written("POST", "/api/jobs/" + tag + "/lock-out", Map.of("means", "two-pole tester, meter"));
        test(tag, job, "tester-proof", TrialMotor.TESTER_PROOF);
        test(tag, job, "insulation-resistance", TrialMotor.insulation(Map.of("60", "900")));
    }

    private void sheet(String tag, Made job, String kind, Map<String, Object> typed) throws InterruptedException {
        written("PUT", "/api/jobs/" + tag + "/sheets/" + kind, Map.of("version", 0, "typed", typed));
        job.sheets().add(kind);
    }

    private void test(String tag, Made job, String kind, Map<String, Object> body) throws InterruptedException {
        written("POST", "/api/jobs/" + tag + "/tests/" + kind, body);
        job.tests().add(kind);
    }

    /** Sends a change until it is acknowledged. */
    private Caller.Answer written(String method, String path, Map<String, Object> body) throws InterruptedException {
        String key = UUID.randomUUID().toString();
        long begun = System.nanoTime();
        String last = "";
        for (int tries = 0; ; tries++) {
            try {
                Caller.Answer answer =
                        caller.send(method, path, "application/json", Caller.bytes(body), "Idempotency-Key", key);
                last = answer.status() + " " + answer.text();
                if (answer.status() == 200) {
                    acknowledged++;
                    repeated += tries;
                    longestWaitS = Math.max(longestWaitS, (System.nanoTime() - begun) / 1e9);
                    return answer;
                }
                if (answer.status() == UNAUTHORIZED) {
                    caller.signedIn("tech");
                    continue;
                }
                if (answer.status() < 500 && answer.status() != 409 && !answer.again()) {
                    throw new IllegalStateException(method + " " + path + " " + answer.status() + " " + answer.text());
                }
            } catch (IOException away) {
                last = String.valueOf(away.getMessage());
                // Killed: it is sent again once there is somebody to answer.
            }
            if (System.nanoTime() - begun > TimeUnit.SECONDS.toNanos(GIVEN_UP_S)) {
                throw new IllegalStateException(
                        method + " " + path + " was not acknowledged in " + GIVEN_UP_S + " s: " + last);
            }
            TimeUnit.MILLISECONDS.sleep(PAUSE_MS);
        }
    }
}
