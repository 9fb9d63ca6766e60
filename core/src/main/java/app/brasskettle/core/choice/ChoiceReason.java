package app.brasskettle.core.choice;

import app.brasskettle.core.losses.EfficiencyAfterRepair;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.worksheet.Phrase;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A reason or a risk beside money.
 *
 * @param words what it is
 * @param effect what it does to the comparison
 * @param moves whether the advice would be another without it
 */
public record ChoiceReason(String words, String effect, boolean moves) {

    /** What failures before leave of every life while their cause stands (shop's rule of thumb; no standard). */
    static final double LIFE_SHARE_AFTER_REPEAT = 0.5;

    private static final int OLD_YEARS = 25;
    private static final double UNCERTAIN_DELIVERY = 2;
    private static final double WORTH_SAYING_POINTS = 0.5;

    /** Life that is left of every option by what the record says. */
    static double lifeShare(ChoiceFacts facts) {
        return facts.before().isEmpty() ? 1 : LIFE_SHARE_AFTER_REPEAT;
    }

    /**
     * Reasons and risks on record.
     *
     * @param sheet what is offered
     * @param repeatMoves whether the advice would be another if it had not failed so before
     * @param unexplainedMoves whether it would be firmer if somebody had said why it failed
     */
    static List<ChoiceReason> of(ChoiceSheet sheet, ChoiceFacts facts, boolean repeatMoves, boolean unexplainedMoves) {
        List<ChoiceReason> all = new ArrayList<>();
        if (!facts.before().isEmpty()) {
            all.add(new ChoiceReason(
                    "It failed of the same before: " + facts.before().get(0),
                    "Every life counts half until the cause is gone",
                    repeatMoves));
        }
        if (facts.concluded().isEmpty()) {
            all.add(new ChoiceReason(
                    "Nobody has said why it failed",
                    "A repair or a new motor may go the same way; the advice is not firm before it is known",
                    unexplainedMoves));
        }
        facts.standardFrame()
                .filter(standard -> !standard)
                .ifPresent(s -> all.add(new ChoiceReason(
                        "No new motor has the frame " + facts.frame().orElse(""),
                        "Its price includes work on the base, where a line says so",
                        false)));
        delivery(sheet).ifPresent(all::add);
        efficiency(sheet, facts).ifPresent(all::add);
        facts.yearMade()
                .map(y -> facts.thisYear() - y)
                .filter(age -> age >= OLD_YEARS)
                .ifPresent(age -> all.add(new ChoiceReason(
                        "It is " + age + " years old",
                        "Bearings, fits and lamination insulation have aged too; no figure moves for it",
                        false)));
        spare(sheet).ifPresent(all::add);
        core(facts.condition()).ifPresent(all::add);
        return List.copyOf(all);
    }

    private static Optional<ChoiceReason> delivery(ChoiceSheet sheet) {
        return sheet.offers().stream()
                .filter(o -> o.leadTimeHours().high()
                        > UNCERTAIN_DELIVERY * o.leadTimeHours().likely())
                .findFirst()
                .map(o -> new ChoiceReason(
                        o.title() + " may take until day "
                                + Figures.significant(o.leadTimeHours().high() / 24, 2),
                        "Its lead time is drawn from its whole range",
                        false));
    }

    private static Optional<ChoiceReason> efficiency(ChoiceSheet sheet, ChoiceFacts facts) {
        if (facts.afterRepair().isPresent()) {
            EfficiencyAfterRepair after = facts.afterRepair().get();
            return Optional.of(new ChoiceReason(
                    "Computed for the new winding, core loss as before: "
                            + after.judgement().headline(),
                    "It counts once it is entered as the efficiency of that option",
                    false));
        }
        Optional<Offer> best = sheet.offers().stream()
                .filter(o -> o.kind() == OptionKind.REPLACE)
                .max(Comparator.comparingDouble(o -> o.efficiencyPercent().likely()));
        return facts.plateEfficiencyPercent()
                .flatMap(plate -> best.filter(o -> o.efficiencyPercent().likely() - plate >= WORTH_SAYING_POINTS)
                        .map(o -> new ChoiceReason(
                                o.title() + " is "
                                        + Figures.significant(
                                                o.efficiencyPercent().likely() - plate, 2)
                                        + " points more efficient than the plate",
                                "It is in the energy of each option; what is repaired keeps the plate’s, nothing else is measured",
                                false)));
    }

    private static Optional<ChoiceReason> spare(ChoiceSheet sheet) {
        return sheet.offers().stream()
                .filter(o -> o.from() == OptionSource.SPARE)
                .findFirst()
                .map(o -> new ChoiceReason(
                        "A spare is at hand: " + Phrase.lower(o.title()),
                        "The machine runs again after "
                                + Figures.significant(o.leadTimeHours().likely(), 3)
                                + " h; afterwards there is none on the shelf",
                        false));
    }

    private static Optional<ChoiceReason> core(MotorCondition condition) {
        return condition
                .risen(MotorCondition.Aspect.CORE)
                .map(t -> new ChoiceReason(
                        "Core loss has risen: " + t.headline(),
                        "Hotter and less efficient after a rewind; enter its efficiency in that option",
                        false));
    }
}
