package app.brasskettle.core.choice;

import app.brasskettle.core.decision.Decision;
import app.brasskettle.core.decision.OddsQuestion;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Triangular;
import java.util.List;
import java.util.Optional;

/**
 * Offers for one motor and the conditions they are compared under.
 *
 * @param discountRatePercent interest per year
 * @param energyPricePerKwh price of energy
 * @param loadPercent share of rated power the machine takes
 * @param runHoursPerYear hours on load in a year
 * @param outageCostPerHour what a calendar hour of outage costs; the job's figure where none is given here
 * @param offers one to twenty offers, no name twice
 */
public record ChoiceSheet(
        double discountRatePercent,
        Triangular energyPricePerKwh,
        Triangular loadPercent,
        Triangular runHoursPerYear,
        Optional<Triangular> outageCostPerHour,
        List<Offer> offers) {

    static final int DRAWS = 10_000;

    /** Any seed serves; one that stays makes the same job read the same on every screen and sheet. */
    private static final long SEED = 1;

    public ChoiceSheet {
        outageCostPerHour = Problems.orEmpty(outageCostPerHour);
        offers = Problems.copy(offers);
        Problems problems = new Problems();
        if (problems.notNegative("discountRatePercent", discountRatePercent, "%") && discountRatePercent >= 100) {
            problems.add(
                    "discountRatePercent",
                    Problem.Code.RANGE,
                    "discountRatePercent is " + discountRatePercent + " %; it must be under 100 %");
        }
        problems.each("energyPricePerKwh", energyPricePerKwh, (f, v) -> problems.notNegative(f, v, ""));
        problems.each("loadPercent", loadPercent, (f, v) -> problems.aboveTo(f, v, 0, 150, "%"));
        problems.each(
                "runHoursPerYear", runHoursPerYear, (f, v) -> problems.aboveTo(f, v, 0, Decision.HOURS_OF_A_YEAR, "h"));
        outageCostPerHour.ifPresent(
                o -> problems.each("outageCostPerHour", o, (f, v) -> problems.notNegative(f, v, "")));
        problems.size("offers", offers, 1, Decision.MOST_OPTIONS);
        if (offers != null) {
            problems.distinct(
                    offers.stream().map(o -> o == null ? null : o.title()).toList(), i -> "offers[" + i + "].name");
        }
        problems.throwIfAny();
    }

    /**
     * The question {@code option-odds} answers.
     *
     * @param ratedPowerW the motor's shaft power
     * @param jobOutageCostPerHour what the job says an hour costs
     * @param lifeShare what the failures before leave of every life, from 0 to 1
     */
    OddsQuestion question(double ratedPowerW, double jobOutageCostPerHour, double lifeShare) {
        return new OddsQuestion(
                discountRatePercent / 100,
                energyPricePerKwh,
                loadPercent.times(0.01),
                runHoursPerYear,
                ratedPowerW,
                outageCostPerHour.orElse(Triangular.exactly(jobOutageCostPerHour)),
                offers.stream()
                        .map(o -> new OddsQuestion.Option(
                                o.title(),
                                o.priceRange(),
                                o.leadTimeHours(),
                                o.efficiencyPercent(),
                                o.expectedLifeYears().times(lifeShare)))
                        .toList(),
                DRAWS,
                SEED);
    }
}
