package app.brasskettle.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.testkind.InstrumentKind;
import app.brasskettle.core.testkind.StopEffect;
import app.brasskettle.core.testkind.TestDefinition;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.Fault;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.work.TestGroup;
import app.brasskettle.core.worksheet.Worksheet;
import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A kind of test that is only defined is found wherever tests are listed, asked for, judged, kept, shown and sent. */
@ExtendWith(RunningServer.class)
public class MadeUpKindTest {

    /** The readings: how warm the terminal box is over the air. */
    public record BoxWarmth(double riseK) {}

    /** What is computed of them. */
    public record BoxWarmthResult(double riseK, Judgement judgement) implements Judged {}

    private static final double LIMIT_K = 30;

    private static final Worksheet<BoxWarmth, BoxWarmthResult> SHEET = new Worksheet<>(
            "box-warmth",
            "Warmth of the terminal box",
            BoxWarmth.class,
            List.of("Shop rule"),
            warmth -> new BoxWarmthResult(
                    warmth.riseK(),
                    new Judgement(
                            warmth.riseK() > LIMIT_K ? Verdict.STOP : Verdict.HOLDS,
                            "Box " + warmth.riseK() + " K over the air",
                            "at most 30 K",
                            "Shop rule",
                            "Look at the joints.")));

    private static final TestKind KIND = TestDefinition.of(SHEET)
            .at(Station.BENCH, "box-warmth", "Warmth of the box", TestGroup.GEAR)
            .caution("Hot joints behind the lid.")
            .stop(Fault.VIBRATION, StopEffect.blocks("A joint that burns"))
            .readBy(InstrumentKind.THERMOMETER)
            .blank(Map.of("riseK", ""))
            .as(999);

    private AutoCloseable defined;
    private Visitor visitor;

    @BeforeEach
    void define(Visitor visitor) {
        this.visitor = visitor.as("tech");
        defined = TestKinds.with(KIND);
    }

    @AfterEach
    void takeOut() throws Exception {
        defined.close();
    }

    private static JsonNode with(JsonNode list, String field, String value) {
        return StreamSupport.stream(list.spliterator(), false)
                .filter(n -> n.get(field).asString().equals(value))
                .findFirst()
                .orElseThrow(() -> new AssertionError(value + " is not in " + list));
    }

    @Test
    void thePageIsToldHowToAskForIt() {
        JsonNode kind = with(visitor.get("/api/test-kinds").with(200).json(), "kind", "box-warmth");
        assertThat(kind.get("step").asString()).isEqualTo("bench/box-warmth");
        assertThat(kind.get("caution").asString()).isEqualTo("Hot joints behind the lid.");
        assertThat(kind.get("asks").asString()).isEqualTo("leads");
        JsonNode form = with(visitor.get("/api/worksheets").with(200).json(), "name", "box-warmth");
        assertThat(form.at("/fields/0/name").asString()).isEqualTo("riseK");
        assertThat(visitor.get("/api/worksheets/box-warmth/example")
                        .with(200)
                        .json()
                        .get("riseK")
                        .asString())
                .isEqualTo("12");
    }

    @Test
    void itIsPreviewedJudgedKeptAndListedInItsPlace() {
        String tag = Plates.ready(visitor);
        assertThat(steps(tag)).contains("bench/box-warmth");
        assertThat(visitor.post(
                                "/api/jobs/" + tag + "/tests/box-warmth/preview",
                                Map.of("typed", Map.of("riseK", "55")))
                        .with(200)
                        .json()
                        .at("/judgement/verdict")
                        .asString())
                .isEqualTo("stop");
        JsonNode job = visitor.post(
                        "/api/jobs/" + tag + "/tests/box-warmth", Map.of("typed", Map.of("riseK", "55"), "because", ""))
                .with(200)
                .json();
        assertThat(job.at("/bench/further/box-warmth/standing/judgement/verdict")
                        .asString())
                .isEqualTo("stop");
        assertThat(job.at("/gate/holding").toString())
                .contains("Box 55.0 K over the air")
                .contains("bench/box-warmth");
        assertThat(job.at("/ledger/0/step").asString()).isEqualTo("bench/box-warmth");
    }

    @Test
    void itGoesThroughFilesSheetsAndExport() {
        String tag = Plates.ready(visitor);
        visitor.post("/api/jobs/" + tag + "/tests/box-warmth", Map.of("typed", Map.of("riseK", "12"), "because", ""))
                .with(200);
        String readings = "/api/jobs/" + tag + "/tests/box-warmth/readings";
        Visitor.Answer csv = visitor.get(readings + ".csv").with(200);
        assertThat(csv.text()).contains("riseK").contains("12");
        assertThat(visitor.postFile("/api/jobs/" + tag + "/tests/box-warmth/file", csv.bytes())
                        .with(200)
                        .json()
                        .get("riseK")
                        .asString())
                .startsWith("12");
        visitor.get("/api/jobs/" + tag + "/sheet.pdf").with(200);
        byte[] export =
                visitor.get("/api/jobs/" + tag + "/export.zip").with(200).bytes();
        JsonNode taken = visitor.as("lead")
                .postFile("/api/jobs/import", export)
                .with(200)
                .json();
        assertThat(taken.at("/bench/further/box-warmth/output/riseK").asDouble())
                .isEqualTo(12);
    }

    private List<String> steps(String tag) {
        return StreamSupport.stream(
                        visitor.get("/api/jobs/" + tag)
                                .with(200)
                                .json()
                                .get("stations")
                                .spliterator(),
                        false)
                .flatMap(s -> StreamSupport.stream(s.get("steps").spliterator(), false))
                .map(s -> s.get("step").asString())
                .toList();
    }
}
