package app.brasskettle.core.choice;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Offers side by side, with what condition rules out and what the figures advise.
 *
 * @param options each offer
 * @param advice what stands open and costs least
 * @param years years of the cost curves
 * @param crossings where the order of two open options changes, in words
 * @param steps arithmetic of the cheapest
 */
public record ChoiceAssessment(
        List<Option> options, Judgement advice, List<Integer> years, List<String> crossings, List<Step> steps) {

    private static final int HORIZON_YEARS = 15;
    private static final String SOURCE = "Equivalent annual cost; gates by condition first";

    /**
     * One option as it is compared.
     *
     * @param kind recondition, rewind or replace
     * @param name its heading
     * @param open false when condition rules it out
     * @param reason why, or what to mind
     * @param lines its price, line by line
     * @param price their sum
     * @param outageCost lead time × outage cost
     * @param annualEnergyCost energy in a year
     * @param equivalentAnnualCost all of it per year
     * @param levelPrice price at which it would draw level with the cheapest
     * @param costByYear what has been spent after each year, the first payment at year 0; of the energy only what is drawn
     *     beyond the most frugal option, since the rest is common to all and would hide the difference
     */
    public record Option(
            OptionKind kind,
            String name,
            boolean open,
            String reason,
            List<Amount> lines,
            BigDecimal price,
            double outageCost,
            double annualEnergyCost,
            double equivalentAnnualCost,
            Optional<Double> levelPrice,
            double leadTimeHours,
            double efficiencyPercent,
            double expectedLifeYears,
            List<Double> costByYear) {}

    /**
     * Says in its own word how firm an advice is; the four verdicts are for what is measured.
     *
     * @param verdict of the advice
     */
    public static String term(Verdict verdict) {
        return switch (verdict) {
            case HOLDS -> "Advised";
            case WATCH -> "Close call";
            case STOP -> "Nothing can be advised";
            case UNPROVEN -> "Not known yet";
        };
    }

    /** A priced line. */
    public record Amount(String task, double quantity, String unit, double rate, BigDecimal amount) {}

    /** The reading of {@code sheet} for a motor of {@code ratedPowerW} in {@code condition}. */
    public static ChoiceAssessment of(
            ChoiceSheet sheet, double ratedPowerW, double outageCostPerHour, MotorCondition condition) {
        DecisionResult costs = DecisionWorksheet.create().work().apply(sheet.decision(ratedPowerW, outageCostPerHour));
        Map<OptionKind, MotorCondition.Standing> standings =
                condition.standings().stream().collect(Collectors.toMap(MotorCondition.Standing::kind, s -> s));
        double frugal = costs.options().stream()
                .mapToDouble(DecisionResult.Costed::annualEnergyCost)
                .min()
                .orElse(0);
        List<Option> options = new ArrayList<>();
        for (int i = 0; i < sheet.offers().size(); i++) {
            options.add(option(sheet.offers().get(i), costs.options().get(i), costs, standings, frugal));
        }
        List<Integer> years = new ArrayList<>();
        for (int y = 0; y <= HORIZON_YEARS; y++) {
            years.add(y);
        }
        List<Option> open = options.stream().filter(Option::open).toList();
        return new ChoiceAssessment(
                List.copyOf(options),
                advise(open, sheet.offers().size(), condition),
                years,
                crossings(open),
                costs.steps());
    }

    private static Option option(
            Offer offer,
            DecisionResult.Costed cost,
            DecisionResult all,
            Map<OptionKind, MotorCondition.Standing> standings,
            double frugal) {
        MotorCondition.Standing standing = standings.get(offer.kind());
        List<Amount> lines = offer.lines().stream()
                .map(l -> new Amount(l.task(), l.quantity(), l.unit(), l.rate(), l.amount()))
                .toList();
        return new Option(
                offer.kind(),
                offer.kind().label(),
                standing.open(),
                standing.reason(),
                lines,
                offer.price(),
                cost.outageCost(),
                cost.annualEnergyCost(),
                cost.equivalentAnnualCost(),
                all.breakEvenPrices().getOrDefault(cost.name(), Optional.empty()),
                offer.leadTimeHours(),
                offer.efficiencyPercent(),
                offer.expectedLifeYears(),
                spent(offer, cost, frugal));
    }

    /** Money spent by the end of each year, undiscounted; price and outage fall due again whenever a life is over. */
    private static List<Double> spent(Offer offer, DecisionResult.Costed cost, double frugal) {
        List<Double> spent = new ArrayList<>();
        double once = offer.price().doubleValue() + cost.outageCost();
        for (int year = 0; year <= HORIZON_YEARS; year++) {
            // A life that ends with the horizon needs no successor inside it.
            double lives = year == 0 ? 1 : Math.ceil(year / offer.expectedLifeYears() - 1e-9);
            spent.add(lives * once + year * (cost.annualEnergyCost() - frugal));
        }
        return List.copyOf(spent);
    }

    private static Judgement advise(List<Option> open, int offered, MotorCondition condition) {
        if (open.isEmpty()) {
            return new Judgement(
                    Verdict.STOP,
                    "Condition rules out every option offered",
                    "",
                    SOURCE,
                    "Offer replacement, or a certified repairer.");
        }
        List<Option> sorted = open.stream()
                .sorted(Comparator.comparingDouble(Option::equivalentAnnualCost))
                .toList();
        Option best = sorted.get(0);
        if (condition.nothingKnown()) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    "No advice: nothing is known of the winding yet",
                    best.name() + " costs least, " + money(best.equivalentAnnualCost()) + " a year",
                    SOURCE,
                    "Test insulation, resistance and surge, or open it and look at the coils.");
        }
        String cost = best.name() + ": " + money(best.equivalentAnnualCost()) + " a year";
        if (sorted.size() == 1) {
            String why = offered == 1 ? "Only one option is offered" : "Condition rules out the others";
            return new Judgement(Verdict.WATCH, cost, why, SOURCE, "Put it to the customer.");
        }
        Option second = sorted.get(1);
        double apart = second.equivalentAnnualCost() - best.equivalentAnnualCost();
        boolean clear = apart > 0.05 * best.equivalentAnnualCost();
        List<String> missing = condition.notKnown();
        String unknown = missing.isEmpty() ? "" : ". Not known yet: " + String.join(", ", missing);
        return new Judgement(
                clear && missing.isEmpty() ? Verdict.HOLDS : Verdict.WATCH,
                cost + ", " + money(apart) + " less than " + second.name().toLowerCase(java.util.Locale.ROOT),
                (clear ? "More than 5 % apart" : "Within 5 %: time and risk may decide") + unknown,
                SOURCE,
                "Put it to the customer; the customer chooses.");
    }

    private static List<String> crossings(List<Option> open) {
        List<String> found = new ArrayList<>();
        for (int i = 0; i < open.size(); i++) {
            for (int j = i + 1; j < open.size(); j++) {
                crossing(open.get(i), open.get(j)).ifPresent(found::add);
            }
        }
        return List.copyOf(found);
    }

    private static Optional<String> crossing(Option a, Option b) {
        double start = a.costByYear().get(0) - b.costByYear().get(0);
        Option dear = start > 0 ? a : b;
        Option cheap = start > 0 ? b : a;
        for (int year = 1; year <= HORIZON_YEARS; year++) {
            if (dear.costByYear().get(year) < cheap.costByYear().get(year)) {
                return Optional.of(dear.name() + " costs more at first and less than "
                        + cheap.name().toLowerCase(java.util.Locale.ROOT) + " by year " + year + ".");
            }
        }
        return Optional.empty();
    }

    private static String money(double amount) {
        return Figures.significant(Math.rint(amount), 12);
    }
}
