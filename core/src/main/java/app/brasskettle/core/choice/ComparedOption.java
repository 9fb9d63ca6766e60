package app.brasskettle.core.choice;

import app.brasskettle.core.decision.OptionOdds;
import app.brasskettle.core.worksheet.Triangular;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * One option as it is compared.
 *
 * @param kind recondition, rewind or replace
 * @param source where it comes from
 * @param name its heading
 * @param open false when condition rules it out
 * @param priced false while no line says what it costs
 * @param reason why it is ruled out, or what to mind
 * @param bringsBack what would open one that is ruled out
 * @param lines its price, line by line
 * @param price their sum, without tax
 * @param priceRange what the price may come to
 * @param outageCost lead time × outage cost
 * @param annualEnergyCost energy in a year
 * @param equivalentAnnualCost all of it per year
 * @param levelPrice price at which it would cost as much as the cheapest of the others; absent when not even free
 * @param odds how often it costs least, and what it may cost a year; absent where it is ruled out or not priced
 * @param payback in how long it pays back what it costs more at first, in words
 * @param warrantyMonths how long it is warranted
 * @param included what the price includes
 * @param notIncluded what it does not
 * @param costByYear what has been spent after each year, the first payment at year 0; of the energy only what is drawn beyond the
 *     most frugal option, since the rest is common to all and would hide the difference
 */
public record ComparedOption(
        OptionKind kind,
        OptionSource source,
        String name,
        boolean open,
        boolean priced,
        String reason,
        String bringsBack,
        List<Amount> lines,
        BigDecimal price,
        Triangular priceRange,
        double outageCost,
        double annualEnergyCost,
        double equivalentAnnualCost,
        Optional<Double> levelPrice,
        Optional<OptionOdds.Odds> odds,
        Optional<String> payback,
        Triangular leadTimeHours,
        Triangular efficiencyPercent,
        Triangular expectedLifeYears,
        Optional<Double> warrantyMonths,
        Optional<String> included,
        Optional<String> notIncluded,
        List<Double> costByYear) {

    /**
     * A priced line.
     *
     * @param task what is done or bought
     * @param quantity likeliest quantity
     * @param unit its unit
     * @param rate likeliest rate
     * @param amount what it comes to
     * @param basis what it was built from
     * @param reason why it was changed
     */
    public record Amount(
            String task,
            double quantity,
            String unit,
            double rate,
            BigDecimal amount,
            Optional<String> basis,
            Optional<String> reason) {

        static Amount of(PriceLine line) {
            return new Amount(
                    line.task(),
                    line.quantity().likely(),
                    line.unit(),
                    line.rate().likely(),
                    line.amount(),
                    line.basis(),
                    line.reason());
        }
    }

    public ComparedOption {
        lines = List.copyOf(lines);
        costByYear = List.copyOf(costByYear);
    }

    /** Whether it takes part in the comparison. */
    public boolean competes() {
        return open && priced;
    }
}
