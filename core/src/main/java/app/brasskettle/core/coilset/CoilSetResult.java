package app.brasskettle.core.coilset;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Optional;

/**
 * What one set of coils implies, as far as it is taken.
 *
 * @param label what it is
 * @param missing what is not taken yet
 * @param windingFactor Σ turns·kp ÷ Σ turns
 * @param effectiveTurns turns of a phase that count, in series
 * @param thirdPercent third harmonic of the field against the first, of a set of one phase
 * @param gapT flux density in the gap at its voltage
 * @param currentDensityAPerMm2 at its current
 * @param copperMassKg copper of the set
 * @param ohmAt25C resistance of a phase
 * @param checks each figure judged
 * @param steps the arithmetic
 */
public record CoilSetResult(
        String label,
        List<String> missing,
        Optional<Double> windingFactor,
        Optional<Double> effectiveTurns,
        Optional<Double> thirdPercent,
        Optional<Double> gapT,
        Optional<Double> currentDensityAPerMm2,
        Optional<Double> copperMassKg,
        Optional<Double> ohmAt25C,
        List<Judgement> checks,
        List<Step> steps) {}
