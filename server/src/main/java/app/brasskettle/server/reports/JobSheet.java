package app.brasskettle.server.reports;

import app.brasskettle.core.cause.FailureRanking;
import app.brasskettle.core.choice.ChoiceReading;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.insulation.TimedReading;
import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.surge.SurgeResult;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.server.jobs.JobView;
import java.time.OffsetDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The sheet of a job as a page of XHTML: what came in, what was found, what it means, what was chosen. */
final class JobSheet {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy HH:mm 'UTC'", Locale.ENGLISH);
    private static final String STYLE = """
            @page { size: A4; margin: 16mm 15mm 18mm; @bottom-right { content: counter(page) " / " counter(pages);
              font-family: Sheet; font-size: 8pt; color: #6b6457; } }
            body { font-family: Sheet; font-size: 9.5pt; color: #24221d; line-height: 1.35; }
            h1 { font-size: 19pt; margin: 0; } h2 { font-size: 12pt; margin: 14pt 0 4pt; border-bottom: 0.8pt solid #b98a2f; }
            table { border-collapse: collapse; width: 100%; } td, th { text-align: left; vertical-align: top;
              padding: 2.2pt 6pt 2.2pt 0; border-bottom: 0.4pt solid #d9d0bf; } th { color: #6b6457; font-weight: 400; }
            .n { font-family: Figures; text-align: right; white-space: nowrap; } .soft { color: #6b6457; }
            .struck { text-decoration: line-through; color: #6b6457; } .v { width: 62pt; white-space: nowrap; }
            section { page-break-inside: avoid; }
            """;

    private final JobView job;
    private final String printedBy;
    private final OffsetDateTime at;
    private final StringBuilder out = new StringBuilder();

    JobSheet(JobView job, String printedBy, OffsetDateTime at) {
        this.job = job;
        this.printedBy = printedBy;
        this.at = at;
    }

    String html() {
        JobView.Identity id = job.identity();
        out.append("<html><head><title>")
                .append(esc(id.tag()))
                .append("</title><style>")
                .append(STYLE)
                .append("</style></head><body>");
        out.append("<h1>")
                .append(esc(id.tag()))
                .append(" · ")
                .append(esc(id.machine()))
                .append("</h1>");
        line(esc(id.customer()) + (id.motor().isEmpty() ? "" : " · " + esc(id.motor())));
        line("<span class=\"soft\">Received " + day(id.receivedAt()) + " by " + esc(id.receivedBy()) + ". Printed "
                + day(at) + " by " + esc(printedBy) + ".</span>");
        if (!id.complaint().isBlank()) {
            line("Complaint: “" + esc(id.complaint()) + "”");
        }
        gate();
        plate();
        tests();
        coilMap();
        cause();
        winding();
        options();
        line(
                "<br/><span class=\"soft\">Local codes, the test equipment’s instructions and licensed practice come first. "
                        + "Readings marked simulated come from a model and say nothing of a real motor.</span>");
        return out.append("</body></html>").toString();
    }

    private void gate() {
        EnergiseGate gate = job.gate();
        open("Power: " + gate.state().spoken());
        if (!gate.holding().isEmpty()) {
            out.append("<table>");
            gate.holding()
                    .forEach(r ->
                            row(esc(r.sentence()), "<span class=\"soft\">opens with: " + esc(r.opens()) + "</span>"));
            out.append("</table>");
        }
        close();
    }

    private void plate() {
        job.plate().ifPresent(p -> {
            open("Nameplate");
            judgement(p.judgement());
            if (!p.contradictions().isEmpty()) {
                p.contradictions().forEach(c -> line(esc(c)));
            }
            close();
        });
    }

    private void tests() {
        JobView.Bench bench = job.bench();
        bench.resistance().ifPresent(t -> {
            open("Winding resistance" + mark(t.simulated()));
            judgement(t.result().judgement());
            StringBuilder read = new StringBuilder();
            for (Pair pair : Pair.values()) {
                read.append(pair.spoken())
                        .append(' ')
                        .append(t.test()
                                .terminalOhms()
                                .of(pair)
                                .map(v -> Figures.show(v, Dimension.RESISTANCE))
                                .orElse("open"))
                        .append("   ");
            }
            line("<span class=\"n\">" + esc(read.toString()) + "at "
                    + Figures.show(t.test().windingTemperatureC(), Dimension.TEMPERATURE) + "</span>");
            done(t.done());
            close();
        });
        bench.insulation().ifPresent(t -> {
            open("Insulation to frame" + mark(t.simulated()));
            judgement(t.standing());
            line("<span class=\"soft\">Field rule: " + t.result().fieldVerdict().spoken() + ", "
                    + esc(t.result().fieldJudgement().headline()) + "</span>");
            out.append("<table><tr>");
            List<TimedReading> readings = t.test().readings();
            readings.forEach(r -> out.append("<th class=\"n\">")
                    .append(Figures.plain(r.seconds()))
                    .append(" s</th>"));
            out.append("</tr><tr>");
            readings.forEach(r -> out.append("<td class=\"n\">")
                    .append(r.overRange().orElse(false) ? "≥ " : "")
                    .append(esc(Figures.show(r.megohm(), Dimension.INSULATION)))
                    .append("</td>"));
            out.append("</tr></table>");
            steps(t.result().steps());
            done(t.done());
            close();
        });
        bench.surge().ifPresent(t -> {
            open("Surge comparison" + mark(t.simulated()));
            judgement(t.outcome().judgement());
            out.append("<table>");
            for (Map.Entry<Pair, SurgeResult> e : t.outcome().pairs().entrySet()) {
                SurgeResult r = e.getValue();
                row(
                        e.getKey().spoken() + " " + r.verdict().spoken(),
                        "<span class=\"n\">differ " + Figures.percent(r.differencePercent()) + " (limit "
                                + Figures.percent(r.limitPercent()) + "), ring shift "
                                + r.frequencyShiftPercent()
                                        .map(Figures::percent)
                                        .orElse("none")
                                + "</span>");
            }
            out.append("</table>");
            done(t.done());
            close();
        });
    }

    private void coilMap() {
        JobView.Sheet sheet = job.sheets().get("coil-map");
        if (sheet == null || !(sheet.typed().get("groups") instanceof List<?> groups) || groups.isEmpty()) {
            return;
        }
        List<Integer> spots = new ArrayList<>();
        if (sheet.typed().get("spots") instanceof List<?> list) {
            for (Object s : list) {
                if (s instanceof Map<?, ?> m) {
                    spots.add((int) Double.parseDouble(String.valueOf(m.get("group"))));
                }
            }
        }
        open("Coil map, seen from the connection end");
        out.append("<table><tr><td style=\"width:160pt;border:0\">")
                .append(CoilMapDrawing.svg(groups.stream().map(Object::toString).toList(), spots))
                .append("</td><td style=\"border:0\">");
        job.ranking().facts().forEach(f -> line(esc(f.sentence())));
        out.append("</td></tr></table>");
        close();
    }

    private void cause() {
        FailureRanking ranking = job.ranking();
        open("Cause");
        judgement(ranking.judgement());
        out.append("<table>");
        ranking.ranking().stream()
                .limit(3)
                .forEach(r -> row(
                        esc(r.spoken()) + " <span class=\"n\">" + Figures.percent(100 * r.probability()) + "</span>",
                        "<span class=\"soft\">for: " + pieces(r.forPieces()) + "<br/>against: " + pieces(r.against())
                                + "</span>"));
        out.append("</table>");
        job.concluded()
                .ifPresent(c -> line("<b>Concluded: " + esc(c.spoken()) + "</b>, by "
                        + esc(c.done().by()) + ", "
                        + day(c.done().at()) + "; the product gave it " + Figures.percent(100 * c.probabilityThen())
                        + "."
                        + (c.reason().isBlank() ? "" : " " + esc(c.reason()))));
        close();
    }

    private static String pieces(List<FailureRanking.Piece> pieces) {
        if (pieces.isEmpty()) {
            return "nothing";
        }
        return esc(String.join(
                ", ",
                pieces.stream()
                        .limit(6)
                        .map(p -> p.words() + " " + (p.decibans() > 0 ? "+" : "−")
                                + Figures.plain(Math.abs(p.decibans())))
                        .toList()));
    }

    private void winding() {
        job.winding().ifPresent(w -> {
            open("Winding data");
            judgement(w.judgement());
            out.append("<table>");
            w.checks().forEach(c -> row(c.verdict().spoken(), esc(c.headline())));
            row("Copper", Figures.show(w.copperMassKg(), Dimension.MASS));
            w.terminalOhmAt25C()
                    .ifPresent(r -> row("Between terminals at 25 °C", esc(Figures.show(r, Dimension.RESISTANCE))));
            out.append("</table>");
            close();
        });
    }

    private void options() {
        job.choice().ifPresent(c -> {
            open("Recondition, rewind or replace");
            out.append(
                    "<table><tr><th></th><th class=\"n\">price</th><th class=\"n\">lead time</th><th class=\"n\">outage</th>"
                            + "<th class=\"n\">energy a year</th><th class=\"n\">a year in all</th></tr>");
            c.options().forEach(this::option);
            out.append("</table>");
            judgement(c.advice());
            job.chosen()
                    .ifPresent(a -> line("<b>" + esc(a.option()) + " chosen by " + esc(a.customer()) + "</b> ("
                            + esc(a.how()) + "), taken down by " + esc(a.done().by()) + ", "
                            + day(a.done().at()) + ": "
                            + esc(a.reason())));
            close();
        });
    }

    private void option(ChoiceReading.Option o) {
        out.append("<tr><td>")
                .append(o.open() ? esc(o.name()) : "<span class=\"struck\">" + esc(o.name()) + "</span>")
                .append(o.reason().isEmpty() ? "" : "<br/><span class=\"soft\">" + esc(o.reason()) + "</span>")
                .append("</td>");
        for (String figure : List.of(
                o.price().toPlainString(),
                Figures.show(o.leadTimeHours(), Dimension.DURATION),
                Figures.fixed(o.outageCost(), 0),
                Figures.fixed(o.annualEnergyCost(), 0),
                Figures.fixed(o.equivalentAnnualCost(), 0))) {
            out.append("<td class=\"n\">").append(esc(figure)).append("</td>");
        }
        out.append("</tr>");
    }

    private void judgement(Judgement j) {
        out.append("<table><tr><td class=\"v\">")
                .append(VerdictDrawing.svg(j.verdict()))
                .append(" <b>")
                .append(j.verdict().spoken())
                .append("</b></td><td>")
                .append(esc(j.headline()));
        List<String> small = new ArrayList<>();
        for (String s : List.of(j.because(), j.source(), j.next())) {
            if (!s.isBlank()) {
                small.add(esc(s));
            }
        }
        out.append("<br/><span class=\"soft\">")
                .append(String.join(" · ", small))
                .append("</span></td></tr></table>");
    }

    private void steps(List<Step> steps) {
        out.append("<table>");
        steps.forEach(s -> row(
                "<span class=\"soft\">" + esc(s.name()) + "</span>",
                "<span class=\"n\">" + esc(s.formula()) + " = " + Figures.plain(s.value()) + " " + esc(s.unit())
                        + "</span>"));
        out.append("</table>");
    }

    private void done(JobView.Done done) {
        line("<span class=\"soft\">" + esc(done.by()) + ", " + day(done.at()) + "</span>");
    }

    private void open(String heading) {
        out.append("<section><h2>").append(esc(heading)).append("</h2>");
    }

    private void close() {
        out.append("</section>");
    }

    private void row(String left, String right) {
        out.append("<tr><td style=\"width:150pt\">")
                .append(left)
                .append("</td><td>")
                .append(right)
                .append("</td></tr>");
    }

    private void line(String html) {
        out.append("<div>").append(html).append("</div>");
    }

    private static String mark(boolean simulated) {
        return simulated ? " (simulated)" : "";
    }

    private static String day(OffsetDateTime at) {
        return DAY.format(at.withOffsetSameInstant(java.time.ZoneOffset.UTC));
    }

    private static String esc(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
