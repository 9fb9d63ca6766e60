package app.brasskettle.server.reports;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.server.jobview.JobView;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Locale;

/** A page of XHTML being written: headings, lines, rows, judgements in the look of the shop's printed sheets. */
abstract class SheetPage {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy HH:mm zzz", Locale.ENGLISH);
    static final String STYLE = """
            @page { size: A4; margin: 16mm 15mm 18mm; @bottom-right { content: counter(page) " / " counter(pages);
              font-family: Sheet; font-size: 8pt; color: #6b6457; } }
            body { font-family: Sheet; font-size: 9.5pt; color: #24221d; line-height: 1.35; }
            h1 { font-size: 19pt; margin: 0; } h2 { font-size: 12pt; margin: 14pt 0 4pt; border-bottom: 0.8pt solid #b98a2f; }
            table { border-collapse: collapse; width: 100%; } td, th { text-align: left; vertical-align: top;
              padding: 2.2pt 6pt 2.2pt 0; border-bottom: 0.4pt solid #d9d0bf; } th { color: #6b6457; font-weight: 400; }
            .n { font-family: Figures; text-align: right; white-space: nowrap; } .soft { color: #6b6457; }
            .struck { text-decoration: line-through; color: #6b6457; } .v { width: 62pt; white-space: nowrap; }
            section { page-break-inside: avoid; }
            .photo { display: inline-block; width: 86mm; margin: 0 3mm 3mm 0; vertical-align: top; }
            .photo img { width: 86mm; }
            .beside .photo, .beside .photo img { width: 52mm; }
            """;

    private final ZoneId zone;
    final StringBuilder out = new StringBuilder();

    /**
     * Starts a page.
     *
     * @param zone time zone of the shop, in which every moment is written
     */
    SheetPage(ZoneId zone) {
        this.zone = zone;
    }

    final void judgement(Judgement j) {
        judgement(j, j.verdict().label());
    }

    /** The same under another word, for what is no measurement. */
    final void judgement(Judgement j, String word) {
        out.append("<table><tr><td class=\"v\">")
                .append(VerdictDrawing.svg(j.verdict()))
                .append(" <b>")
                .append(word)
                .append("</b></td><td>")
                .append(Markup.esc(j.headline()));
        List<String> small = new ArrayList<>();
        for (String s : List.of(j.because(), j.source(), j.next())) {
            if (!s.isBlank()) {
                small.add(Markup.esc(s));
            }
        }
        out.append("<br/><span class=\"soft\">")
                .append(String.join(" · ", small))
                .append("</span></td></tr></table>");
    }

    final void steps(List<Step> steps) {
        out.append("<table>");
        steps.forEach(s -> row(
                "<span class=\"soft\">" + Markup.esc(s.name()) + "</span>",
                "<span class=\"n\">" + Markup.esc(s.formula()) + " = " + Figures.plain(s.value()) + " "
                        + Markup.esc(s.unit()) + "</span>"));
        out.append("</table>");
    }

    final void photograph(Pictured p) {
        out.append("<div class=\"photo\"><img src=\"data:image/jpeg;base64,")
                .append(Base64.getEncoder().encodeToString(p.jpeg()))
                .append("\"/><br/>")
                .append(esc(p.photo().caption()))
                .append(" <span class=\"soft\">")
                .append(esc(p.photo().by()))
                .append(", ")
                .append(day(p.photo().at()))
                .append("</span></div>");
    }

    final void done(JobView.Done done) {
        line("<span class=\"soft\">" + Markup.esc(done.by()) + ", " + day(done.at()) + "</span>");
    }

    final void open(String heading) {
        out.append("<section><h2>").append(Markup.esc(heading)).append("</h2>");
    }

    final void close() {
        out.append("</section>");
    }

    final void row(String left, String right) {
        out.append("<tr><td style=\"width:150pt\">")
                .append(left)
                .append("</td><td>")
                .append(right)
                .append("</td></tr>");
    }

    final void line(String html) {
        out.append("<div>").append(html).append("</div>");
    }

    /** Writes a moment by the clock of the shop, with the zone it is told in. */
    final String day(OffsetDateTime at) {
        return DAY.format(at.atZoneSameInstant(zone));
    }

    static String esc(String text) {
        return Markup.esc(text);
    }
}
