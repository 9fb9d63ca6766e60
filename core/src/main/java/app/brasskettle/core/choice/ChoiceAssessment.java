package app.brasskettle.core.choice;

import app.brasskettle.core.decision.DecisionWorksheet;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Phrase;
import app.brasskettle.core.worksheet.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Offers side by side, with what condition rules out, what the figures advise and what would flip it.
 *
 * @param options each offer
 * @param firmness how firm the advice is
 * @param firmnessLabel the same in words
 * @param advice what stands open and costs least, and how sure that is
 * @param advised the option advised; empty where none is
 * @param reasons reasons and risks beside money
 * @param flips the value of each figure at which the advice turns
 * @param years years of the cost curves
 * @param crossings where the order of two open options changes, in words
 * @param steps arithmetic of the cheapest
 */
public record ChoiceAssessment(
        List<ComparedOption> options,
        Firmness firmness,
        String firmnessLabel,
        Judgement advice,
        Optional<String> advised,
        List<ChoiceReason> reasons,
        List<Flip> flips,
        List<Integer> years,
        List<String> crossings,
        List<Step> steps) {

    /** How firm an advice is, in its own words; the four verdicts are for what is measured. */
    public enum Firmness implements Coded {
        FIRM("Advised"),
        DOUBTED("Advised, with a doubt"),
        CLOSE("Close call"),
        ONLY("The only way open"),
        UNKNOWN("Not known yet"),
        NOTHING("Nothing can be advised");

        private final String label;

        Firmness(String label) {
            this.label = label;
        }

        /** The word as it opens a sentence. */
        public String label() {
            return label;
        }
    }

    /** The reading of {@code sheet} for a motor of {@code ratedPowerW}. */
    public static ChoiceAssessment of(ChoiceSheet sheet, double ratedPowerW, ChoiceFacts facts) {
        Comparison comparison = Comparison.of(sheet, ratedPowerW, facts);
        List<ComparedOption> options = comparison.options();
        Advising.Advised advised = Advising.of(comparison, options);
        return new ChoiceAssessment(
                options,
                advised.firmness(),
                advised.firmness().label(),
                advised.judgement(),
                comparison.best().map(b -> options.get(b).name()),
                ChoiceReason.of(
                        sheet,
                        facts,
                        comparison.movedByRepeat(),
                        Advising.of(comparison.explained(), options).firmness() != advised.firmness()),
                comparison.flips(),
                IntStream.rangeClosed(0, Comparison.HORIZON_YEARS).boxed().toList(),
                crossings(options.stream().filter(ComparedOption::competes).toList()),
                DecisionWorksheet.create().work().apply(comparison.likely()).steps());
    }

    /** The option called {@code name}, in whatever capitals. */
    public Optional<ComparedOption> option(String name) {
        return options.stream().filter(o -> o.name().equalsIgnoreCase(name)).findFirst();
    }

    private static List<String> crossings(List<ComparedOption> open) {
        List<String> found = new ArrayList<>();
        for (int i = 0; i < open.size(); i++) {
            for (int j = i + 1; j < open.size(); j++) {
                crossing(open.get(i), open.get(j)).ifPresent(found::add);
            }
        }
        return List.copyOf(found);
    }

    private static Optional<String> crossing(ComparedOption a, ComparedOption b) {
        double start = a.costByYear().get(0) - b.costByYear().get(0);
        ComparedOption dear = start > 0 ? a : b;
        ComparedOption cheap = start > 0 ? b : a;
        for (int year = 1; year <= Comparison.HORIZON_YEARS; year++) {
            if (dear.costByYear().get(year) < cheap.costByYear().get(year)) {
                return Optional.of(dear.name() + " costs more at first and less than " + Phrase.lower(cheap.name())
                        + " by year " + year + ".");
            }
        }
        return Optional.empty();
    }
}
