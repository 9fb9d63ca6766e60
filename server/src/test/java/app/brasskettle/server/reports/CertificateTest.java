package app.brasskettle.server.reports;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The demonstration's two-speed motor, proved, released by two people, and back within its warranty. */
@ExtendWith(RunningServer.class)
class CertificateTest {

    private static String text(Visitor.Answer answer) throws IOException {
        try (PDDocument pdf = Loader.loadPDF(answer.bytes())) {
            return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
        }
    }

    @Test
    void saysWhatWasProvedByWhomAndWhatGoesWithIt(Visitor visitor) throws IOException {
        visitor.as("office");
        Visitor.Answer answer = visitor.get("/api/jobs/TQ-0371/certificate.pdf").with(200);
        assertThat(text(answer))
                .contains(
                        "Certificate of test", "1465/725 r/min", "Winding resistance, 725 Δ", "Mara Orre", "Ivo Dalby")
                .contains("Overload relay", "115 % of it", "Warranty on the work done here until")
                .doesNotContain("simulated");
        assertThat(new String(answer.bytes(), StandardCharsets.ISO_8859_1)).contains("pdfaid");
        assertThat(text(visitor.get("/api/jobs/TQ-0371/release-label.pdf").with(200)))
                .contains("TQ-0371", "Released");
    }

    @Test
    void isNotPrintedForAMotorThatNobodyReleased(Visitor visitor) {
        assertThat(visitor.as("office")
                        .get("/api/jobs/TQ-0407/certificate.pdf")
                        .with(409)
                        .text())
                .contains("Simulated readings prove no motor");
    }

    @Test
    void aReturnWithinWarrantyAsksWhatWasAdvised(Visitor visitor) {
        JsonNode job = visitor.as("tech").get("/api/jobs/TQ-0398").with(200).json();
        assertThat(job.at("/release/returned/headline").asString()).startsWith("Returned within warranty");
        assertThat(job.at("/release/returned/because").asString()).contains("phase-loss relay");
    }
}
