package app.brasskettle.core.pricing;

import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * What a shop settled for its quotes.
 *
 * @param address printed at the head of what goes to a customer
 * @param terms printed at its foot
 * @param taxPercent tax added to every price; none where it is absent
 * @param validDays how long a quote stands; 30 where nobody said
 * @param wireYieldPercent copper of the winding in what is drawn from the rack; 92 where nobody said
 * @param rushPercent what a rush adds to labour; 25 where nobody said
 * @param scrapPerKg what old copper brings
 */
public record QuoteTerms(
        Optional<String> address,
        Optional<String> terms,
        Optional<Double> taxPercent,
        Optional<Double> validDays,
        Optional<Double> wireYieldPercent,
        Optional<Double> rushPercent,
        Optional<Double> scrapPerKg) {

    private static final int MAX_TEXT = 2000;
    private static final double LONGEST_DAYS = 365;
    private static final double USUAL_DAYS = 30;
    private static final double USUAL_YIELD_PERCENT = 92;
    private static final double USUAL_RUSH_PERCENT = 25;
    private static final double MOST_RUSH_PERCENT = 300;
    private static final double USUAL_SCRAP_PER_KG = 6.5;

    public QuoteTerms {
        address = text(address);
        terms = text(terms);
        taxPercent = Problems.orEmpty(taxPercent);
        validDays = Problems.orEmpty(validDays);
        wireYieldPercent = Problems.orEmpty(wireYieldPercent);
        rushPercent = Problems.orEmpty(rushPercent);
        scrapPerKg = Problems.orEmpty(scrapPerKg);
        Problems problems = new Problems();
        length("address", address, problems);
        length("terms", terms, problems);
        taxPercent.filter(t -> t != 0).ifPresent(t -> problems.aboveTo("taxPercent", t, 0, 100, "%"));
        validDays.ifPresent(d -> problems.aboveTo("validDays", d, 0, LONGEST_DAYS, "days"));
        wireYieldPercent.ifPresent(y -> problems.aboveTo("wireYieldPercent", y, 0, 100, "%"));
        rushPercent.filter(r -> r != 0).ifPresent(r -> problems.aboveTo("rushPercent", r, 0, MOST_RUSH_PERCENT, "%"));
        scrapPerKg.ifPresent(s -> problems.notNegative("scrapPerKg", s, ""));
        problems.throwIfAny();
    }

    private static Optional<String> text(Optional<String> typed) {
        return Problems.orEmpty(typed).map(String::strip).filter(t -> !t.isEmpty());
    }

    private static void length(String field, Optional<String> text, Problems problems) {
        text.filter(t -> t.length() > MAX_TEXT)
                .ifPresent(t -> problems.add(
                        field,
                        app.brasskettle.core.worksheet.Problem.Code.RANGE,
                        field + " has " + t.length() + " characters; at most " + MAX_TEXT));
    }

    /** What a shop starts with. */
    public static QuoteTerms usual() {
        return new QuoteTerms(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** Days for which a quote stands. */
    public double validForDays() {
        return validDays.orElse(USUAL_DAYS);
    }

    double yield() {
        return wireYieldPercent.orElse(USUAL_YIELD_PERCENT) / 100;
    }

    double rush() {
        return rushPercent.orElse(USUAL_RUSH_PERCENT) / 100;
    }

    double scrap() {
        return scrapPerKg.orElse(USUAL_SCRAP_PER_KG);
    }
}
