package app.brasskettle.core.balance;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Optional;

/**
 * Where an unbalance of inductance comes from.
 *
 * @param windingUnbalancePercent largest deviation of a phase's mean over the positions from the mean of all
 * @param rotorUnbalancePercent largest residual after phase means and position means are taken out; absent for one position
 * @param source where it comes from
 * @param verdict the word
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record BalanceResult(
        double windingUnbalancePercent,
        Optional<Double> rotorUnbalancePercent,
        Source source,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps)
        implements Judged {

    /** Where an unbalance comes from. */
    public enum Source implements Coded {
        NONE,
        WINDING,
        ROTOR,
        BOTH,
        TURN_ROTOR_AND_REPEAT
    }
}
