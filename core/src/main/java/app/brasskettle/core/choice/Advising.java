package app.brasskettle.core.choice;

import app.brasskettle.core.choice.ChoiceAssessment.Firmness;
import app.brasskettle.core.decision.OptionOdds;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Phrase;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The advice of a comparison.
 *
 * <p>Options are held apart by what differs: the energy that all of them draw alike is no part of the difference. An advice is firm
 * where they lie more than 5 % of that apart and the cheapest wins four draws of five (shop's rule of thumb; no standard).
 */
final class Advising {

    private static final double APART_SHARE = 0.05;
    private static final double SURE_PERCENT = 80;
    private static final String SOURCE = "Equivalent annual cost; gates by condition first";

    private final Comparison comparison;
    private final List<ComparedOption> competing;
    private final List<ComparedOption> all;

    private Advising(Comparison comparison, List<ComparedOption> options) {
        this.comparison = comparison;
        this.all = options;
        this.competing = options.stream()
                .filter(ComparedOption::competes)
                .sorted(Comparator.comparingDouble(ComparedOption::equivalentAnnualCost))
                .toList();
    }

    /** An advice and how firm it is. */
    record Advised(Firmness firmness, Judgement judgement) {}

    static Advised of(Comparison comparison, List<ComparedOption> options) {
        return new Advising(comparison, options).advise();
    }

    private Advised advise() {
        MotorCondition condition = comparison.facts().condition();
        if (all.stream().noneMatch(ComparedOption::open)) {
            return advised(
                    Firmness.NOTHING,
                    Verdict.STOP,
                    "Condition rules out every option offered",
                    "",
                    "Offer replacement, or a certified repairer.");
        }
        if (competing.isEmpty()) {
            return advised(
                    Firmness.UNKNOWN, Verdict.UNPROVEN, "No open option has a price yet", "", "Price one of them.");
        }
        ComparedOption best = competing.get(0);
        if (condition.nothingKnown()) {
            return advised(
                    Firmness.UNKNOWN,
                    Verdict.UNPROVEN,
                    "No advice: nothing is known of the winding yet",
                    best.name() + " costs least, " + yearly(best),
                    "Test insulation, resistance and surge, or open it and look at the coils.");
        }
        return competing.size() == 1 ? alone(best) : between(best, competing.get(1));
    }

    private static Advised advised(Firmness firmness, Verdict verdict, String headline, String because, String next) {
        return new Advised(firmness, new Judgement(verdict, headline, because, SOURCE, next));
    }

    private Advised alone(ComparedOption best) {
        String why = all.size() == 1 ? "Only one option is offered" : "No other option is open and priced";
        return advised(
                Firmness.ONLY,
                Verdict.WATCH,
                best.name() + ": " + yearly(best),
                String.join(". ", withDoubts(why)),
                all.stream().anyMatch(o -> o.open() && !o.priced())
                        ? "Get the price that is missing, then put it to the customer."
                        : "Put it to the customer.");
    }

    private Advised between(ComparedOption best, ComparedOption second) {
        double apart = second.equivalentAnnualCost() - best.equivalentAnnualCost();
        double differing = second.equivalentAnnualCost() - comparison.commonEnergy();
        boolean clear = apart > APART_SHARE * differing;
        double wins = best.odds().map(OptionOdds.Odds::winsPercent).orElse(0.0);
        boolean sure = wins >= SURE_PERCENT;
        boolean uncertain = wins < 100;
        String why = clear
                ? "Counting only what differs between them, they lie " + Figures.significant(100 * apart / differing, 2)
                        + " % apart"
                : "Counting only what differs between them, they lie within 5 %: time and risk may decide";
        if (uncertain) {
            why += "; cheapest in " + Figures.significant(wins, 2) + " of 100 draws" + (sure ? "" : ", under 80");
        }
        List<String> doubts = withDoubts(why);
        Firmness firmness = !clear || !sure ? Firmness.CLOSE : doubts.size() > 1 ? Firmness.DOUBTED : Firmness.FIRM;
        return advised(
                firmness,
                firmness == Firmness.FIRM ? Verdict.HOLDS : Verdict.WATCH,
                best.name() + ": " + yearly(best) + ", " + Comparison.money(apart) + " less than "
                        + Phrase.lower(second.name()),
                String.join(". ", doubts),
                comparison.facts().concluded().isEmpty()
                        ? "Say why it failed, then put it to the customer."
                        : "Put it to the customer; the customer chooses.");
    }

    /** {@code why}, and what keeps the advice from being firm. */
    private List<String> withDoubts(String why) {
        List<String> told = new ArrayList<>(List.of(why));
        List<String> missing = comparison.facts().condition().notKnown();
        if (!missing.isEmpty()) {
            told.add("Not known yet: " + String.join(", ", missing));
        }
        if (comparison.facts().concluded().isEmpty()) {
            told.add("Its cause is not concluded");
        }
        all.stream()
                .filter(o -> o.open() && !o.priced())
                .forEach(o -> told.add(o.name() + " has no price"
                        + o.levelPrice()
                                .map(p -> "; it wins at under " + Comparison.money(p))
                                .orElse("")));
        return told;
    }

    private static String yearly(ComparedOption option) {
        return Comparison.money(option.equivalentAnnualCost()) + " a year";
    }
}
