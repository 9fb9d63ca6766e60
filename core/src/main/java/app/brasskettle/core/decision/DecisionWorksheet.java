package app.brasskettle.core.decision;

import app.brasskettle.core.decision.DecisionResult.Costed;
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

    private static DecisionResult work(Decision d) {
        AnnualCost cost = AnnualCost.of(d);
        List<Costed> costed = new ArrayList<>();
        for (Decision.Option o : d.options()) {
            double energy = cost.energy(o.efficiencyPercent());
            double capital = cost.capital(o.price(), o.leadTimeHours(), o.expectedLifeYears());
            costed.add(new Costed(
                    o.name(),
                    cost.outage(o.leadTimeHours()),
                    cost.energyKwh(o.efficiencyPercent()),
                    energy,
                    capital,
                    capital + energy));
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
                level.put(costed.get(i).name(), levelPrice(cost, d.options().get(i), target));
            }
        }
        return new DecisionResult(
                List.copyOf(costed),
                costed.get(best).name(),
                level,
                steps(d, d.options().get(best), costed.get(best)));
    }

    private static Optional<Double> levelPrice(AnnualCost cost, Decision.Option o, double target) {
        double price = cost.priceFor(target, o.leadTimeHours(), o.efficiencyPercent(), o.expectedLifeYears());
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
                                + Figures.significant(AnnualCost.annuity(d.discountRate(), o.expectedLifeYears()), 4),
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
