package app.brasskettle.server.cause;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.Collections;
import java.util.HashMap;
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

    private static List<String> codes(JsonNode job) {
        return job.get("evidence")
                .valueStream()
                .map(p -> p.get("code").asString())
                .toList();
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
        assertThat(codes(added)).containsExactly("three-phase", "no-overload-relay");
        double with = added.at("/ranking/ranking/0/probability").asDouble();
        assertThat(evidence(tag, "no-overload-relay", "strike", "").with(400).problemFields())
                .containsExactly("reason");
        JsonNode struck = evidence(tag, "no-overload-relay", "strike", "there was one")
                .with(200)
                .json();
        assertThat(struck.at("/evidence/1/struck").asBoolean()).isTrue();
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
        assertThat(job.at("/concluded/label").asString()).isEqualTo("overload");
        assertThat(job.at("/concluded/leaderThen").asString()).isEqualTo("lost phase");
        visitor.post("/api/jobs/" + tag + "/conclusion", Map.of("explanation", "bad luck", "reason", "x"))
                .with(400);
    }

    private Visitor.Answer conclude(Visitor who, String tag, String explanation, String reason) {
        return who.post("/api/jobs/" + tag + "/conclusion", Map.of("explanation", explanation, "reason", reason));
    }

    @Test
    void aLeadHandOverrulesAColleagueWithAReasonAndBothStand(Visitor again) {
        String tag = painted();
        conclude(visitor, tag, "lost-phase", "").with(200);
        Visitor lead = again.stranger().as("lead");
        assertThat(conclude(lead, tag, "unbalanced-voltage", " ").with(400).problemFields())
                .containsExactly("reason");
        JsonNode over = conclude(lead, tag, "unbalanced-voltage", "Measured 4 % unbalance at the board.")
                .with(200)
                .json();
        assertThat(over.at("/concluded/label").asString()).isEqualTo("unbalanced voltage");
        assertThat(over.at("/overruledConclusions/0/label").asString()).isEqualTo("lost phase");
        assertThat(over.at("/overruledConclusions/0/done/by").asString()).isEqualTo("Mara Orre");
        Visitor technician = again.stranger().as("tech");
        assertThat(conclude(technician, tag, "overload", "I think so").with(403).text())
                .contains("A lead hand may overrule it");
        conclude(technician, tag, "unbalanced-voltage", "agreed").with(200);
    }

    @Test
    void aConclusionKeepsItsChainItsRootAndWhatTheCustomerIsTold() {
        String tag = painted();
        JsonNode advice = visitor.get("/api/jobs/" + tag).json().at("/advice/0");
        assertThat(advice.get("explanation").asString()).isEqualTo("lost-phase");
        assertThat(advice.get("roots").toString()).contains("set to 29 A");
        JsonNode job = visitor.post(
                        "/api/jobs/" + tag + "/conclusion",
                        Map.of(
                                "explanation", "lost-phase",
                                "reason", "",
                                "root", "no-phase-relay",
                                "recommendations", List.of(" Phase-loss relay ", "")))
                .with(200)
                .json();
        assertThat(job.at("/concluded/root").asString()).isEqualTo("no relay that trips on a lost phase");
        assertThat(job.at("/concluded/chain").toString()).contains("two phases carry the load");
        assertThat(job.at("/concluded/recommendations").toString()).isEqualTo("[\"Phase-loss relay\"]");
        assertThat(visitor.post(
                                "/api/jobs/" + tag + "/conclusion",
                                Map.of("explanation", "lost-phase", "root", "x".repeat(401)))
                        .with(400)
                        .problemFields())
                .containsExactly("root");
    }

    @Test
    void whatIfMovesTheRankingAndKeepsNothing() {
        String tag = painted();
        JsonNode before = visitor.get("/api/jobs/" + tag).json().get("ranking");
        JsonNode supposed = visitor.post(
                        "/api/jobs/" + tag + "/cause/what-if",
                        Map.of("without", List.of("map-two-phases-dark-wye"), "with", List.of("winding-wet")))
                .with(200)
                .json();
        assertThat(supposed.at("/ranking/0/explanation").asString()).isNotEqualTo("lost-phase");
        assertThat(visitor.get("/api/jobs/" + tag).json().get("ranking")).isEqualTo(before);
        assertThat(visitor.post("/api/jobs/" + tag + "/cause/what-if", Map.of("with", List.of("full-moon")))
                        .with(400)
                        .problemFields())
                .containsExactly("with");
    }

    @Test
    void whatTheMapSaysCanBeStruckWithAReason() {
        String tag = painted();
        JsonNode struck = evidence(tag, "map-two-phases-dark-wye", "strike", "soot, not heat")
                .with(200)
                .json();
        assertThat(struck.at("/ranking/facts/0/struck").asBoolean()).isTrue();
        assertThat(struck.at("/ranking/ranking/0/explanation").asString()).isNotEqualTo("lost-phase");
        assertThat(evidence(tag, "map-two-phases-dark-wye", "add", "").with(400).problemFields())
                .containsExactly("action");
        assertThat(evidence(tag, "map-all-dark", "strike", "x").with(400).problemFields())
                .containsExactly("code");
        assertThat(evidence(tag, "map-two-phases-dark-wye", "restore", "")
                        .with(200)
                        .json()
                        .at("/ranking/ranking/0/explanation")
                        .asString())
                .isEqualTo("lost-phase");
    }

    private int closedInAll() {
        int all = 0;
        for (JsonNode each : visitor.get("/api/cause/priors").json().get("learnt")) {
            all += each.get("closed").asInt();
        }
        return all;
    }

    private int closedAs(String explanation) {
        for (JsonNode each : visitor.get("/api/cause/priors").json().get("learnt")) {
            if (each.get("explanation").asString().equals(explanation)) {
                return each.get("closed").asInt();
            }
        }
        throw new AssertionError(explanation);
    }

    @Test
    void priorsLearnFromJobsThatLeftAndCanBeReset(Visitor again) {
        int before = closedAs("lost-phase");
        String tag = painted();
        conclude(visitor, tag, "lost-phase", "").with(200);
        assertThat(closedAs("lost-phase")).as("still in the shop").isEqualTo(before);
        Visitor office = again.stranger().as("office");
        office.post("/api/jobs/" + tag + "/leave", Map.of("how", "collected")).with(200);
        assertThat(closedAs("lost-phase")).isEqualTo(before + 1);
        office.post("/api/jobs/" + tag + "/come-back", Map.of()).with(200);
        assertThat(closedAs("lost-phase")).isEqualTo(before);
        office.post("/api/jobs/" + tag + "/leave", Map.of("how", "collected")).with(200);
        visitor.post("/api/cause/priors/reset", Map.of()).with(403);
        int all = closedInAll();
        JsonNode reset = again.stranger()
                .as("lead")
                .post("/api/cause/priors/reset", Map.of())
                .with(200)
                .json();
        assertThat(reset.at("/reset/jobs").asInt()).isEqualTo(all).isGreaterThan(before);
        assertThat(closedInAll()).isZero();
    }

    private String received(String serial) {
        Map<String, Object> receipt = new HashMap<>(Plates.receipt());
        receipt.put("serial", serial);
        return visitor.post("/api/jobs", receipt)
                .with(200)
                .json()
                .at("/identity/tag")
                .asString();
    }

    /** A motor known again by its serial number brings what it failed of when it was here; a stay that has not ended does not. */
    @Test
    void whatAMotorFailedOfBeforeIsEvidenceThatCanBeStruck(Visitor again) {
        String first = received("AGAIN 77-1");
        visitor.post(
                        "/api/jobs/" + first + "/conclusion",
                        Map.of(
                                "explanation", "overload",
                                "reason", "pump ran against a shut valve",
                                "root", "valve left shut",
                                "recommendations", List.of("Interlock the valve.")))
                .with(200);
        String second = received("AGAIN-771");
        assertThat(visitor.get("/api/jobs/" + second).json().get("evidence").size())
                .as("the first one is still in the shop")
                .isZero();
        again.stranger()
                .as("office")
                .post("/api/jobs/" + first + "/leave", Map.of("how", "collected"))
                .with(200);
        JsonNode job = visitor.get("/api/jobs/" + second).json();
        assertThat(job.at("/evidence/0/code").asString()).isEqualTo("again-overload");
        assertThat(job.at("/evidence/0/words").asString()).contains(first, "valve left shut");
        assertThat(job.at("/advice").findValues("earlier").toString()).contains("Interlock the valve.");
        Map<String, Object> noSerial = new HashMap<>(Plates.typed());
        noSerial.put("serial", "");
        assertThat(codes(Plates.sheet(visitor, second, "plate", noSerial)))
                .as("a plate without a number takes no mark away")
                .contains("again-overload");
        assertThat(visitor.get("/api/jobs/" + first).json().get("evidence").size())
                .as("a later stay is no evidence of an earlier one")
                .isZero();
        assertThat(evidence(second, "again-overload", "add", "").with(400).problemFields())
                .containsExactly("action");
        assertThat(evidence(second, "again-turn-short", "strike", "x").with(400).problemFields())
                .containsExactly("code");
        JsonNode struck = evidence(second, "again-overload", "strike", "valve interlocked since")
                .with(200)
                .json();
        assertThat(struck.at("/evidence/1/struck").asBoolean()).isTrue();
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
        assertThat(words.get("evidence").toString()).contains("copper-beads").doesNotContain("map-", "again-");
    }
}
