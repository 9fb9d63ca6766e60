package app.brasskettle.server.reports;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

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
                .contains("Group 3 of every three is dark, 4 times round: phase B")
                .contains("7 of 7 joints marked", "12. Shaft key, drive end (small) not yet")
                .contains("So that it does not come back", "set to 35 A")
                .contains("no relay that trips on a lost phase → one line gone")
                .contains("Concluded: lost phase")
                .contains("Recondition, rewind or replace", "Rewind chosen by R. Ashe")
                .contains("licensed practice come first", "Tarn Quay Motor Works");
        assertThat(text("TQ-0401"))
                .contains(
                        "As it came in",
                        "Only a breaker stood before it",
                        "Photographs",
                        "drawn for the demonstration");
        assertThat(text("TQ-0402"))
                .contains(
                        "Here before as TQ-0352: moisture or dirt, pit pump fails and the pit floods. Advised then: Alarm on")
                .contains("Here before as TQ-0287: moisture or dirt. Nothing was advised then.");
        assertThat(text("TQ-0410")).contains("Estimated, not read: 11 kW", "power: estimated");
        assertThat(text("TQ-0404")).contains("The coil map shows burnt copper");
    }

    @ParameterizedTest
    @ValueSource(strings = {"TQ-0401", "TQ-0413", "TQ-0414"})
    void theTagIsOneLabelWhoseCodeOpensTheJob(String tag) throws Exception {
        byte[] bytes = visitor.get("/api/jobs/" + tag + "/tag.pdf").with(200).bytes();
        try (PDDocument pdf = Loader.loadPDF(bytes)) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(pdf)).contains(tag);
            String code = read(new PDFRenderer(pdf));
            assertThat(code).isEqualTo("http://127.0.0.1:" + visitor.port() + "/jobs/" + tag);
        }
    }

    /**
     * Reads the code as a camera does, by more than one look: of 360 labels at 300 dots an inch the reader missed one, at 600
     * none.
     */
    private static String read(PDFRenderer page) throws IOException {
        for (int dotsPerInch : new int[] {300, 450, 600}) {
            BufferedImage label = page.renderImageWithDPI(0, dotsPerInch, ImageType.RGB);
            int[] pixels = label.getRGB(0, 0, label.getWidth(), label.getHeight(), null, 0, label.getWidth());
            var light = new RGBLuminanceSource(label.getWidth(), label.getHeight(), pixels);
            try {
                return new QRCodeReader()
                        .decode(new BinaryBitmap(new HybridBinarizer(light)))
                        .getText();
            } catch (ReaderException missed) {
                continue;
            }
        }
        throw new AssertionError("No look at the label reads its code");
    }

    @Test
    void anEmptyJobPrintsWhatThereIs() throws IOException {
        assertThat(text(Plates.received(visitor))).contains("Demonstration: Energising blocked", "No lock-out stands");
    }

    /** A hundred who press print at once want one page; whoever asks after a change wants the new one. */
    @Test
    void aPageIsPrintedAnewOnceItsJobHasChanged() throws IOException {
        String tag = Plates.received(visitor);
        byte[] first = visitor.get("/api/jobs/" + tag + "/sheet.pdf").with(200).bytes();
        assertThat(visitor.get("/api/jobs/" + tag + "/sheet.pdf").with(200).bytes())
                .isEqualTo(first);
        Plates.sheet(visitor, tag, "plate", Plates.typed());
        assertThat(text(tag)).contains("15 kW");
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
                List.of("dark", "bright", "burst", "warm", "dull", "dark"),
                List.of(),
                List.of(new CoilMapDrawing.Mark(1, "in-slot"), new CoilMapDrawing.Mark(3, "phase-barrier")));
        assertThat(svg.split("stroke-width=\"0.6\"")).hasSize(7);
        assertThat(svg.split("class=\"spot\"")).hasSize(3);
        assertThat(svg).contains(">A1<", ">C1<", ">B1<", ">B2<");
    }

    /** Two groups of 1 and 2 coils part the ring at 120°, where the sine is √3/2 and the cosine −1/2. */
    @Test
    void aGroupIsAsWideAsItsCoils() {
        String even = CoilMapDrawing.svg(List.of("dark", "dark"), List.of(), List.of());
        String uneven = CoilMapDrawing.svg(List.of("dark", "dark"), List.of(1.0, 2.0), List.of());
        double angle = 2 * Math.PI / 3 - 0.015;
        String corner = String.format(java.util.Locale.ROOT, "%.2f %.2f", 95 * Math.sin(angle), -95 * Math.cos(angle));
        assertThat(uneven).contains(corner);
        assertThat(even).doesNotContain(corner);
    }
}
