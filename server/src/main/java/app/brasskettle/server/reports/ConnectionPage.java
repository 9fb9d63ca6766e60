package app.brasskettle.server.reports;

import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.server.drawings.ConnectionRing;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.settings.ShopSettings;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** A connection diagram on one page: the ring, the table to braze by, and what the leads make outside. */
final class ConnectionPage {

    private static final String STYLE = """
            @page { size: A4; margin: 10mm 11mm; }
            body { font-family: Sheet; font-size: 8.5pt; color: #000; line-height: 1.25; margin: 0; }
            h1 { font-size: 15pt; margin: 0; } h2 { font-size: 10pt; margin: 5pt 0 2pt; border-bottom: 0.8pt solid #000; }
            p { margin: 0 0 2pt; } table { border-collapse: collapse; width: 100%; }
            td, th { text-align: left; vertical-align: top; padding: 1pt 5pt 1pt 0; border-bottom: 0.4pt solid #999; }
            .ring { text-align: center; } .joints { -fs-table-paginate: none; } .mono { font-family: Figures; }
            .columns td { border: 0; padding: 0 4mm 0 0; }
            """;
    private static final int COLUMNS = 3;

    private ConnectionPage() {}

    /**
     * Writes the page.
     *
     * @param job the job, for its tag and motor
     * @param diagram what is drawn
     */
    static String html(JobView job, ConnectionDiagram diagram, ShopSettings settings) {
        StringBuilder out = new StringBuilder("<html><head><title>Connection of ")
                .append(Markup.esc(job.identity().tag()))
                .append("</title><style>")
                .append(STYLE)
                .append("</style></head><body><h1>Connection, ")
                .append(Markup.esc(job.identity().tag()))
                .append("</h1><p>")
                .append(Markup.esc(
                        job.identity().machine() + " · " + job.identity().motor() + " · " + settings.printedName()))
                .append(
                        "</p><p>Seen from the connection end. Group 1 begins at the top, numbers go clockwise. S start, F finish. ")
                .append("Phase A full, B dashed, C dotted. ")
                .append(Markup.esc(diagram.judgement().headline()))
                .append(".</p><div class=\"ring\">")
                .append(new ConnectionRing(diagram.groups(), diagram.joints())
                        .svg()
                        .replaceFirst("<svg ", "<svg width=\"150mm\" height=\"150mm\" "))
                .append("</div>");
        connections(out, diagram);
        joints(out, diagram.joints());
        return out.append("</body></html>").toString();
    }

    private static void connections(StringBuilder out, ConnectionDiagram diagram) {
        out.append("<h2>Leads</h2><table><tr><th></th><th>line a</th><th>line b</th><th>line c</th><th>joined</th>")
                .append("<th>circuits</th><th>turns, lines a b c</th></tr>");
        for (ConnectionDiagram.Connection c : diagram.connections()) {
            out.append("<tr><td>")
                    .append(Markup.esc(c.name() + ", " + c.poles() + " poles"))
                    .append("</td>");
            List.of(c.lines().a(), c.lines().b(), c.lines().c())
                    .forEach(line -> out.append("<td class=\"mono\">")
                            .append(Markup.esc(String.join(" ", line)))
                            .append("</td>"));
            out.append("<td class=\"mono\">")
                    .append(Markup.esc(
                            c.joined().isEmpty()
                                    ? "none"
                                    : c.joined().stream()
                                            .map(j -> String.join(" ", j))
                                            .collect(Collectors.joining(" · "))))
                    .append("</td><td>")
                    .append(c.parallelCircuits() + " in " + c.connection().label())
                    .append("</td><td>")
                    .append(c.rotation().label())
                    .append("</td></tr>");
        }
        out.append("</table>");
    }

    /** The joints in columns, each with a box to tick. */
    private static void joints(StringBuilder out, List<List<String>> joints) {
        out.append("<h2>Joints to braze, ").append(joints.size()).append("</h2><table class=\"columns\"><tr>");
        int each = (joints.size() + COLUMNS - 1) / COLUMNS;
        for (int column = 0; column < COLUMNS; column++) {
            List<String> lines = new ArrayList<>();
            for (int j = column * each; j < Math.min(joints.size(), (column + 1) * each); j++) {
                lines.add("□ " + (j + 1) + "  " + Markup.esc(String.join(" – ", joints.get(j))));
            }
            out.append("<td class=\"mono\">")
                    .append(String.join("<br/>", lines))
                    .append("</td>");
        }
        out.append("</tr></table>");
    }
}
