package app.brasskettle.core.mechanics;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * In which zone a machine vibrates.
 *
 * @param zone A to D
 * @param highestMmPerS highest reading
 * @param zoneBoundariesMmPerS boundaries between A and B, B and C, C and D
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record VibrationResult(
        String zone, double highestMmPerS, List<Double> zoneBoundariesMmPerS, Judgement judgement, List<Step> steps)
        implements Judged {}
