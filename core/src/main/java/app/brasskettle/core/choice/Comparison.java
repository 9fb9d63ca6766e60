package app.brasskettle.core.choice;

import app.brasskettle.core.decision.AnnualCost;
import app.brasskettle.core.decision.Decision;
import app.brasskettle.core.decision.OddsQuestion;
import app.brasskettle.core.decision.OptionOdds;
import app.brasskettle.core.decision.OptionOddsWorksheet;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.worksheet.Phrase;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The arithmetic of one comparison: which options compete, what each costs a year, how often each wins.
 *
 * @param sheet what is offered
 * @param facts what the record says
 * @param question the question with every option in it
 * @param likely the same with every figure at its likeliest
 * @param standings each option's gate
 * @param competing places of the options that are open and priced
 * @param odds how often each of those wins, in their order; empty where none competes
 */
record Comparison(
        ChoiceSheet sheet,
        ChoiceFacts facts,
        OddsQuestion question,
        Decision likely,
        List<MotorCondition.Standing> standings,
        List<Integer> competing,
        Optional<OptionOdds> odds) {

    static final int HORIZON_YEARS = 15;
    private static final double MONTHS = 12;

    static Comparison of(ChoiceSheet sheet, double ratedPowerW, ChoiceFacts facts) {
        return of(sheet, ratedPowerW, facts, ChoiceReason.lifeShare(facts));
    }

    private static Comparison of(ChoiceSheet sheet, double ratedPowerW, ChoiceFacts facts, double lifeShare) {
        List<MotorCondition.Standing> standings = sheet.offers().stream()
                .map(o -> facts.condition().standing(o.kind(), o.from()))
                .toList();
        List<Integer> competing = IntStream.range(0, standings.size())
                .filter(i -> standings.get(i).open()
                        && !sheet.offers().get(i).lines().isEmpty())
                .boxed()
                .toList();
        OddsQuestion all = sheet.question(ratedPowerW, facts.outageCostPerHour(), lifeShare);
        return new Comparison(
                sheet,
                facts,
                all,
                all.likely(),
                standings,
                competing,
                competing.isEmpty() ? Optional.empty() : Optional.of(OptionOddsWorksheet.work(only(all, competing))));
    }

    /** The question with none but the options at {@code places}. */
    private static OddsQuestion only(OddsQuestion all, List<Integer> places) {
        return all.among(places.stream().map(all.options()::get).toList());
    }

    /** The same comparison, had somebody said why the motor failed. */
    Comparison explained() {
        return new Comparison(sheet, facts.explained(), question, likely, standings, competing, odds);
    }

    /** Place of the cheapest of those that compete; empty where none does. */
    Optional<Integer> best() {
        return competing.stream().min(Comparator.comparingDouble(this::annualCost));
    }

    /** Whether another option would be the cheapest if the motor had not failed so before. */
    boolean movedByRepeat() {
        if (facts.before().isEmpty()) {
            return false;
        }
        AnnualCost cost = cost();
        OddsQuestion unrepeated = sheet.question(question.ratedPowerW(), facts.outageCostPerHour(), 1);
        Decision other = unrepeated.likely();
        return !best().equals(competing.stream()
                .min(Comparator.comparingDouble(i -> total(cost, other.options().get(i)))));
    }

    AnnualCost cost() {
        return AnnualCost.of(likely);
    }

    double annualCost(int i) {
        return total(cost(), likely.options().get(i));
    }

    private static double total(AnnualCost cost, Decision.Option o) {
        return cost.total(o.price(), o.leadTimeHours(), o.efficiencyPercent(), o.expectedLifeYears());
    }

    /** Energy of the most frugal of those that compete: what all of them have in common. */
    double commonEnergy() {
        return (competing.isEmpty()
                        ? IntStream.range(0, standings.size()).boxed().toList()
                        : competing)
                .stream().mapToDouble(i -> energy(i)).min().orElse(0);
    }

    double energy(int i) {
        return cost().energy(likely.options().get(i).efficiencyPercent());
    }

    List<Flip> flips() {
        return best().filter(b -> competing.size() > 1)
                .map(b -> FlipTable.of(only(question, competing), competing.indexOf(b)))
                .orElse(List.of());
    }

    List<ComparedOption> options() {
        List<ComparedOption> options = new ArrayList<>();
        for (int i = 0; i < standings.size(); i++) {
            options.add(option(i));
        }
        return List.copyOf(options);
    }

    private ComparedOption option(int i) {
        Offer offer = sheet.offers().get(i);
        MotorCondition.Standing standing = standings.get(i);
        double energy = energy(i);
        return new ComparedOption(
                offer.kind(),
                offer.from(),
                offer.title(),
                standing.open(),
                !offer.lines().isEmpty(),
                standing.reason(),
                standing.bringsBack(),
                offer.lines().stream().map(ComparedOption.Amount::of).toList(),
                offer.price(),
                offer.priceRange(),
                cost().outage(offer.leadTimeHours().likely()),
                energy,
                annualCost(i),
                levelPrice(i),
                competing.contains(i) ? odds.map(o -> o.of(offer.title())) : Optional.empty(),
                payback(i),
                offer.leadTimeHours(),
                offer.efficiencyPercent(),
                question.options().get(i).expectedLifeYears(),
                offer.warrantyMonths(),
                offer.included(),
                offer.notIncluded(),
                spent(i));
    }

    /** The price at which option {@code i} costs a year what the cheapest of the others does. */
    private Optional<Double> levelPrice(int i) {
        Decision.Option o = likely.options().get(i);
        return competing.stream().filter(other -> other != i).mapToDouble(this::annualCost).min().stream()
                .mapToObj(target ->
                        cost().priceFor(target, o.leadTimeHours(), o.efficiencyPercent(), o.expectedLifeYears()))
                .filter(price -> price >= 0)
                .findFirst();
    }

    private double atFirst(int i) {
        Decision.Option o = likely.options().get(i);
        return o.price() + cost().outage(o.leadTimeHours());
    }

    /** In words: in how long option {@code i} pays back what it costs more at first than the one that costs least then. */
    private Optional<String> payback(int i) {
        Optional<Integer> least = competing.stream().min(Comparator.comparingDouble(this::atFirst));
        if (!competing.contains(i) || least.filter(l -> atFirst(i) > atFirst(l)).isEmpty()) {
            return Optional.empty();
        }
        double more = atFirst(i) - atFirst(least.get());
        double saved = energy(least.get()) - energy(i);
        String than = Phrase.lower(likely.options().get(least.get()).name());
        String extra = "It costs " + money(more) + " more at first than " + than + ", outage counted, and ";
        if (saved <= 0) {
            return Optional.of(extra + "saves no energy.");
        }
        double years = more / saved;
        double life = likely.options().get(i).expectedLifeYears();
        String time = years < 2
                ? Figures.significant(Math.ceil(years * MONTHS), 2) + " months"
                : Figures.significant(years, 2) + " years";
        return Optional.of(extra + "saves " + money(saved) + " of energy a year"
                + (years > life
                        ? ": not paid back in the " + Figures.significant(life, 2) + " years it lasts."
                        : ": paid back in " + time + " at " + Figures.plain(likely.runHoursPerYear())
                                + " hours a year."));
    }

    /** Money spent by the end of each year, undiscounted; price and outage fall due again whenever a life is over. */
    private List<Double> spent(int i) {
        double life = likely.options().get(i).expectedLifeYears();
        double beyond = energy(i) - commonEnergy();
        List<Double> spent = new ArrayList<>();
        for (int year = 0; year <= HORIZON_YEARS; year++) {
            // A life that ends with the horizon needs no successor inside it.
            double lives = year == 0 ? 1 : Math.ceil(year / life - 1e-9);
            spent.add(lives * atFirst(i) + year * beyond);
        }
        return List.copyOf(spent);
    }

    static String money(double amount) {
        return Figures.significant(Math.rint(amount), 12);
    }
}
