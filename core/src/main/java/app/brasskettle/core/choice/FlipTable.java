package app.brasskettle.core.choice;

import app.brasskettle.core.decision.AnnualCost;
import app.brasskettle.core.decision.Decision;
import app.brasskettle.core.decision.OddsQuestion;
import app.brasskettle.core.worksheet.Phrase;
import app.brasskettle.core.worksheet.Triangular;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;

/**
 * What would flip the advice: one figure at a time is moved, all others at their likeliest, until another option is the cheapest.
 *
 * <p>The difference of two options' costs is monotone in each of these figures, so that the values at which the advice stands are
 * one interval, and halving finds its ends.
 */
final class FlipTable {

    private static final int HALVINGS = 60;
    private static final double MOST_ENERGY_PRICE = 100;
    private static final double MOST_OUTAGE_PER_HOUR = 1e6;
    private static final double MOST_LEAD_HOURS = 20_000;
    private static final double MOST_PRICE = 1e8;
    private static final double LONGEST_LIFE_YEARS = 60;
    private static final double SHORTEST_LIFE_YEARS = 0.1;

    private final OddsQuestion question;
    private final Decision likely;
    private final int best;

    private FlipTable(OddsQuestion question, int best) {
        this.question = question;
        this.likely = question.likely();
        this.best = best;
    }

    private record Lever(
            String figure,
            String unit,
            Triangular now,
            double least,
            double most,
            BiFunction<Decision, Double, Decision> with) {}

    /** Flips of {@code question}, where the option at {@code best} is the cheapest. */
    static List<Flip> of(OddsQuestion question, int best) {
        return new FlipTable(question, best).flips();
    }

    private List<Flip> flips() {
        List<Flip> flips = new ArrayList<>();
        for (Lever lever : levers()) {
            flip(lever, lever.least()).ifPresent(flips::add);
            flip(lever, lever.most()).ifPresent(flips::add);
        }
        return List.copyOf(flips);
    }

    private List<Lever> levers() {
        List<Lever> levers = new ArrayList<>(List.of(
                new Lever(
                        "Hours a year",
                        "h",
                        question.runHoursPerYear(),
                        1e-6,
                        Decision.HOURS_OF_A_YEAR,
                        (d, v) -> new Decision(
                                d.discountRate(),
                                d.energyPricePerKwh(),
                                d.loadFraction(),
                                v,
                                d.ratedPowerW(),
                                d.outageCostPerHour(),
                                d.options())),
                new Lever(
                        "Price of a kilowatt-hour",
                        "",
                        question.energyPricePerKwh(),
                        0,
                        MOST_ENERGY_PRICE,
                        (d, v) -> new Decision(
                                d.discountRate(),
                                v,
                                d.loadFraction(),
                                d.runHoursPerYear(),
                                d.ratedPowerW(),
                                d.outageCostPerHour(),
                                d.options())),
                new Lever(
                        "Cost of an hour of outage",
                        "",
                        question.outageCostPerHour(),
                        0,
                        MOST_OUTAGE_PER_HOUR,
                        (d, v) -> new Decision(
                                d.discountRate(),
                                d.energyPricePerKwh(),
                                d.loadFraction(),
                                d.runHoursPerYear(),
                                d.ratedPowerW(),
                                v,
                                d.options()))));
        for (int i = 0; i < question.options().size(); i++) {
            OddsQuestion.Option o = question.options().get(i);
            int at = i;
            levers.add(new Lever(
                    "Price of " + Phrase.lower(o.name()),
                    "",
                    o.price(),
                    0,
                    MOST_PRICE,
                    (d, v) -> with(
                            d,
                            at,
                            x -> new Decision.Option(
                                    x.name(), v, x.leadTimeHours(), x.efficiencyPercent(), x.expectedLifeYears()))));
            levers.add(new Lever(
                    "Lead time of " + Phrase.lower(o.name()),
                    "h",
                    o.leadTimeHours(),
                    0,
                    MOST_LEAD_HOURS,
                    (d, v) -> with(
                            d,
                            at,
                            x -> new Decision.Option(
                                    x.name(), x.price(), v, x.efficiencyPercent(), x.expectedLifeYears()))));
            levers.add(new Lever(
                    "Life of " + Phrase.lower(o.name()),
                    "years",
                    o.expectedLifeYears(),
                    SHORTEST_LIFE_YEARS,
                    LONGEST_LIFE_YEARS,
                    (d, v) -> with(
                            d,
                            at,
                            x -> new Decision.Option(
                                    x.name(), x.price(), x.leadTimeHours(), x.efficiencyPercent(), v))));
        }
        return levers;
    }

    private static Decision with(Decision d, int at, java.util.function.UnaryOperator<Decision.Option> change) {
        List<Decision.Option> options = new ArrayList<>(d.options());
        options.set(at, change.apply(options.get(at)));
        return new Decision(
                d.discountRate(),
                d.energyPricePerKwh(),
                d.loadFraction(),
                d.runHoursPerYear(),
                d.ratedPowerW(),
                d.outageCostPerHour(),
                options);
    }

    private Optional<Flip> flip(Lever lever, double bound) {
        double stands = lever.now().likely();
        double turned = bound;
        if (winner(lever, turned) == best) {
            return Optional.empty();
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (stands + turned) / 2;
            if (winner(lever, middle) == best) {
                stands = middle;
            } else {
                turned = middle;
            }
        }
        boolean above = bound > lever.now().likely();
        double upTo = lever.now().probabilityUpTo(turned);
        return Optional.of(new Flip(
                lever.figure(),
                lever.unit(),
                lever.now().likely(),
                turned,
                above,
                question.options().get(winner(lever, turned)).name(),
                lever.now().exact() ? Optional.empty() : Optional.of(100 * (above ? 1 - upTo : upTo))));
    }

    private int winner(Lever lever, double value) {
        return cheapest(lever.with().apply(likely, value));
    }

    /** Place of the cheapest, the first of equals. */
    static int cheapest(Decision decision) {
        AnnualCost cost = AnnualCost.of(decision);
        int best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < decision.options().size(); i++) {
            Decision.Option o = decision.options().get(i);
            double total = cost.total(o.price(), o.leadTimeHours(), o.efficiencyPercent(), o.expectedLifeYears());
            if (total < least) {
                least = total;
                best = i;
            }
        }
        return best;
    }
}
