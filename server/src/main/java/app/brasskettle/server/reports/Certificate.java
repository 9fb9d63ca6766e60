package app.brasskettle.server.reports;

import app.brasskettle.core.handwork.HandDone;
import app.brasskettle.core.prove.ProofRow;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.settings.ShopSettings;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;

/** Report and certificate of test: what a motor reads now beside what it read before, who released it, and what goes with it. */
final class Certificate extends SheetPage {

    private static final String TABLE = """
            table.proof { width: 100%; border-collapse: collapse; font-size: 8pt; }
            table.proof th { text-align: left; border-bottom: 1pt solid #000; padding: 1mm; }
            table.proof td { border-bottom: 0.4pt solid #888; padding: 1mm; vertical-align: top; }
            table.proof .limit { width: 26%; }
            """;

    private final JobView job;
    private final ShopSettings shop;
    private final OffsetDateTime at;

    Certificate(JobView job, ShopSettings shop, OffsetDateTime at) {
        super(shop.zone());
        this.job = job;
        this.shop = shop;
        this.at = at;
    }

    String html() {
        JobView.Identity id = job.identity();
        out.append("<html lang=\"en\"><head><title>Certificate of test, ")
                .append(esc(id.tag()))
                .append("</title><style>")
                .append(STYLE)
                .append(TABLE)
                .append("</style></head><body><h1>Certificate of test</h1>");
        line("<b>" + esc(shop.printedName()) + "</b>"
                + shop.quoteTerms().address().map(a -> ", " + esc(a)).orElse(""));
        if (shop.hasOnePerson()) {
            line(
                    "<span class=\"soft\">One-person shop: a second count, take or signature is the same person’s, at least ten"
                            + " minutes after the first.</span>");
        }
        line(esc(id.motor()) + (id.mark().isEmpty() ? "" : " · No. " + esc(id.mark())));
        line(esc(id.machine()) + " · " + esc(id.customer()) + " · job " + esc(id.tag()));
        line("<span class=\"soft\">Received " + day(id.receivedAt()) + ". Printed " + day(at) + ".</span>");
        job.chosen().ifPresent(c -> line("Work done: " + esc(c.option())));
        job.concluded()
                .ifPresent(c ->
                        line("Why it failed: " + esc(c.label()) + (c.root().isEmpty() ? "" : "; " + esc(c.root()))));
        proof();
        release();
        advice();
        if (!job.release().open().isEmpty()) {
            open("What stays open");
            job.release().open().forEach(o -> line(esc(o)));
            close();
        }
        return out.append("</body></html>").toString();
    }

    private void proof() {
        open("Proof");
        out.append("<table class=\"proof\"><thead><tr><th>test</th><th>as received</th><th>before varnish</th>"
                + "<th>now</th><th>predicted</th><th class=\"limit\">judged</th><th>verdict</th></tr></thead><tbody>");
        job.proof().rows().forEach(this::row);
        out.append("</tbody></table>");
        Judgement word = job.proof().judgement();
        judgement(word);
        close();
    }

    private void row(ProofRow r) {
        out.append("<tr>");
        cell(r.test() + (r.figure().isEmpty() ? "" : ", " + r.figure()));
        cell(r.received().orElse("–"));
        cell(r.bare().orElse("–"));
        cell(r.now().orElse("–"));
        cell(r.predicted().orElse("–"));
        cell(r.judgement().headline());
        cell(r.verdict().label());
        out.append("</tr>");
    }

    private void cell(String text) {
        out.append("<td>").append(esc(text)).append("</td>");
    }

    private void release() {
        open("Released");
        List<HandDone> signed = job.release().signatures();
        signed.forEach(s -> line(esc(s.by()) + ", " + day(moment(s.at()))));
        job.release()
                .warrantyUntil()
                .ifPresent(u -> line("Warranty on the work done here until " + day(moment(u))
                        + ", as long as the advice below is followed."));
        close();
    }

    private void advice() {
        open("Before it is switched on, and after");
        job.release().relays().forEach(r -> line(esc(r.sentence())));
        job.release().advice().forEach(a -> line(esc(a)));
        line(
                "<span class=\"soft\">Connection and protection are made by a licensed electrician to the code that holds at the"
                        + " site.</span>");
        close();
    }

    private static OffsetDateTime moment(double seconds) {
        return OffsetDateTime.ofInstant(Instant.ofEpochSecond((long) seconds), ZoneOffset.UTC);
    }

    /** When a release was signed last, for the label. */
    static OffsetDateTime signedAt(JobView job) {
        return job.release().signatures().stream()
                .reduce((earlier, later) -> later)
                .map(s -> moment(s.at()))
                .orElseThrow();
    }
}
