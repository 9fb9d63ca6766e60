package app.brasskettle.server.bank;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class BankCallTest {

    private Visitor lead;
    private Visitor tech;

    @BeforeEach
    void signIn(Visitor visitor) {
        lead = visitor.as("lead");
        tech = visitor.stranger().as("tech");
    }

    private JsonNode search(Map<String, String> typed) {
        return tech.post("/api/bank/search", typed).with(200).json();
    }

    private static String csv(String... rows) {
        return """
                key,maker,ratedPowerW,winding.slots,winding.poles,winding.turnsPerCoil,winding.spanSlots,winding.parallelCircuits,\
                winding.connection,winding.strands,winding.meanTurnLengthM,winding.boreDiameterM,winding.coreLengthM,\
                winding.stackingFactor,winding.toothWidthM,winding.backIronDepthM,winding.slotAreaMm2,winding.ratedVoltageV,\
                winding.frequencyHz,winding.ratedCurrentA,takenBy,takenOn,rewound,proved
                """ + String.join("\n", rows) + "\n";
    }

    private static String row(String key, String turns) {
        return key + ",Weir & Sons,30000,48,4," + turns
                + ",10,2,wye,4x1.25/1.349,0.78,0.1913,0.2017,0.95,0.0062,0.027,228,400,50,56,I. Dalby,2026-03-31,2,1";
    }

    private Visitor.Answer take(Visitor who, String csv, String query) {
        return who.postFileOf("text/csv", "/api/bank/import?" + query, csv.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void thePreviewKeepsNothingAndARefusedLineKeepsAllOut() {
        String file = csv(row("BC-1", "10"), row("BC-2", "10.5"), row("BC-3", "11"));
        JsonNode look = take(lead, file, "preview=true").with(200).json();
        assertThat(look.get("fresh").asInt()).isEqualTo(2);
        assertThat(look.get("refusedLines").asInt()).isEqualTo(1);
        assertThat(look.at("/refused/0/line").asInt()).isEqualTo(3);
        assertThat(look.at("/refused/0/field").asString()).isEqualTo("winding.turnsPerCoil");
        assertThat(take(lead, file, "").with(200).json().get("kept").asInt()).isZero();
        assertThat(keys(search(Map.of("words", "weir & sons")))).doesNotContain("BC-1", "BC-3");

        assertThat(take(lead, file, "leaveOut=true")
                        .with(200)
                        .json()
                        .get("kept")
                        .asInt())
                .isEqualTo(2);
        JsonNode found = search(Map.of("boreDiameterM", "191.3 mm", "coreLengthM", "201.7 mm", "slots", "48"));
        assertThat(keys(found)).startsWith("BC-1", "BC-3");
        assertThat(found.at("/matches/0/distance").asDouble()).isLessThan(1e-9);
        assertThat(found.at("/matches/0/record/rewound").asInt()).isEqualTo(2);
        // The same file again is known; the same key with other figures is refused.
        JsonNode again = take(lead, csv(row("BC-1", "10"), row("BC-3", "12")), "preview=true")
                .with(200)
                .json();
        assertThat(again.get("known").asInt()).isEqualTo(1);
        assertThat(again.at("/refused/0/message").asString()).contains("BC-3").contains("other figures");
    }

    private static List<String> keys(JsonNode found) {
        return StreamSupport.stream(found.get("matches").spliterator(), false)
                .map(m -> m.at("/record/key").asString())
                .toList();
    }

    @Test
    void theWholeBankGoesOutAndIsKnownWhenItComesBack() {
        String csv = tech.get("/api/bank/export.csv").with(200).text();
        JsonNode known = take(lead, csv, "preview=true").with(200).json();
        assertThat(known.get("known").asInt()).isGreaterThan(300);
        assertThat(known.get("fresh").asInt()).isZero();
        assertThat(known.get("refusedLines").asInt()).isZero();
        byte[] json = tech.get("/api/bank/export.json").with(200).bytes();
        JsonNode list = lead.postFileOf("application/json", "/api/bank/import?preview=true", json)
                .with(200)
                .json();
        assertThat(list.get("known").asInt()).isEqualTo(known.get("known").asInt());
        assertThat(list.get("refusedLines").asInt()).isZero();
    }

    @Test
    void whatIsNoBankIsRefusedAndTechniciansOnlyLook() {
        take(tech, csv(row("BC-9", "10")), "").with(403);
        take(lead, "key;maker\n1;2\n", "preview=true").with(400);
        lead.postFileOf("application/json", "/api/bank/import", "[1]".getBytes(StandardCharsets.UTF_8))
                .with(400);
        lead.postFileOf("application/json", "/api/bank/import", "{\"windings\":[1]} 2".getBytes(StandardCharsets.UTF_8))
                .with(400);
        lead.postFileOf("text/csv", "/api/bank/import", new byte[] {(byte) 0xC3, (byte) 0x28})
                .with(400);
        tech.post("/api/bank/search", Map.of("poles", "four")).with(400);
    }

    /** A file may bring a winding under the tag that a job here gets later: the job settles all the same, beside it. */
    @Test
    void aTagThatAFileTookDoesNotKeepAJobFromSettling() {
        String tag = Plates.plated(tech);
        take(lead, csv(row(tag, "10")), "").with(200);
        tech.post("/api/jobs/" + tag + "/worked", Map.of("work", "opened")).with(200);
        lead.post("/api/jobs/" + tag + "/winding/settle", Map.of("reason", "burnt to ash"))
                .with(200);
        JsonNode typed = tech.get("/api/jobs/TQ-0404").json().at("/sheets/winding/typed");
        tech.put("/api/jobs/" + tag + "/sheets/winding", Map.of("version", 0, "typed", typed))
                .with(200);
        for (int again = 0; again < 2; again++) {
            int version = tech.get("/api/jobs/" + tag)
                    .json()
                    .at("/sheets/winding/version")
                    .asInt();
            ((ObjectNode) typed).put("notes", "looked at again, time " + again);
            tech.put("/api/jobs/" + tag + "/sheets/winding", Map.of("version", version, "typed", typed))
                    .with(200);
            lead.post("/api/jobs/" + tag + "/winding/settle", Map.of("reason", "one take is all there is"))
                    .with(200);
        }
        JsonNode found =
                search(Map.of("boreDiameterM", "340 mm", "coreLengthM", "300 mm", "slots", "60", "poles", "4"));
        assertThat(keys(found)).contains(tag + " (2)").doesNotContain(tag + " (3)");
        JsonNode own = tech.post("/api/jobs/" + tag + "/sheets/winding/preview", typed)
                .with(200)
                .json();
        assertThat(own.at("/bank/nearest"))
                .noneMatch(m -> m.at("/record/key").asString().equals(tag + " (2)"));
    }

    /** The demonstration's jaw crusher was settled, so its winding is in the bank, by whom it was taken. */
    @Test
    void aSettledWindingIsInTheBank() {
        JsonNode found =
                search(Map.of("boreDiameterM", "340 mm", "coreLengthM", "300 mm", "slots", "60", "poles", "4"));
        assertThat(found.at("/matches/0/record/key").asString()).isEqualTo("TQ-0404");
        assertThat(found.at("/matches/0/record/takenBy").asString()).isEqualTo("Mara Orre");
        JsonNode typed = tech.get("/api/jobs/TQ-0404").json().at("/sheets/winding/typed");
        JsonNode elsewhere = tech.post("/api/jobs/TQ-0413/sheets/winding/preview", typed)
                .with(200)
                .json();
        assertThat(elsewhere.at("/bank/judgement/verdict").asString()).isEqualTo("holds");
        assertThat(elsewhere.at("/bank/nearest/0/record/key").asString()).isEqualTo("TQ-0404");
        // What the bank has of a job's own winding confirms nothing of it.
        JsonNode own = tech.post("/api/jobs/TQ-0404/sheets/winding/preview", typed)
                .with(200)
                .json();
        assertThat(own.at("/bank/nearest"))
                .hasSize(4)
                .noneMatch(m -> m.at("/record/key").asString().equals("TQ-0404"));
    }
}
