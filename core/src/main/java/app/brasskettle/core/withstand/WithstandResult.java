package app.brasskettle.core.withstand;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * What a withstand test says.
 *
 * @param requiredV level the winding had to stand
 * @param appliedPercent voltage applied, of that level
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record WithstandResult(double requiredV, double appliedPercent, Judgement judgement, List<Step> steps)
        implements Judged {}
