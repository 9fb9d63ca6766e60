package app.brasskettle.measurements;

import java.io.IOException;
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

    private static final int PAUSE_MS = 150;
    static final Map<String, Object> PLATE = Map.ofEntries(
            Map.entry("phases", "3"),
            Map.entry("frequencyHz", "50"),
            Map.entry("ratedPowerW", "15 kW"),
            Map.entry("ratedVoltageV", "400"),
            Map.entry("ratedCurrentA", "29"),
            Map.entry("ratedSpeedRpm", "1460"),
            Map.entry("codeLetter", ""),
            Map.entry("connection", "wye"),
            Map.entry("windingKind", "random-wound"),
            Map.entry("insulationClass", "F"),
            Map.entry("madeBefore1970", false),
            Map.entry("hazardousArea", false));

    private final Caller caller;
    private final int number;
    private final List<Made> made = new ArrayList<>();
    private int acknowledged;
    private int repeated;
    private volatile boolean over;

    /** A job and what was acknowledged of it. */
    record Made(String machine, List<String> sheets, List<String> tests) {}

    KillWriter(Caller caller, int number) {
        super("writer-" + number);
        this.caller = caller;
        this.number = number;
        setDaemon(true);
    }

    List<Made> made() {
        return made;
    }

    int acknowledged() {
        return acknowledged;
    }

    int repeated() {
        return repeated;
    }

    /** Ends with the job that is under way. */
    void finish() throws InterruptedException {
        over = true;
        join();
    }

    @Override
    public void run() {
        try {
            for (int i = 0; !over; i++) {
                job("trial " + number + " " + i);
            }
        } catch (InterruptedException stopped) {
            interrupt();
        }
    }

    private void job(String machine) throws InterruptedException {
        String tag = written(
                        "POST",
                        "/api/jobs",
                        Map.of(
                                "customer", "Trial",
                                "machine", machine,
                                "complaint", "",
                                "supply", "mains",
                                "urgency", "usual",
                                "outageCostPerHour", "0"))
                .json()
                .at("/identity/tag")
                .asString();
        Made job = new Made(machine, new ArrayList<>(), new ArrayList<>());
        made.add(job);
        sheet(tag, job, "plate", PLATE);
        sheet(
                tag,
                job,
                "arrival",
                Map.of("shaft", "free", "signs", List.of(), "auxiliaries", List.of(), "missing", ""));
        written("POST", "/api/jobs/" + tag + "/lock-out", Map.of("means", "two-pole tester, meter"));
        test(
                tag,
                job,
                "tester-proof",
                Map.of("typed", Map.of("rangeMegohm", "20 G", "apartOverRange", true, "togetherMegohm", "0")));
        test(
                tag,
                job,
                "insulation-resistance",
                Map.of(
                        "typed",
                        Map.of(
                                "windingTemperatureC",
                                "40",
                                "readings",
                                List.of(Map.of("seconds", "60", "megohm", "900"))),
                        "appliedVoltageV",
                        "500",
                        "because",
                        ""));
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
        for (int tries = 0; ; tries++) {
            try {
                Caller.Answer answer =
                        caller.send(method, path, "application/json", Caller.bytes(body), "Idempotency-Key", key);
                if (answer.status() == 200) {
                    acknowledged++;
                    repeated += tries;
                    return answer;
                }
                if (answer.status() < 500 && answer.status() != 409) {
                    throw new IllegalStateException(method + " " + path + " " + answer.status() + " " + answer.text());
                }
            } catch (IOException away) {
                // Killed: it is sent again once there is somebody to answer.
            }
            TimeUnit.MILLISECONDS.sleep(PAUSE_MS);
        }
    }
}
