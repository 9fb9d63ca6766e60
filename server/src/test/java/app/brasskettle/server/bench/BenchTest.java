package app.brasskettle.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class BenchTest {

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("tech");
    }

    private Visitor.Answer insulation(String tag, String megohm, String because) {
        return visitor.post(
                "/api/jobs/" + tag + "/tests/insulation-resistance",
                Map.of(
                        "typed",
                        Map.of(
                                "windingTemperatureC",
                                "40",
                                "readings",
                                List.of(Map.of("seconds", "60", "megohm", megohm))),
                        "appliedVoltageV",
                        "500",
                        "because",
                        because));
    }

    private Visitor.Answer resistance(String tag, Map<String, String> ohms) {
        return visitor.post(
                "/api/jobs/" + tag + "/tests/winding-resistance",
                Map.of("typed", Map.of("terminalOhms", ohms, "windingTemperatureC", "25")));
    }

    /** Readings and result stand with the test: written twice they were a quarter of the disk. */
    @Test
    void theJournalNamesATestAndWhatItSaidAndRepeatsNoReading() {
        String tag = Plates.ready(visitor);
        insulation(tag, "1.28 M", "").with(200);
        JsonNode after =
                visitor.get("/api/jobs/" + tag + "/journal").with(200).json().at("/0/after");
        assertThat(after.get("verdict").asString()).isEqualTo("stop");
        assertThat(after.get("headline").asString()).contains("1.28 MΩ");
        assertThat(after.get("test").asLong()).isPositive();
        assertThat(after.propertyNames()).containsExactlyInAnyOrder("test", "verdict", "headline", "because");
    }

    @Test
    void aTestIsJudgedByThePlateAndTheGateFollows() {
        String tag = Plates.ready(visitor);
        JsonNode job = insulation(tag, "1.28 M", "").with(200).json();
        assertThat(job.at("/bench/insulation/standing/judgement/verdict").asString())
                .isEqualTo("stop");
        assertThat(job.at("/bench/insulation/result/minimumMegohm").asDouble()).isEqualTo(5);
        assertThat(job.at("/gate/state").asString()).isEqualTo("blocked");
        assertThat(job.at("/gate/holding").toString()).contains("1.28 MΩ at 40 °C");
        assertThat(job.at("/ledger/0/headline").asString()).contains("1.28 MΩ");
    }

    @Test
    void aRepeatNeedsAReasonAndSupersedes() {
        String tag = Plates.ready(visitor);
        insulation(tag, "2", "").with(200);
        assertThat(insulation(tag, "900", "").with(400).problemFields()).containsExactly("because");
        JsonNode job = insulation(tag, "900", "dried for four hours").with(200).json();
        assertThat(job.at("/bench/insulation/standing/judgement/verdict").asString())
                .isEqualTo("holds");
        JsonNode superseded = null;
        for (JsonNode entry : job.get("ledger")) {
            superseded = entry.get("superseded").asBoolean() ? entry : superseded;
        }
        assertThat(superseded).isNotNull();
        assertThat(superseded.get("note").asString()).contains("dried for four hours");
        assertThat(superseded.get("verdict").asString()).isEqualTo("stop");
    }

    @Test
    void rawReadingsResultAndRuleStayInTheStore(RunningServer.Running server) {
        String tag = Plates.ready(visitor);
        insulation(tag, "3.4 M", "").with(200);
        var row = server.context()
                .getBean(JdbcClient.class)
                .sql("""
                        select t.typed::text, t.input #>> '{readings,0,megohm}' as megohm,
                          t.result #>> '{judgement,verdict}' as verdict, t.origin, t.taken_by
                        from bench_test t join job j on j.id = t.job_id
                        where j.tag = :tag and t.kind = 'insulation-resistance'""")
                .param("tag", tag)
                .query()
                .singleRow();
        assertThat(row.get("typed").toString()).contains("3.4 M");
        assertThat(row)
                .containsEntry("megohm", "3.4")
                .containsEntry("verdict", "stop")
                .containsEntry("origin", "here");
        assertThat(row).containsEntry("taken_by", "Mara Orre");
    }

    @Test
    void aTestRetriedWithItsKeyIsOneTest() {
        String tag = Plates.ready(visitor);
        Map<String, Object> body = Map.of(
                "typed", Map.of("terminalOhms", Map.of("ab", "1", "bc", "1", "ca", "1"), "windingTemperatureC", "25"));
        String key = "bench-" + System.nanoTime();
        visitor.post("/api/jobs/" + tag + "/tests/winding-resistance", body, "Idempotency-Key", key)
                .with(200);
        JsonNode job = visitor.post("/api/jobs/" + tag + "/tests/winding-resistance", body, "Idempotency-Key", key)
                .with(200)
                .json();
        assertThat(job.get("ledger").toString().split("bench/resistance")).hasSize(2);
    }

    @Test
    void typedVoltageStartsTheDischargeClock() {
        String tag = Plates.ready(visitor);
        JsonNode job = insulation(tag, "900", "").with(200).json();
        assertThat(job.at("/discharge/secondsLeft").asDouble()).isCloseTo(240, within(10.0));
        Visitor.Answer tooSoon = visitor.post(
                        "/api/jobs/" + tag + "/discharge-proof", Map.of("residualVoltageV", "3 V"))
                .with(409);
        assertThat(tooSoon.json().toString()).contains("Not before one minute");
        assertThat(visitor.get("/api/jobs/" + tag).json().get("ledger").toString())
                .as("a refused proof leaves no trace")
                .doesNotContain("Discharged");
        assertThat(visitor.post("/api/jobs/" + tag + "/discharge-proof", Map.of("residualVoltageV", "40"))
                        .with(400)
                        .problemFields())
                .containsExactly("residualVoltageV");
        visitor.post("/api/jobs/" + tag + "/instruments/insulation-tester", Map.of("seconds", 60, "pace", 600))
                .with(409);
    }

    @Test
    void openPairsAreTypedAsOpen() {
        String tag = Plates.ready(visitor);
        JsonNode job = resistance(tag, Map.of("ab", "0.8", "bc", "open", "ca", "Open"))
                .with(200)
                .json();
        assertThat(job.at("/bench/resistance/result/openPhase").asString()).isEqualTo("c");
        assertThat(job.at("/gate/holding").toString()).contains("open-circuit");
    }

    @Test
    void badReadingsAreRefusedInTheirPlaceAndNothingIsKept() {
        String tag = Plates.ready(visitor);
        assertThat(insulation(tag, "-3", "").with(400).problemFields()).containsExactly("readings[0].megohm");
        assertThat(insulation(tag, "1,500", "").with(400).problemFields()).containsExactly("readings[0].megohm");
        assertThat(insulation(tag, "", "").with(400).problemFields()).containsExactly("readings[0].megohm");
        assertThat(insulation(tag, "5 V", "").with(400).problemFields()).containsExactly("readings[0].megohm");
        assertThat(resistance(tag, Map.of("ab", "1", "bc", "1e99", "ca", "x"))
                        .with(400)
                        .problemFields())
                .containsExactlyInAnyOrder("terminalOhms.bc", "terminalOhms.ca");
        assertThat(visitor.get("/api/jobs/" + tag)
                        .json()
                        .at("/bench/insulation")
                        .isNull())
                .isTrue();
    }

    @Test
    void withoutAPlateTheBenchSaysWhatItNeeds() {
        String tag = Plates.received(visitor);
        assertThat(insulation(tag, "5", "").with(400).json().toString()).contains("Read the nameplate first");
        JsonNode look = visitor.post("/api/jobs/" + tag + "/tests/winding-resistance/preview", Map.of())
                .with(200)
                .json();
        assertThat(look.at("/problems/0/message").asString()).contains("nameplate");
    }

    @Test
    void aLeakyTesterProvesNothing() {
        String tag = Plates.ready(visitor);
        JsonNode job = visitor.post(
                        "/api/jobs/" + tag + "/tests/tester-proof",
                        Map.of(
                                "typed",
                                Map.of("rangeMegohm", "20 G", "apartOverRange", false, "togetherMegohm", "0"),
                                "because",
                                "leads were wet"))
                .with(200)
                .json();
        assertThat(job.at("/bench/testerProof/judgement/verdict").asString()).isEqualTo("stop");
        assertThat(insulation(tag, "900", "")
                        .with(200)
                        .json()
                        .at("/bench/insulation/standing/judgement/verdict")
                        .asString())
                .isEqualTo("unproven");
    }

    @Test
    void workOnTheWindingIsRecordedByItsWord() {
        String tag = Plates.ready(visitor);
        insulation(tag, "900", "").with(200);
        JsonNode job = visitor.post("/api/jobs/" + tag + "/worked", Map.of("work", "washed"))
                .with(200)
                .json();
        assertThat(job.at("/bench/insulation/standing/judgement/verdict").asString())
                .isEqualTo("unproven");
        visitor.post("/api/jobs/" + tag + "/worked", Map.of("work", "polished")).with(400);
    }

    @Test
    void lockOutNeedsItsMeansAndBearsAName() {
        String tag = Plates.plated(visitor);
        assertThat(visitor.post("/api/jobs/" + tag + "/lock-out", Map.of("means", " "))
                        .with(400)
                        .problemFields())
                .containsExactly("means");
        JsonNode job = visitor.post("/api/jobs/" + tag + "/lock-out", Map.of("means", "two testers"))
                .with(200)
                .json();
        assertThat(job.at("/bench/lockedOut/by").asString()).isEqualTo("Mara Orre");
        assertThat(job.at("/gate/leads/mayConnect").asBoolean()).isTrue();
    }

    @Test
    void aLeadHandWaivesALimitMissedByALittleAndNothingElse() {
        String tag = Plates.ready(visitor);
        insulation(tag, "3.4", "").with(200);
        Visitor lead = visitor.stranger().as("lead");
        Map<String, Object> reason =
                Map.of("code", "insulation-limit", "reason", "spare is fitted tomorrow, runs wet anyway");
        visitor.post("/api/jobs/" + tag + "/gate", reason).with(403);
        assertThat(lead.post("/api/jobs/" + tag + "/gate", Map.of("code", "insulation-limit", "reason", " "))
                        .with(400)
                        .problemFields())
                .containsExactly("reason");
        assertThat(lead.post("/api/jobs/" + tag + "/gate", Map.of("code", "resistance-missing", "reason", "in a hurry"))
                        .with(409)
                        .text())
                .contains("Nobody may waive this: Nobody has measured the three resistances yet");
        JsonNode job = lead.post("/api/jobs/" + tag + "/gate", reason).with(200).json();
        assertThat(job.at("/gate/waived/0/by").asString()).isEqualTo("Ivo Dalby");
        assertThat(job.at("/gate/holding").toString()).doesNotContain("3.4 MΩ");
        assertThat(job.at("/ledger/0/headline").asString()).contains("Waived “");
        JsonNode again = insulation(tag, "1.2", "worse after a night").with(200).json();
        assertThat(again.at("/gate/waived").size())
                .as("a new figure asks again")
                .isZero();
        assertThat(again.at("/gate/holding").toString()).contains("1.2 MΩ");
    }
}
