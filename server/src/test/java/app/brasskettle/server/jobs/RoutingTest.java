package app.brasskettle.server.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class RoutingTest {

    private Visitor visitor;
    private String tag;

    @BeforeEach
    void plate(Visitor visitor) {
        this.visitor = visitor.as("lead");
        tag = Plates.ready(this.visitor);
    }

    private JsonNode post(String path, Map<String, Object> body) {
        return visitor.post("/api/jobs/" + tag + "/" + path, body).with(200).json();
    }

    private static String next(JsonNode job) {
        return job.at("/next/sentence").asString();
    }

    @Test
    void aSkippedStationIsPassedOverUntilItIsTakenUpAgain() {
        assertThat(next(visitor.get("/api/jobs/" + tag).json())).contains("resistances");
        JsonNode skipped = post("skip", Map.of("station", "bench", "reason", "scrapped unseen"));
        assertThat(skipped.at("/next/station").asString()).isNotEqualTo("bench");
        assertThat(skipped.at("/gate/state").asString())
                .as("no gate opens by skipping")
                .isEqualTo("blocked");
        assertThat(skipped.at("/ledger").toString()).contains("Bench skipped: scrapped unseen");
        visitor.post("/api/jobs/" + tag + "/skip", Map.of("station", "bench", "reason", "again"))
                .with(409);
        assertThat(next(post("take-up", Map.of("station", "bench", "reason", ""))))
                .contains("resistances");
        visitor.post("/api/jobs/" + tag + "/take-up", Map.of("station", "bench", "reason", ""))
                .with(409);
    }

    @Test
    void goingBackAsksForThatStationUntilSomethingIsRecordedThere() {
        JsonNode back = post("send-back", Map.of("station", "receive", "reason", "plate misread"));
        assertThat(next(back)).isEqualTo("Back to Receive: plate misread");
        Map<String, Object> again = Plates.typed();
        again.put("ratedCurrentA", "30");
        JsonNode after = visitor.put("/api/jobs/" + tag + "/sheets/plate", Map.of("version", 1, "typed", again))
                .with(200)
                .json();
        assertThat(next(after)).contains("resistances");
        assertThat(post("send-back", Map.of("station", "bench", "reason", "again"))
                        .at("/next/step")
                        .asString())
                .isEqualTo("bench/dead");
        assertThat(next(Plates.bridged(visitor, tag))).doesNotContain("Back to");
    }

    @Test
    void aJobOnHoldStandsLastAndSaysWhatItWaitsFor() {
        JsonNode held = post("hold", Map.of("what", "parts", "reason", "seal 45 × 62"));
        assertThat(next(held)).isEqualTo("Waits for parts: seal 45 × 62");
        List<String> waiting = tags("waiting", "");
        assertThat(waiting).contains(tag);
        assertThat(tags("live", "").indexOf(tag)).isGreaterThan(tags("live", "").indexOf("TQ-0401"));
        assertThat(next(post("resume", Map.of()))).contains("resistances");
        assertThat(tags("waiting", "")).doesNotContain(tag);
        visitor.post("/api/jobs/" + tag + "/resume", Map.of()).with(409);
    }

    @Test
    void aJobThatLeftIsOffTheFloorAndCanComeBack() {
        post("leave", Map.of("how", "scrapped, customer told"));
        assertThat(tags("live", "")).doesNotContain(tag);
        assertThat(tags("gone", "")).startsWith(tag);
        visitor.post("/api/jobs/" + tag + "/leave", Map.of("how", "twice")).with(409);
        post("come-back", Map.of());
        assertThat(tags("live", "")).contains(tag);
        visitor.stranger()
                .as("tech")
                .post("/api/jobs/" + tag + "/leave", Map.of("how", "x"))
                .with(403);
    }

    /** A motor that a simulated reading speaks for is nobody's to call proved; as it is, it may always go. */
    @Test
    void aMotorProvedWithSimulatedReadingsDoesNotLeaveAsReady(RunningServer.Running server) {
        Map<String, Object> ready = Map.of("how", "carrier, Tuesday", "readyForService", true);
        JsonNode tested = Plates.insulated(visitor, tag, "");
        assertThat(tested.at("/departure/heldBy/0").asString()).contains("Insulation to frame");
        assertThat(visitor.post("/api/jobs/" + tag + "/leave", ready)
                        .with(409)
                        .json()
                        .get("detail")
                        .asString())
                .contains("Simulated readings prove no motor");
        assertThat(post("leave", Map.of("how", "carrier, Tuesday"))
                        .at("/identity/left/how")
                        .asString())
                .isEqualTo("carrier, Tuesday");
        post("come-back", Map.of());

        tag = Plates.ready(visitor);
        visitor.post("/api/jobs/" + tag + "/leave", ready).with(409);
        proved(server.context().getBean(JdbcClient.class));
        assertThat(post("leave", ready).at("/identity/left/how").asString())
                .isEqualTo("Ready for service: carrier, Tuesday");
    }

    /** Reads resistance and insulation with instruments, two hours ago, so that the winding has discharged since. */
    private void proved(JdbcClient db) {
        test(
                "winding-resistance",
                Map.of(
                        "terminalOhms",
                        Map.of("ab", "0.5", "bc", "0.5", "ca", "0.5"),
                        "windingTemperatureC",
                        "40",
                        "conductor",
                        "copper"),
                Map.of());
        test(
                "insulation-resistance",
                Map.of("windingTemperatureC", "40", "readings", List.of(Map.of("seconds", "60", "megohm", "900"))),
                Map.of("appliedVoltageV", "500"));
        for (String table : List.of("bench_test set taken_at = taken_at", "job_event set done_at = done_at")) {
            db.sql("update " + table + " - interval '2 hours' where job_id = (select id from job where tag = :tag)")
                    .param("tag", tag)
                    .update();
        }
    }

    private void test(String kind, Map<String, Object> typed, Map<String, Object> more) {
        Map<String, Object> body = new HashMap<>(more);
        body.put("typed", typed);
        visitor.post("/api/jobs/" + tag + "/tests/" + kind, body).with(200);
    }

    @Test
    void nothingHappensWithoutAReason() {
        for (Map.Entry<String, Map<String, Object>> call : Map.<String, Map<String, Object>>of(
                        "skip", Map.of("station", "bench", "reason", " "),
                        "send-back", Map.of("station", "bench", "reason", ""),
                        "hold", Map.of("what", "parts", "reason", " "))
                .entrySet()) {
            assertThat(visitor.post("/api/jobs/" + tag + "/" + call.getKey(), call.getValue())
                            .with(400)
                            .problemFields())
                    .as(call.getKey())
                    .containsExactly("reason");
        }
        assertThat(visitor.post("/api/jobs/" + tag + "/hold", Map.of("what", "spring", "reason", "x"))
                        .with(400)
                        .problemFields())
                .containsExactly("what");
        visitor.post("/api/jobs/" + tag + "/skip", Map.of("station", "moon", "reason", "x"))
                .with(404);
    }

    @Test
    void anExplosionProtectedMotorIsNotOpenedHere() {
        Map<String, Object> marked = new HashMap<>(Plates.typed());
        marked.put("details", Map.of("hazardousMarking", "II 2G Ex db IIB T4"));
        visitor.put("/api/jobs/" + tag + "/sheets/plate", Map.of("version", 1, "typed", marked))
                .with(200);
        Map<String, Object> map = Map.of(
                "connection",
                "wye",
                "poles",
                "4",
                "groups",
                java.util.Collections.nCopies(12, "dark"),
                "spots",
                List.of());
        assertThat(visitor.put("/api/jobs/" + tag + "/sheets/coil-map", Map.of("version", 0, "typed", map))
                        .with(409)
                        .text())
                .contains("Explosion-protected");
        visitor.post("/api/jobs/" + tag + "/worked", Map.of("work", "opened")).with(409);
        JsonNode job = visitor.get("/api/jobs/" + tag).json();
        assertThat(job.at("/opening/open").asBoolean()).isFalse();
        assertThat(visitor.get("/api/jobs/" + tag + "/tag.pdf").with(200).bytes())
                .startsWith('%', 'P', 'D', 'F');
    }

    @Test
    void pagesOfTheFloorFollowEachOtherWithoutGapOrDouble() {
        List<String> all = tags("live", "");
        String middle = all.get(all.size() / 2);
        List<String> after = tags("live", "&after=" + middle);
        assertThat(after).isEqualTo(all.subList(all.indexOf(middle) + 1, all.size()));
        List<String> gone = tags("gone", "");
        assertThat(tags("gone", "&after=" + gone.get(0))).isEqualTo(gone.subList(1, gone.size()));
    }

    /** Every job of a list, page after page. */
    private List<String> tags(String show, String more) {
        List<String> all = new ArrayList<>();
        String after = more;
        List<String> page;
        do {
            page = page(show, after);
            all.addAll(page);
            after = page.isEmpty() ? "" : "&after=" + page.get(page.size() - 1);
        } while (!page.isEmpty());
        return all;
    }

    private List<String> page(String show, String more) {
        return visitor.get("/api/jobs?show=" + show + more)
                .with(200)
                .json()
                .valueStream()
                .map(r -> r.get("tag").asString())
                .toList();
    }
}
