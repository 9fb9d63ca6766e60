package app.brasskettle.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What was said of a motor at its earlier stays, and the traces it left. */
@ExtendWith(RunningServer.class)
class EarlierStaysTest {

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("tech");
    }

    private String stay(String serial, String... faults) {
        String tag = Plates.forHighVoltage(visitor, faults);
        Map<String, Object> plate = new HashMap<>(Plates.typed());
        plate.put("serial", serial);
        visitor.put("/api/jobs/" + tag + "/sheets/plate", Map.of("version", 1, "typed", plate))
                .with(200);
        visitor.post(
                        "/api/jobs/" + tag + "/instruments/surge-set",
                        Map.of("rotorFitted", false, "pace", 600, "because", ""))
                .with(200);
        return tag;
    }

    @Test
    void todaysTracesAreHeldAgainstThoseOfTheLastStay() {
        String serial = "ES" + System.nanoTime();
        String first = stay(serial);
        String second = stay(serial, "turn-short");
        JsonNode past =
                visitor.get("/api/jobs/" + second + "/past-surges").with(200).json();
        assertThat(past.size()).isEqualTo(1);
        assertThat(past.at("/0/tag").asString()).isEqualTo(first);
        assertThat(past.at("/0/set/traceA").size()).isGreaterThan(500);
        // In wye the other leads see the shorted phase as well, at half the weight.
        assertThat(past.at("/0/changed/1/differencePercent").asDouble())
                .isGreaterThan(past.at("/0/changed/0/differencePercent").asDouble());
        assertThat(past.at("/0/changed/1/lead").asString()).isEqualTo("b");
        assertThat(past.at("/0/changed/1/inside").asBoolean()).isFalse();
        assertThat(visitor.get("/api/jobs/" + first + "/past-surges").json().size())
                .isZero();
    }

    @Test
    void eachTestShowsWhatItSaidBefore() {
        JsonNode earlier = visitor.get("/api/jobs/TQ-0402/tests/insulation-resistance/earlier")
                .with(200)
                .json();
        // Another test may have taken the same motor in once more.
        assertThat(earlier.toString()).contains("TQ-0352", "TQ-0287").doesNotContain("TQ-0402");
        assertThat(earlier.at("/0/headline").asString()).contains("Ω");
        assertThat(visitor.get("/api/jobs/TQ-0402/tests/vibration/earlier")
                        .json()
                        .size())
                .isZero();
    }
}
