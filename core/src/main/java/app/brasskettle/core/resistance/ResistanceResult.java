package app.brasskettle.core.resistance;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Winding resistance, computed and judged.
 *
 * @param meanOhm mean of the three readings
 * @param unbalancePercent largest deviation from the mean
 * @param meanOhmAt25C mean at 25 °C
 * @param phaseOhms what each phase must be to give these readings, {a, b, c} for wye and {ab, bc, ca} for delta; absent
 *     when no closed winding gives them
 * @param openPhase in wye, the phase both open pairs share
 * @param openCircuit a circuit that is open although no pair reads open, in a sentence
 * @param limitPercent limit of the unbalance
 * @param verdict the word
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record ResistanceResult(
        Optional<Double> meanOhm,
        Optional<Double> unbalancePercent,
        Optional<Double> meanOhmAt25C,
        Optional<Map<String, Double>> phaseOhms,
        Optional<String> openPhase,
        Optional<String> openCircuit,
        double limitPercent,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps)
        implements Judged {

    /** The same figures judged in other words, as a shop's own limits ask. */
    public ResistanceResult judgedAs(Judgement judgement) {
        return new ResistanceResult(
                meanOhm,
                unbalancePercent,
                meanOhmAt25C,
                phaseOhms,
                openPhase,
                openCircuit,
                limitPercent,
                verdict,
                judgement,
                steps);
    }
}
