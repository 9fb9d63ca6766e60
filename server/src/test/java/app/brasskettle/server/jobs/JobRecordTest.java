package app.brasskettle.server.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Together;
import app.brasskettle.server.testing.Visitor;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class JobRecordTest {

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("tech");
    }

    private List<String> tags() {
        return StreamSupport.stream(visitor.get("/api/jobs").with(200).json().spliterator(), false)
                .map(r -> r.get("tag").asString())
                .toList();
    }

    @Test
    void aReceivedMotorStandsOnTheFloorWithItsNextStep() {
        String tag = Plates.received(visitor);
        JsonNode row = StreamSupport.stream(
                        visitor.get("/api/jobs?find=" + tag).json().spliterator(), false)
                .filter(r -> r.get("tag").asString().equals(tag))
                .findFirst()
                .orElseThrow();
        assertThat(row.get("station").asString()).isEqualTo("receive");
        assertThat(row.get("nextAction").asString()).contains("Look it over");
        assertThat(row.get("gate").asString()).isEqualTo("blocked");
    }

    @Test
    void rushStandsFirst() {
        Map<String, Object> rush = Plates.receipt();
        rush.put("urgency", "rush");
        rush.put("askedBy", "plant manager");
        String tag = visitor.post("/api/jobs", rush)
                .with(200)
                .json()
                .at("/identity/tag")
                .asString();
        List<String> tags = tags();
        assertThat(tags.indexOf(tag)).isLessThan(tags.indexOf("TQ-0401"));
    }

    @Test
    void aRetryAfterALostAnswerMakesNoSecondJob() {
        String key = "retry-" + System.nanoTime();
        String first = visitor.post("/api/jobs", Plates.receipt(), "Idempotency-Key", key)
                .with(200)
                .json()
                .at("/identity/tag")
                .asString();
        int before = tags().size();
        assertThat(visitor.post("/api/jobs", Plates.receipt(), "Idempotency-Key", key)
                        .with(200)
                        .json()
                        .at("/identity/tag")
                        .asString())
                .isEqualTo(first);
        assertThat(tags()).hasSize(before);
    }

    @ParameterizedTest
    @CsvSource({
        "customer, '', customer",
        "machine, '   ', machine",
        "urgency, soon, urgency",
        "urgency, rush, askedBy",
        "outageCostPerHour, 'a lot', outageCostPerHour",
        "outageCostPerHour, '-5', outageCostPerHour",
        "promisedAt, '2001-01-01T00:00:00Z', promisedAt"
    })
    void aBadReceiptIsRefusedAtItsField(String field, String value, String blamed) {
        Map<String, Object> receipt = Plates.receipt();
        receipt.put(field, value);
        int before = tags().size();
        assertThat(visitor.post("/api/jobs", receipt).with(400).problemFields()).containsExactly(blamed);
        assertThat(tags()).hasSize(before);
    }

    @Test
    void aHugeReceiptIsRefused() {
        Map<String, Object> receipt = Plates.receipt();
        receipt.put("customer", "x".repeat(121));
        receipt.put("supply", "y".repeat(201));
        assertThat(visitor.post("/api/jobs", receipt).with(400).problemFields())
                .containsExactlyInAnyOrder("customer", "supply");
    }

    @Test
    void anUnknownJobIsNotFoundWhateverIsAsked() {
        visitor.get("/api/jobs/TQ-9999").with(404);
        visitor.get("/api/jobs/TQ-9999/journal").with(404);
        visitor.put("/api/jobs/TQ-9999/sheets/plate", Map.of("version", 0, "typed", Plates.typed()))
                .with(404);
        visitor.get("/api/jobs/TQ-0401'%20or%201=1").with(404);
        String tag = Plates.received(visitor);
        visitor.put("/api/jobs/" + tag + "/sheets/horoscope", Map.of("version", 0, "typed", Map.of()))
                .with(404);
    }

    @Test
    void theSheetKeepsWhatWasTypedAndTheCoreReadsIt() {
        String tag = Plates.received(visitor);
        Map<String, Object> typed = Plates.typed();
        typed.put("ratedPowerW", "20 hp");
        JsonNode job = Plates.sheet(visitor, tag, "plate", typed);
        assertThat(job.at("/sheets/plate/typed/ratedPowerW").asString()).isEqualTo("20 hp");
        assertThat(job.at("/plate/poles").asInt()).isEqualTo(4);
        assertThat(job.at("/identity/motor").asString()).startsWith("14.91 kW · 400 V Y");
    }

    /** "230/400 V" is refused as one value and offered as two ratings, which the plate then takes as they stand. */
    @Test
    void aPlateTypedInPairsIsOfferedAsTwoRatings() {
        String tag = Plates.received(visitor);
        Map<String, Object> typed = Plates.typed();
        typed.putAll(Map.of("ratedVoltageV", "230/400 V", "ratedCurrentA", "50/29 A"));
        String sheet = "/api/jobs/" + tag + "/sheets/plate";
        JsonNode preview = visitor.post(sheet + "/preview", typed).with(200).json();
        assertThat(preview.at("/problems")).hasSize(2);
        assertThat(preview.at("/ratings/first/ratedVoltageV").asString()).isEqualTo("400 V");
        preview.at("/ratings/first")
                .propertyStream()
                .forEach(p -> typed.put(p.getKey(), p.getValue().asString()));
        Map<String, Object> further = new HashMap<>(Map.of("connection", "delta"));
        preview.at("/ratings/further")
                .propertyStream()
                .forEach(p -> further.put(p.getKey(), p.getValue().asString()));
        typed.put("further", List.of(further));
        JsonNode kept = Plates.sheet(visitor, tag, "plate", typed);
        assertThat(kept.at("/plate/judgement/verdict").asString()).isNotEqualTo("stop");
        assertThat(kept.at("/plate/blocks")).hasSize(1);
        assertThat(visitor.post(sheet + "/preview", Plates.typed())
                        .with(200)
                        .json()
                        .at("/ratings")
                        .isNull())
                .isTrue();
    }

    @Test
    void twoPeopleOnOnePlateAreMergedWhereTheyDoNotTouch() {
        String tag = Plates.plated(visitor);
        Visitor lead = visitor.stranger().as("lead");
        Map<String, Object> theirs = Plates.typed();
        theirs.put("ratedCurrentA", "30");
        lead.put("/api/jobs/" + tag + "/sheets/plate", Map.of("version", 1, "typed", theirs))
                .with(200);
        Map<String, Object> mine = Plates.typed();
        mine.put("serial", "MX-77120");
        JsonNode job = visitor.put("/api/jobs/" + tag + "/sheets/plate", Map.of("version", 1, "typed", mine))
                .with(200)
                .json();
        assertThat(job.at("/sheets/plate/typed/ratedCurrentA").asString()).isEqualTo("30");
        assertThat(job.at("/sheets/plate/typed/serial").asString()).isEqualTo("MX-77120");
        assertThat(job.at("/sheets/plate/version").asInt()).isEqualTo(3);
    }

    @Test
    void theSameFieldChangedByBothIsSettledByAPerson() {
        String tag = Plates.plated(visitor);
        Visitor lead = visitor.stranger().as("lead");
        Map<String, Object> theirs = Plates.typed();
        theirs.put("ratedCurrentA", "30");
        lead.put("/api/jobs/" + tag + "/sheets/plate", Map.of("version", 1, "typed", theirs))
                .with(200);
        Map<String, Object> mine = Plates.typed();
        mine.put("ratedCurrentA", "28");
        JsonNode clash = visitor.put("/api/jobs/" + tag + "/sheets/plate", Map.of("version", 1, "typed", mine))
                .with(409)
                .json();
        assertThat(clash.get("detail").asString()).contains("Ivo Dalby changed this");
        assertThat(clash.at("/clashes/0/field").asString()).isEqualTo("ratedCurrentA");
        assertThat(clash.at("/clashes/0/before").asString()).isEqualTo("29");
        assertThat(clash.at("/clashes/0/theirs").asString()).isEqualTo("30");
        assertThat(clash.at("/clashes/0/mine").asString()).isEqualTo("28");
        assertThat(visitor.get("/api/jobs/" + tag)
                        .json()
                        .at("/sheets/plate/typed/ratedCurrentA")
                        .asString())
                .as("nothing is overwritten")
                .isEqualTo("30");
        visitor.put(
                        "/api/jobs/" + tag + "/sheets/plate",
                        Map.of("version", clash.get("version").asInt(), "typed", mine))
                .with(200);
    }

    @Test
    void ofManyWhoWriteAtOnceEachGetsThroughOrIsTold() {
        String tag = Plates.received(visitor);
        List<Integer> answers = Together.all(8, i -> {
            Map<String, Object> typed = Plates.typed();
            typed.put("ratedCurrentA", String.valueOf(26 + i));
            return visitor.put("/api/jobs/" + tag + "/sheets/plate", Map.of("version", 0, "typed", typed))
                    .status();
        });
        assertThat(answers).containsOnly(200, 409).containsOnlyOnce(200);
    }

    @Test
    void everyChangeIsInTheJournalWithBeforeAndAfter() {
        String tag = Plates.plated(visitor);
        Map<String, Object> changed = Plates.typed();
        changed.put("ratedSpeedRpm", "1455");
        visitor.put("/api/jobs/" + tag + "/sheets/plate", Map.of("version", 1, "typed", changed))
                .with(200);
        JsonNode journal =
                visitor.get("/api/jobs/" + tag + "/journal").with(200).json();
        assertThat(journal.get(0).get("what").asString()).isEqualTo("wrote plate");
        assertThat(journal.get(0).at("/before/ratedSpeedRpm").asString()).isEqualTo("1460");
        assertThat(journal.get(0).at("/after/ratedSpeedRpm").asString()).isEqualTo("1455");
        assertThat(journal.get(0).get("by").asString()).isEqualTo("Mara Orre");
        assertThat(journal.get(journal.size() - 1).get("what").asString()).isEqualTo("received");
    }

    @Test
    void theJournalComesPageByPageAndEveryEntryOnce(RunningServer.Running server) {
        String tag = Plates.plated(visitor);
        JdbcClient db = server.context().getBean(JdbcClient.class);
        db.sql("""
                insert into journal (job_id, at, by_whom, what)
                select id, now(), 'Mara Orre', 'note ' || n from job, generate_series(1, 250) n where tag = :tag""").param("tag", tag).update();
        List<Long> seen = new ArrayList<>();
        String more = "";
        for (JsonNode page = journal(tag, more); !page.isEmpty(); page = journal(tag, more)) {
            assertThat(page.size()).isLessThanOrEqualTo(100);
            page.forEach(e -> seen.add(e.get("id").asLong()));
            more = "?before=" + seen.get(seen.size() - 1);
        }
        assertThat(seen).hasSize(252).doesNotHaveDuplicates().isSortedAccordingTo(Comparator.reverseOrder());
    }

    private JsonNode journal(String tag, String more) {
        return visitor.get("/api/jobs/" + tag + "/journal" + more).with(200).json();
    }

    @Test
    void lookingChangesNothing() {
        String tag = Plates.received(visitor);
        JsonNode look = visitor.post("/api/jobs/" + tag + "/sheets/plate/preview", Plates.typed())
                .with(200)
                .json();
        assertThat(look.at("/plate/poles").asInt()).isEqualTo(4);
        Map<String, Object> wrong = Plates.typed();
        wrong.put("ratedCurrentA", "minus two");
        JsonNode told = visitor.post("/api/jobs/" + tag + "/sheets/plate/preview", wrong)
                .with(200)
                .json();
        assertThat(told.at("/problems/0/field").asString()).isEqualTo("ratedCurrentA");
        assertThat(visitor.get("/api/jobs/" + tag).json().get("plate").isNull()).isTrue();
        assertThat(visitor.get("/api/jobs/" + tag + "/journal").json().size()).isEqualTo(1);
    }

    @Test
    void windingDataAreReadAgainstTheBridge() {
        String tag = Plates.ready(visitor);
        Plates.bridged(visitor, tag);
        Map<String, Object> take = new java.util.HashMap<>(Map.ofEntries(
                Map.entry("slots", "48"),
                Map.entry("poles", "4"),
                Map.entry("turnsPerCoil", "10"),
                Map.entry("spanSlots", "10"),
                Map.entry("parallelCircuits", "2"),
                Map.entry("connection", "wye"),
                Map.entry("meanTurnLengthM", "780 mm"),
                Map.entry("boreDiameterM", "190 mm"),
                Map.entry("coreLengthM", "200 mm"),
                Map.entry("stackingFactor", "0.95"),
                Map.entry("toothWidthM", "6.2 mm"),
                Map.entry("backIronDepthM", "27 mm"),
                Map.entry("slotAreaMm2", "228"),
                Map.entry("ratedVoltageV", "400"),
                Map.entry("frequencyHz", "50"),
                Map.entry("ratedCurrentA", "29"),
                Map.entry(
                        "strands",
                        List.of(Map.of("count", "4", "bareDiameterMm", "1.25", "insulatedDiameterMm", "1.33")))));
        JsonNode job = Plates.sheet(visitor, tag, "winding", take);
        assertThat(job.at("/winding/result/balanced").asBoolean()).isTrue();
        assertThat(job.at("/winding/measured/headline").asString()).contains("Measured", "predicted");
        take.put("slots", "47");
        assertThat(visitor.put("/api/jobs/" + tag + "/sheets/winding", Map.of("version", 1, "typed", take))
                        .with(400)
                        .problemFields())
                .contains("slots");
    }

    @Test
    void theRecordIsThereAtASecondServerAndAfterThisOneIsGone() {
        String tag = Plates.plated(visitor);
        JsonNode here = visitor.get("/api/jobs/" + tag).json();
        try (RunningServer.Running second = RunningServer.start()) {
            JsonNode there =
                    visitor.at(second.port()).get("/api/jobs/" + tag).with(200).json();
            assertThat(there.get("sheets")).isEqualTo(here.get("sheets"));
            assertThat(there.get("ledger")).isEqualTo(here.get("ledger"));
        }
    }
}
