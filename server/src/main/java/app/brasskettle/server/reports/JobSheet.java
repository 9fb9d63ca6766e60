package app.brasskettle.server.reports;

import app.brasskettle.core.cause.FailureRanking;
import app.brasskettle.core.choice.ComparedOption;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.worksheet.Phrase;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.settings.ShopSettings;
import java.time.OffsetDateTime;
import java.util.List;

/** The sheet of a job as a page of XHTML: what came in, what was found, what it means, what was chosen. */
final class JobSheet extends SheetPage {

    private final JobView job;
    private final String printedBy;
    private final OffsetDateTime at;
    private final List<Pictured> photos;
    private final ShopSettings shop;

    JobSheet(JobView job, List<Pictured> photos, ShopSettings shop, String printedBy, OffsetDateTime at) {
        super(shop.zone());
        this.job = job;
        this.photos = photos;
        this.shop = shop;
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
                + day(at) + " by " + esc(printedBy) + ", " + esc(shop.printedName()) + ".</span>");
        if (!id.complaint().isBlank()) {
            line("Complaint: “" + esc(id.complaint()) + "”");
        }
        gate();
        arrival();
        plate();
        out.append(TestPages.html(job, shop.zone()));
        TeardownPages teardown = new TeardownPages(job, photos, shop.zone());
        out.append(teardown.html());
        cause();
        winding();
        options();
        photographs(teardown.left());
        line(
                "<br/><span class=\"soft\">Local codes, the test equipment’s instructions and licensed practice come first. "
                        + "Readings marked simulated come from a model and say nothing of a real motor.</span>");
        return out.append("</body></html>").toString();
    }

    private void gate() {
        EnergiseGate gate = job.gate();
        open((gate.demonstration() ? "Demonstration: " : "")
                + Phrase.capital(gate.state().label()));
        if (gate.demonstration()) {
            line(
                    "Simulated instruments are on in this shop. Nothing here permits a customer’s motor to be put on power.");
        }
        if (!gate.holding().isEmpty()) {
            out.append("<table>");
            gate.holding()
                    .forEach(r -> row(
                            esc(r.sentence()),
                            "<span class=\"soft\">lifted by: " + esc(r.liftedBy()) + "; " + esc(r.source())
                                    + "</span>"));
            out.append("</table>");
        }
        gate.waived()
                .forEach(w ->
                        line("Waived by " + esc(w.by()) + ": “" + esc(w.reason().sentence()) + "”, " + esc(w.why())));
        job.plateChanges().forEach(c -> line("<span class=\"soft\">" + esc(c) + "</span>"));
        close();
    }

    private void arrival() {
        job.arrival().ifPresent(a -> {
            open("As it came in");
            a.lines().forEach(this::judgement);
            close();
        });
    }

    private void photographs(List<Pictured> left) {
        if (left.isEmpty()) {
            return;
        }
        open("Photographs");
        left.forEach(this::photograph);
        close();
    }

    private void plate() {
        job.plate().ifPresent(p -> {
            open("Nameplate");
            judgement(p.judgement());
            p.rating().ifPresent(r -> r.contradictions().forEach(c -> line(esc(c))));
            p.doubtful().forEach(d -> line("<span class=\"soft\">" + esc(d) + "</span>"));
            p.blocks().forEach(b -> line(esc(b.sentence())));
            p.cautions().forEach(c -> line("<b>" + esc(c) + "</b>"));
            close();
        });
    }

    private void cause() {
        FailureRanking ranking = job.ranking();
        open("Cause");
        judgement(ranking.judgement());
        out.append("<table>");
        ranking.ranking().stream()
                .limit(3)
                .forEach(r -> row(
                        esc(r.label()) + " <span class=\"n\">" + Figures.chance(r.probability()) + "</span>",
                        "<span class=\"soft\">for: " + pieces(r.forPieces()) + "<br/>against: " + pieces(r.against())
                                + "</span>"));
        out.append("</table>");
        job.advice().stream()
                .flatMap(a -> a.earlier().stream())
                .forEach(e -> line(esc("Here before as " + e.tag() + ": " + e.told())));
        job.concluded().ifPresent(c -> concluded("Concluded", c));
        job.overruledConclusions().forEach(c -> concluded("Overruled", c));
        close();
    }

    private void concluded(String word, JobView.Concluded c) {
        line("<b>" + word + ": " + esc(c.label()) + "</b>, by "
                + esc(c.done().by()) + ", "
                + day(c.done().at()) + "; the product gave it " + Figures.chance(c.probabilityThen())
                + "."
                + (c.reason().isBlank() ? "" : " " + esc(c.reason())));
        if (!c.chain().isEmpty()) {
            String root = c.root().isEmpty() ? "root not known" : c.root();
            line(esc(root + " → " + String.join(" → ", c.chain())));
        }
        if (word.equals("Concluded") && !c.recommendations().isEmpty()) {
            line("<b>So that it does not come back:</b>");
            c.recommendations().forEach(r -> line("– " + esc(r)));
        }
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
        job.winding().result().ifPresent(w -> {
            open("Winding data");
            judgement(w.judgement());
            out.append("<table>");
            w.checks().forEach(c -> row(c.verdict().label(), esc(c.headline())));
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
            out.append("<table><tr><th></th><th class=\"n\">price"
                    + shop.currency().map(money -> ", " + esc(money)).orElse("")
                    + "</th><th class=\"n\">lead time</th><th class=\"n\">outage</th>"
                    + "<th class=\"n\">energy a year</th><th class=\"n\">a year in all</th></tr>");
            c.options().forEach(this::option);
            out.append("</table>");
            judgement(c.advice(), c.firmness().label());
            job.chosen()
                    .ifPresent(a -> line("<b>" + esc(a.option()) + " chosen by " + esc(a.customer()) + "</b> ("
                            + esc(a.how()) + "), taken down by " + esc(a.done().by()) + ", "
                            + day(a.done().at()) + ": "
                            + esc(a.reason())));
            close();
        });
    }

    private void option(ComparedOption o) {
        out.append("<tr><td>")
                .append(o.open() ? esc(o.name()) : "<span class=\"struck\">" + esc(o.name()) + "</span>")
                .append(o.reason().isEmpty() ? "" : "<br/><span class=\"soft\">" + esc(o.reason()) + "</span>")
                .append("</td>");
        for (String figure : List.of(
                o.priced() ? o.price().toPlainString() : "ask",
                Figures.show(o.leadTimeHours().likely(), Dimension.DURATION),
                Figures.fixed(o.outageCost(), 0),
                Figures.fixed(o.annualEnergyCost(), 0),
                Figures.fixed(o.equivalentAnnualCost(), 0))) {
            out.append("<td class=\"n\">").append(esc(figure)).append("</td>");
        }
        out.append("</tr>");
    }
}
