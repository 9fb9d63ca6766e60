package app.brasskettle.server.reports;

import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.redesign.CoilTicket;
import app.brasskettle.core.redesign.RedesignAssessment;
import app.brasskettle.core.redesign.WireDraw;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.server.drawings.ConnectionRing;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.settings.ShopSettings;
import java.util.List;
import java.util.stream.Collectors;

/** The coil ticket: what the winder needs at the machine and at the stator, on one page in black and white. */
final class CoilTicketPage {

    private static final String STYLE = """
            @page { size: A4; margin: 10mm 11mm; }
            body { font-family: Sheet; font-size: 8.5pt; color: #000; line-height: 1.22; margin: 0; }
            h1 { font-size: 15pt; margin: 0; } h2 { font-size: 9.5pt; margin: 4pt 0 1pt; border-bottom: 0.8pt solid #000; }
            p { margin: 0 0 2pt; } table { border-collapse: collapse; width: 100%; }
            td { vertical-align: top; padding: 0.8pt 5pt 0.8pt 0; border-bottom: 0.4pt solid #999; }
            .halves { table-layout: fixed; } .halves > tbody > tr > td { border: 0; padding: 0 5mm 0 0; }
            .mono { font-family: Figures; } .how { font-size: 7.2pt; color: #333; } .code { float: right; }
            .stop { font-weight: 700; border: 1.2pt solid #000; padding: 0.8mm 1.5mm; }
            """;
    private static final int COLUMNS = 4;
    private static final int RING_JOINTS = 60;

    private CoilTicketPage() {}

    /**
     * Writes the page.
     *
     * @param job the job
     * @param design what the new winding comes to, its wire chosen
     * @param ticket what is cut and wound
     * @param address what its code opens
     */
    static String html(
            JobView job, RedesignAssessment design, CoilTicket ticket, String address, ShopSettings settings) {
        String tag = Markup.esc(job.identity().tag());
        StringBuilder out = new StringBuilder("<html><head><title>Coil ticket of ")
                .append(tag)
                .append("</title><style>")
                .append(STYLE)
                .append("</style></head><body><div class=\"code\">")
                .append(QrDrawing.svg(address, 24))
                .append("</div><h1>Coil ticket, ")
                .append(tag)
                .append("</h1><p>")
                .append(Markup.esc(
                        job.identity().machine() + " · " + job.identity().motor() + " · " + settings.printedName()))
                .append("</p><p>")
                .append(Markup.esc(design.judgement().verdict().label() + ": "
                        + design.judgement().headline() + "."))
                .append("</p>");
        if (design.judgement().verdict() != Verdict.HOLDS) {
            out.append("<p class=\"stop\">")
                    .append(Markup.esc(
                            "Before a coil is wound: " + design.judgement().next()))
                    .append("</p>");
        }
        out.append("<table class=\"halves\"><tr><td>");
        lines(out, "Coils", ticket.coils());
        lines(out, "Former", ticket.former());
        out.append("</td><td>");
        wire(out, ticket.wire());
        lines(out, "Insulation to cut", ticket.insulation());
        lines(out, "Leads", ticket.leads());
        out.append("</td></tr></table>");
        design.diagram().ifPresent(d -> diagram(out, d));
        return out.append("</body></html>").toString();
    }

    private static void lines(StringBuilder out, String title, List<CoilTicket.Line> lines) {
        out.append("<h2>").append(title).append("</h2><table>");
        for (CoilTicket.Line l : lines) {
            out.append("<tr><td>")
                    .append(Markup.esc(l.what()))
                    .append("</td><td><b>")
                    .append(Markup.esc(l.figure()))
                    .append("</b>")
                    .append(l.how().isEmpty() ? "" : "<br/><span class=\"how\">" + Markup.esc(l.how()) + "</span>")
                    .append("</td></tr>");
        }
        out.append("</table>");
    }

    private static void wire(StringBuilder out, List<WireDraw> draws) {
        out.append("<h2>Wire to draw from the rack</h2><table>");
        for (WireDraw d : draws) {
            out.append("<tr><td>□ ")
                    .append(Markup.esc(d.name()))
                    .append("</td><td><b>")
                    .append(Figures.significant(d.neededKg(), 3))
                    .append(" kg</b><br/><span class=\"how\">")
                    .append(
                            d.orderKg() > 0
                                    ? "short of " + Figures.significant(d.orderKg(), 2) + " kg: order it"
                                    : "the rack holds " + Figures.significant(d.onHandKg(), 3) + " kg")
                    .append("</span></td></tr>");
        }
        out.append("</table>");
    }

    private static void diagram(StringBuilder out, ConnectionDiagram d) {
        out.append(
                        "<h2>Connection, seen from the connection end, numbers clockwise</h2><table class=\"halves\"><tr><td>")
                .append(new ConnectionRing(d.groups(), d.joints())
                        .svg()
                        .replaceFirst("<svg ", "<svg width=\"88mm\" height=\"88mm\" "))
                .append("</td><td>");
        for (ConnectionDiagram.Connection c : d.connections()) {
            out.append("<p><b>")
                    .append(Markup.esc(c.name()))
                    .append("</b> <span class=\"mono\">a ")
                    .append(Markup.esc(String.join(" ", c.lines().a())))
                    .append(" · b ")
                    .append(Markup.esc(String.join(" ", c.lines().b())))
                    .append(" · c ")
                    .append(Markup.esc(String.join(" ", c.lines().c())))
                    .append(Markup.esc(
                            c.joined().isEmpty()
                                    ? ""
                                    : " · joined "
                                            + c.joined().stream()
                                                    .map(j -> String.join(" ", j))
                                                    .collect(Collectors.joining(" · "))))
                    .append("</span></p>");
        }
        if (d.joints().size() > RING_JOINTS) {
            out.append("<p>").append(d.joints().size()).append(" joints: see the page of the connection.</p>");
        } else {
            joints(out, d.joints());
        }
        out.append("</td></tr></table>");
    }

    private static void joints(StringBuilder out, List<List<String>> joints) {
        int columns = joints.size() > 2 * 18 ? COLUMNS : 2;
        int each = (joints.size() + columns - 1) / columns;
        out.append("<table class=\"halves\"><tr>");
        for (int column = 0; column < columns; column++) {
            out.append("<td class=\"mono\">");
            for (int j = column * each; j < Math.min(joints.size(), (column + 1) * each); j++) {
                out.append("□ ")
                        .append(Markup.esc(String.join(" ", joints.get(j))))
                        .append("<br/>");
            }
            out.append("</td>");
        }
        out.append("</tr></table>");
    }
}
