package app.brasskettle.server.printing;

import app.brasskettle.core.worksheet.TextBounds;
import app.brasskettle.server.admission.WorkGate;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PDFontSupplier;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Pages of XHTML turned into PDF with fonts of their own, so that they print alike everywhere. */
@Component
public class PdfPrinter {

    private static final Logger LOG = LoggerFactory.getLogger(PdfPrinter.class);
    private static final int REPLACEMENT = 0xFFFD;

    /** A page takes a processor for up to a second: one at a time leaves the others to the floor. */
    private static final WorkGate QUEUE =
            new WorkGate(1, "The printer has other pages before this one. Try again in a moment");

    /** The first page takes seconds, while classes and fonts are loaded; nobody should wait for it. */
    @EventListener(ApplicationReadyEvent.class)
    void warm() {
        Thread thread = new Thread(
                () -> LOG.debug("Printer warm, {} bytes", print("<html><body>warm</body></html>").length),
                "pdf-warm-up");
        thread.setDaemon(true);
        thread.start();
    }

    /** Prints a page for the shop's own use. */
    public byte[] print(String xhtml) {
        return print(xhtml, new PdfRendererBuilder());
    }

    /** Prints what is kept for good and goes to customers: PDF/A-2b (ISO 19005-2), all it needs inside it. */
    public byte[] archival(String xhtml) {
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.usePdfAConformance(PdfRendererBuilder.PdfAConformance.PDFA_2_B);
        builder.useColorProfile(ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData());
        return print(xhtml, builder);
    }

    private static byte[] print(String xhtml, PdfRendererBuilder builder) {
        return QUEUE.through(() -> printed(printable(xhtml), builder));
    }

    /** What is on record from before such characters were refused must not keep a page from being printed. */
    static String printable(String xhtml) {
        StringBuilder out = new StringBuilder(xhtml.length());
        xhtml.codePoints().map(c -> TextBounds.printable(c) ? c : REPLACEMENT).forEach(out::appendCodePoint);
        return out.toString();
    }

    private static byte[] printed(String xhtml, PdfRendererBuilder builder) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        builder.useSVGDrawer(new BatikSVGDrawer());
        try (PDDocument document = new PDDocument()) {
            builder.usePDDocument(document);
            builder.useFont(font(document, "LiberationSans-Regular"), "Sheet", 400, FontStyle.NORMAL, true);
            builder.useFont(font(document, "LiberationSans-Bold"), "Sheet", 700, FontStyle.NORMAL, true);
            builder.useFont(font(document, "LiberationMono-Regular"), "Figures", 400, FontStyle.NORMAL, true);
            builder.withHtmlContent(xhtml, null);
            builder.toStream(out);
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException("The sheet could not be printed", e);
        }
        return out.toByteArray();
    }

    /** Without its ligatures, which no page uses: to look for them takes more than half of the time of a page. */
    private static PDFontSupplier font(PDDocument document, String name) throws IOException {
        InputStream file = PdfPrinter.class.getResourceAsStream("/liberation/" + name + ".ttf");
        TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(file));
        font.setEnableGsub(false);
        return new PDFontSupplier(PDType0Font.load(document, font, true));
    }
}
