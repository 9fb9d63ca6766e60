package app.brasskettle.core.testkind;

import app.brasskettle.core.work.Fault;
import java.util.Optional;

/**
 * What the Stop of one test does: the definition of its kind, sharpened by what it found, and how far its limit was missed.
 *
 * @param fault what kind of Stop it is, which says what can end it
 * @param effect what it does to energising
 * @param code name of the reason: a danger of its own, else the step of the test
 * @param missedBy by what factor the limit was missed, 1 at the limit; empty where no figure can say
 */
public record StopRule(Fault fault, StopEffect effect, Optional<String> code, Optional<Double> missedBy) {

    public static final String GROUND = "ground";
    public static final String OPEN_CIRCUIT = "open-circuit";
    public static final String TURN_SHORT = "turn-short";
    public static final String LOST_PHASE = "lost-phase";

    /** A danger of its own, which nobody may waive. */
    public static StopRule danger(Fault fault, String code, String why) {
        return new StopRule(fault, StopEffect.blocks(why), Optional.of(code), Optional.empty());
    }

    /**
     * Tells whether a lead hand may waive it in writing.
     *
     * @param factor the most by which the shop allows a limit to be missed
     */
    public boolean waivable(double factor) {
        return effect.waivable() && missedBy.filter(m -> m <= factor).isPresent();
    }
}
