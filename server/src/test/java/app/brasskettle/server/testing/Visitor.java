package app.brasskettle.server.testing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody who talks HTTP to the server, with cookies of their own. */
public final class Visitor {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final CookieManager cookies = new CookieManager();
    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final int port;

    public Visitor(int port) {
        this.port = port;
    }

    /** What the server answered. */
    public record Answer(int status, String type, String version, byte[] bytes) {

        public JsonNode json() {
            return JSON.readTree(bytes);
        }

        public String text() {
            return new String(bytes, StandardCharsets.UTF_8);
        }

        /** Fields the answer's problems name. */
        public List<String> problemFields() {
            return StreamSupport.stream(json().get("problems").spliterator(), false)
                    .map(p -> p.get("field").asString())
                    .toList();
        }

        /** This answer, which must have {@code status}. */
        public Answer with(int wanted) {
            assertThat(status).as(text()).isEqualTo(wanted);
            return this;
        }
    }

    /** Signs in as one of the demonstration's people. */
    public Visitor as(String username) {
        return as(username, "tarnquay");
    }

    /** Signs in by a password of its own. */
    public Visitor as(String username, String password) {
        get("/api/session").with(200);
        post("/api/session", Map.of("username", username, "password", password)).with(200);
        get("/api/session").with(200);
        return this;
    }

    /** As an administrator: an account for somebody, in the administrator's shop where none are named. */
    public void hire(String username, String displayName, String role, String password, Long... shops) {
        Map<String, Object> somebody = new HashMap<>(
                Map.of("username", username, "displayName", displayName, "role", role, "password", password));
        if (shops.length > 0) {
            somebody.put("shops", List.of(shops));
        }
        post("/api/people", somebody).with(200);
    }

    public int port() {
        return port;
    }

    /** Another visitor of the same server with no cookies. */
    public Visitor stranger() {
        return new Visitor(port);
    }

    /** The same person, cookies and all, at another server. */
    public Visitor at(int otherPort) {
        Visitor other = new Visitor(otherPort);
        cookies.getCookieStore()
                .getCookies()
                .forEach(c -> other.cookies
                        .getCookieStore()
                        .add(URI.create("http://127.0.0.1:" + otherPort + "/"), (HttpCookie) c.clone()));
        return other;
    }

    public Answer get(String path) {
        return send(request(path).GET());
    }

    /** Asks whether there is anything new since {@code version}. */
    public Answer newerThan(String version, String path) {
        return send(request(path).header("If-None-Match", version).GET());
    }

    public Answer delete(String path) {
        return send(request(path).DELETE());
    }

    public Answer post(String path, Object body, String... headers) {
        return raw("POST", path, JSON.writeValueAsString(body), headers);
    }

    /** A call by access token, with no cookie at all. */
    public Answer bearing(String token, String path) {
        return send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .header("Authorization", "Bearer " + token)
                .GET());
    }

    public Answer bearingPost(String token, String path, String body) {
        return send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .header("Authorization", "Bearer " + token)
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(body)));
    }

    /** A change sent with the cookies but without the token, as a foreign page would. */
    public Answer withoutToken(String path) {
        return send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString("{}")));
    }

    public Answer put(String path, Object body) {
        return raw("PUT", path, JSON.writeValueAsString(body));
    }

    public Answer raw(String method, String path, String body, String... headers) {
        HttpRequest.Builder request =
                request(path).header("Content-Type", "application/json").method(method, BodyPublishers.ofString(body));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return send(request);
    }

    /** A file as the body of a call. */
    public Answer postFile(String path, byte[] file, String... headers) {
        return postFileOf("application/octet-stream", path, file, headers);
    }

    /** A file of a type of its own as the body of a call. */
    public Answer postFileOf(String type, String path, byte[] file, String... headers) {
        HttpRequest.Builder request = request(path).header("Content-Type", type).POST(BodyPublishers.ofByteArray(file));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return send(request);
    }

    /** An answer read as it comes; closing it hangs up. */
    public InputStream open(String path, Object body) throws IOException, InterruptedException {
        HttpRequest request = request(path)
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(JSON.writeValueAsString(body)))
                .build();
        return client.send(request, BodyHandlers.ofInputStream()).body();
    }

    private HttpRequest.Builder request(String path) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path));
        cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .findFirst()
                .ifPresent(c -> request.header("X-XSRF-TOKEN", c.getValue()));
        return request;
    }

    private Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<byte[]> answer = client.send(request.build(), BodyHandlers.ofByteArray());
            return new Answer(
                    answer.statusCode(),
                    answer.headers().firstValue("Content-Type").orElse(""),
                    answer.headers().firstValue("ETag").orElse(""),
                    answer.body());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
