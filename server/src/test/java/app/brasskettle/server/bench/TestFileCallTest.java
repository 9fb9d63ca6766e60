package app.brasskettle.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningServer.class)
class TestFileCallTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("tech");
    }

    private Visitor.Answer read(String tag, String kind, String file) {
        return visitor.postFile("/api/jobs/" + tag + "/tests/" + kind + "/file", file.getBytes(StandardCharsets.UTF_8));
    }

    /** What goes out as a file comes in again and makes the same test on another job. */
    @ParameterizedTest
    @ValueSource(strings = {"csv", "json"})
    void readingsGoOutAndComeInAgain(String ending) {
        String tag = Plates.forHighVoltage(visitor);
        for (String kind : new String[] {"winding-resistance", "insulation-resistance"}) {
            Visitor.Answer file = visitor.get("/api/jobs/" + tag + "/tests/" + kind + "/readings." + ending)
                    .with(200);
            String other = Plates.ready(visitor);
            JsonNode typed = read(other, kind, file.text()).with(200).json();
            JsonNode job = visitor.post(
                            "/api/jobs/" + other + "/tests/" + kind,
                            Map.of("typed", JSON.convertValue(typed, Map.class)))
                    .with(200)
                    .json();
            String view = kind.equals("winding-resistance") ? "/bench/resistance/test" : "/bench/insulation/test";
            assertThat(job.at(view))
                    .isEqualTo(visitor.get("/api/jobs/" + tag).json().at(view));
        }
    }

    @Test
    void tracesGoOutWhole() {
        String tag = Plates.forHighVoltage(visitor);
        visitor.post(
                        "/api/jobs/" + tag + "/instruments/surge-set",
                        Map.of("rotorFitted", true, "pace", 600, "because", ""))
                .with(200);
        String csv = visitor.get("/api/jobs/" + tag + "/tests/surge-comparison/readings.csv")
                .with(200)
                .text();
        assertThat(csv.lines().count()).isGreaterThan(1200);
        assertThat(read(tag, "surge-comparison", csv)
                        .with(200)
                        .json()
                        .get("traceA")
                        .size())
                .isEqualTo(1200);
    }

    @Test
    void aWrongFileIsRefusedByLineAndColumn() {
        String tag = Plates.ready(visitor);
        assertThat(read(tag, "step-voltage", "steps.voltageV,steps.microamp\n500,1\n1000,x\n")
                        .with(400)
                        .text())
                .contains("Line 3, column 2");
        assertThat(read(tag, "step-voltage", "{\n \"test\": \"step-voltage\",\n \"input\": [}")
                        .with(400)
                        .text())
                .contains("line 3, column");
        assertThat(read(tag, "step-voltage", "{\"test\": \"run-watch\", \"input\": {}}")
                        .with(400)
                        .problemFields())
                .containsExactly("test");
        read(tag, "no-such-test", "a").with(404);
        visitor.get("/api/jobs/" + tag + "/tests/step-voltage/readings.csv").with(404);
    }

    @Test
    void aHugeFileIsRefusedBeforeItIsRead() {
        String tag = Plates.ready(visitor);
        assertThat(visitor.postFile("/api/jobs/" + tag + "/tests/step-voltage/file", new byte[17 << 20])
                        .status())
                .isEqualTo(413);
    }
}
