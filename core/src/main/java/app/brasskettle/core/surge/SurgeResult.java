package app.brasskettle.core.surge;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Optional;

/**
 * A comparison of two traces, computed and judged.
 *
 * @param differencePercent D = 100·Σ|a−b| / ½Σ(|a|+|b|)
 * @param ringFrequencyAHz ring of the first; absent under three crossings
 * @param ringFrequencyBHz ring of the second
 * @param frequencyShiftPercent of the second against the first
 * @param limitPercent limit of D
 * @param shiftLimitPercent limit of the shift
 * @param verdict the word
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record SurgeResult(
        double differencePercent,
        Optional<Double> ringFrequencyAHz,
        Optional<Double> ringFrequencyBHz,
        Optional<Double> frequencyShiftPercent,
        double limitPercent,
        double shiftLimitPercent,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps) {}
