package app.brasskettle.core.practice;

import app.brasskettle.core.choice.ChoiceAssessment;
import app.brasskettle.core.choice.ChoiceFacts;
import app.brasskettle.core.choice.ChoiceSheet;
import app.brasskettle.core.choice.ComparedOption;
import app.brasskettle.core.choice.MotorCondition;
import app.brasskettle.core.pricing.OfferBuilder;
import app.brasskettle.core.pricing.PricingFacts;
import app.brasskettle.core.pricing.ShopPrices;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Coded;
import java.util.List;
import java.util.Optional;

/** The ways forward of an exercise at the shipped prices, compared as those of any motor. */
final class PracticeDecision {

    private final Exercise exercise;

    PracticeDecision(Exercise exercise) {
        this.exercise = exercise;
    }

    private ChoiceAssessment advice() {
        PricingFacts facts = PricingFacts.rating(
                exercise.rating().powerW(), exercise.rating().poles());
        ChoiceSheet sheet = OfferBuilder.build(facts, ShopPrices.shipped());
        MotorCondition burnt = new MotorCondition(
                false,
                List.of(new MotorCondition.Test(
                        MotorCondition.Aspect.INSULATION, "Insulation", Verdict.STOP, "Dead ground")),
                Optional.empty(),
                Optional.empty(),
                false);
        return ChoiceAssessment.of(
                sheet, exercise.rating().powerW(), ChoiceFacts.only(burnt, exercise.outageCostPerHour()));
    }

    List<String> priced() {
        return advice().options().stream()
                .map(o -> o.name() + ": " + o.price() + ", "
                        + Figures.plain(Math.round(o.leadTimeHours().likely() / 24)) + " days, "
                        + (o.open() ? "open" : "ruled out, " + o.reason()))
                .toList();
    }

    /** What the figures advise, in a sentence. */
    List<String> advised() {
        return List.of(advice().advice().headline() + ": " + advice().advice().because());
    }

    /** Ways forward that the figures advise, by their code. */
    List<String> ways() {
        ChoiceAssessment a = advice();
        return a.options().stream()
                .filter(o -> a.advised().filter(o.name()::equals).isPresent())
                .map(ComparedOption::kind)
                .map(Coded::code)
                .toList();
    }
}
