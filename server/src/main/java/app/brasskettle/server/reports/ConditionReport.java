package app.brasskettle.server.reports;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.settings.ShopSettings;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Set;

/** The condition of a motor on arrival, for its owner: how it came, what its plate says, what was measured until it was printed. */
final class ConditionReport extends SheetPage {

    private static final Set<String> BEFORE_OPENING = Set.of(JobStep.ARRIVAL.path(), JobStep.PLATE.path());

    private final JobView job;
    private final List<Pictured> photos;
    private final ShopSettings shop;
    private final OffsetDateTime at;

    ConditionReport(JobView job, List<Pictured> photos, ShopSettings shop, OffsetDateTime at) {
        super(shop.zone());
        this.job = job;
        this.shop = shop;
        this.at = at;
        this.photos = photos.stream()
                .filter(p -> BEFORE_OPENING.contains(p.photo().step()))
                .toList();
    }

    String html() {
        JobView.Identity id = job.identity();
        out.append("<html lang=\"en\"><head><title>Condition on arrival, ")
                .append(esc(id.tag()))
                .append("</title><style>")
                .append(STYLE)
                .append("</style></head><body><h1>Condition on arrival</h1>");
        line("<b>" + esc(shop.printedName()) + "</b>"
                + shop.quoteTerms().address().map(a -> ", " + esc(a)).orElse(""));
        line(esc(id.machine()) + " · " + esc(id.customer()) + " · job " + esc(id.tag())
                + (id.mark().isEmpty() ? "" : " · No. " + esc(id.mark())));
        line("<span class=\"soft\">Received " + day(id.receivedAt()) + " by " + esc(id.receivedBy()) + ". Printed "
                + day(at) + ".</span>");
        if (!id.complaint().isBlank()) {
            line("You told us: “" + esc(id.complaint()) + "”");
        }
        section("How it came", job.arrival().map(a -> a.lines()).orElse(List.of()), "Nobody has written it down yet.");
        section(
                "What its plate says",
                job.plate().map(p -> List.of(p.judgement())).orElse(List.of()),
                "The plate is not read yet.");
        out.append(TestPages.html(job, shop.zone()));
        if (!photos.isEmpty()) {
            open("Photographs");
            photos.forEach(this::photograph);
            close();
        }
        line(
                "<br/><span class=\"soft\">Nothing here is a repair or a release: it says how the motor was when it came, and what was measured until this was printed. "
                        + "Readings marked simulated come from a model and say nothing of a real motor.</span>");
        return out.append("</body></html>").toString();
    }

    private void section(String heading, List<Judgement> lines, String none) {
        open(heading);
        lines.forEach(this::judgement);
        if (lines.isEmpty()) {
            line(esc(none));
        }
        close();
    }
}
