package app.brasskettle.server.instruments;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Streams;
import app.brasskettle.server.testing.Visitor;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class InstrumentTest {

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("tech");
    }

    private Visitor.Answer surge(String tag, String because) {
        return surge(tag, because, true);
    }

    private Visitor.Answer surge(String tag, String because, boolean rotorFitted) {
        return visitor.post(
                "/api/jobs/" + tag + "/instruments/surge-set",
                Map.of("rotorFitted", rotorFitted, "pace", 600, "because", because));
    }

    @Test
    void theTesterStreamsReadingsUntilItsTimeIsOver() {
        String tag = Plates.ready(visitor, "moisture");
        Visitor.Answer answer = visitor.post(
                        "/api/jobs/" + tag + "/instruments/insulation-tester", Map.of("seconds", 120, "pace", 600))
                .with(200);
        assertThat(answer.type()).startsWith("text/event-stream");
        List<JsonNode> readings = Streams.events(answer.text(), "reading");
        assertThat(readings)
                .extracting(r -> r.get("seconds").asDouble())
                .isSorted()
                .endsWith(120.0)
                .contains(30.0, 60.0);
        assertThat(Streams.events(answer.text(), "progress"))
                .allSatisfy(p -> assertThat(p.get("seconds").asDouble()
                                + p.get("secondsLeft").asDouble())
                        .isEqualTo(120));
        assertThat(Streams.events(answer.text(), "ended"))
                .singleElement()
                .satisfies(e -> assertThat(e.get("aborted").asBoolean()).isFalse());
        JsonNode job = visitor.get("/api/jobs/" + tag).json();
        assertThat(job.at("/discharge/appliedSeconds").asDouble()).isEqualTo(120);
    }

    @Test
    void noLeadsWithoutLockOut() {
        String tag = Plates.plated(visitor);
        assertThat(visitor.post(
                                "/api/jobs/" + tag + "/instruments/insulation-tester",
                                Map.of("seconds", 60, "pace", 600))
                        .with(409)
                        .json()
                        .get("detail")
                        .asString())
                .contains("Leads may not be connected");
        visitor.post("/api/jobs/" + tag + "/instruments/bridge", Map.of()).with(409);
    }

    @Test
    void refusesATimeOrPaceOutOfReach() {
        String tag = Plates.ready(visitor);
        assertThat(visitor.post(
                                "/api/jobs/" + tag + "/instruments/insulation-tester",
                                Map.of("seconds", 601, "pace", 0))
                        .with(400)
                        .problemFields())
                .containsExactlyInAnyOrder("seconds", "pace");
    }

    @Test
    void noHighVoltageBeforeInsulationHolds() {
        String tag = Plates.ready(visitor, "moisture");
        assertThat(surge(tag, "").with(409).json().get("detail").asString())
                .contains("No insulation test of this winding yet");
        Plates.insulated(visitor, tag, "");
        assertThat(surge(tag, "").with(409).json().get("detail").asString())
                .contains("Insulation is not proved: 3.1 MΩ at 40 °C");
        assertThat(visitor.get("/api/jobs/" + tag).json().at("/bench/surge").isNull())
                .isTrue();
    }

    @Test
    void allInstrumentsReadTheSameFault() {
        String tag = Plates.ready(visitor, "turn-short");
        JsonNode bridged = Plates.bridged(visitor, tag);
        assertThat(bridged.at("/bench/resistance/result/verdict").asString()).isEqualTo("holds");
        assertThat(bridged.at("/bench/resistance/standing/origin").asString()).isEqualTo("simulated");
        JsonNode insulated = Plates.insulated(visitor, tag, "");
        assertThat(insulated.at("/bench/insulation/result/verdict").asString()).isEqualTo("holds");
        Plates.discharged(visitor, tag);
        JsonNode in = surge(tag, "").with(200).json();
        assertThat(in.at("/bench/surge/standing/judgement/verdict").asString())
                .as("far over the limit with the rotor in: nobody can tell yet")
                .isEqualTo("unproven");
        assertThat(in.at("/gate/holding").toString()).contains("surge-unsettled");
        Plates.discharged(visitor, tag);
        JsonNode job = surge(tag, "rotor out", false).with(200).json();
        assertThat(job.at("/bench/surge/standing/judgement/verdict").asString()).isEqualTo("stop");
        assertThat(job.at("/bench/surge/outcome/suspect").asString()).contains("Phase B");
        assertThat(visitor.get("/api/jobs/" + tag + "/tests/surge-comparison/readings.json")
                        .with(200)
                        .json()
                        .at("/input/traceA")
                        .size())
                .isGreaterThan(500);
        assertThat(job.at("/evidence").toString()).contains("surge-phase-differs", "insulation-holds");
        assertThat(job.at("/gate/holding").toString()).contains("before the last high voltage");
    }

    @Test
    void auxiliariesAreNamedBeforeHighVoltage() {
        String tag = Plates.ready(visitor);
        visitor.put(
                        "/api/jobs/" + tag + "/sheets/arrival",
                        Map.of(
                                "version",
                                1,
                                "typed",
                                Map.of("shaft", "free", "signs", List.of(), "auxiliaries", List.of("space-heaters"))))
                .with(200);
        Plates.insulated(visitor, tag, "");
        Plates.discharged(visitor, tag);
        assertThat(surge(tag, "").with(409).json().get("detail").asString()).contains("space heaters");
        visitor.post("/api/jobs/" + tag + "/isolated", Map.of("names", List.of("space heaters")))
                .with(200);
        surge(tag, "").with(200);
        assertThat(visitor.post("/api/jobs/" + tag + "/isolated", Map.of("names", List.of("toaster")))
                        .with(400)
                        .problemFields())
                .containsExactly("names[0]");
    }

    @Test
    void theSimulatedMotorTakesOnlyFaultsItKnows() {
        String tag = Plates.ready(visitor);
        JsonNode faults =
                visitor.get("/api/jobs/" + tag + "/instruments/faults").json();
        assertThat(faults.get("motor").size()).isEqualTo(10);
        assertThat(faults.get("winder").size()).isEqualTo(6);
        assertThat(faults.get("oven").size()).isEqualTo(4);
        assertThat(visitor.put(
                                "/api/jobs/" + tag + "/instruments/motor",
                                Map.of(
                                        "faults",
                                        List.of("gremlins"),
                                        "severities",
                                        Map.of("ground", "awful"),
                                        "deviceFault",
                                        "sulks",
                                        "windingTemperatureC",
                                        900))
                        .with(400)
                        .problemFields())
                .containsExactlyInAnyOrder("faults[0]", "severities.ground", "deviceFault", "windingTemperatureC");
    }

    @Test
    void anAbortedRunSwitchesOffAndStillStartsTheClock() throws Exception {
        String tag = Plates.ready(visitor);
        try (var stream = visitor.open(
                "/api/jobs/" + tag + "/instruments/insulation-tester", Map.of("seconds", 600, "pace", 5))) {
            assertThat(stream.read()).isNotNegative();
        }
        JsonNode discharge;
        do {
            Thread.onSpinWait();
            discharge = visitor.get("/api/jobs/" + tag).json().get("discharge");
        } while (discharge.isNull());
        assertThat(discharge.get("appliedSeconds").asDouble()).isLessThan(600);
    }
}
