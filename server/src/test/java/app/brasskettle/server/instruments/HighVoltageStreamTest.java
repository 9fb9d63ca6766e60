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

/** Ramp, held voltage and rising pulses as streams: to their end, broken off, tripped, failing. */
@ExtendWith(RunningServer.class)
class HighVoltageStreamTest {

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("tech");
    }

    private String play(String tag, String instrument, Map<String, Object> body) {
        return visitor.post("/api/jobs/" + tag + "/instruments/" + instrument, body)
                .with(200)
                .text();
    }

    private JsonNode ended(String stream) {
        List<JsonNode> ended = Streams.events(stream, "ended");
        assertThat(ended).hasSize(1);
        return ended.get(0);
    }

    @Test
    void aRampShowsItsStepsAndStartsTheClock() {
        String tag = Plates.forHighVoltage(visitor);
        String stream = play(tag, "step-ramp", Map.of("pace", 600));
        assertThat(Streams.events(stream, "reading").stream()
                        .filter(r -> r.get("last").asBoolean())
                        .map(r -> r.get("voltageV").asDouble()))
                .containsExactly(170.0, 340.0, 510.0, 680.0, 850.0);
        assertThat(ended(stream).get("fault").asString()).isEmpty();
        assertThat(visitor.get("/api/jobs/" + tag)
                        .json()
                        .at("/discharge/appliedSeconds")
                        .asDouble())
                .isEqualTo(300);
    }

    @Test
    void aRampBrokenOffCountsTheTimeUntilThen() throws Exception {
        String tag = Plates.forHighVoltage(visitor);
        try (var stream = visitor.open("/api/jobs/" + tag + "/instruments/step-ramp", Map.of("pace", 20))) {
            assertThat(stream.read()).isNotNegative();
        }
        JsonNode left;
        do {
            Thread.onSpinWait();
            left = visitor.get("/api/jobs/" + tag).json().at("/discharge/secondsLeft");
        } while (left.asDouble() == 0);
        assertThat(visitor.get("/api/jobs/" + tag)
                        .json()
                        .at("/discharge/appliedSeconds")
                        .asDouble())
                .isBetween(0.1, 299.0);
    }

    /** Whoever is nearest takes the voltage off; the run ends as any other, and says that it was broken off. */
    @Test
    void anybodyTakesTheVoltageOff() throws Exception {
        String tag = Plates.forHighVoltage(visitor);
        try (var stream = visitor.open("/api/jobs/" + tag + "/instruments/step-ramp", Map.of("pace", 1))) {
            assertThat(stream.read()).isNotNegative();
            assertThat(visitor.post("/api/jobs/" + tag + "/instruments/off", Map.of())
                            .with(200)
                            .json()
                            .get("stopped")
                            .asInt())
                    .isEqualTo(1);
            String rest = new String(stream.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
            assertThat(ended("event:" + rest.substring(rest.indexOf("ended")))
                            .get("aborted")
                            .asBoolean())
                    .isTrue();
        }
        JsonNode discharge = visitor.get("/api/jobs/" + tag).json().get("discharge");
        assertThat(discharge.get("secondsLeft").asDouble()).isGreaterThan(50);
        assertThat(visitor.post("/api/jobs/" + tag + "/instruments/off", Map.of())
                        .with(200)
                        .json()
                        .get("stopped")
                        .asInt())
                .isZero();
    }

    @Test
    void aLeadThatFallsOffEndsTheRunAndSaysSo() {
        String tag = Plates.forHighVoltage(visitor);
        visitor.put(
                        "/api/jobs/" + tag + "/instruments/motor",
                        Map.of("faults", List.of(), "windingTemperatureC", 21, "deviceFault", "lead-off"))
                .with(200);
        String stream = play(tag, "step-ramp", Map.of("pace", 600));
        assertThat(ended(stream).get("fault").asString()).startsWith("Lead off");
        assertThat(ended(stream).get("aborted").asBoolean()).isFalse();
        assertThat(ended(stream).get("seconds").asDouble()).isEqualTo(120);
    }

    @Test
    void aHeldVoltageFillsAWithstandTestThatIsJudged() {
        String tag = Plates.forHighVoltage(visitor);
        String stream = play(tag, "withstand-set", Map.of("pace", 600));
        assertThat(Streams.events(stream, "reading")).hasSize(6);
        JsonNode job = visitor.post(
                        "/api/jobs/" + tag + "/tests/withstand-record",
                        Map.of(
                                "typed",
                                Map.of(
                                        "supply", "direct",
                                        "appliedVoltageV", "850 V",
                                        "heldSeconds", "60",
                                        "brokeDown", false)))
                .with(200)
                .json();
        assertThat(job.at("/bench/further/withstand-record/output/requiredV").asDouble())
                .isEqualTo(850);
        assertThat(job.at("/bench/further/withstand-record/standing/judgement/verdict")
                        .asString())
                .isEqualTo("holds");
        assertThat(job.at("/gate/holding").toString()).contains("before the last high voltage");
    }

    @Test
    void risingPulsesAreKeptWholeAndStopWhereTurnInsulationLetGo() {
        String tag = Plates.forHighVoltage(visitor, "weak-turn");
        String stream = play(tag, "surge-rise", Map.of("pace", 600, "rotorFitted", false));
        List<JsonNode> pulses = Streams.events(stream, "reading");
        assertThat(pulses.size()).isLessThan(24);
        assertThat(ended(stream).get("fault").asString()).contains("Lead A lets go");
        JsonNode test = visitor.get("/api/jobs/" + tag).json().at("/bench/further/surge-rise");
        assertThat(test.at("/standing/judgement/verdict").asString()).isEqualTo("stop");
        assertThat(test.at("/output/pairs").size()).isEqualTo(pulses.size() - 1);
        assertThat(test.at("/standing/origin").asString()).isEqualTo("simulated");
    }

    @Test
    void whileTheWindingDischargesNoSecondVoltageGoesOn() {
        String tag = Plates.ready(visitor);
        Plates.bridged(visitor, tag);
        Plates.insulated(visitor, tag, "");
        assertThat(visitor.post("/api/jobs/" + tag + "/instruments/step-ramp", Map.of("pace", 600))
                        .with(409)
                        .text())
                .contains("discharges");
        assertThat(visitor.post("/api/jobs/" + tag + "/instruments/step-ramp", Map.of("pace", 601))
                        .with(400)
                        .problemFields())
                .containsExactly("pace");
    }
}
