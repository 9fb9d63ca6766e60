package app.brasskettle.core.decision;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Triangular;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * Options and the conditions they are compared under, each figure certain or not.
 *
 * @param discountRate interest per year, 0.07 for 7 %
 * @param energyPricePerKwh price of energy
 * @param loadFraction share of rated power the machine takes
 * @param runHoursPerYear hours on load in a year
 * @param ratedPowerW shaft power
 * @param outageCostPerHour what a calendar hour of outage costs
 * @param options one to twenty options, each with its own name
 * @param draws how often everything is drawn, 1,000 to 200,000
 * @param seed what the draws begin with; the same seed gives the same answer
 */
public record OddsQuestion(
        double discountRate,
        Triangular energyPricePerKwh,
        Triangular loadFraction,
        Triangular runHoursPerYear,
        double ratedPowerW,
        Triangular outageCostPerHour,
        List<Option> options,
        int draws,
        long seed) {

    private static final int FEWEST_DRAWS = 1_000;
    private static final int MOST_DRAWS = 200_000;

    /**
     * One way forward.
     *
     * @param name what it is called
     * @param price what it costs now
     * @param leadTimeHours calendar hours until the machine runs again
     * @param efficiencyPercent efficiency afterwards
     * @param expectedLifeYears years until the next such decision
     */
    public record Option(
            String name,
            Triangular price,
            Triangular leadTimeHours,
            Triangular efficiencyPercent,
            Triangular expectedLifeYears) {

        public Option {
            Problems problems = new Problems();
            problems.name("name", name);
            problems.each("price", price, (f, v) -> problems.notNegative(f, v, ""));
            problems.each("leadTimeHours", leadTimeHours, (f, v) -> problems.notNegative(f, v, "h"));
            problems.each("efficiencyPercent", efficiencyPercent, (f, v) -> problems.aboveTo(f, v, 0, 100, "%"));
            problems.each("expectedLifeYears", expectedLifeYears, (f, v) -> problems.positive(f, v, "years"));
            problems.throwIfAny();
        }

        private Stream<Triangular> figures() {
            return Stream.of(price, leadTimeHours, efficiencyPercent, expectedLifeYears);
        }

        Decision.Option likely() {
            return new Decision.Option(
                    name,
                    price.likely(),
                    leadTimeHours.likely(),
                    efficiencyPercent.likely(),
                    expectedLifeYears.likely());
        }
    }

    public OddsQuestion {
        options = Problems.copy(options);
        Problems problems = new Problems();
        if (problems.notNegative("discountRate", discountRate, "") && discountRate >= 1) {
            problems.add("discountRate", Problem.Code.RANGE, Decision.rateTooHigh(discountRate));
        }
        problems.each("energyPricePerKwh", energyPricePerKwh, (f, v) -> problems.notNegative(f, v, ""));
        problems.each("loadFraction", loadFraction, (f, v) -> problems.aboveTo(f, v, 0, 1.5, ""));
        problems.each(
                "runHoursPerYear", runHoursPerYear, (f, v) -> problems.aboveTo(f, v, 0, Decision.HOURS_OF_A_YEAR, "h"));
        problems.positive("ratedPowerW", ratedPowerW, "W");
        problems.each("outageCostPerHour", outageCostPerHour, (f, v) -> problems.notNegative(f, v, ""));
        problems.size("options", options, 1, Decision.MOST_OPTIONS);
        if (options != null) {
            List<String> names = new ArrayList<>();
            options.forEach(o -> names.add(o == null ? null : o.name()));
            problems.distinct(names, i -> "options[" + i + "].name");
        }
        problems.whole("draws", draws, FEWEST_DRAWS, MOST_DRAWS, "");
        problems.whole("seed", seed, 0, Long.MAX_VALUE, "");
        problems.throwIfAny();
    }

    /** Whether no figure is uncertain. */
    boolean certain() {
        return Stream.concat(
                        Stream.of(energyPricePerKwh, loadFraction, runHoursPerYear, outageCostPerHour),
                        options.stream().flatMap(Option::figures))
                .allMatch(Triangular::exact);
    }

    /** The same question with other options. */
    public OddsQuestion among(List<Option> others) {
        return new OddsQuestion(
                discountRate,
                energyPricePerKwh,
                loadFraction,
                runHoursPerYear,
                ratedPowerW,
                outageCostPerHour,
                others,
                draws,
                seed);
    }

    /** The decision where every figure is its likeliest. */
    public Decision likely() {
        return new Decision(
                discountRate,
                energyPricePerKwh.likely(),
                loadFraction.likely(),
                runHoursPerYear.likely(),
                ratedPowerW,
                outageCostPerHour.likely(),
                options.stream().map(Option::likely).toList());
    }
}
