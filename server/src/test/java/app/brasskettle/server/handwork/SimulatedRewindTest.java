package app.brasskettle.server.handwork;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Streams;
import app.brasskettle.server.testing.Visitor;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Practice on the second half of a job: the oven that runs away, the winder who joins it wrongly. */
@ExtendWith(RunningServer.class)
class SimulatedRewindTest {

    private static final Map<String, Object> BURNOUT =
            Map.of("method", "burn-out", "overheatAlarm", true, "waterSpray", true, "watchedBy", "M. Orre");

    private RewindUnderWay at;

    @BeforeEach
    void signIn(Visitor visitor) {
        at = new RewindUnderWay(visitor);
    }

    private void simulate(String setting, String word) {
        at.tech
                .put(
                        at.job + "/instruments/motor",
                        Map.of("faults", List.of(), "windingTemperatureC", 20, setting, word, "seed", 3))
                .with(200);
    }

    private Visitor.Answer oven(boolean bake) {
        return at.tech.post(at.job + "/instruments/oven", Map.of("bake", bake, "pace", 36_000));
    }

    @Test
    void theOvenThatRunsAwayKeepsItsCurveMarkedAndSendsTheJobBack() throws IOException {
        at.prepared();
        assertThat(oven(false).with(409).text()).contains("burnt out");
        assertThat(oven(true).with(409).text()).contains("joints brazed");
        at.write(at.tech, "stripping", BURNOUT).with(200);
        simulate("ovenFault", "runs-away");
        String stream = oven(false).with(200).text();
        List<JsonNode> readings = Streams.events(stream, "reading");
        JsonNode sheet = at.now().at("/sheets/stripping/typed");
        assertThat(sheet.get("readings").size()).isEqualTo(readings.size());
        assertThat(sheet.get("simulatedOven").asBoolean()).isTrue();
        JsonNode trace = at.now().at("/rewind/ovens/0");
        assertThat(trace.get("simulated").asBoolean()).isTrue();
        assertThat(trace.get("limitC").asDouble()).isEqualTo(370);

        Map<String, Object> denied = new HashMap<>(BURNOUT);
        denied.put("readings", sheet.get("readings"));
        assertThat(at.write(at.tech, "stripping", denied).with(400).problemFields())
                .containsExactly("simulatedOven");
        denied.put("simulatedOven", true);
        denied.put("copperOut", true);
        at.write(at.tech, "stripping", denied).with(200);
        assertThat(at.now().at("/next/station").asString()).isEqualTo("choose");
        assertThat(at.now().at("/release/holding").toString()).contains("read from the simulated oven");
    }

    @Test
    void aGroupJoinedTheWrongWayRoundIsReadBeforeVarnishAndPutRight() throws IOException {
        at.connected();
        at.tech.post(at.job + "/lock-out", Map.of("means", "two-pole tester")).with(200);
        simulate("windersMistake", "group-reversed");
        assertThat(field("")).isEqualTo("stop");
        simulate("windersMistake", "");
        assertThat(field("put right")).isEqualTo("holds");
        JsonNode plan = at.now().at("/rewind/field/0");
        assertThat(plan.get("currentA").asDouble())
                .isLessThan(plan.get("ratedCurrentA").asDouble() / 2);
        assertThat(at.tech
                        .put(
                                at.job + "/instruments/motor",
                                Map.of("faults", List.of(), "windingTemperatureC", 20, "windersMistake", "tired"))
                        .with(400)
                        .problemFields())
                .containsExactly("windersMistake");
    }

    /** What the simulated stator shows, kept; its word. */
    private String field(String because) {
        JsonNode typed = at.tech
                .post(at.job + "/instruments/readings/turning-field", Map.of())
                .with(200)
                .json();
        JsonNode kept = at.tech
                .post(at.job + "/tests/turning-field", Map.of("typed", typed, "speed", 1, "because", because))
                .with(200)
                .json();
        assertThat(kept.at("/bench/further/turning-field/standing/origin").asString())
                .isEqualTo("simulated");
        return kept.at("/bench/further/turning-field/output/judgement/verdict").asString();
    }
}
