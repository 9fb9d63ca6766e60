package app.brasskettle.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A release to run by name, a verdict overruled in writing, an instrument that is out of calibration. */
@ExtendWith(RunningServer.class)
class LeadHandTest {

    private static final Map<String, Object> RELEASE = Map.of(
            "checked", List.of("bolted-down", "coupling-guarded", "key-captured"),
            "atTheStop", "Ivo Dalby",
            "rotation", "clockwise seen from the drive end");

    private Visitor tech;
    private Visitor lead;

    @BeforeEach
    void signIn(Visitor visitor) {
        tech = visitor.as("tech");
        lead = visitor.stranger().as("lead");
    }

    @Test
    void aReleasedMotorRunsAndWorkOnItTakesTheReleaseBack() {
        String tag = Plates.forHighVoltage(tech);
        assertThat(tech.get("/api/jobs/" + tag).json().at("/gate/state").asString())
                .isEqualTo("test-power-only");
        tech.post("/api/jobs/" + tag + "/instruments/readings/no-load-run", Map.of())
                .with(409);
        tech.post("/api/jobs/" + tag + "/instruments/readings/start-log", Map.of())
                .with(200);
        JsonNode job = tech.post("/api/jobs/" + tag + "/run-release", RELEASE)
                .with(200)
                .json();
        assertThat(job.at("/gate/state").asString()).isEqualTo("permitted");
        assertThat(job.at("/ledger/0/headline").asString()).contains("Released to run; Ivo Dalby at the stop");
        tech.post("/api/jobs/" + tag + "/instruments/readings/no-load-run", Map.of())
                .with(200);
        tech.post("/api/jobs/" + tag + "/worked", Map.of("work", "washed")).with(200);
        assertThat(tech.get("/api/jobs/" + tag).json().at("/gate/holding").toString())
                .contains("Nobody has released it to run");
    }

    @Test
    void aReleaseNamesEveryPointAndOpensNothingThatIsShut() {
        String tag = Plates.ready(tech);
        assertThat(tech.post("/api/jobs/" + tag + "/run-release", RELEASE)
                        .with(409)
                        .text())
                .contains("Energising is blocked");
        assertThat(tech.post(
                                "/api/jobs/" + tag + "/run-release",
                                Map.of("checked", List.of("bolted-down"), "atTheStop", " "))
                        .with(400)
                        .problemFields())
                .containsExactlyInAnyOrder("checked", "checked", "atTheStop", "rotation");
    }

    private static Map<String, Object> overruling(String verdict) {
        return Map.of("step", "bench/resistance", "verdict", verdict, "reason", "clips were cold");
    }

    @Test
    void anOverruledVerdictStandsBesideTheLimitsOwn() {
        String tag = Plates.forHighVoltage(tech);
        JsonNode job = lead.post("/api/jobs/" + tag + "/overrule", overruling("stop"))
                .with(200)
                .json();
        assertThat(step(job, "bench/resistance")).isEqualTo("stop");
        assertThat(job.at("/gate/state").asString()).isEqualTo("blocked");
        assertThat(job.at("/ledger/0/headline").asString()).startsWith("Overruled “");
        assertThat(job.at("/bench/resistance/result/verdict").asString()).isEqualTo("holds");
        job = lead.post("/api/jobs/" + tag + "/overrule", overruling("watch"))
                .with(200)
                .json();
        assertThat(job.at("/gate/state").asString()).isEqualTo("test-power-only");
        assertThat(step(job, "bench/resistance")).isEqualTo("watch");
    }

    @Test
    void overrulingNeedsALeadHandATestAndAReason() {
        String tag = Plates.ready(tech);
        tech.post("/api/jobs/" + tag + "/overrule", overruling("holds")).with(403);
        lead.post("/api/jobs/" + tag + "/overrule", overruling("holds")).with(409);
        Plates.bridged(tech, tag);
        assertThat(lead.post(
                                "/api/jobs/" + tag + "/overrule",
                                Map.of("step", "bench/resistance", "verdict", "fine", "reason", ""))
                        .with(400)
                        .problemFields())
                .containsExactlyInAnyOrder("verdict", "reason");
    }

    private static String step(JsonNode job, String step) {
        for (JsonNode station : job.get("stations")) {
            for (JsonNode s : station.get("steps")) {
                if (s.get("step").asString().equals(step)) {
                    return s.get("verdict").asString();
                }
            }
        }
        throw new AssertionError("no step " + step);
    }

    private long instrument(String name, String due) {
        JsonNode list = lead.post(
                        "/api/instruments",
                        Map.of("name", name, "serial", "BK-17", "kind", "milliohm-bridge", "calibrationDue", due))
                .with(200)
                .json();
        for (JsonNode i : list) {
            if (i.get("name").asString().equals(name)) {
                return i.get("id").asLong();
            }
        }
        throw new AssertionError("no instrument " + name);
    }

    private Visitor.Answer ohms(String tag, long instrument, String because) {
        return tech.post(
                "/api/jobs/" + tag + "/tests/winding-resistance",
                Map.of(
                        "typed",
                        Map.of("terminalOhms", Map.of("ab", "1", "bc", "1", "ca", "1"), "windingTemperatureC", "20"),
                        "instrument",
                        instrument,
                        "because",
                        because));
    }

    @Test
    void aReadingByAnOverdueInstrumentIsUnprovenAndByAnotherOneHolds() {
        String tag = Plates.ready(tech);
        long old = instrument("bridge, old " + tag, "2020-01-31");
        long good = instrument("bridge, good " + tag, "2099-01-31");
        JsonNode job = ohms(tag, old, "").with(200).json();
        assertThat(step(job, "bench/resistance")).isEqualTo("unproven");
        assertThat(job.at("/gate/holding").toString()).contains("ran out 2020-01-31");
        job = ohms(tag, good, "calibrated bridge").with(200).json();
        assertThat(step(job, "bench/resistance")).isEqualTo("holds");
        assertThat(ohms(tag, 999_999, "again").with(400).problemFields()).containsExactly("instrument");
    }

    @Test
    void theListOfInstrumentsIsKeptByLeadHands() {
        assertThat(lead.post("/api/instruments", Map.of("name", "", "serial", "1", "calibrationDue", "next May"))
                        .with(400)
                        .problemFields())
                .containsExactlyInAnyOrder("name", "kind", "calibrationDue");
        long id = instrument("micrometer", "2099-01-31");
        lead.post(
                        "/api/instruments",
                        Map.of(
                                "name",
                                "Micrometer",
                                "serial",
                                "2",
                                "kind",
                                "micrometer",
                                "calibrationDue",
                                "2099-01-31"))
                .with(409);
        JsonNode retired = lead.put(
                        "/api/instruments/" + id,
                        Map.of(
                                "name", "micrometer",
                                "serial", "1",
                                "kind", "micrometer",
                                "calibrationDue", "2020-01-31",
                                "retired", true))
                .with(200)
                .json();
        assertThat(retired.get(retired.size() - 1).get("overdue").asBoolean()).isTrue();
        String tag = Plates.ready(tech);
        ohms(tag, id, "").with(400);
    }
}
