package app.brasskettle.core.heating;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * What a heat run says.
 *
 * @param hotTemperatureC winding at the end
 * @param riseK over the air
 * @param limitRiseK most its class allows
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record HeatRunResult(
        double hotTemperatureC, double riseK, double limitRiseK, Judgement judgement, List<Step> steps)
        implements Judged {}
