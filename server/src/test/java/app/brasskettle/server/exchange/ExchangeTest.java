package app.brasskettle.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class ExchangeTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("lead");
    }

    private Map<String, byte[]> exported(String tag) throws IOException {
        byte[] zip = visitor.get("/api/jobs/" + tag + "/export.zip").with(200).bytes();
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                entries.put(e.getName(), in.readAllBytes());
            }
        }
        return entries;
    }

    private static byte[] zip(Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> e : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(e.getKey()));
                zip.write(e.getValue());
            }
        }
        return out.toByteArray();
    }

    private byte[] changed(String tag, Consumer<ObjectNode> change) throws IOException {
        Map<String, byte[]> entries = exported(tag);
        ObjectNode record = (ObjectNode) JSON.readTree(entries.get("job.json"));
        change.accept(record);
        entries.put("job.json", JSON.writeValueAsBytes(record));
        return zip(entries);
    }

    private Visitor.Answer take(byte[] file) {
        return visitor.postFile("/api/jobs/import", file);
    }

    private int jobs() {
        return visitor.get("/api/floor.csv").with(200).text().split("\r\n").length;
    }

    @Test
    void aWholeJobComesBackAsItWas() throws IOException {
        for (String tag : List.of("TQ-0401", "TQ-0404", "TQ-0406", "TQ-0410", "TQ-0352")) {
            JsonNode before = visitor.get("/api/jobs/" + tag).with(200).json();
            JsonNode after = take(zip(exported(tag))).with(200).json();
            String again = after.at("/identity/tag").asString();
            assertThat(again).as("the shop has that tag already").isNotEqualTo(tag);
            for (String part : List.of(
                    "sheets",
                    "plate",
                    "arrival",
                    "evidence",
                    "ranking",
                    "/winding/stages",
                    "/winding/secondStages",
                    "/winding/data",
                    "/winding/result",
                    "/winding/copper",
                    "/winding/secondBy",
                    "/winding/differences",
                    "/winding/connection",
                    "choice",
                    "concluded")) {
                assertThat(versionless(part(after, part)))
                        .as(tag + " " + part)
                        .isEqualTo(versionless(part(before, part)));
            }
            assertThat(after.at("/winding/stripping/open").asBoolean())
                    .as("what another shop settled keeps the copper in here")
                    .isFalse();
            assertThat(after.get("ledger").size())
                    .isEqualTo(before.get("ledger").size());
            assertThat(after.at("/gate/state")).isEqualTo(before.at("/gate/state"));
            assertThat(visitor.get("/api/jobs/" + again + "/photos").json().size())
                    .isEqualTo(
                            visitor.get("/api/jobs/" + tag + "/photos").json().size());
        }
    }

    private static JsonNode part(JsonNode job, String name) {
        return job.at(name.startsWith("/") ? name : "/" + name);
    }

    private static String versionless(JsonNode node) {
        return node.toString().replaceAll("\"version\":\\d+", "");
    }

    /** An insulation test under a tester that nobody proved: by its figures good, not proved on the page, in file and journal alike. */
    @Test
    void fileAndJournalDoubtWhatThePageDoubts() throws IOException {
        String tag = Plates.plated(visitor);
        visitor.post("/api/jobs/" + tag + "/lock-out", Map.of("means", "two-pole tester, meter"))
                .with(200);
        visitor.put(
                        "/api/jobs/" + tag + "/instruments/motor",
                        Map.of("faults", List.of(), "windingTemperatureC", 21, "seed", 1))
                .with(200);
        Plates.insulated(visitor, tag, "");
        JsonNode test = JSON.readTree(exported(tag).get("job.json")).at("/tests/0");
        assertThat(test.at("/result/verdict").asString()).isEqualTo("holds");
        assertThat(test.at("/judged/verdict").asString()).isEqualTo("unproven");
        assertThat(test.at("/judged/headline").asString()).contains("Tester not proved");
        JsonNode entry = JSON.readTree(exported(tag).get("job.json"))
                .at("/journal")
                .valueStream()
                .filter(e -> e.get("what").asString().startsWith("tested "))
                .findFirst()
                .orElseThrow();
        assertThat(entry.at("/after/verdict").asString()).isEqualTo("unproven");
    }

    @Test
    void aTagThatIsFreeIsKept() throws IOException {
        byte[] file = changed(
                "TQ-0407", r -> ((ObjectNode) r.get("job")).put("tag", "ZX-7" + System.nanoTime() % 100_000_000));
        String tag = take(file).with(200).json().at("/identity/tag").asString();
        assertThat(tag).startsWith("ZX-7");
        assertThat(visitor.get("/api/jobs/" + tag + "/journal")
                        .json()
                        .at("/0/what")
                        .asString())
                .isEqualTo("taken in from a file");
    }

    @Test
    void aNumberTakenByAnotherShopsJobIsPassedOver() throws IOException {
        String next = Plates.received(visitor);
        int number = Integer.parseInt(next.substring(3));
        String ahead = String.format("TQ-%04d", number + 1);
        assertThat(take(changed("TQ-0405", r -> ((ObjectNode) r.get("job")).put("tag", ahead)))
                        .with(200)
                        .json()
                        .at("/identity/tag")
                        .asString())
                .isEqualTo(ahead);
        assertThat(Plates.received(visitor)).isEqualTo(String.format("TQ-%04d", number + 2));
    }

    @Test
    void aRetryTakesItInOnce() throws IOException {
        byte[] file = zip(exported("TQ-0405"));
        String key = "import-" + System.nanoTime();
        String first = visitor.postFile("/api/jobs/import", file, "Idempotency-Key", key)
                .with(200)
                .json()
                .at("/identity/tag")
                .asString();
        assertThat(visitor.postFile("/api/jobs/import", file, "Idempotency-Key", key)
                        .with(200)
                        .json()
                        .at("/identity/tag")
                        .asString())
                .isEqualTo(first);
    }

    @Test
    void resultsAreComputedAnewAndNotBelieved() throws IOException {
        byte[] file = changed(
                "TQ-0402",
                r -> r.get("tests")
                        .forEach(t -> ((ObjectNode) t.get("result"))
                                .put("verdict", "holds")
                                .set(
                                        "judgement",
                                        JSON.createObjectNode()
                                                .put("verdict", "holds")
                                                .put("headline", "All is well"))));
        JsonNode job = take(file).with(200).json();
        assertThat(job.toString()).doesNotContain("All is well");
        assertThat(job.at("/worst/verdict").asString()).isEqualTo("stop");
    }

    @Test
    void whatIsNoArchiveOfAJobIsRefusedWholeAndNothingIsLeft() throws IOException {
        int before = jobs();
        byte[] whole = zip(exported("TQ-0401"));
        Map<String, byte[]> entries = exported("TQ-0401");
        assertThat(take("no zip at all".getBytes(StandardCharsets.UTF_8))
                        .with(400)
                        .text())
                .contains("no job.json");
        assertThat(take(Arrays.copyOf(whole, whole.length / 2)).with(400).text())
                .contains("cut off");
        refusedWith(entries, "../../etc/passwd", "no part of a job");
        refusedWith(entries, "photographs/../x.jpg", "no part of a job");
        refusedWith(entries, "/job.json", "no part of a job");
        refusedWith(entries, "photographs/77.jpg", "other files than the archive holds");
        Map<String, byte[]> broken = new LinkedHashMap<>(entries);
        broken.put("photographs/1.jpg", "not a picture".getBytes(StandardCharsets.UTF_8));
        assertThat(take(zip(broken)).with(400).text()).contains("none of JPEG, PNG and WebP");
        Map<String, byte[]> torn = new LinkedHashMap<>(entries);
        torn.put("job.json", Arrays.copyOf(entries.get("job.json"), 400));
        assertThat(take(zip(torn)).with(400).text()).contains("not one JSON object");
        assertThat(jobs()).isEqualTo(before);
    }

    private void refusedWith(Map<String, byte[]> entries, String name, String told) throws IOException {
        Map<String, byte[]> more = new LinkedHashMap<>(entries);
        more.put(name, new byte[] {1, 2, 3});
        assertThat(take(zip(more)).with(400).text()).contains(told);
    }

    /** A few hundred kilobytes that unpack to hundreds of megabytes. */
    @Test
    void aZipBombIsStoppedWhileItUnpacks() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("job.json"));
            byte[] spaces = new byte[1 << 20];
            Arrays.fill(spaces, (byte) ' ');
            for (int i = 0; i < 300; i++) {
                zip.write(spaces);
            }
        }
        assertThat(out.size()).isLessThan(1 << 20);
        assertThat(take(out.toByteArray()).with(400).text()).contains("unpacks to more than 20 MiB");
    }

    @Test
    void aRecordThatContradictsItselfIsRefusedAtItsPlaces() throws IOException {
        int before = jobs();
        assertThat(take(changed("TQ-0401", r -> r.put("version", 1))).with(400).problemFields())
                .containsExactly("version");
        assertThat(take(changed("TQ-0401", r -> r.put("surprise", 1))).with(400).text())
                .contains("surprise is no field of it");
        assertThat(take(changed(
                                "TQ-0401",
                                r -> ((ObjectNode) r.at("/sheets/0/typed"))
                                        .put("shaft", "spins")
                                        .put("phases", "7")))
                        .with(400)
                        .text())
                .contains("sheets[0].typed");
        assertThat(take(changed(
                                "TQ-0401",
                                r -> ((ObjectNode) r.at("/events/0"))
                                        .put("kind", "blessed")
                                        .put("by", "")))
                        .with(400)
                        .problemFields())
                .containsExactlyInAnyOrder("events[0].kind", "events[0].by");
        assertThat(take(changed("TQ-0401", r -> ((ObjectNode) r.at("/job")).put("receivedAt", "2099-01-01T00:00:00Z")))
                        .with(400)
                        .problemFields())
                .contains("job.at");
        assertThat(take(changed(
                                "TQ-0401",
                                r -> ((ObjectNode) r.at("/events/0")).set("detail", JSON.createObjectNode())))
                        .status())
                .isEqualTo(200);
        assertThat(take(changed(
                                "TQ-0401",
                                r -> ((ObjectNode) r.at("/events/0"))
                                        .put("kind", "skipped")
                                        .set("detail", JSON.createObjectNode().put("station", "moon"))))
                        .with(400)
                        .text())
                .contains("cannot be read as a job");
        assertThat(jobs()).isLessThanOrEqualTo(before + 1);
    }

    /** Every record the demonstration has is written as the description in docs says, and the description refuses others. */
    @Test
    void theDescriptionFitsWhatIsWritten() throws IOException {
        Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/job-file.schema.json")), InputFormat.JSON);
        for (String tag : List.of("TQ-0401", "TQ-0403", "TQ-0404", "TQ-0408", "TQ-0410", "TQ-0352")) {
            String record = new String(exported(tag).get("job.json"), StandardCharsets.UTF_8);
            assertThat(schema.validate(record, InputFormat.JSON)).as(tag).isEmpty();
            ObjectNode wrong = (ObjectNode) JSON.readTree(record);
            wrong.put("version", 1).put("surprise", 1).remove("shop");
            assertThat(schema.validate(wrong.toString(), InputFormat.JSON))
                    .as(tag)
                    .hasSize(3);
        }
    }

    @Test
    void whatASpreadsheetWouldRunIsMadeText() {
        Map<String, Object> receipt = Plates.receipt();
        receipt.put("customer", "=HYPERLINK(\"http://x\")");
        receipt.put("machine", "@SUM(1+1), \"pump\"");
        visitor.post("/api/jobs", receipt).with(200);
        String csv = visitor.get("/api/floor.csv?find=hyperlink").with(200).text();
        assertThat(csv).contains("'=HYPERLINK").contains("'@SUM(1+1), \"\"pump\"\"");
        assertThat(csv.lines().findFirst().orElseThrow()).contains("in shop (h)");
    }

    @Test
    void theListAsAFileGoesPastAPage() {
        assertThat(visitor.get("/api/floor.csv?show=gone").with(200).text())
                .contains("TQ-0287")
                .contains("TQ-0352");
        visitor.get("/api/floor.csv?show=moon").with(404);
    }

    /** Page after page, each job once. */
    @Test
    void theListAsAFileHoldsEveryJobOnce() {
        while (jobs() <= 110) {
            visitor.post("/api/jobs", Plates.receipt()).with(200);
        }
        List<String> tags = visitor.get("/api/floor.csv")
                .with(200)
                .text()
                .lines()
                .map(l -> l.split(",")[0])
                .filter(t -> t.matches("[A-Z]{2}-\\d+"))
                .toList();
        assertThat(tags).hasSizeGreaterThan(100).doesNotHaveDuplicates();
        String after = "";
        List<String> listed = new ArrayList<>();
        do {
            JsonNode page = visitor.get("/api/jobs" + after).with(200).json();
            page.forEach(r -> listed.add(r.get("tag").asString()));
            after = page.isEmpty() ? "" : "?after=" + listed.get(listed.size() - 1);
        } while (!after.isEmpty());
        assertThat(tags).isEqualTo(listed);
    }

    @Test
    void aPictureInTheArchiveIsDevelopedLikeAnyOther() throws IOException {
        Map<String, byte[]> entries = exported("TQ-0401");
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB), "png", png);
        entries.put("photographs/1.jpg", png.toByteArray());
        String tag = take(zip(entries)).with(200).json().at("/identity/tag").asString();
        assertThat(visitor.get("/api/jobs/" + tag + "/photos")
                        .json()
                        .at("/0/width")
                        .asInt())
                .isEqualTo(30);
    }
}
