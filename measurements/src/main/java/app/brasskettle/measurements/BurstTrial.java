package app.brasskettle.measurements;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.imageio.ImageIO;

/**
 * Much of one thing at once beside ten people at work: how long the ten wait, and how the many are answered.
 *
 * <p>Argument: address of a demonstration on this machine.
 */
public final class BurstTrial {

    private static final int AT_WORK = 10;
    private static final int BREATH_MS = 150;
    private static final int WAIT_MOST_MS = 2000;

    private final URI base;
    private final Caller lead;
    private boolean clean = true;

    private BurstTrial(URI base) throws IOException, InterruptedException {
        this.base = base;
        this.lead = new Caller(base).signedIn("lead");
    }

    public static void main(String[] args) throws Exception {
        BurstTrial trial = new BurstTrial(URI.create(args[0]));
        System.out.println("| at once | answered | longest of the many | the ten: calls, longest wait, refused |");
        trial.beside("nothing else", List.of());
        trial.beside("12 customers answering one quote", trial.customers(12));
        trial.beside("30 photographs of 12 million pixels", trial.photographs(30));
        trial.beside("50 prints of sheets", trial.prints(50));
        trial.beside("10 files of readings, 10 MB each", trial.files(10));
        trial.beside("200 sign-ins", trial.signIns(200));
        System.exit(trial.clean ? 0 : 1);
    }

    private List<Callable<Caller.Answer>> customers(int many) throws IOException, InterruptedException {
        lead.post("/api/jobs/TQ-0404/quotes", Map.of()).with(200);
        int version = lead.get("/api/jobs/TQ-0404/quotes")
                .json()
                .get(0)
                .get("version")
                .asInt();
        String address = lead.post("/api/jobs/TQ-0404/quotes/" + version + "/addresses", Map.of())
                .with(200)
                .json()
                .get("address")
                .asString();
        String path = "/api/quotes/" + address.substring(address.lastIndexOf('/') + 1);
        List<Callable<Caller.Answer>> calls = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            Caller customer = new Caller(base);
            customer.get(path).with(200);
            Map<String, Object> body = Map.of("answer", "question", "who", "customer " + i, "words", "When?");
            calls.add(() -> customer.post(
                    path + "/answer", body, "Idempotency-Key", UUID.randomUUID().toString()));
        }
        return calls;
    }

    private List<Callable<Caller.Answer>> photographs(int many) throws IOException {
        BufferedImage image = new BufferedImage(4000, 3000, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(1);
        Graphics2D g = image.createGraphics();
        for (int i = 0; i < 4000; i++) {
            g.setColor(new Color(random.nextInt(1 << 24)));
            g.fillOval(random.nextInt(4000), random.nextInt(3000), random.nextInt(400), random.nextInt(400));
        }
        g.dispose();
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", file);
        List<Callable<Caller.Answer>> calls = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            calls.add(() -> lead.send(
                    "POST", "/api/jobs/TQ-0409/photos?step=receive", "application/octet-stream", file.toByteArray()));
        }
        return calls;
    }

    private List<Callable<Caller.Answer>> prints(int many) throws IOException, InterruptedException {
        List<String> tags = new ArrayList<>();
        lead.get("/api/jobs")
                .with(200)
                .json()
                .forEach(j -> tags.add(j.get("tag").asString()));
        List<Callable<Caller.Answer>> calls = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            String page = i / tags.size() % 2 == 0 ? "/sheet.pdf" : "/condition.pdf";
            String path = "/api/jobs/" + tags.get(i % tags.size()) + page;
            calls.add(() -> lead.get(path));
        }
        return calls;
    }

    private List<Callable<Caller.Answer>> files(int many) {
        String rows = "traceA,traceB\n" + "0.123456,0.234567\n".repeat(200_000) + " ".repeat(6_000_000);
        byte[] file = rows.getBytes(StandardCharsets.US_ASCII);
        List<Callable<Caller.Answer>> calls = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            calls.add(() -> lead.send(
                    "POST", "/api/jobs/TQ-0404/tests/surge-comparison/file", "application/octet-stream", file));
        }
        return calls;
    }

    private List<Callable<Caller.Answer>> signIns(int many) throws IOException, InterruptedException {
        List<Callable<Caller.Answer>> calls = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            Caller stranger = new Caller(base);
            stranger.get("/api/session");
            Map<String, Object> who =
                    Map.of("username", i % 2 == 0 ? "office" : "guess" + i, "password", "not this one");
            calls.add(() -> stranger.post("/api/session", who));
        }
        return calls;
    }

    /** Makes the calls all at once while ten people work, and prints how both fared. */
    private void beside(String what, List<Callable<Caller.Answer>> many) throws Exception {
        AtomicBoolean over = new AtomicBoolean();
        ExecutorService pool = Executors.newCachedThreadPool();
        List<Future<double[]>> ten = new ArrayList<>();
        for (int i = 0; i < AT_WORK; i++) {
            Caller person = new Caller(base).signedIn(i % 2 == 0 ? "tech" : "lead");
            ten.add(pool.submit(() -> work(person, over)));
        }
        TimeUnit.SECONDS.sleep(1);
        CountDownLatch go = new CountDownLatch(1);
        List<Future<Caller.Answer>> answers = new ArrayList<>();
        for (Callable<Caller.Answer> call : many) {
            answers.add(pool.submit(() -> {
                go.await();
                return call.call();
            }));
        }
        go.countDown();
        Map<String, Integer> statuses = new TreeMap<>();
        double longest = 0;
        for (Future<Caller.Answer> answer : answers) {
            Caller.Answer a = answer.get();
            statuses.merge(a.status() + (a.again() ? " try again" : ""), 1, Integer::sum);
            longest = Math.max(longest, a.ms());
            clean &= a.status() < 500 || a.again();
        }
        TimeUnit.SECONDS.sleep(1);
        over.set(true);
        double[] sum = new double[3];
        for (Future<double[]> one : ten) {
            double[] told = one.get();
            sum[0] += told[0];
            sum[1] = Math.max(sum[1], told[1]);
            sum[2] += told[2];
        }
        pool.shutdown();
        clean &= sum[1] <= WAIT_MOST_MS && sum[2] == 0;
        System.out.printf(
                "| %s | %s | %.0f ms | %.0f, %.0f ms, %.0f |%n", what, statuses, longest, sum[0], sum[1], sum[2]);
    }

    /** Looks at the floor and a job and sets one down and takes it up, again and again: calls, the longest in ms, refusals. */
    private static double[] work(Caller person, AtomicBoolean over) throws IOException, InterruptedException {
        String tag = TrialMotor.received(person, "burst");
        String job = "/api/jobs/" + tag;
        double[] told = new double[3];
        for (int i = 0; !over.get(); i++) {
            Caller.Answer answer = switch (i % 4) {
                case 0 -> person.get("/api/jobs");
                case 1 -> person.get(job);
                case 2 -> person.post(job + "/hold", Map.of("what", "parts", "reason", "part " + i));
                default -> person.post(job + "/resume", Map.of());
            };
            told[0]++;
            told[1] = Math.max(told[1], answer.ms());
            told[2] += answer.status() == 200 ? 0 : 1;
            TimeUnit.MILLISECONDS.sleep(BREATH_MS);
        }
        return told;
    }
}
