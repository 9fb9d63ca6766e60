package app.brasskettle.measurements;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.Executors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody signed in at a demonstration on this machine, and nowhere else. */
final class Caller {

    static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Duration PATIENCE = Duration.ofSeconds(60);

    private final URI base;
    private int shop;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .connectTimeout(Duration.ofSeconds(5))
            .executor(Executors.newFixedThreadPool(2, task -> {
                Thread thread = new Thread(task, "caller");
                thread.setDaemon(true);
                return thread;
            }))
            .build();

    /** An answer, and how long it took. */
    record Answer(int status, String type, boolean again, byte[] body, double ms) {

        JsonNode json() {
            return JSON.readTree(body);
        }

        String text() {
            return new String(body, StandardCharsets.UTF_8);
        }

        Answer with(int wanted) {
            if (status != wanted) {
                throw new IllegalStateException(status + " " + text());
            }
            return this;
        }
    }

    /** @throws IllegalArgumentException for an address that is not this machine's own */
    Caller(URI base) {
        if (!"127.0.0.1".equals(base.getHost())) {
            throw new IllegalArgumentException("Trials run against 127.0.0.1 and nothing else");
        }
        this.base = base;
    }

    Caller signedIn(String username) throws IOException, InterruptedException {
        send("GET", "/api/session", null, null);
        send("POST", "/api/session", "application/json", bytes(Map.of("username", username, "password", "tarnquay")))
                .with(200);
        send("GET", "/api/session", null, null);
        return this;
    }

    /** The shop that each further call is for, where whoever is signed in belongs to several. */
    Caller in(int shop) {
        this.shop = shop;
        return this;
    }

    static byte[] bytes(Object body) {
        return JSON.writeValueAsBytes(body);
    }

    Answer get(String path) throws IOException, InterruptedException {
        return send("GET", path, null, null);
    }

    Answer post(String path, Object body, String... headers) throws IOException, InterruptedException {
        return send("POST", path, "application/json", bytes(body), headers);
    }

    Answer send(String method, String path, String type, byte[] body, String... headers)
            throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path))
                .timeout(PATIENCE)
                .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofByteArray(body));
        if (type != null) {
            request.header("Content-Type", type);
        }
        if (shop > 0) {
            request.header("Shop", String.valueOf(shop));
        }
        if (headers.length > 0) {
            request.headers(headers);
        }
        cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .ifPresent(token -> request.header("X-XSRF-TOKEN", token));
        long begun = System.nanoTime();
        var answer = client.send(request.build(), BodyHandlers.ofByteArray());
        return new Answer(
                answer.statusCode(),
                answer.headers().firstValue("Content-Type").orElse(""),
                answer.headers().firstValue("Retry-After").isPresent(),
                answer.body(),
                (System.nanoTime() - begun) / 1e6);
    }
}
