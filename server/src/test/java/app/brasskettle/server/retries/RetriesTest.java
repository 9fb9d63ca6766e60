package app.brasskettle.server.retries;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Together;
import app.brasskettle.server.testing.Visitor;
import app.brasskettle.server.testing.Visitor.Answer;
import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(RunningServer.class)
class RetriesTest {

    private static final String HEADER = "Idempotency-Key";

    private static String key() {
        return UUID.randomUUID().toString();
    }

    private final List<String> made = new CopyOnWriteArrayList<>();
    private final Visitor lead;

    RetriesTest(Visitor visitor) {
        lead = visitor.as("lead");
    }

    /** The floor's first page is what other tests look at. */
    @AfterEach
    void letThemGo() {
        made.stream()
                .distinct()
                .forEach(tag -> lead.post("/api/jobs/" + tag + "/leave", Map.of("how", "scrapped, customer told"))
                        .with(200));
    }

    private String job() {
        String tag = Plates.received(lead);
        made.add(tag);
        return tag;
    }

    private Answer receive(String key) {
        Answer answer = lead.post("/api/jobs", Plates.receipt(), HEADER, key);
        if (answer.status() == 200) {
            made.add(answer.json().at("/identity/tag").asString());
        }
        return answer;
    }

    private long jobs() {
        return lead.get("/api/floor.csv?show=live").with(200).text().lines().count();
    }

    private List<String> written(String tag) {
        return lead.get("/api/jobs/" + tag + "/journal")
                .with(200)
                .json()
                .valueStream()
                .map(e -> e.get("what").asString())
                .toList();
    }

    @Test
    void theSameCallIsAnsweredAsTheFirstTimeAndDoesNothingMore() {
        String key = key();
        Answer first = receive(key).with(200);
        String tag = first.json().at("/identity/tag").asString();
        Map<String, Object> hold = Map.of("what", "parts", "reason", "bearing on order");
        String holdKey = key();
        lead.post("/api/jobs/" + tag + "/hold", hold, HEADER, holdKey).with(200);

        Answer again = receive(key).with(200);
        lead.post("/api/jobs/" + tag + "/hold", hold, HEADER, holdKey).with(200);

        assertThat(again.text())
                .as("as the first time, although it is on hold by now")
                .isEqualTo(first.text());
        assertThat(written(tag)).containsExactlyInAnyOrder("received", "held");
    }

    @Test
    void aKeyBelongsToOneCallOfOnePerson() {
        String tag = job();
        String key = key();
        Map<String, Object> hold = Map.of("what", "parts", "reason", "bearing on order");
        lead.post("/api/jobs/" + tag + "/hold", hold, HEADER, key).with(200);

        lead.post("/api/jobs/" + tag + "/hold", Map.of("what", "parts", "reason", "fan on order"), HEADER, key)
                .with(422);
        lead.post("/api/jobs/" + job() + "/hold", hold, HEADER, key).with(422);
        lead.stranger()
                .as("tech")
                .post("/api/jobs/" + tag + "/resume", Map.of(), HEADER, key)
                .with(200);

        assertThat(written(tag)).containsExactlyInAnyOrder("received", "held", "resumed");
    }

    @ParameterizedTest
    @ValueSource(strings = {"short", "with a blank"})
    void aKeyThatCannotBeKeptAsItStandsIsRefused(String key) {
        long before = jobs();

        Answer refused = receive(key).with(400);

        assertThat(refused.problemFields()).containsExactly(HEADER);
        lead.post("/api/jobs", Plates.receipt(), HEADER, "x".repeat(81)).with(400);
        assertThat(jobs()).isEqualTo(before);
    }

    /** Written by hand, since the client of this test would send a question mark. */
    @Test
    void aKeyThatIsNotAsciiIsRefused() throws IOException {
        String token = lead.post("/api/me/tokens", Map.of("name", "raw"))
                .with(200)
                .json()
                .get("token")
                .asString();
        try (Socket socket = new Socket("127.0.0.1", lead.port())) {
            socket.getOutputStream()
                    .write(("POST /api/jobs HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\nAuthorization: Bearer "
                                    + token
                                    + "\r\nIdempotency-Key: schlüssel-zum-auftrag\r\nContent-Type: application/json\r\n"
                                    + "Content-Length: 2\r\n\r\n{}")
                            .getBytes(StandardCharsets.UTF_8));
            String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(answer).startsWith("HTTP/1.1 400").contains("Idempotency-Key must have 8 to 80");
        }
    }

    @Test
    void aRefusedCallLeavesItsKeyFree() {
        String tag = job();
        String key = key();
        lead.post("/api/jobs/" + tag + "/hold", Map.of("what", "nothing", "reason", ""), HEADER, key)
                .with(400);

        lead.post("/api/jobs/" + tag + "/hold", Map.of("what", "parts", "reason", "fan"), HEADER, key)
                .with(200);
    }

    @Test
    void twelveAtOnceWithOneKeyMakeOneRecord() {
        long before = jobs();
        String key = key();

        List<Answer> answers = Together.all(12, i -> receive(key));

        assertThat(answers).extracting(Answer::status).containsOnly(200, 409).contains(200);
        assertThat(answers.stream()
                        .filter(a -> a.status() == 200)
                        .map(Answer::text)
                        .distinct())
                .hasSize(1);
        assertThat(jobs()).isEqualTo(before + 1);
        receive(key).with(200);
        assertThat(jobs()).isEqualTo(before + 1);
    }

    @Test
    void tenWhoMakeOneMotorOfThePileAJobMakeOne() {
        long id = lead.post(
                        "/api/triage",
                        Map.of(
                                "mark",
                                "P-77",
                                "shaft",
                                "free",
                                "megohm",
                                List.of(500),
                                "ring",
                                "sets",
                                "eye",
                                List.of()))
                .with(200)
                .json()
                .get(0)
                .get("id")
                .asLong();
        long before = jobs();

        List<Answer> answers = Together.all(10, i -> lead.post("/api/triage/" + id + "/job", Map.of()));

        assertThat(answers).extracting(Answer::status).containsOnlyOnce(200).containsOnly(200, 409);
        made.add(lead.get("/api/triage").json().get(0).get("job").asString());
        assertThat(jobs()).isEqualTo(before + 1);
    }

    @Test
    void whatStandsThereAlreadyIsNotWrittenAgain() {
        String tag = job();
        Map<String, Object> sheet = Map.of("version", 0, "typed", Plates.typed());
        lead.put("/api/jobs/" + tag + "/sheets/plate", sheet).with(200);
        lead.put("/api/jobs/" + tag + "/sheets/plate", sheet).with(200);
        Map<String, Object> hold = Map.of("what", "parts", "reason", "fan");
        lead.post("/api/jobs/" + tag + "/hold", hold).with(200);
        lead.post("/api/jobs/" + tag + "/hold", hold).with(409);

        assertThat(written(tag)).containsExactlyInAnyOrder("received", "wrote plate", "held");
    }
}
