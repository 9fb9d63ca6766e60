package app.brasskettle.core.redesign;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * A new winding.
 *
 * @param turnsExact turns of a coil that keep the flux
 * @param turnsPerCoil the nearest whole number
 * @param fluxChangePercent what the rounding does to the flux
 * @param conductorAreaTargetMm2 copper of a turn that fills the slot as before
 * @param candidateCount wire combinations within the tolerance
 * @param candidates the best five
 * @param verdict watch when the rounding moves the flux by more than 3 %
 * @param judgement the same with its figures
 * @param steps the arithmetic
 */
public record RewindDesign(
        double turnsExact,
        long turnsPerCoil,
        double fluxChangePercent,
        double conductorAreaTargetMm2,
        int candidateCount,
        List<WireChoice> candidates,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
