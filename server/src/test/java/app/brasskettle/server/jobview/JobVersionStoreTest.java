package app.brasskettle.server.jobview;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Statements;
import app.brasskettle.server.testing.Visitor;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** A page that has seen a job is told that there is nothing new, and is never told so wrongly. */
@ExtendWith(RunningServer.class)
class JobVersionStoreTest {

    /** The session is read and kept alive by three of them, the transaction's own apart. */
    private static final int AS_FEW_AS = 5;

    private static final Map<String, BiConsumer<Visitor, String>> CHANGES = changes();

    private static Map<String, BiConsumer<Visitor, String>> changes() {
        Map<String, BiConsumer<Visitor, String>> all = new LinkedHashMap<>();
        all.put("a sheet", (v, tag) -> Plates.sheet(v, tag, "findings", Map.of("findings", List.of())));
        all.put("a test", (v, tag) -> Plates.bridged(v, tag));
        all.put(
                "an instrument read it, and nothing is recorded yet",
                (v, tag) -> v.post("/api/jobs/" + tag + "/instruments/bridge", Map.of())
                        .with(200));
        all.put(
                "work",
                (v, tag) -> v.post("/api/jobs/" + tag + "/worked", Map.of("work", "washed"))
                        .with(200));
        all.put(
                "set down",
                (v, tag) -> v.post("/api/jobs/" + tag + "/set-down", Map.of("workNote", "leads off, bridge on U–V"))
                        .with(200));
        all.put(
                "a skip",
                (v, tag) -> v.post("/api/jobs/" + tag + "/skip", Map.of("station", "teardown", "reason", "Not opened"))
                        .with(200));
        all.put(
                "a simulated fault",
                (v, tag) -> v.put(
                                "/api/jobs/" + tag + "/instruments/motor",
                                Map.of("faults", List.of("ground"), "windingTemperatureC", 21, "seed", 3))
                        .with(200));
        all.put("the customer's name", (v, tag) -> rename(v, tag));
        return all;
    }

    private static void rename(Visitor visitor, String tag) {
        long id = visitor.get("/api/jobs/" + tag)
                .json()
                .at("/identity/customerId")
                .asLong();
        JsonNode customer = visitor.get("/api/customers/" + id).with(200).json();
        Map<String, Object> renamed = new LinkedHashMap<>();
        renamed.put("version", customer.get("version").asInt());
        renamed.put("name", "Renamed of " + tag);
        visitor.as("office").put("/api/customers/" + id, renamed).with(200);
        visitor.as("tech");
    }

    static Stream<String> kindsOfChange() {
        return CHANGES.keySet().stream();
    }

    @Test
    void whatIsUnchangedCostsALookUpAndSendsNothing(Visitor visitor) {
        visitor.as("tech");
        String tag = Plates.ready(visitor);
        String seen = visitor.get("/api/jobs/" + tag).with(200).version();
        Statements.reset();
        Visitor.Answer answer = visitor.newerThan(seen, "/api/jobs/" + tag);
        assertThat(answer.status()).isEqualTo(304);
        assertThat(answer.bytes()).isEmpty();
        assertThat(Statements.run()).isLessThanOrEqualTo(AS_FEW_AS);
    }

    @ParameterizedTest
    @MethodSource("kindsOfChange")
    void whateverChangesItIsSeen(String change, Visitor visitor) {
        visitor.as("tech");
        String tag = Plates.ready(visitor);
        String seen = visitor.get("/api/jobs/" + tag).with(200).version();
        CHANGES.get(change).accept(visitor, tag);
        assertThat(visitor.newerThan(seen, "/api/jobs/" + tag).status()).isEqualTo(200);
    }

    @Test
    void timeAloneEndsAVersion() {
        assertThat(JobVersionStore.stands("\"7.x~2000\"", "7.x", 1.999)).isTrue();
        assertThat(JobVersionStore.stands("W/\"7.x~2000\"", "7.x", 1.999)).isTrue();
        assertThat(JobVersionStore.stands("\"7.x~2000\"", "7.x", 2)).isFalse();
        assertThat(JobVersionStore.stands("\"7.x~2000\"", "8.x", 1)).isFalse();
        assertThat(JobVersionStore.stands("\"7.x\"", "7.x", 1)).isFalse();
        assertThat(JobVersionStore.stands("\"7.x~99999999999999999999\"", "7.x", 1))
                .isFalse();
        assertThat(JobVersionStore.stands("*", "7.x", 1)).isFalse();
    }
}
