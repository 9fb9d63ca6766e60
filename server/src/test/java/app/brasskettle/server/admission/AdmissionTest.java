package app.brasskettle.server.admission;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import app.brasskettle.server.testing.Visitor.Answer;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;

@ExtendWith(RunningServer.class)
class AdmissionTest {

    private final Visitor visitor;
    private final RunningServer.Running server;

    AdmissionTest(Visitor visitor, RunningServer.Running server) {
        this.visitor = visitor.as("lead");
        this.server = server;
    }

    /** One for each way in by which a text can come. */
    @ParameterizedTest
    @CsvSource({
        "POST, /api/jobs, customer",
        "POST, /api/triage, mark",
        "PUT, /api/jobs/TQ-0401/sheets/plate, typed.maker",
        "POST, /api/jobs/TQ-0401/set-down, workNote",
        "POST, /api/jobs/TQ-0401/hold, reason",
        "POST, /api/jobs/TQ-0401/tests/insulation-resistance, because",
        "POST, /api/me/tokens, name",
        "PUT, /api/settings, shopName",
        "POST, /api/session, username",
        "POST, /api/worksheets/nameplate, maker"
    })
    void aCharacterThatNoPageCanPrintIsRefusedByFieldAndNumber(String method, String path, String field) {
        for (int c : new int[] {0, 7, 0x1B, 0xFFFE, 0xD800}) {
            String escaped = "\"Pump " + String.format("\\u%04X", c) + "\"";
            String body = "{\"version\":0,\"" + field.replace("typed.", "typed\":{\"") + "\":" + escaped
                    + (field.startsWith("typed.") ? "}}" : "}");
            Answer answer = visitor.raw(method, path, body).with(400);
            assertThat(answer.problemFields()).containsExactly(field);
            assertThat(answer.text()).contains(String.format("U+%04X", c));
        }
    }

    static List<String> tooMuch() {
        return List.of(
                "{\"customer\":" + "[".repeat(50) + "]".repeat(50) + "}",
                "{\"customer\":1e50000000}",
                "{\"customer\":" + "1".repeat(300) + "}",
                "{\"complaint\":\"" + "x".repeat(3_900_000) + "\"}",
                IntStream.range(0, 40_000).mapToObj(i -> "\"k" + i + "\":1").collect(Collectors.joining(",", "{", "}")),
                "{\"list\":[" + "1,".repeat(500_000) + "1]}",
                "{\"" + "n".repeat(200) + "\":1}");
    }

    @ParameterizedTest
    @org.junit.jupiter.params.provider.MethodSource("tooMuch")
    void whatIsTooMuchIsRefusedBeforeItBecomesAnything(String body) {
        Answer answer = visitor.raw("POST", "/api/jobs", body).with(400);

        assertThat(answer.bytes().length).isLessThan(3000);
        assertThat(answer.text()).doesNotContain("java.").doesNotContain("app.brasskettle");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"/api/jobs?find=%", "/api/jobs?find=%00", "/api/jobs?find=a%07b", "/api/jobs?find=%ED%A0%80%00"})
    void textsOfTheAddressAreHeldToTheSame(String path) throws IOException {
        assertThat(answerTo("GET " + path + " HTTP/1.1", ""))
                .startsWith("HTTP/1.1 400")
                .contains("\"field\":\"find\"");
    }

    @ParameterizedTest
    @ValueSource(strings = {"*/*", "text/*", "nonsense", "application/json; charset=nowhere"})
    void aContentTypeThatNamesNothingIsRefused(String type) throws IOException {
        assertThat(answerTo("POST /api/jobs HTTP/1.1", "Content-Type: " + type + "\r\nContent-Length: 2\r\n", "{}"))
                .startsWith("HTTP/1.1 415");
    }

    /** A motor has two speeds at most: a third is refused at its field, not by the database. */
    @Test
    void aSpeedThatNoMotorHasIsRefusedAtItsField() {
        String tag = Plates.ready(visitor);
        assertThat(visitor.post("/api/jobs/" + tag + "/instruments/bridge?speed=57", Map.of())
                        .with(400)
                        .problemFields())
                .containsExactly("speed");
        visitor.post("/api/jobs/" + tag + "/leave", Map.of("how", "done with")).with(200);
    }

    @Test
    void thereIsNoErrorPageToAskFor() {
        visitor.get("/error").with(404);
        visitor.stranger().get("/v3/api-docs").with(401);
    }

    @Test
    void signingInTakesNoLargeBody() {
        visitor.stranger().raw("POST", "/api/session", "x".repeat(17 << 10)).with(413);
    }

    private String answerTo(String line, String headers, String... body) throws IOException {
        try (Socket socket = open(line, headers)) {
            socket.getOutputStream().write(String.join("", body).getBytes(StandardCharsets.UTF_8));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private Socket open(String line, String headers) throws IOException {
        Socket socket = new Socket("127.0.0.1", visitor.port());
        OutputStream out = socket.getOutputStream();
        out.write((line + "\r\nHost: localhost\r\nConnection: close\r\n" + headers + "\r\n")
                .getBytes(StandardCharsets.UTF_8));
        out.flush();
        return socket;
    }

    /** Bodies that never come hold a thread each: of one sender few, and everybody else is served meanwhile. */
    @Test
    void bodiesThatDoNotComeHoldNobodyElseUp() throws IOException {
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 230; i++) {
                slow.add(open(
                        "POST /api/session HTTP/1.1", "Content-Type: application/json\r\nContent-Length: 500\r\n"));
            }

            visitor.get("/api/jobs").with(200);
            assertThat(Plates.received(visitor)).startsWith("TQ-");
            long refused = 0;
            for (Socket s : slow) {
                refused += s.getInputStream().available() > 0
                                && first(s.getInputStream()).contains(" 503")
                        ? 1
                        : 0;
            }
            assertThat(refused).as("told to try again").isGreaterThan(100);
        } finally {
            for (Socket s : slow) {
                s.close();
            }
        }
    }

    private static String first(InputStream in) throws IOException {
        return new String(in.readNBytes(12), StandardCharsets.US_ASCII);
    }

    /** Such names are on record from before they were refused. */
    @Test
    void whatIsOnRecordFromBeforeIsPrintedAllTheSame() {
        String tag = Plates.received(visitor);
        JdbcClient db = server.context().getBean(JdbcClient.class);
        db.sql("update job set machine = 'Pump ' || chr(7) || chr(27) || U&'\\FFFE' where tag = :tag")
                .param("tag", tag)
                .update();

        for (String page : List.of("sheet.pdf", "tag.pdf", "condition.pdf")) {
            assertThat(visitor.get("/api/jobs/" + tag + "/" + page).with(200).bytes())
                    .startsWith('%', 'P', 'D', 'F');
        }
        visitor.post("/api/jobs/" + tag + "/leave", Map.of("how", "done with")).with(200);
    }
}
