package app.brasskettle.core.choice;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Offers for one motor and the conditions they are compared under.
 *
 * @param discountRatePercent interest per year
 * @param energyPricePerKwh price of energy
 * @param loadPercent share of rated power the machine takes
 * @param runHoursPerYear hours on load in a year
 * @param offers one to three offers, none of a kind twice
 */
public record ChoiceSheet(
        double discountRatePercent,
        double energyPricePerKwh,
        double loadPercent,
        double runHoursPerYear,
        List<Offer> offers) {

    public ChoiceSheet {
        offers = Problems.copy(offers);
        Problems problems = new Problems();
        if (problems.notNegative("discountRatePercent", discountRatePercent, "%") && discountRatePercent >= 100) {
            problems.add(
                    "discountRatePercent",
                    Problem.Code.RANGE,
                    "discountRatePercent is " + discountRatePercent + " %; it must be under 100 %");
        }
        problems.notNegative("energyPricePerKwh", energyPricePerKwh, "");
        problems.aboveTo("loadPercent", loadPercent, 0, 150, "%");
        problems.aboveTo("runHoursPerYear", runHoursPerYear, 0, 8760, "h");
        problems.size("offers", offers, 1, OptionKind.values().length);
        if (offers != null) {
            Set<OptionKind> seen = new HashSet<>();
            for (int i = 0; i < offers.size(); i++) {
                if (offers.get(i) != null && !seen.add(offers.get(i).kind())) {
                    problems.add(
                            "offers[" + i + "].kind",
                            Problem.Code.DUPLICATE,
                            offers.get(i).kind().label() + " is offered already");
                }
            }
        }
        problems.throwIfAny();
    }

    /** The decision worksheet's input for a motor of {@code ratedPowerW} whose outage costs {@code outageCostPerHour}. */
    Decision decision(double ratedPowerW, double outageCostPerHour) {
        List<Decision.Option> options = new ArrayList<>();
        for (Offer o : offers) {
            options.add(new Decision.Option(
                    o.kind().label(),
                    o.price().doubleValue(),
                    o.leadTimeHours(),
                    o.efficiencyPercent(),
                    o.expectedLifeYears()));
        }
        return new Decision(
                discountRatePercent / 100,
                energyPricePerKwh,
                loadPercent / 100,
                runHoursPerYear,
                ratedPowerW,
                outageCostPerHour,
                options);
    }
}
