package app.brasskettle.core.redesign;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * A lap winding that does what a concentric one did.
 *
 * @param fullPitchSlots slots of a pole
 * @param concentricWindingFactor Σ turns·kp ÷ Σ turns
 * @param effectiveTurnsPerPhase turns that count, in series
 * @param coilsPerGroup coils of a lap group
 * @param lapWindingFactor kp·kd
 * @param turnsExact turns of a lap coil that keep the flux
 * @param turnsPerCoil the nearest whole number
 * @param fluxChangePercent what the rounding does to the flux
 * @param verdict watch over 3 % either way
 * @param judgement the same with its figures
 * @param steps the arithmetic
 */
public record LapForConcentric(
        double fullPitchSlots,
        double concentricWindingFactor,
        double effectiveTurnsPerPhase,
        int coilsPerGroup,
        double lapWindingFactor,
        double turnsExact,
        long turnsPerCoil,
        double fluxChangePercent,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
