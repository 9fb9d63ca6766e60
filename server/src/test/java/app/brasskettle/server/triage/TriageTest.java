package app.brasskettle.server.triage;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class TriageTest {

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("tech");
    }

    private static Map<String, Object> look(String mark, double megohm) {
        return Map.of("mark", mark, "shaft", "free", "megohm", List.of(megohm), "ring", "sets", "eye", List.of());
    }

    @Test
    void aLookIsAnsweredKeptAndBecomesAJobOnce() {
        JsonNode answered = visitor.post("/api/triage/preview", look("PILE-31", 12))
                .with(200)
                .json();
        assertThat(answered.at("/result/answer").asString()).isEqualTo("doubtful");
        JsonNode row = visitor.post("/api/triage", look("PILE-31", 12))
                .with(200)
                .json()
                .get(0);
        assertThat(row.get("mark").asString()).isEqualTo("PILE-31");
        long id = row.get("id").asLong();
        JsonNode after = visitor.post("/api/triage/" + id + "/job", Map.of())
                .with(200)
                .json()
                .get(0);
        String tag = after.get("job").asString();
        JsonNode job = visitor.get("/api/jobs/" + tag).with(200).json();
        assertThat(job.at("/identity/complaint").asString()).contains("From triage. Doubtful: 12 MΩ, under 30 MΩ");
        assertThat(job.at("/identity/mark").asString()).isEqualTo("PILE31");
        visitor.post("/api/triage/" + id + "/job", Map.of()).with(409);
    }

    @Test
    void aRetryKeepsOneLook() {
        int before = visitor.get("/api/triage").json().size();
        visitor.post("/api/triage", look("P-32", 500), "Idempotency-Key", "triage-once")
                .with(200);
        visitor.post("/api/triage", look("P-32", 500), "Idempotency-Key", "triage-once")
                .with(200);
        assertThat(visitor.get("/api/triage").json().size()).isEqualTo(before + 1);
    }

    @Test
    void anIncompleteLookSaysWhatIsMissing() {
        assertThat(visitor.post("/api/triage", Map.of("mark", "P-33")).with(400).problemFields())
                .containsExactlyInAnyOrder("shaft", "megohm", "ring");
        JsonNode look = visitor.post("/api/triage/preview", Map.of("mark", "P-33"))
                .with(200)
                .json();
        assertThat(look.get("result").isNull()).isTrue();
    }

    @Test
    void aLabelIsPrinted() {
        JsonNode row =
                visitor.post("/api/triage", look("P-34", 0.2)).with(200).json().get(0);
        assertThat(visitor.get("/api/triage/" + row.get("id").asLong() + "/label.pdf")
                        .with(200)
                        .type())
                .isEqualTo("application/pdf");
        visitor.get("/api/triage/999999999/label.pdf").with(404);
    }
}
