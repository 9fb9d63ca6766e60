package app.brasskettle.server.winding;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The demonstration's jaw crusher for another voltage, its wire from the rack, its ticket printed. */
@ExtendWith(RunningServer.class)
class NewWindingTest {

    private static final String JOB = "/api/jobs/TQ-0404";

    private Visitor tech;

    @BeforeEach
    void signIn(Visitor visitor) {
        tech = visitor.as("tech");
    }

    private JsonNode preview(Map<String, Object> typed) {
        return tech.post(JOB + "/sheets/redesign/preview", typed).with(200).json();
    }

    private static List<Map<String, String>> wires(JsonNode candidate) {
        List<Map<String, String>> wires = new ArrayList<>();
        for (JsonNode w : candidate.get("wires")) {
            wires.add(Map.of(
                    "name", w.get("name").asString(),
                    "count", w.get("count").asString(),
                    "bareDiameterMm", w.get("bareDiameterMm").asString(),
                    "insulatedDiameterMm", w.get("insulatedDiameterMm").asString()));
        }
        return wires;
    }

    @Test
    void anotherVoltageIsWoundFromTheRackByItsTicket() throws IOException {
        JsonNode asked = preview(Map.of("ratedVoltageV", "690"));
        // 10·690/400 = 17.25
        assertThat(asked.at("/redesign/turns/perCoil").asInt()).isEqualTo(17);
        assertThat(asked.at("/ticket").isNull()).isTrue();
        JsonNode first = asked.at("/offer/candidates/0");
        Map<String, Object> sheet = Map.of("ratedVoltageV", "690", "wires", wires(first));
        assertThat(preview(sheet).at("/ticket/wire/0/neededKg").asDouble())
                .isEqualTo(first.at("/draws/0/neededKg").asDouble());
        int version = tech.get(JOB).json().at("/sheets/redesign/version").asInt(0);
        JsonNode kept = tech.put(JOB + "/sheets/redesign", Map.of("version", version, "typed", sheet))
                .with(200)
                .json();
        assertThat(kept.at("/redesign/chosen/wires").asString())
                .isEqualTo(first.at("/winding/wires").asString());
        assertThat(kept.at("/ledger/0/step").asString()).isEqualTo("rewind/new-winding");
        Visitor.Answer answer = tech.get(JOB + "/coil-ticket.pdf").with(200);
        try (PDDocument pdf = Loader.loadPDF(answer.bytes())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(pdf).replaceAll("\\s+", " "))
                    .contains("Coil ticket, TQ-0404", "Turns of a coil 17", "Span 1 to 13", "60 of 320 mm")
                    .contains(first.at("/winding/wires").asString())
                    .contains("T1 S1", "Wire to draw from the rack");
        }
    }

    @Test
    void whatCannotBeIsRefusedAtItsField() {
        JsonNode refused = tech.put(
                        JOB + "/sheets/redesign",
                        Map.of("version", 0, "typed", Map.of("parallelCircuits", "1.5", "spanSlots", "0")))
                .with(400)
                .json();
        assertThat(refused.get("problems"))
                .extracting(p -> p.get("field").asString())
                .contains("parallelCircuits", "spanSlots");
        assertThat(preview(Map.of("parallelCircuits", "3"))
                        .at("/redesign/judgement/verdict")
                        .asString())
                .isEqualTo("stop");
    }

    @Test
    void aJobWithoutItHasNoTicket() {
        tech.get("/api/jobs/TQ-0401/coil-ticket.pdf").with(404);
    }
}
