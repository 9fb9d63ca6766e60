package app.brasskettle.server.cause;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class CauseTest {

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("tech");
    }

    private String painted() {
        String tag = Plates.plated(visitor);
        Plates.sheet(
                visitor,
                tag,
                "coil-map",
                Map.of(
                        "connection",
                        "wye",
                        "poles",
                        "4",
                        "groups",
                        List.of(
                                "dark", "dark", "bright", "dark", "dark", "bright", "dark", "dark", "bright", "dark",
                                "dark", "bright"),
                        "spots",
                        List.of(),
                        "worseEnd",
                        ""));
        return tag;
    }

    private Visitor.Answer evidence(String tag, String code, String action, String reason) {
        return visitor.post("/api/jobs/" + tag + "/evidence", Map.of("code", code, "action", action, "reason", reason));
    }

    @Test
    void theMapSpeaksAndTheRankingFollows() {
        JsonNode job = visitor.get("/api/jobs/" + painted()).json();
        assertThat(job.at("/ranking/facts/0/sentence").asString()).contains("losing line B");
        assertThat(job.at("/ranking/ranking/0/explanation").asString()).isEqualTo("lost-phase");
        assertThat(job.at("/ranking/ranking/0/for/0/code").asString()).startsWith("map-");
    }

    @Test
    void evidenceIsAddedStruckWithAReasonAndRestored() {
        String tag = painted();
        JsonNode added = evidence(tag, "no-overload-relay", "add", "").with(200).json();
        assertThat(added.at("/evidence/0/code").asString()).isEqualTo("no-overload-relay");
        double with = added.at("/ranking/ranking/0/probability").asDouble();
        assertThat(evidence(tag, "no-overload-relay", "strike", "").with(400).problemFields())
                .containsExactly("reason");
        JsonNode struck = evidence(tag, "no-overload-relay", "strike", "there was one")
                .with(200)
                .json();
        assertThat(struck.at("/evidence/0/struck").asBoolean()).isTrue();
        assertThat(struck.at("/ranking/ranking/0/probability").asDouble()).isLessThan(with);
        JsonNode back =
                evidence(tag, "no-overload-relay", "restore", "").with(200).json();
        assertThat(back.at("/ranking/ranking/0/probability").asDouble()).isEqualTo(with);
        assertThat(evidence(tag, "phase-of-the-moon", "add", "").with(400).problemFields())
                .containsExactly("code");
        assertThat(evidence(tag, "noisy", "whisper", "").with(400).problemFields())
                .containsExactly("action");
    }

    @Test
    void aConclusionKeepsTheProbabilitiesOfThatMoment() {
        String tag = painted();
        double then = visitor.get("/api/jobs/" + tag)
                .json()
                .at("/ranking/ranking/0/probability")
                .asDouble();
        JsonNode job = visitor.post(
                        "/api/jobs/" + tag + "/conclusion", Map.of("explanation", "lost-phase", "reason", ""))
                .with(200)
                .json();
        assertThat(job.at("/concluded/probabilityThen").asDouble()).isEqualTo(then);
        JsonNode later = evidence(tag, "no-overload-relay", "add", "").with(200).json();
        assertThat(later.at("/concluded/probabilityThen").asDouble()).isEqualTo(then);
        assertThat(later.at("/concluded/done/by").asString()).isEqualTo("Mara Orre");
    }

    @Test
    void concludingOtherwiseNeedsAReasonAndBothStand() {
        String tag = painted();
        Visitor.Answer refused = visitor.post(
                        "/api/jobs/" + tag + "/conclusion", Map.of("explanation", "overload", "reason", " "))
                .with(400);
        assertThat(refused.problemFields()).containsExactly("reason");
        JsonNode job = visitor.post(
                        "/api/jobs/" + tag + "/conclusion",
                        Map.of("explanation", "overload", "reason", "Seen the ammeter myself."))
                .with(200)
                .json();
        assertThat(job.at("/concluded/spoken").asString()).isEqualTo("overload");
        assertThat(job.at("/concluded/leaderThen").asString()).isEqualTo("lost phase");
        visitor.post("/api/jobs/" + tag + "/conclusion", Map.of("explanation", "bad luck", "reason", "x"))
                .with(400);
    }

    @Test
    void aMapThatDoesNotFitThePolesIsRefused() {
        String tag = Plates.plated(visitor);
        assertThat(visitor.put(
                                "/api/jobs/" + tag + "/sheets/coil-map",
                                Map.of(
                                        "version",
                                        0,
                                        "typed",
                                        Map.of(
                                                "connection",
                                                "wye",
                                                "poles",
                                                "4",
                                                "groups",
                                                Collections.nCopies(11, "dark"),
                                                "spots",
                                                List.of())))
                        .with(400)
                        .problemFields())
                .containsExactly("groups");
    }

    @Test
    void theVocabularyLeavesTheMapToTheMap() {
        JsonNode words = visitor.get("/api/cause/vocabulary").with(200).json();
        assertThat(words.get("explanations").size()).isEqualTo(21);
        assertThat(words.get("evidence").toString()).contains("copper-beads").doesNotContain("map-");
    }
}
