package app.brasskettle.core.mechanics;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Optional;

/**
 * In which zone a machine vibrates.
 *
 * @param zone A to D
 * @param highestMmPerS highest reading
 * @param zoneBoundariesMmPerS boundaries between A and B, B and C, C and D
 * @param inService the word by the zones
 * @param repaired the word by the limits of a machine that leaves a shop; absent for one that was not repaired here
 * @param judgement the worse of the two
 * @param steps the arithmetic
 */
public record VibrationResult(
        String zone,
        double highestMmPerS,
        List<Double> zoneBoundariesMmPerS,
        Judgement inService,
        Optional<Judgement> repaired,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
