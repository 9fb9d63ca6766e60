package app.brasskettle.core.fits;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * Whether a seat holds its bearing.
 *
 * @param nominalMm size of the bearing there
 * @param upperLimitMm largest diameter allowed
 * @param lowerLimitMm smallest
 * @param outOfRoundMm largest spread within a plane
 * @param taperMm spread of the planes' means
 * @param verdict the word
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record BearingFitResult(
        double nominalMm,
        double upperLimitMm,
        double lowerLimitMm,
        double outOfRoundMm,
        double taperMm,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
