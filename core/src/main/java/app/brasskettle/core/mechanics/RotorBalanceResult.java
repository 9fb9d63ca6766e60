package app.brasskettle.core.mechanics;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * Whether a rotor is balanced to its grade.
 *
 * @param permissibleGmm unbalance allowed in all
 * @param eachPlaneGmm unbalance allowed in each of the two planes
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record RotorBalanceResult(double permissibleGmm, double eachPlaneGmm, Judgement judgement, List<Step> steps)
        implements Judged {}
