package app.brasskettle.core.run;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * What the attempts to start say.
 *
 * @param reachedPercent speed of the last attempt, of the rated one
 * @param torquePercent torque that attempt could ask of the motor, of that at rated voltage
 * @param stalledSeconds time stalled in all
 * @param copperSeconds time in which the stator copper alone reaches 155 °C from 40 °C at the highest current seen, an upper
 *     bound
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record StartResult(
        double reachedPercent,
        double torquePercent,
        double stalledSeconds,
        double copperSeconds,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
