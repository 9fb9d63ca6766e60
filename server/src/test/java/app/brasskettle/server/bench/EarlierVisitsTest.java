package app.brasskettle.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** What was said of a motor at its earlier visits, and the traces it left. */
@ExtendWith(RunningServer.class)
class EarlierVisitsTest {

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

    private static List<Double> ring(double hertz) {
        return IntStream.range(0, 800)
                .mapToObj(
                        i -> Math.rint(1e6 * Math.exp(-hertz * 3e-7 * i) * Math.cos(2e-6 * Math.PI * hertz * i)) / 1e3)
                .toList();
    }

    /** Typed traces of a winding whose phase C rings slower than the others; its judgement. */
    private JsonNode surged(String tag, double odd) {
        Map<String, Object> traces = Map.of(
                "sampleIntervalS",
                1e-6,
                "traceA",
                ring(9000),
                "traceB",
                ring(9000),
                "traceC",
                ring(odd),
                "rotorFitted",
                false);
        return visitor.post(
                        "/api/jobs/" + tag + "/tests/surge-comparison",
                        Map.of("typed", traces, "appliedVoltageV", "1800 V"))
                .with(200)
                .json()
                .at("/bench/surge/standing/judgement");
    }

    private String visit(String serial) {
        String tag = Plates.forHighVoltage(visitor);
        Map<String, Object> plate = new HashMap<>(Plates.typed());
        plate.put("serial", serial);
        visitor.put("/api/jobs/" + tag + "/sheets/plate", Map.of("version", 1, "typed", plate))
                .with(200);
        return tag;
    }

    /** Coils unlike by construction are nothing to hold a motor for where the same winding rang so before it last ran. */
    @Test
    void unlikeCoilsAreSettledByTheTracesOfTheVisitBefore(Visitor office) {
        String serial = "UC" + System.nanoTime();
        String first = visit(serial);
        assertThat(surged(first, 8100).get("verdict").asString()).isEqualTo("unproven");
        office.stranger()
                .as("office")
                .post("/api/jobs/" + first + "/leave", Map.of("how", "collected"))
                .with(200);
        JsonNode same = surged(visit(serial), 8105);
        assertThat(same.get("verdict").asString()).isEqualTo("holds");
        assertThat(same.get("headline").asString()).contains("as it was at " + first);
        assertThat(surged(visit(serial), 8700).get("verdict").asString())
                .as("it has changed since")
                .isEqualTo("stop");
    }

    /** A winding made at a visit in between has no trace of before: what is older speaks for another winding. */
    @Test
    void tracesOfAWindingThatIsGoneSettleNothing(Visitor office, RunningServer.Running server) {
        String serial = "UG" + System.nanoTime();
        String first = visit(serial);
        surged(first, 8100);
        String rewound = visit(serial);
        server.context()
                .getBean(JdbcClient.class)
                .sql("""
                        insert into job_event (job_id, kind, detail, done_by, done_at)
                        select id, 'worked', '{"work": "rewound"}'::jsonb, 'Ivo Dalby', now() from job where tag = :tag""")
                .param("tag", rewound)
                .update();
        Visitor leaving = office.stranger().as("office");
        for (String tag : List.of(first, rewound)) {
            leaving.post("/api/jobs/" + tag + "/leave", Map.of("how", "collected"))
                    .with(200);
        }
        assertThat(surged(visit(serial), 8100).get("verdict").asString()).isEqualTo("unproven");
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
