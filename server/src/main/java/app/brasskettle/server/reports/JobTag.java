package app.brasskettle.server.reports;

import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.settings.ShopSettings;
import app.brasskettle.server.triage.TriageRow;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.stream.Collectors;

/** The tag that is tied to a motor: its job number to be read by people, and as a QR code (ISO/IEC 18004) that opens the job. */
final class JobTag {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private static final String STYLE = """
            @page { size: 100mm 62mm; margin: 4mm; }
            body { font-family: Sheet; font-size: 9pt; color: #000; line-height: 1.2; margin: 0; }
            h1 { font-family: Figures; font-size: 23pt; margin: 0 0 0.5mm; letter-spacing: -0.5pt; white-space: nowrap; }
            .code { float: right; width: 32mm; height: 32mm; margin: 0 0 1mm 2mm; }
            .stop { font-weight: 700; border: 1.2pt solid #000; padding: 0.6mm 1.5mm; clear: both; font-size: 9pt; }
            p { margin: 0 0 0.6mm; } .foot { font-size: 7.5pt; clear: both; }
            """;

    private JobTag() {}

    /** The page of XHTML for {@code job}, whose code opens {@code address}. */
    static String html(JobView job, String address, ShopSettings settings) {
        String shop = settings.printedName();
        JobView.Identity id = job.identity();
        StringBuilder out = opened(id.tag(), address);
        line(out, "<b>" + Markup.esc(shorten(id.machine(), 60)) + "</b>");
        line(out, Markup.esc(shorten(id.customer(), 60)));
        line(out, Markup.esc(id.motor().isEmpty() ? "Plate not read" : id.motor()));
        if (!id.mark().isEmpty()) {
            line(out, "No. " + Markup.esc(id.mark()));
        }
        if (id.urgency().equals("rush")) {
            line(
                    out,
                    "<b>RUSH</b>"
                            + id.promisedAt()
                                    .map(p -> ", promised " + DAY.format(p.atZoneSameInstant(settings.zone())))
                                    .orElse(""));
        }
        if (!job.opening().open()) {
            out.append("<p class=\"stop\">Do not open: ")
                    .append(Markup.esc(shorten(job.opening().holding().get(0).sentence(), 90)))
                    .append("</p>");
        }
        line(
                out,
                "<span class=\"foot\">Received " + DAY.format(id.receivedAt().atZoneSameInstant(settings.zone()))
                        + " by " + Markup.esc(id.receivedBy()) + " · " + Markup.esc(shop) + "</span>");
        return out.append("</body></html>").toString();
    }

    /** The label tied to a motor that leaves: what it is, who released it, and the relay's setting. */
    static String released(JobView job, String address, ShopSettings settings) {
        JobView.Identity id = job.identity();
        StringBuilder out = opened(id.tag(), address);
        line(out, "<b>" + Markup.esc(shorten(id.motor(), 70)) + "</b>");
        line(out, Markup.esc(shorten(id.customer(), 60)));
        job.release().relays().forEach(r -> line(out, Markup.esc(r.label())));
        line(
                out,
                "Released " + DAY.format(Certificate.signedAt(job).atZoneSameInstant(settings.zone())) + " by "
                        + Markup.esc(job.release().signatures().stream()
                                .map(s -> s.by())
                                .collect(Collectors.joining(", "))));
        line(out, "<span class=\"foot\">" + Markup.esc(settings.printedName()) + "</span>");
        return out.append("</body></html>").toString();
    }

    /** The label of a motor from the pile: its mark, what a minute said, and what comes next. */
    static String html(TriageRow row, ShopSettings settings) {
        String shop = settings.printedName();
        StringBuilder out = new StringBuilder("<html><head><title>")
                .append(Markup.esc(row.mark()))
                .append("</title><style>")
                .append(STYLE)
                .append("</style></head><body><h1>")
                .append(Markup.esc(shorten(row.mark(), 16)))
                .append("</h1>");
        out.append("<p class=\"stop\">")
                .append(Markup.esc(shorten(row.judgement().headline(), 120)))
                .append("</p>");
        line(out, "Next: " + Markup.esc(row.judgement().next()));
        line(
                out,
                "<span class=\"foot\">Looked at " + DAY.format(row.at().atZoneSameInstant(settings.zone())) + " by "
                        + Markup.esc(row.by())
                        + row.job().map(j -> " · job " + Markup.esc(j)).orElse("") + " · " + Markup.esc(shop)
                        + "</span>");
        return out.append("</body></html>").toString();
    }

    /** A tag as far as its code and its number. */
    private static StringBuilder opened(String tag, String address) {
        return new StringBuilder("<html><head><title>")
                .append(Markup.esc(tag))
                .append("</title><style>")
                .append(STYLE)
                .append("</style></head><body><div class=\"code\">")
                .append(QrDrawing.svg(address, 32))
                .append("</div><h1>")
                .append(Markup.esc(tag))
                .append("</h1>");
    }

    private static void line(StringBuilder out, String html) {
        out.append("<p>").append(html).append("</p>");
    }

    private static String shorten(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most - 1) + "…";
    }
}
