package app.brasskettle.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningServer.class)
class FurtherTestsTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("tech");
    }

    private Visitor.Answer record(String tag, String kind, Object typed, boolean simulated, String because) {
        return visitor.post("/api/jobs/" + tag + "/tests/" + kind, Map.of("typed", typed, "because", because));
    }

    /** The same written down later, as taken before its gate allowed it. */
    private Visitor.Answer takenBefore(String tag, String kind, Object typed) {
        return visitor.post(
                "/api/jobs/" + tag + "/tests/" + kind,
                Map.of("typed", typed, "takenBefore", "read on the old bench this morning"));
    }

    private JsonNode balanced(String tag, String because) {
        JsonNode read = visitor.post("/api/jobs/" + tag + "/instruments/readings/low-voltage-balance", Map.of())
                .with(200)
                .json();
        return record(tag, "low-voltage-balance", JSON.convertValue(read, Map.class), true, because)
                .with(200)
                .json();
    }

    @Test
    void aTurnShortIsFoundByTheBalanceShutsTheGateAndIsEvidence() {
        String tag = Plates.ready(visitor, "turn-short");
        JsonNode job = balanced(tag, "");
        assertThat(job.at("/bench/further/low-voltage-balance/output/source").asString())
                .isEqualTo("winding");
        assertThat(job.at("/bench/further/low-voltage-balance/standing/origin").asString())
                .isEqualTo("simulated");
        assertThat(job.at("/gate/holding").toString()).contains("The winding is unbalanced");
        assertThat(job.at("/evidence").toString()).contains("balance-follows-winding");
        assertThat(job.at("/ledger/0/step").asString()).isEqualTo("bench/balance");
    }

    /** One circuit on the frame is enough, however well the others read; a whole winding on it as well. */
    @Test
    void aCircuitOnTheFrameBlocksWhateverTheOthersRead() {
        String tag = Plates.ready(visitor);
        List<Map<String, String>> circuits = List.of(
                Map.of("circuit", "1", "seconds", "60", "megohm", "2000"),
                Map.of("circuit", "2", "seconds", "60", "megohm", "0.01"),
                Map.of("circuit", "3", "seconds", "60", "megohm", "2000"));
        JsonNode job = visitor.post(
                        "/api/jobs/" + tag + "/tests/circuit-insulation",
                        Map.of(
                                "typed",
                                Map.of(
                                        "insulationSystem", "thermosetting",
                                        "windingTemperatureC", "20 °C",
                                        "circuits", circuits),
                                "appliedVoltageV",
                                "500 V",
                                "because",
                                ""))
                .with(200)
                .json();
        assertThat(codes(job)).contains("ground");
        assertThat(job.at("/gate/state").asString()).isEqualTo("blocked");
    }

    @Test
    void aWindingOnTheFrameIsNobodysToWaive() {
        String tag = Plates.ready(visitor, "ground");
        Plates.bridged(visitor, tag);
        JsonNode job = Plates.insulated(visitor, tag, "");
        assertThat(codes(job)).contains("ground");
        assertThat(visitor.as("lead")
                        .post("/api/jobs/" + tag + "/gate/waive", Map.of("code", "ground", "reason", "dry soon"))
                        .status())
                .isBetween(400, 499);
    }

    private static List<String> codes(JsonNode job) {
        return StreamSupport.stream(job.at("/gate/holding").spliterator(), false)
                .map(r -> r.get("code").asString())
                .toList();
    }

    @Test
    void theBridgeFindsNoValueOnAnOpenPhase() {
        String tag = Plates.ready(visitor, "open-joint");
        assertThat(visitor.post("/api/jobs/" + tag + "/instruments/readings/low-voltage-balance", Map.of())
                        .with(409)
                        .json()
                        .get("detail")
                        .asString())
                .contains("a phase is open")
                .contains("resistances");
    }

    @Test
    void aRepeatNeedsItsReasonAndTheFirstStaysVisible() {
        String tag = Plates.ready(visitor);
        balanced(tag, "");
        Map<String, Object> one = Map.of(
                "positions",
                List.of(Map.of("angleDegrees", "0", "inductanceMh", Map.of("a", "10", "b", "10", "c", "10"))));
        assertThat(record(tag, "low-voltage-balance", one, false, "").with(400).problemFields())
                .containsExactly("because");
        JsonNode job = record(tag, "low-voltage-balance", one, false, "other bridge")
                .with(200)
                .json();
        assertThat(job.at("/ledger/0/origin").asString())
                .as("a stand-in has read this test here, and no instrument of the shop is named")
                .isEqualTo("simulated");
        assertThat(job.at("/ledger").toString()).contains("repeated: other bridge");
    }

    @Test
    void theBridgeIsNotConnectedToASupplyThatNobodyProvedDead() {
        String tag = Plates.plated(visitor);
        assertThat(visitor.post("/api/jobs/" + tag + "/instruments/readings/low-voltage-balance", Map.of())
                        .with(409)
                        .text())
                .contains("Leads may not be connected");
    }

    @Test
    void aRampStandsBehindTheHighVoltageGate() {
        String tag = Plates.ready(visitor);
        assertThat(visitor.post("/api/jobs/" + tag + "/instruments/step-ramp", Map.of("pace", 600))
                        .with(409)
                        .text())
                .contains("High voltage is blocked");
    }

    @Test
    void typedStepsCountAMinuteEachForTheDischargeClock() {
        String tag = Plates.forHighVoltage(visitor);
        JsonNode job = record(
                        tag,
                        "step-voltage",
                        Map.of(
                                "steps",
                                List.of(
                                        Map.of("voltageV", "500", "microamp", "1"),
                                        Map.of("voltageV", "1 kV", "microamp", "5"))),
                        false,
                        "")
                .with(200)
                .json();
        assertThat(job.at("/bench/further/step-voltage/standing/judgement/verdict")
                        .asString())
                .isEqualTo("stop");
        assertThat(job.at("/discharge/totalSeconds").asDouble())
                .as(
                        "four times the two minutes, and the ten of the insulation test that the steps began before the end of")
                .isEqualTo(4 * (600 + 120));
        assertThat(job.at("/gate/state").asString()).isEqualTo("blocked");
    }

    @Test
    void aRunIsJudgedByThePlateAndNotByWhatIsTyped() {
        String tag = Plates.plated(visitor);
        Map<String, Object> run = Map.of(
                "lineCurrentsA",
                List.of(10, 10.1, 9.9),
                "lineVoltagesV",
                List.of(400, 401, 399),
                "ratedCurrentA",
                "1",
                "poles",
                "12");
        JsonNode output = takenBefore(tag, "no-load-run", run).with(200).json().at("/bench/further/no-load-run/output");
        assertThat(output.get("typicalLowPercent").asDouble()).isEqualTo(25);
        assertThat(output.get("noLoadRatioPercent").asDouble()).isBetween(34.0, 35.0);
        String bare = Plates.received(visitor);
        record(bare, "no-load-run", run, false, "").with(400);
    }

    @Test
    void aCoreThatRunsHotKeepsTheMotorOffPower() {
        String tag = Plates.ready(visitor);
        JsonNode job = record(
                        tag,
                        "core-loop-result",
                        Map.of("coreMassKg", "60", "measuredW", "900", "hottestC", "55", "meanCoreC", "40"),
                        false,
                        "")
                .with(200)
                .json();
        assertThat(job.at("/bench/further/core-loop-result/standing/judgement/verdict")
                        .asString())
                .isEqualTo("stop");
        assertThat(job.at("/gate/holding").toString()).contains("teardown/core-loop");
    }

    @Test
    void aLookAnswersBeforeAnythingIsKept() {
        String tag = Plates.plated(visitor);
        JsonNode look = visitor.post(
                        "/api/jobs/" + tag + "/tests/step-voltage/preview",
                        Map.of(
                                "typed",
                                Map.of(
                                        "steps",
                                        List.of(
                                                Map.of("voltageV", "500", "microamp", "1"),
                                                Map.of("voltageV", "400", "microamp", "x")))))
                .with(200)
                .json();
        assertThat(look.at("/problems").toString()).contains("steps[1].microamp");
        assertThat(look.get("output").isNull()).isTrue();
    }
}
