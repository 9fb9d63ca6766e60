package app.brasskettle.server.teardown;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class TeardownTest {

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("tech");
    }

    private static Map<String, Object> part(int id, String name, String end) {
        return Map.of("id", id, "part", name, "end", end, "state", "good", "small", name.equals("Wave washer"));
    }

    private static Map<String, Object> log(Object... parts) {
        return new HashMap<>(Map.of(
                "build",
                "open",
                "marks",
                List.of(
                        Map.of("joint", "Bracket", "end", "drive-end", "mark", "one dot"),
                        Map.of("joint", "Bracket", "end", "non-drive-end", "mark", "two dots")),
                "parts",
                List.of(parts),
                "removal",
                "",
                "removalReason",
                "",
                "woundStatorMassKg",
                ""));
    }

    private Visitor.Answer write(String tag, String kind, int version, Object typed) {
        return visitor.put("/api/jobs/" + tag + "/sheets/" + kind, Map.of("version", version, "typed", typed));
    }

    private Visitor.Answer part(String tag, int id, String action, String reason, String... headers) {
        return visitor.post("/api/jobs/" + tag + "/parts/" + id, Map.of("action", action, "reason", reason), headers);
    }

    private static List<String> holding(JsonNode job) {
        List<String> codes = new ArrayList<>();
        job.at("/gate/holding").forEach(r -> codes.add(r.get("code").asString()));
        return codes;
    }

    private static List<String> ledger(JsonNode job) {
        List<String> lines = new ArrayList<>();
        job.get("ledger").forEach(l -> lines.add(l.get("headline").asString()));
        return lines;
    }

    @Test
    void theFirstPartOpensTheMotorAndHoldsItsPowerUntilTheLastIsBack() {
        String tag = Plates.ready(visitor);
        JsonNode marked = write(tag, "teardown-log", 0, log()).with(200).json();
        assertThat(ledger(marked)).noneMatch(l -> l.startsWith("Motor opened"));
        JsonNode open = write(
                        tag,
                        "teardown-log",
                        1,
                        log(part(1, "Bracket", "drive-end"), part(2, "Wave washer", "non-drive-end")))
                .with(200)
                .json();
        assertThat(ledger(open)).anyMatch(l -> l.startsWith("Motor opened"));
        assertThat(holding(open)).contains("parts-off");
        assertThat(open.at("/apart/log/reassembly/0/label").asString()).isEqualTo("Wave washer, non-drive end");

        assertThat(visitor.post(
                                "/api/jobs/" + tag + "/run-release",
                                Map.of(
                                        "checked",
                                        List.of("bolted-down", "coupling-guarded", "key-captured"),
                                        "atTheStop",
                                        "Ivo",
                                        "rotation",
                                        "seen"))
                        .with(409)
                        .text())
                .contains("Not together: 2 logged parts are not back");

        JsonNode one = part(tag, 2, "refit", "").with(200).json();
        assertThat(one.at("/apart/log/off").asInt()).isEqualTo(1);
        assertThat(holding(one)).contains("parts-off");
        assertThat(part(tag, 1, "leave-out", " ").with(400).problemFields()).containsExactly("reason");
        part(tag, 1, "leave-out", "goes to the foundry").with(403);
        JsonNode together = visitor.stranger()
                .as("lead")
                .post("/api/jobs/" + tag + "/parts/1", Map.of("action", "leave-out", "reason", "goes to the foundry"))
                .with(200)
                .json();
        assertThat(holding(together)).doesNotContain("parts-off");
        assertThat(ledger(together))
                .anyMatch(l -> l.startsWith("Motor put together"))
                .anyMatch(l -> l.equals("Left out: Bracket, drive end, goes to the foundry"));

        JsonNode again = part(tag, 2, "off", "").with(200).json();
        assertThat(holding(again)).contains("parts-off");
        part(tag, 9, "refit", "").with(404);
        assertThat(part(tag, 1, "hammer", "").with(400).problemFields()).containsExactly("action");
    }

    @Test
    void aRetryOfTheLastPartMakesNoSecondReassembly() {
        String tag = Plates.ready(visitor);
        write(tag, "teardown-log", 0, log(part(1, "Rotor", "frame"))).with(200);
        String[] key = {"Idempotency-Key", "refit-" + tag + "-0001"};
        part(tag, 1, "refit", "", key).with(200);
        JsonNode after = part(tag, 1, "refit", "", key).with(200).json();
        assertThat(ledger(after).stream().filter(l -> l.startsWith("Motor put together")))
                .hasSize(1);
    }

    /** An explosion-protected motor may be marked and looked at; its first part may not be logged here. */
    @Test
    void theFirstBoltAsksTheHazardousAreaGate() {
        String tag = Plates.received(visitor);
        Map<String, Object> plate = Plates.typed();
        plate.put("hazardousArea", true);
        Plates.sheet(visitor, tag, "plate", plate);
        write(tag, "teardown-log", 0, log()).with(200);
        Visitor.Answer shut = write(tag, "teardown-log", 1, log(part(1, "Fan cowl", "non-drive-end")))
                .with(409);
        assertThat(shut.text()).contains("Explosion-protected");
        assertThat(visitor.get("/api/jobs/" + tag).json().at("/apart/log/off").asInt())
                .isZero();
    }

    @Test
    void findingsBecomeEvidenceAndLeadsTellTheirConnection() {
        String tag = Plates.ready(visitor);
        JsonNode found = write(
                        tag,
                        "findings",
                        0,
                        Map.of(
                                "findings",
                                List.of(
                                        Map.of(
                                                "component", "rotor",
                                                "place", "rotor",
                                                "condition", "drag-marks",
                                                "severity", "severe",
                                                "note", ""),
                                        Map.of(
                                                "component", "rolling bearing",
                                                "place", "drive-end",
                                                "condition", "cage-parts-missing",
                                                "severity", "severe",
                                                "note", "")),
                                "endPlayMm",
                                "0.02 in",
                                "spinDownBeforeSeconds",
                                "3 s"))
                .with(200)
                .json();
        assertThat(found.at("/ranking/ranking/0/explanation").asString()).isEqualTo("rotor-drag");
        assertThat(found.at("/evidence/0/step").asString()).isIn("teardown/findings", "receive");
        assertThat(found.at("/apart/findings/lines").toString()).contains("End play 0.508 mm, over 0.5 mm");

        JsonNode leads = write(
                        tag,
                        "lead-map",
                        0,
                        Map.of(
                                "leads",
                                List.of(
                                        Map.of("number", "U1", "terminal", "1"),
                                        Map.of("number", "W2", "terminal", "1"),
                                        Map.of("number", "V1", "terminal", "2"),
                                        Map.of("number", "U2", "terminal", "2"),
                                        Map.of("number", "W1", "terminal", "3"),
                                        Map.of("number", "V2", "terminal", "3"))))
                .with(200)
                .json();
        assertThat(leads.at("/apart/leads/connectedAs").asString()).isEqualTo("delta");
        assertThat(leads.at("/apart/leads/verdict").asString()).isEqualTo("stop");
        assertThat(write(tag, "lead-map", 1, Map.of("leads", List.of(Map.of("number", " "))))
                        .with(400)
                        .problemFields())
                .containsExactly("leads[0].number");
    }

    @Test
    void theVocabularyHasBuildsWithPartsAndConditions() {
        JsonNode words = visitor.get("/api/teardown/vocabulary").with(200).json();
        assertThat(words.get("builds").size()).isEqualTo(8);
        assertThat(words.at("/builds/0/parts/0/part").asString()).isEqualTo("Coupling half or sheave");
        assertThat(words.get("conditions").toString()).contains("ISO 15243");
    }

    @Test
    void whatIsMachinedIsReadByInstrumentsAndJudged() {
        String tag = Plates.ready(visitor, "bad-bearing");
        for (String kind : List.of("air-gap", "bracket-registers", "shaft-runout", "key-seat")) {
            JsonNode read = visitor.post("/api/jobs/" + tag + "/instruments/readings/" + kind, Map.of())
                    .with(200)
                    .json();
            JsonNode kept = visitor.post("/api/jobs/" + tag + "/tests/" + kind, Map.of("typed", read, "because", ""))
                    .with(200)
                    .json();
            assertThat(kept.at("/bench/further/" + kind + "/standing/judgement/verdict")
                            .asString())
                    .isEqualTo(kind.equals("air-gap") ? "stop" : "holds");
        }
        assertThat(holding(visitor.get("/api/jobs/" + tag).json())).contains("teardown/air-gap");
    }
}
