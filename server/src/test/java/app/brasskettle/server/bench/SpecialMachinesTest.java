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
import tools.jackson.databind.json.JsonMapper;

/** Two-speed and single-phase motors on the bench, read by the simulated instruments. */
@ExtendWith(RunningServer.class)
class SpecialMachinesTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("tech");
    }

    private String plated(Map<String, Object> other, String... faults) {
        String tag = Plates.ready(visitor, faults);
        Map<String, Object> plate = Plates.typed();
        plate.putAll(other);
        visitor.put("/api/jobs/" + tag + "/sheets/plate", Map.of("version", 1, "typed", plate))
                .with(200);
        return tag;
    }

    private String twoSpeed() {
        return plated(Map.of(
                "further",
                List.of(Map.of(
                        "frequencyHz", "50",
                        "ratedPowerW", "9 kW",
                        "ratedVoltageV", "400",
                        "ratedCurrentA", "20",
                        "ratedSpeedRpm", "965",
                        "connection", "delta"))));
    }

    private String singlePhase(String... faults) {
        return plated(
                Map.of(
                        "phases", "1",
                        "connection", "unknown",
                        "ratedVoltageV", "230",
                        "ratedPowerW", "750 W",
                        "ratedCurrentA", "5.1",
                        "ratedSpeedRpm", "1420"),
                faults);
    }

    private Map<?, ?> read(String tag, String kind, int speed) {
        return JSON.convertValue(
                visitor.post("/api/jobs/" + tag + "/instruments/readings/" + kind + "?speed=" + speed, Map.of())
                        .with(200)
                        .json(),
                Map.class);
    }

    private Visitor.Answer record(String tag, String kind, Object typed, int speed) {
        return visitor.post("/api/jobs/" + tag + "/tests/" + kind, Map.of("typed", typed, "speed", speed));
    }

    @Test
    void eachSpeedHasReadingsJudgementAndRepeatsOfItsOwn() {
        String tag = twoSpeed();
        record(tag, "low-voltage-balance", read(tag, "low-voltage-balance", 1), 1)
                .with(200);
        JsonNode job = record(tag, "low-voltage-balance", read(tag, "low-voltage-balance", 2), 2)
                .with(200)
                .json();
        assertThat(job.at("/bench/further").has("low-voltage-balance")).isTrue();
        assertThat(job.at("/bench/further").has("low-voltage-balance/2")).isTrue();
        assertThat(job.at("/ledger/0/step").asString()).isEqualTo("bench/balance/2");
        assertThat(record(tag, "low-voltage-balance", read(tag, "low-voltage-balance", 2), 2)
                        .with(400)
                        .problemFields())
                .containsExactly("because");
    }

    /** The slow winding is judged by its own rating: six poles, 20 A, and a delta that the plate names for it. */
    @Test
    void theSecondSpeedIsJudgedByItsOwnRating() {
        String tag = twoSpeed();
        Map<String, Object> run = Map.of("lineCurrentsA", List.of(9, 9, 9), "lineVoltagesV", List.of(400, 400, 400));
        JsonNode slow = visitor.post(
                        "/api/jobs/" + tag + "/tests/no-load-run",
                        Map.of("typed", run, "speed", 2, "takenBefore", "run at the customer's"))
                .with(200)
                .json()
                .at("/bench/further/no-load-run~12/output");
        assertThat(slow.get("noLoadRatioPercent").asDouble()).isEqualTo(45);
        assertThat(slow.get("typicalHighPercent").asDouble()).isEqualTo(60);
        Map<String, Object> ohms =
                Map.of("terminalOhms", Map.of("ab", "1", "bc", "open", "ca", "1"), "windingTemperatureC", "20");
        JsonNode job = record(tag, "winding-resistance", ohms, 2).with(200).json();
        assertThat(job.at("/bench/further/winding-resistance~12/output/connection")
                        .isMissingNode())
                .isTrue();
        assertThat(job.at("/gate/holding").toString()).contains("bench/resistance/2");
    }

    @Test
    void aMotorWithOneSpeedHasNoSecondOne() {
        String tag = Plates.ready(visitor);
        assertThat(record(tag, "no-load-run", Map.of(), 2).with(400).problemFields())
                .containsExactly("speed");
        String two = twoSpeed();
        assertThat(record(two, "vibration", Map.of(), 2).with(400).problemFields())
                .containsExactly("speed");
    }

    @Test
    void aSinglePhaseMotorIsReadByMeterAndEar() {
        String tag = singlePhase();
        JsonNode job = record(tag, "single-phase-windings", read(tag, "single-phase-windings", 1), 1)
                .with(200)
                .json();
        assertThat(job.at("/bench/further/single-phase-windings/standing/judgement/verdict")
                        .asString())
                .isEqualTo("holds");
        assertThat(job.at("/gate/holding").toString()).doesNotContain("No resistance test yet");
        assertThat(job.at("/next/step").asString()).isEqualTo("bench/insulation");
        String stuck = singlePhase("stuck-switch");
        JsonNode gear = record(stuck, "starting-gear", read(stuck, "starting-gear", 1), 1)
                .with(200)
                .json();
        assertThat(gear.at("/evidence").toString()).contains("start-switch-worn");
        assertThat(gear.at("/gate/holding").toString()).contains("does not drop out");
    }

    @Test
    void anOpenProtectorIsToldFromAnOpenWinding() {
        String tag = singlePhase("open-protector");
        JsonNode job = record(tag, "single-phase-windings", read(tag, "single-phase-windings", 1), 1)
                .with(200)
                .json();
        assertThat(job.at("/bench/further/single-phase-windings/standing/judgement/headline")
                        .asString())
                .startsWith("The protector is open");
        assertThat(job.at("/evidence").toString()).contains("protector-open").doesNotContain("resistance-open");
    }

    /** The micrometer is set by the plate's bearings; a bad one has worn its housing. */
    @Test
    void seatsAreMeasuredForTheBearingsOfThePlate() {
        Map<String, Object> bearings =
                Map.of("details", Map.of("driveEndBearing", "6309-2Z C3", "nonDriveEndBearing", "6308"));
        String sound = plated(bearings);
        JsonNode job = record(sound, "bearing-seats", read(sound, "bearing-seats", 1), 1)
                .with(200)
                .json();
        assertThat(job.at("/bench/further/bearing-seats/output/seats").size()).isEqualTo(4);
        assertThat(job.at("/bench/further/bearing-seats/standing/judgement/verdict")
                        .asString())
                .isEqualTo("holds");
        String worn = plated(bearings, "bad-bearing");
        assertThat(record(worn, "bearing-seats", read(worn, "bearing-seats", 1), 1)
                        .with(200)
                        .json()
                        .at("/bench/further/bearing-seats/standing/judgement/headline")
                        .asString())
                .startsWith("Drive end housing: too large");
        String bare = Plates.ready(visitor);
        visitor.post("/api/jobs/" + bare + "/instruments/readings/bearing-seats", Map.of())
                .with(409);
    }
}
