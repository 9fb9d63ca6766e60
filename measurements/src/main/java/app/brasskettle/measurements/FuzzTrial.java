package app.brasskettle.measurements;

import java.io.IOException;
import java.net.URI;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.LongAccumulator;
import tools.jackson.databind.JsonNode;

/**
 * Inputs made up from the API's description against a demonstration on this machine: none may be answered by a failure of the
 * server, none may take five seconds, and every job must still be whole afterwards, on the screen and on paper.
 *
 * <p>Arguments: address of the demonstration, number of inputs, seed.
 */
public final class FuzzTrial {

    private static final int THREADS = 4;
    private static final int SHOWN = 30;
    private static final double LONGEST_MS = 5000;
    private static final List<String> VIEWS =
            List.of("", "/journal", "/photos", "/quotes", "/sheet.pdf", "/tag.pdf", "/condition.pdf", "/export.zip");
    private static final List<String> PEOPLE = List.of("tech", "lead", "office", "admin");
    /** Signing out and closing accounts would end the trial, a voltage lasts minutes, and prices of a shop bear no junk. */
    private static final Set<String> LEFT_OUT = Set.of(
            "DELETE /api/session",
            "PUT /api/people/{username}",
            "POST /api/people/{username}/password",
            "POST /api/jobs/{tag}/instruments/insulation-tester",
            "POST /api/jobs/{tag}/instruments/step-ramp",
            "POST /api/jobs/{tag}/instruments/withstand-set",
            "POST /api/jobs/{tag}/instruments/surge-rise");

    /** A call as the description tells it. */
    private record Operation(String method, String template, JsonNode told) {}

    private final URI base;
    private final AtomicInteger left;
    private final Map<Integer, AtomicInteger> statuses = Collections.synchronizedMap(new TreeMap<>());
    private final List<String> failures = Collections.synchronizedList(new ArrayList<>());
    private final LongAccumulator slowestMs = new LongAccumulator(Math::max, 0);

    private FuzzTrial(URI base, int inputs) {
        this.base = base;
        this.left = new AtomicInteger(inputs);
    }

    public static void main(String[] args) throws IOException, InterruptedException, ExecutionException {
        int inputs = Integer.parseInt(args[1]);
        long seed = Long.parseLong(args[2]);
        FuzzTrial trial = new FuzzTrial(URI.create(args[0]), inputs);
        Caller lead = new Caller(trial.base).signedIn("lead");
        JsonNode description = lead.get("/v3/api-docs").with(200).json();
        List<String> tags = tags(lead);
        ExecutorService pool = Executors.newFixedThreadPool(THREADS);
        List<Future<?>> runs = new ArrayList<>();
        for (int i = 0; i < THREADS; i++) {
            FuzzInputs made = new FuzzInputs(description, tags, seed + i);
            Caller caller = new Caller(trial.base).signedIn(PEOPLE.get(i % PEOPLE.size()));
            runs.add(pool.submit(() -> trial.run(caller, made, description)));
        }
        for (Future<?> run : runs) {
            run.get();
        }
        pool.shutdown();
        int views = trial.views(lead);
        System.out.printf(
                "| %d inputs, seed %d | %s | slowest %d ms |%n", inputs, seed, trial.statuses, trial.slowestMs.get());
        System.out.printf("| %d views of every job afterwards | %d failures in all |%n", views, trial.failures.size());
        trial.failures.stream().limit(SHOWN).forEach(System.out::println);
        System.exit(trial.failures.isEmpty() ? 0 : 1);
    }

    private static List<String> tags(Caller lead) throws IOException, InterruptedException {
        List<String> tags = new ArrayList<>();
        for (String show : List.of("live", "gone")) {
            JsonNode page;
            String after = "";
            do {
                page = lead.get("/api/jobs?show=" + show + after).with(200).json();
                page.forEach(j -> tags.add(j.get("tag").asString()));
                after = page.isEmpty() ? "" : "&after=" + tags.get(tags.size() - 1);
            } while (!page.isEmpty());
        }
        return tags;
    }

    private void run(Caller caller, FuzzInputs made, JsonNode description) {
        List<Operation> operations = new ArrayList<>();
        description
                .get("paths")
                .propertyStream()
                .forEach(path -> path.getValue().propertyStream().forEach(o -> {
                    String method = o.getKey().toUpperCase(Locale.ROOT);
                    if (!LEFT_OUT.contains(method + " " + path.getKey())) {
                        operations.add(new Operation(method, path.getKey(), o.getValue()));
                    }
                }));
        for (int i = 0; left.getAndDecrement() > 0; i++) {
            Operation o = operations.get(i % operations.size());
            send(caller, made.call(o.method(), o.template(), o.told()));
        }
    }

    private void send(Caller caller, FuzzInputs.Call call) {
        try {
            String type = call.type() == null || call.type().isEmpty() ? null : call.type();
            Caller.Answer answer = caller.send(call.method(), call.path(), type, call.body());
            note(answer, call.method() + " " + call.path(), call.body());
        } catch (IllegalArgumentException unsendable) {
            // An address that no client lets out.
            statuses.computeIfAbsent(0, s -> new AtomicInteger()).incrementAndGet();
        } catch (IOException lost) {
            failures.add("no answer to " + call.method() + " " + call.path() + ": " + lost);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private void note(Caller.Answer answer, String what, byte[] body) {
        statuses.computeIfAbsent(answer.status(), s -> new AtomicInteger()).incrementAndGet();
        slowestMs.accumulate(Math.round(answer.ms()));
        if (answer.status() >= 500 || answer.ms() > LONGEST_MS) {
            String sent = body == null ? "" : new String(body, 0, Math.min(300, body.length));
            failures.add(answer.status() + " after " + Math.round(answer.ms()) + " ms: " + what + " " + sent);
        }
        String text = answer.type().contains("json") && answer.status() >= 400 ? answer.text() : "";
        if (text.contains("java.") || text.contains("app.brasskettle") || text.contains("springframework")) {
            failures.add("names a class: " + what + " " + text.substring(0, Math.min(300, text.length())));
        }
    }

    /** Looks at every job there is, in each of its views; how many views there were. */
    private int views(Caller lead) throws IOException, InterruptedException {
        int views = 0;
        for (String tag : tags(lead)) {
            for (String view : VIEWS) {
                String path = "/api/jobs/" + tag + view;
                Caller.Answer answer = lead.get(path);
                views++;
                if (answer.status() != 200) {
                    failures.add("view " + path + " answers " + answer.status());
                }
                note(answer, path, null);
            }
        }
        return views;
    }
}
