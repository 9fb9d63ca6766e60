package app.brasskettle.server.quotes;

import app.brasskettle.core.choice.ChoiceReason;
import app.brasskettle.core.quote.TaxedPrice;
import java.time.OffsetDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A quote as it was given: everything the customer reads, in words and figures that never change again.
 *
 * @param version its number
 * @param tag the job
 * @param issuedAt when
 * @param issuedBy by whom
 * @param validUntil how long it stands
 * @param shop whose it is
 * @param customer for whom
 * @param machine what the motor drives
 * @param motor its rating in a line
 * @param serial its number
 * @param complaint what the customer said
 * @param found what was found, the worst first
 * @param coilMap the painted stator as SVG
 * @param photos the photographs it shows, by number
 * @param why why it failed, in a sentence
 * @param prevention what keeps it from coming back
 * @param options what can be done
 * @param advised the option advised
 * @param advice how firm, and why
 * @param reasons reasons and risks beside money
 * @param flips what would change the advice, in sentences
 * @param technical every test with its figures
 * @param simulated whether any reading came from a model
 */
record QuoteContent(
        int version,
        String tag,
        OffsetDateTime issuedAt,
        String issuedBy,
        OffsetDateTime validUntil,
        Shop shop,
        String customer,
        String machine,
        String motor,
        String serial,
        String complaint,
        List<Found> found,
        Optional<String> coilMap,
        List<Picture> photos,
        String why,
        List<String> prevention,
        List<Option> options,
        Optional<String> advised,
        Advice advice,
        List<ChoiceReason> reasons,
        List<String> flips,
        List<Technical> technical,
        boolean simulated) {

    /** The shop as it stands on paper. */
    record Shop(String name, String address, String terms, String currency, Optional<Double> taxPercent, String zone) {}

    /** Something found, with the word of its judgement. */
    record Found(String verdict, String sentence) {}

    /** A photograph with its words. */
    record Picture(long id, String caption) {}

    /** How firm the advice is. */
    record Advice(String word, String headline, String because) {}

    /**
     * An option on offer.
     *
     * @param name its name
     * @param kind which way forward
     * @param open whether it can be chosen
     * @param priced whether it has a price
     * @param reason why not, or what to mind
     * @param bringsBack what would open it
     * @param price its price
     * @param lead in how long
     * @param warranty for how long
     * @param life how long it is reckoned to last
     * @param yearly all of it per year
     * @param cheapestOf100 in how many draws of a hundred it costs least
     * @param payback in how long it pays back what it costs more at first
     * @param included what the price includes
     * @param notIncluded what it does not
     * @param lines its lines
     */
    record Option(
            String name,
            String kind,
            boolean open,
            boolean priced,
            String reason,
            String bringsBack,
            TaxedPrice price,
            String lead,
            String warranty,
            String life,
            String yearly,
            Optional<Double> cheapestOf100,
            String payback,
            String included,
            String notIncluded,
            List<Line> lines) {}

    /** A line of a price. */
    record Line(String task, String quantity, String rate, String amount, String basis) {

        private static final Pattern HOURS = Pattern.compile("([0-9.]+) h");

        /** Hours, where it is priced by the hour. */
        Optional<Double> hours() {
            Matcher m = HOURS.matcher(quantity);
            return m.matches() ? Optional.of(Double.valueOf(m.group(1))) : Optional.empty();
        }
    }

    /** Hours of an option by the words of its lines. */
    Map<String, Double> hours(String option) {
        Map<String, Double> hours = new LinkedHashMap<>();
        options.stream()
                .filter(o -> o.name().equals(option))
                .flatMap(o -> o.lines().stream())
                .forEach(l -> l.hours().ifPresent(h -> hours.merge(l.task(), h, Double::sum)));
        return hours;
    }

    /** A test with its figures, its limit and source, the other school's word and what became of it. */
    record Technical(
            String verdict,
            String test,
            String headline,
            String because,
            String source,
            String other,
            String caveats,
            boolean simulated) {}

    /** The option called {@code name}. */
    Optional<Option> option(String name) {
        return options.stream()
                .filter(o -> o.name().equalsIgnoreCase(name.strip()))
                .findFirst();
    }
}
