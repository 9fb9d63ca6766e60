package app.brasskettle.core.airgap;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * How evenly the rotor lies in its bore.
 *
 * @param meanMm mean gap
 * @param deviationPercent largest departure from the mean, of the mean
 * @param worstPoint number of the point that departs most, from 1
 * @param offsetMm how far the rotor's axis lies off the bore's
 * @param offsetDegrees to which side, clockwise from the top
 * @param verdict the word
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record AirGapResult(
        double meanMm,
        double deviationPercent,
        int worstPoint,
        double offsetMm,
        double offsetDegrees,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
