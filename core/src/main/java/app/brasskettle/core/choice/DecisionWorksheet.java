package app.brasskettle.core.choice;

import app.brasskettle.core.choice.DecisionResult.Costed;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Comparison of options by equivalent annual cost: (price + outage) × r/(1−(1+r)^−n) + energy. */
public final class DecisionWorksheet {

    private static final String SOURCE = "Annuity over the option's life; outage charged once per life";

    private DecisionWorksheet() {}

    public static Worksheet<Decision, DecisionResult> create() {
        return new Worksheet<>(
                "decision",
                "Recondition, rewind or replace",
                Decision.class,
                List.of("Equivalent annual cost"),
                DecisionWorksheet::work);
    }

    /** Share of a capital sum that falls on each of {@code years} at interest {@code rate}. */
    static double annuity(double rate, double years) {
        return rate == 0 ? 1 / years : rate / -Math.expm1(-years * Math.log1p(rate));
    }

    private static DecisionResult work(Decision d) {
        List<Costed> costed = new ArrayList<>();
        for (Decision.Option o : d.options()) {
            double outage = o.leadTimeHours() * d.outageCostPerHour();
            double kwh =
                    d.ratedPowerW() / 1000 * d.loadFraction() / (o.efficiencyPercent() / 100) * d.runHoursPerYear();
            double energy = kwh * d.energyPricePerKwh();
            double capital = (o.price() + outage) * annuity(d.discountRate(), o.expectedLifeYears());
            costed.add(new Costed(o.name(), outage, kwh, energy, capital, capital + energy));
        }
        int best = 0;
        for (int i = 1; i < costed.size(); i++) {
            if (Limit.under(
                    costed.get(i).equivalentAnnualCost(), costed.get(best).equivalentAnnualCost())) {
                best = i;
            }
        }
        Map<String, Optional<Double>> level = new LinkedHashMap<>();
        double target = costed.get(best).equivalentAnnualCost();
        for (int i = 0; i < costed.size(); i++) {
            if (i != best) {
                level.put(costed.get(i).name(), levelPrice(d, d.options().get(i), costed.get(i), target));
            }
        }
        return new DecisionResult(
                List.copyOf(costed),
                costed.get(best).name(),
                level,
                steps(d, d.options().get(best), costed.get(best)));
    }

    private static Optional<Double> levelPrice(Decision d, Decision.Option option, Costed costs, double target) {
        double price = (target - costs.annualEnergyCost()) / annuity(d.discountRate(), option.expectedLifeYears())
                - costs.outageCost();
        return Limit.under(price, 0) ? Optional.empty() : Optional.of(price);
    }

    private static List<Step> steps(Decision d, Decision.Option o, Costed c) {
        return List.of(
                new Step(
                        o.name() + ": energy",
                        "P·load/efficiency·hours",
                        Figures.plain(d.ratedPowerW() / 1000) + " kW·" + d.loadFraction() + "/"
                                + Figures.plain(o.efficiencyPercent() / 100) + "·" + Figures.plain(d.runHoursPerYear()),
                        c.annualEnergyKwh(),
                        "kWh",
                        SOURCE),
                new Step(
                        o.name() + ": share of the price",
                        "(price + outage)·r/(1−(1+r)^−n)",
                        "(" + Figures.plain(o.price()) + " + " + Figures.plain(c.outageCost()) + ")·"
                                + Figures.significant(annuity(d.discountRate(), o.expectedLifeYears()), 4),
                        c.capitalPerYear(),
                        "per year",
                        SOURCE),
                new Step(
                        o.name() + ": equivalent annual cost",
                        "share + energy",
                        Figures.plain(c.capitalPerYear()) + " + " + Figures.plain(c.annualEnergyCost()),
                        c.equivalentAnnualCost(),
                        "per year",
                        SOURCE));
    }
}
