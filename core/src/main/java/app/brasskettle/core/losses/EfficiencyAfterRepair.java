package app.brasskettle.core.losses;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * What a repair makes of an efficiency.
 *
 * @param lossesBeforeW all losses by plate
 * @param copperLossChangeW change of the loss in the winding
 * @param coreLossChangeW change of the loss in the core
 * @param lossesAfterW all losses after
 * @param efficiencyAfterPercent efficiency after
 * @param changePoints points of efficiency gained, below zero when lost
 * @param verdict holds to 0.3 points lost, watch to 1.0
 * @param judgement the same with its figures
 * @param steps the arithmetic
 */
public record EfficiencyAfterRepair(
        double lossesBeforeW,
        double copperLossChangeW,
        double coreLossChangeW,
        double lossesAfterW,
        double efficiencyAfterPercent,
        double changePoints,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
