package app.brasskettle.core.coreloop;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Optional;

/**
 * A loop test, judged.
 *
 * @param wattsPerKg loss per kilogram of back iron
 * @param increasePercent rise of the loss across the burnout; absent when it was not measured before
 * @param hotSpotK hottest spot over the mean of the core
 * @param verdict the word
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record CoreLoopResult(
        double wattsPerKg,
        Optional<Double> increasePercent,
        double hotSpotK,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
