package app.brasskettle.server.hours;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class HoursTest {

    private Visitor tech;

    @BeforeEach
    void signIn(Visitor visitor) {
        tech = visitor.as("tech");
    }

    private Visitor.Answer tap(String tag, String task, boolean starts) {
        return tech.post("/api/jobs/" + tag + "/hours", Map.of("task", task, "starts", starts));
    }

    private static JsonNode row(JsonNode hours, String code) {
        for (JsonNode r : hours.get("rows")) {
            if (r.get("code").asString().equals(code)) {
                return r;
            }
        }
        throw new AssertionError("no task " + code);
    }

    @Test
    void tapsAreKeptByNameAndSettingTheMotorDownStopsThem() {
        String tag = Plates.ready(tech);
        assertThat(row(tap(tag, "dismantle", true).with(200).json(), "dismantle")
                        .get("running")
                        .toString())
                .contains("Mara Orre");
        assertThat(tap(tag, "dismantle", true).with(400).problemFields()).containsExactly("task");
        assertThat(tap(tag, "polish", true).with(400).problemFields()).containsExactly("task");
        assertThat(row(tap(tag, "test", true).with(200).json(), "dismantle")
                        .get("running")
                        .size())
                .isZero();
        tech.post("/api/jobs/" + tag + "/set-down", Map.of("workNote", "lunch", "displacedBy", ""))
                .with(200);
        JsonNode down = tech.get("/api/jobs/" + tag + "/hours").with(200).json();
        assertThat(row(down, "test").get("running").size()).isZero();
        assertThat(down.get("quotedHours").isNull()).isTrue();
        assertThat(tap(tag, "test", false).with(400).problemFields()).containsExactly("task");
    }

    /** The demonstration's complete rewind: its quote has hours, and its tasks are those of a rewind. */
    @Test
    void theAcceptedQuoteGivesTheHours() {
        JsonNode hours = tech.get("/api/jobs/TQ-0371/hours").with(200).json();
        assertThat(hours.get("quotedHours").asDouble()).isEqualTo(24);
        assertThat(row(hours, "wind").get("tableHours").asDouble()).isGreaterThan(5);
        assertThat(hours.at("/judgement/headline").asString()).contains("of 24 h quoted");
        assertThat(tap("TQ-0371", "wind", true).with(409).text()).contains("not in the shop");
    }
}
