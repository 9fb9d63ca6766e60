package app.brasskettle.core.withstand;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * Leakage over a rising direct voltage.
 *
 * @param megohms resistance at each step
 * @param growthRatios each current over the one before times the ratio of voltages; 1 for a sound winding
 * @param worstGrowthRatio the largest of them
 * @param verdict the word
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record StepVoltageResult(
        List<Double> megohms,
        List<Double> growthRatios,
        double worstGrowthRatio,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
