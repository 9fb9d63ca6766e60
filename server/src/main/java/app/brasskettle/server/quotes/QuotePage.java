package app.brasskettle.server.quotes;

import static app.brasskettle.server.reports.Markup.esc;

import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.reports.VerdictDrawing;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.function.LongFunction;

/** A quote on paper: the first page for the owner, what was measured behind it. Black on white, no figure told by colour alone. */
final class QuotePage {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    private static final String STYLE = """
            @page { size: A4; margin: 15mm 16mm 17mm; @bottom-left { content: "%s"; font-family: Sheet; font-size: 8pt; }
              @bottom-right { content: counter(page) " / " counter(pages); font-family: Sheet; font-size: 8pt; } }
            body { font-family: Sheet; font-size: 9.6pt; color: #000; line-height: 1.32; margin: 0; }
            .head { border-bottom: 1.6pt solid #000; padding-bottom: 5pt; margin-bottom: 7pt; }
            .head table { width: 100%%; } .shop { font-size: 13pt; font-weight: 700; } .right { text-align: right; }
            h1 { font-size: 15pt; margin: 0 0 2pt; } h2 { font-size: 10.5pt; margin: 9pt 0 2pt; }
            table { border-collapse: collapse; } td, th { vertical-align: top; text-align: left; padding: 2pt 7pt 2pt 0; }
            table.grid { width: 100%%; } table.grid td, table.grid th { border-bottom: 0.5pt solid #777; }
            th { font-weight: 400; font-size: 8.4pt; } .n { text-align: right; font-family: Figures; white-space: nowrap; } .n b { font-family: Sheet; }
              .keep { white-space: nowrap; }
            .small { font-size: 8.4pt; } .struck { text-decoration: line-through; }
            .advised td { border-top: 1.4pt solid #000; border-bottom: 1.4pt solid #000 !important; }
            .advice { border: 1.2pt solid #000; padding: 5pt 8pt; margin: 7pt 0; page-break-inside: avoid; }
            .advice b { font-size: 11.5pt; } .photo { display: inline-block; width: 52mm; margin-right: 3mm; vertical-align: top; }
            .photo img { width: 52mm; max-height: 42mm; } .appendix { page-break-before: always; }
            ul { margin: 0; padding-left: 12pt; } section { page-break-inside: avoid; }
            """;

    private final QuoteContent quote;
    private final LongFunction<byte[]> pictures;
    private final StringBuilder out = new StringBuilder();

    private QuotePage(QuoteContent quote, LongFunction<byte[]> pictures) {
        this.quote = quote;
        this.pictures = pictures;
    }

    /**
     * The pages as XHTML.
     *
     * @param pictures a photograph by its number, as JPEG
     */
    static String html(QuoteContent quote, LongFunction<byte[]> pictures) {
        return new QuotePage(quote, pictures).pages();
    }

    private String pages() {
        String title = "Quote " + quote.version() + " for " + quote.tag();
        out.append("<html lang=\"en\"><head><title>")
                .append(esc(title))
                .append("</title><style>")
                .append(STYLE.formatted(esc(quote.shop().name() + ", " + title).replace("\\", "")))
                .append("</style></head><body>");
        head();
        found();
        advice();
        options();
        flips();
        terms();
        appendix();
        return out.append("</body></html>").toString();
    }

    private void head() {
        out.append("<div class=\"head\"><table><tr><td><span class=\"shop\">")
                .append(esc(quote.shop().name()))
                .append("</span><br/>")
                .append(lines(quote.shop().address()))
                .append("</td><td class=\"right\"><b>Quote ")
                .append(quote.version())
                .append("</b>, job ")
                .append(esc(quote.tag()))
                .append("<br/>")
                .append(day(quote.issuedAt()))
                .append("<br/><b>Valid until ")
                .append(day(quote.validUntil()))
                .append("</b></td></tr></table></div><h1>")
                .append(esc(quote.machine()))
                .append("</h1><div>")
                .append(esc(quote.customer()))
                .append(quote.motor().isEmpty() ? "" : " · " + esc(quote.motor()))
                .append(quote.serial().isEmpty() ? "" : " · No. " + esc(quote.serial()))
                .append("</div>");
        if (!quote.complaint().isBlank()) {
            out.append("<div>You told us: “").append(esc(quote.complaint())).append("”</div>");
        }
    }

    private void found() {
        out.append("<table style=\"width:100%\"><tr><td>");
        out.append("<h2>What we found</h2><ul>");
        quote.found().forEach(f -> out.append("<li>").append(esc(f.sentence())).append("</li>"));
        out.append("</ul><h2>Why it failed</h2><div>").append(esc(quote.why())).append("</div>");
        if (!quote.prevention().isEmpty()) {
            out.append("<h2>What keeps it from coming back</h2><ul>");
            quote.prevention().forEach(p -> out.append("<li>").append(esc(p)).append("</li>"));
            out.append("</ul>");
        }
        out.append("</td>");
        quote.coilMap()
                .ifPresent(
                        svg -> out.append("<td style=\"width:58mm;padding-right:0\">")
                                .append(svg.replaceFirst(
                                        "width=\"210\" height=\"210\"", "width=\"155\" height=\"155\""))
                                .append(
                                        "<div class=\"small\">The winding from the connection end: the darker, the hotter it was.</div></td>"));
        out.append("</tr></table>");
        quote.photos()
                .forEach(p -> out.append("<div class=\"photo\"><img src=\"data:image/jpeg;base64,")
                        .append(Base64.getEncoder().encodeToString(pictures.apply(p.id())))
                        .append("\"/><div class=\"small\">")
                        .append(esc(p.caption()))
                        .append("</div></div>"));
    }

    private void options() {
        String money =
                quote.shop().currency().isEmpty() ? "" : ", " + esc(quote.shop().currency());
        boolean tax = quote.shop().taxPercent().filter(t -> t > 0).isPresent();
        out.append("<h2>What can be done</h2><table class=\"grid\"><tr><th></th><th class=\"right\">price")
                .append(money)
                .append(tax ? "<br/>with tax" : "")
                .append(
                        "</th><th>ready in</th><th>warranty</th><th>lasts about</th><th class=\"right\">all of it<br/>a year")
                .append("</th></tr>");
        quote.options().forEach(o -> option(o, tax));
        out.append(
                "</table><div class=\"small\">“All of it a year” spreads the price and your outage over the life and adds "
                        + "the energy it draws.</div>");
    }

    private void option(QuoteContent.Option o, boolean tax) {
        boolean advised = quote.advised().filter(o.name()::equals).isPresent();
        out.append(advised ? "<tr class=\"advised\"><td>" : "<tr><td>")
                .append(
                        o.open()
                                ? "<b>" + esc(o.name()) + "</b>"
                                : "<span class=\"struck\">" + esc(o.name()) + "</span>")
                .append(advised ? " – recommended" : "");
        for (String small : List.of(
                o.reason(),
                o.open() || o.bringsBack().isEmpty() ? "" : "What would bring it back: " + o.bringsBack(),
                o.payback(),
                o.included().isEmpty() ? "" : "Included: " + o.included(),
                o.notIncluded().isEmpty() || !o.open() ? "" : "Not included: " + o.notIncluded())) {
            if (!small.isBlank()) {
                out.append("<div class=\"small\">").append(esc(small)).append("</div>");
            }
        }
        out.append("</td><td class=\"n\">");
        if (o.open() && o.priced()) {
            out.append("<b>").append(o.price().gross().toPlainString()).append("</b>");
            if (tax) {
                out.append("<div class=\"small\">")
                        .append(o.price().net().toPlainString())
                        .append(" + ")
                        .append(o.price().tax().toPlainString())
                        .append("</div>");
            }
        } else {
            out.append(o.open() ? "on request" : "–");
        }
        String dash = o.open() && o.priced() ? "" : "–";
        for (String cell : List.of(o.lead(), o.warranty(), o.life())) {
            out.append("</td><td class=\"keep\">").append(o.open() ? esc(cell).replace(" (", "<br/>(") : dash);
        }
        out.append("</td><td class=\"n\">")
                .append(o.open() && o.priced() ? esc(o.yearly()) : dash)
                .append("</td></tr>");
    }

    private void advice() {
        out.append("<div class=\"advice\"><b>")
                .append(esc(quote.advice().word()))
                .append(": ")
                .append(esc(quote.advice().headline()))
                .append("</b><div>")
                .append(esc(quote.advice().because()))
                .append(".</div>");
        quote.reasons()
                .forEach(r -> out.append("<div class=\"small\">")
                        .append(esc(r.words()))
                        .append(". ")
                        .append(esc(r.effect()))
                        .append(r.moves() ? ": this moves the advice." : ".")
                        .append("</div>"));
        out.append("</div>");
    }

    private void flips() {
        if (!quote.flips().isEmpty()) {
            out.append("<section><h2>What would change this advice</h2><ul>");
            quote.flips().forEach(f -> out.append("<li>").append(esc(f)).append("</li>"));
            out.append("</ul></section>");
        }
    }

    private void terms() {
        out.append("<section><h2>Terms</h2><div>Prices ")
                .append(
                        quote.shop().taxPercent().filter(t -> t > 0).isPresent()
                                ? "include " + quote.shop().taxPercent().get() + " % tax"
                                : "are without tax")
                .append(". This quote stands until ")
                .append(day(quote.validUntil()))
                .append("; a change makes a new one.</div><div>")
                .append(lines(quote.shop().terms()))
                .append("</div></section>");
    }

    private void appendix() {
        out.append("<div class=\"appendix\"><h1>What was measured, and how prices are made</h1>");
        if (quote.simulated()) {
            out.append(
                    "<div><b>Readings marked simulated come from a model and say nothing of a real motor.</b></div>");
        }
        out.append("<table class=\"grid\"><tr><th></th><th>test</th><th>figure and limit</th></tr>");
        quote.technical().forEach(this::technical);
        out.append("</table>");
        for (QuoteContent.Option o : quote.options()) {
            if (!o.lines().isEmpty()) {
                out.append("<section><h2>").append(esc(o.name())).append("</h2><table class=\"grid\">");
                o.lines()
                        .forEach(l -> out.append("<tr><td>")
                                .append(esc(l.task()))
                                .append("<span class=\"small\"> ")
                                .append(esc(l.basis()))
                                .append("</span></td><td class=\"n\">")
                                .append(esc(l.quantity()))
                                .append("</td><td class=\"n\">")
                                .append(esc(l.rate()))
                                .append("</td><td class=\"n\">")
                                .append(esc(l.amount()))
                                .append("</td></tr>"));
                out.append("<tr><td><b>Without tax</b></td><td></td><td></td><td class=\"n\"><b>")
                        .append(o.price().net().toPlainString())
                        .append("</b></td></tr></table></section>");
            }
        }
        out.append("<div class=\"small\">Options are compared by equivalent annual cost. Local codes, the instruments’ "
                + "instructions and licensed practice come first.</div></div>");
    }

    private void technical(QuoteContent.Technical t) {
        Verdict verdict = Coded.parse(Verdict.class, t.verdict()).orElse(Verdict.UNPROVEN);
        out.append("<tr><td style=\"white-space:nowrap\">")
                .append(VerdictDrawing.svg(verdict))
                .append(" ")
                .append(verdict.label())
                .append("</td><td>")
                .append(esc(t.test()))
                .append(t.simulated() ? " (simulated)" : "")
                .append("</td><td>")
                .append(esc(t.headline()));
        for (String small : List.of(
                t.because(), t.source(), t.other().isEmpty() ? "" : "By the other school: " + t.other(), t.caveats())) {
            if (!small.isBlank()) {
                out.append("<div class=\"small\">").append(esc(small)).append("</div>");
            }
        }
        out.append("</td></tr>");
    }

    private String day(OffsetDateTime at) {
        return DAY.format(at.atZoneSameInstant(ZoneId.of(quote.shop().zone())));
    }

    private static String lines(String text) {
        return esc(text).replace("\n", "<br/>");
    }
}
