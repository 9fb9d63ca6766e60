package app.brasskettle.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** What somebody in a hurry tries by the interface of programs to have power permitted, or voltage recorded. */
@ExtendWith(RunningServer.class)
class GateAttemptsTest {

    private static final Map<String, Object> RELEASE = Map.of(
            "checked",
            List.of("bolted-down", "coupling-guarded", "key-captured"),
            "atTheStop",
            "Ivo Dalby",
            "rotation",
            "clockwise");

    private Visitor tech;
    private Visitor lead;

    @BeforeEach
    void signIn(Visitor visitor) {
        tech = visitor.as("tech");
        lead = visitor.stranger().as("lead");
    }

    private JsonNode job(String tag) {
        return tech.get("/api/jobs/" + tag).with(200).json();
    }

    private String released(String... faults) {
        String tag = Plates.forHighVoltage(tech, faults);
        JsonNode job = tech.post("/api/jobs/" + tag + "/run-release", RELEASE)
                .with(200)
                .json();
        assertThat(job.at("/gate/state").asString()).isEqualTo("permitted");
        return tag;
    }

    private Visitor.Answer insulation(String tag, String megohm, Map<String, Object> other) {
        Map<String, Object> body = new HashMap<>(Map.of(
                "typed",
                Map.of("windingTemperatureC", "36", "readings", List.of(Map.of("seconds", "60", "megohm", megohm))),
                "appliedVoltageV",
                "500",
                "because",
                "again"));
        body.putAll(other);
        return tech.post("/api/jobs/" + tag + "/tests/insulation-resistance", body);
    }

    private Visitor.Answer sheet(Visitor who, String tag, String kind, Map<String, Object> typed, String because) {
        int version = job(tag).at("/sheets/" + kind + "/version").asInt();
        return who.put(
                "/api/jobs/" + tag + "/sheets/" + kind, Map.of("version", version, "typed", typed, "because", because));
    }

    private static Map<String, Object> arrival(String shaft) {
        return Map.of("shaft", shaft, "signs", List.of(), "auxiliaries", List.of(), "missing", "");
    }

    @Test
    void aBoundShaftIsFreedByALeadHandWithAReasonOnly() {
        String tag = Plates.ready(tech);
        sheet(tech, tag, "arrival", arrival("binds"), "").with(200);
        assertThat(sheet(tech, tag, "arrival", arrival("free"), "").with(409).text())
                .contains("recorded as bound");
        sheet(tech, tag, "arrival", arrival("free"), "it went").with(409);
        sheet(lead, tag, "arrival", arrival("free"), " ").with(409);
        sheet(lead, tag, "arrival", arrival("free"), "new bearing, turned twice")
                .with(200);
        assertThat(job(tag).get("ledger").toString()).contains("new bearing, turned twice");
    }

    @Test
    void theMarkForHazardousAreasIsNotTakenOffInPassing() {
        String tag = Plates.received(tech);
        Map<String, Object> plate = Plates.typed();
        plate.put("hazardousArea", true);
        Plates.sheet(tech, tag, "plate", plate);
        sheet(tech, tag, "plate", Plates.typed(), "").with(409);
        for (String work : List.of("opened", "washed", "dried", "dipped", "reassembled")) {
            tech.post("/api/jobs/" + tag + "/worked", Map.of("work", work)).with(409);
        }
        sheet(tech, tag, "plate", plate, "").with(200);
    }

    @Test
    void anotherVoltageOnThePlateIsNamedWhereTheGateIsExplained() {
        String tag = released();
        Map<String, Object> plate = Plates.typed();
        plate.put("ratedVoltageV", "3.3 kV");
        plate.put("ratedCurrentA", "3.5");
        JsonNode job = sheet(tech, tag, "plate", plate, "").with(200).json();
        assertThat(job.at("/gate/state").asString()).isEqualTo("blocked");
        assertThat(job.get("plateChanges").toString()).contains("Mara Orre", "400 V to 3300 V");
    }

    /** Least 5 MΩ; a lead hand may waive down to 3.33, for that figure and by name; a ground nobody may. */
    @ParameterizedTest
    @CsvSource({"4.1, 200", "3.1, 409", "0.04, 409"})
    void aLimitIsWaivedWithinItsFactorOnly(String megohm, int status) {
        String tag = released();
        JsonNode under = insulation(tag, megohm, Map.of()).with(200).json();
        assertThat(under.at("/gate/state").asString()).isEqualTo("blocked");
        String code = "insulation-limit";
        Map<String, Object> waiver = Map.of("code", code, "reason", "one crossing, then it is rewound");
        tech.post("/api/jobs/" + tag + "/gate", waiver).with(403);
        lead.post("/api/jobs/" + tag + "/gate", waiver).with(status);
        JsonNode after = job(tag);
        assertThat(after.at("/gate/holding").toString().contains(code)
                        || after.at("/gate/holding").toString().contains("\"ground\""))
                .isEqualTo(status != 200);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"shaft-binds", "no-lock-out", "discharging", "insulation-missing", "not-released", "nonsense"})
    void whatIsNoLimitIsNobodysToWaive(String code) {
        String tag = Plates.plated(tech);
        lead.post("/api/jobs/" + tag + "/gate", Map.of("code", code, "reason", "in a hurry"))
                .with(409);
    }

    @Test
    void typedReadingsStartTheDischargeClockLikeAnyOther() {
        String tag = Plates.ready(tech);
        JsonNode job = insulation(tag, "900", Map.of()).with(200).json();
        assertThat(job.at("/discharge/secondsLeft").asDouble()).isBetween(200.0, 241.0);
        assertThat(job.at("/highVoltage/permitted").asBoolean()).isFalse();
    }

    @Test
    void aTestWhoseGateIsBlockedIsRefusedUnlessTakenBeforeAndThenProvesNothing() {
        String tag = Plates.ready(tech);
        Map<String, Object> broke =
                Map.of("supply", "direct", "appliedVoltageV", "850", "heldSeconds", "60", "brokeDown", false);
        String at = "/api/jobs/" + tag + "/tests/withstand-record";
        assertThat(tech.post(at, Map.of("typed", broke)).with(409).text()).contains("High voltage is blocked");
        tech.post(at, Map.of("typed", broke, "takenBefore", " ")).with(409);
        JsonNode job = tech.post(at, Map.of("typed", broke, "takenBefore", "on the old bench on Monday"))
                .with(200)
                .json();
        JsonNode standing = job.at("/bench/further/withstand-record/standing");
        assertThat(standing.get("origin").asString()).isEqualTo("taken-before");
        assertThat(standing.get("proves").asBoolean()).isFalse();
    }

    @Test
    void nobodySaysOfAReadingThatItIsSimulatedOrNot() {
        String tag = Plates.ready(tech);
        JsonNode bridged = Plates.bridged(tech, tag);
        assertThat(bridged.at("/bench/resistance/standing/origin").asString()).isEqualTo("simulated");
        JsonNode typed = insulation(tag, "900", Map.of("simulated", true, "origin", "simulated"))
                .with(200)
                .json();
        assertThat(typed.at("/bench/insulation/standing/origin").asString()).isEqualTo("here");
        assertThat(typed.at("/gate/demonstration").asBoolean())
                .as("where stand-ins are on, the gate says so")
                .isTrue();
    }

    @Test
    void aLockOutTakenOffByNameAsksAFreshOne() {
        String tag = Plates.ready(tech);
        assertThat(job(tag).at("/gate/leads/mayConnect").asBoolean()).isTrue();
        tech.post("/api/jobs/" + tag + "/lock-out/end", Map.of()).with(200);
        assertThat(job(tag).at("/gate/leads/mayConnect").asBoolean()).isFalse();
        tech.post("/api/jobs/" + tag + "/instruments/bridge", Map.of()).with(409);
        tech.post("/api/jobs/" + tag + "/lock-out", Map.of("means", "two-pole tester, meter"))
                .with(200);
        tech.post("/api/jobs/" + tag + "/instruments/bridge", Map.of()).with(200);
    }

    @Test
    void aThreePhaseTestOnASinglePhasePlateIsRefused() {
        String tag = Plates.received(tech);
        Map<String, Object> plate = Plates.typed();
        plate.putAll(Map.of("phases", "1", "ratedVoltageV", "230", "connection", "unknown", "ratedCurrentA", "90"));
        Plates.sheet(tech, tag, "plate", plate);
        tech.post("/api/jobs/" + tag + "/lock-out", Map.of("means", "two")).with(200);
        tech.post(
                        "/api/jobs/" + tag + "/tests/winding-resistance",
                        Map.of(
                                "typed",
                                Map.of(
                                        "terminalOhms",
                                        Map.of("ab", "1", "bc", "1", "ca", "1"),
                                        "windingTemperatureC",
                                        "20")))
                .with(400);
    }
}
