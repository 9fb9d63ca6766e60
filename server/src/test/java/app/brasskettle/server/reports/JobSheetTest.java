package app.brasskettle.server.reports;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.io.IOException;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningServer.class)
class JobSheetTest {

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("office");
    }

    private String text(String tag) throws IOException {
        Visitor.Answer answer = visitor.get("/api/jobs/" + tag + "/sheet.pdf").with(200);
        assertThat(answer.type()).isEqualTo("application/pdf");
        try (PDDocument pdf = Loader.loadPDF(answer.bytes())) {
            for (PDPage page : pdf.getPages()) {
                for (var font : page.getResources().getFontNames()) {
                    assertThat(page.getResources().getFont(font).isEmbedded()).isTrue();
                }
            }
            return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
        }
    }

    @Test
    void carriesFiguresVerdictsMapAndChoice() throws IOException {
        assertThat(text("TQ-0409"))
                .contains("TQ-0409", "cream separator", "Fell Creamery")
                .contains("Winding resistance", "Insulation to frame (simulated)", "Surge comparison")
                .contains("Phase B is dark, 4 times round")
                .contains("Concluded: lost phase")
                .contains("Recondition, rewind or replace", "Rewind chosen by R. Ashe")
                .contains("licensed practice come first");
        assertThat(text("TQ-0404")).contains("The coil map shows burnt copper");
    }

    @Test
    void anEmptyJobPrintsWhatThereIs() throws IOException {
        assertThat(text(Plates.received(visitor))).contains("Power: shut", "No lock-out on record");
    }

    @Test
    void wordsOfTheCustomerArePrintedAndNotObeyed() throws IOException {
        Map<String, Object> receipt = Plates.receipt();
        receipt.put("complaint", "<script>alert(1)</script> & \"smoke\" <b>");
        String tag = visitor.post("/api/jobs", receipt)
                .with(200)
                .json()
                .at("/identity/tag")
                .asString();
        assertThat(text(tag)).contains("<script>alert(1)</script> & \"smoke\" <b>");
    }

    @Test
    void theDrawingHasAWedgeForEveryGroupAndAMarkForEverySpot() {
        String svg = CoilMapDrawing.svg(
                java.util.List.of("dark", "bright", "burst", "warm", "dull", "dark"), java.util.List.of(1, 3));
        assertThat(svg.split("stroke-width=\"0.6\"")).hasSize(7);
        assertThat(svg.split("<circle")).hasSize(3);
        assertThat(svg).contains(">A1<", ">C1<", ">B1<", ">B2<");
    }
}
