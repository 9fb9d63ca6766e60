package app.brasskettle.core.run;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * What a run without load says.
 *
 * @param currentUnbalancePercent largest deviation of a line's current from the mean
 * @param voltageUnbalancePercent the same of the voltages
 * @param explainedUnbalancePercent how much of the current's the supply explains
 * @param noLoadRatioPercent mean current over the rated one
 * @param typicalLowPercent least usual share for its poles
 * @param typicalHighPercent most usual share
 * @param stopFromPercent share from which a run at rated voltage is Stop on a job: one and a half times the usual range, under 2 kW the
 *     rated current (shop rule)
 * @param atRatedVoltage whether the mean voltage lies within 5 % of the rated one
 * @param lostPhase true when a line carries no current
 * @param verdict the word
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record NoLoadResult(
        double currentUnbalancePercent,
        double voltageUnbalancePercent,
        double explainedUnbalancePercent,
        double noLoadRatioPercent,
        double typicalLowPercent,
        double typicalHighPercent,
        double stopFromPercent,
        boolean atRatedVoltage,
        boolean lostPhase,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
