package app.brasskettle.core.decision;

import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Options compared by their equivalent annual cost.
 *
 * @param options each option's costs, in the order given
 * @param cheapest name of the cheapest, the first of equals
 * @param breakEvenPrices for each loser, the price at which it would draw level; absent when not even free
 * @param steps the arithmetic of the cheapest
 */
public record DecisionResult(
        List<Costed> options, String cheapest, Map<String, Optional<Double>> breakEvenPrices, List<Step> steps) {

    /**
     * Costs of one option.
     *
     * @param name the option
     * @param outageCost lead time × outage cost per hour
     * @param annualEnergyKwh energy drawn in a year
     * @param annualEnergyCost its price
     * @param capitalPerYear price and outage spread over the life
     * @param equivalentAnnualCost all of it per year
     */
    public record Costed(
            String name,
            double outageCost,
            double annualEnergyKwh,
            double annualEnergyCost,
            double capitalPerYear,
            double equivalentAnnualCost) {}
}
