package app.brasskettle.server.quotes;

import app.brasskettle.core.choice.ChoiceAssessment;
import app.brasskettle.core.choice.ComparedOption;
import app.brasskettle.core.choice.Flip;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.quote.TaxedPrice;
import app.brasskettle.core.testrecord.Caveat;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Phrase;
import app.brasskettle.core.worksheet.Triangular;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.jobview.JobViews;
import app.brasskettle.server.photos.Photo;
import app.brasskettle.server.reports.CoilMapDrawing;
import app.brasskettle.server.settings.ShopSettings;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The words and figures of a quote, gathered from a job as it reads now. */
final class QuoteWriting {

    private static final int PICTURES = 2;
    private static final int FLIPS = 6;
    private static final int FOUND = 8;
    private static final double HOURS_OF_A_DAY = 24;

    private final ReadJob read;
    private final JobView job;
    private final ChoiceAssessment choice;
    private final ShopSettings shop;

    private QuoteWriting(ReadJob read, ChoiceAssessment choice, ShopSettings shop) {
        this.read = read;
        this.job = JobViews.of(read);
        this.choice = choice;
        this.shop = shop;
    }

    /**
     * The content of a quote.
     *
     * @param version its number
     * @param photos photographs of the job, in their order
     */
    static QuoteContent of(
            ReadJob read,
            ChoiceAssessment choice,
            ShopSettings shop,
            List<Photo> photos,
            int version,
            String issuedBy,
            OffsetDateTime at,
            OffsetDateTime validUntil) {
        return new QuoteWriting(read, choice, shop).content(photos, version, issuedBy, at, validUntil);
    }

    private QuoteContent content(
            List<Photo> photos, int version, String issuedBy, OffsetDateTime at, OffsetDateTime validUntil) {
        JobView.Identity id = job.identity();
        List<QuoteContent.Technical> technical =
                read.reading().tests().standing().map(QuoteWriting::technical).toList();
        return new QuoteContent(
                version,
                id.tag(),
                at,
                issuedBy,
                validUntil,
                new QuoteContent.Shop(
                        shop.printedName(),
                        shop.quoteTerms().address().orElse(""),
                        shop.quoteTerms().terms().orElse(""),
                        shop.currency().orElse(""),
                        shop.quoteTerms().taxPercent(),
                        shop.zone().getId()),
                id.customer(),
                id.machine(),
                id.motor(),
                id.mark(),
                id.complaint(),
                found(),
                CoilMapDrawing.of(job),
                photos.stream()
                        .limit(PICTURES)
                        .map(p -> new QuoteContent.Picture(p.id(), p.caption()))
                        .toList(),
                why(),
                job.concluded().map(JobView.Concluded::recommendations).orElse(List.of()),
                choice.options().stream().map(this::option).toList(),
                choice.advised(),
                new QuoteContent.Advice(
                        choice.firmness().label(),
                        choice.advice().headline(),
                        choice.advice().because()),
                choice.reasons(),
                choice.flips().stream().limit(FLIPS).map(Flip::sentence).toList(),
                technical,
                technical.stream().anyMatch(QuoteContent.Technical::simulated));
    }

    /** Something on record, with the sentence an owner reads. */
    private record Told(Verdict verdict, String sentence) {}

    /** What was found: tests and findings that do not hold, the worst first; what holds where all do. */
    private List<QuoteContent.Found> found() {
        List<Told> all = new ArrayList<>();
        read.reading()
                .tests()
                .standing()
                .filter(t -> t.current() && !t.kind().checksTester())
                .forEach(t -> all.add(new Told(
                        t.verdict(), t.kind().label() + ": " + t.effective().headline())));
        job.apart().findings().ifPresent(f -> f.lines().forEach(j -> all.add(new Told(j.verdict(), j.headline()))));
        List<Told> found = new ArrayList<>();
        job.ranking().facts().stream()
                .filter(f -> !f.struck())
                .forEach(f -> found.add(new Told(Verdict.WATCH, f.sentence())));
        all.stream().filter(t -> t.verdict() == Verdict.STOP).forEach(found::add);
        all.stream().filter(t -> t.verdict() == Verdict.WATCH).forEach(found::add);
        return (found.isEmpty() ? all : found)
                .stream()
                        .limit(FOUND)
                        .map(t -> new QuoteContent.Found(t.verdict().code(), t.sentence()))
                        .toList();
    }

    private String why() {
        return job.concluded()
                .map(c -> Phrase.capital(c.label())
                        + (c.root().isBlank() ? "" : ": " + Phrase.lower(c.root()))
                        + "."
                        + (c.chain().isEmpty() ? "" : " How it went: " + String.join(", then ", c.chain()) + "."))
                .orElse("Not concluded yet. Whatever is done, the cause may still be there.");
    }

    private QuoteContent.Option option(ComparedOption o) {
        return new QuoteContent.Option(
                o.name(),
                o.kind().code(),
                o.open(),
                o.priced(),
                o.reason(),
                o.bringsBack(),
                TaxedPrice.of(o.price(), shop.quoteTerms().taxPercent()),
                lead(o.leadTimeHours()),
                o.warrantyMonths().map(m -> Figures.plain(m) + " months").orElse(""),
                range(o.expectedLifeYears(), 1, "years"),
                Figures.fixed(o.equivalentAnnualCost(), 0),
                o.odds().map(w -> (double) Math.round(w.winsPercent())),
                o.payback().orElse(""),
                o.included().orElse(""),
                o.notIncluded().orElse(""),
                o.lines().stream().map(QuoteWriting::line).toList());
    }

    private static QuoteContent.Line line(ComparedOption.Amount l) {
        return new QuoteContent.Line(
                l.task(),
                Figures.plain(l.quantity()) + " " + l.unit(),
                Figures.fixed(l.rate(), 2),
                l.amount().toPlainString(),
                l.reason().orElse(l.basis().orElse("")));
    }

    /** Hours where it takes less than two days, days else. */
    static String lead(Triangular hours) {
        return hours.likely() < 2 * HOURS_OF_A_DAY ? range(hours, 1, "hours") : range(hours, HOURS_OF_A_DAY, "days");
    }

    private static String range(Triangular figure, double divisor, String unit) {
        String likely = Figures.significant(figure.likely() / divisor, 3) + " " + unit;
        return figure.exact()
                ? likely
                : likely + " (" + Figures.significant(figure.low() / divisor, 3) + " to "
                        + Figures.significant(figure.high() / divisor, 3) + ")";
    }

    private static QuoteContent.Technical technical(JudgedTest t) {
        return new QuoteContent.Technical(
                t.verdict().code(),
                t.kind().label() + (t.speed() == 2 ? ", low speed" : ""),
                t.own().headline(),
                t.own().because(),
                t.own().source(),
                t.other().map(o -> o.verdict().label() + ": " + o.headline()).orElse(""),
                t.caveats().stream().map(Caveat::sentence).collect(Collectors.joining(" ")),
                t.test().origin() == Origin.SIMULATED);
    }
}
