package app.brasskettle.core.heating;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * How much warmer a winding ran than the air.
 *
 * @param hotTemperatureC winding at the end
 * @param riseK over the air
 * @param limitRiseK most its class allows
 * @param verdict the word
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record TemperatureRise(
        double hotTemperatureC,
        double riseK,
        double limitRiseK,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps) {}
