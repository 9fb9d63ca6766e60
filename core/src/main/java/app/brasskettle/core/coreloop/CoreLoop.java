package app.brasskettle.core.coreloop;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * The loop to wind.
 *
 * @param backIronDepthM iron behind the slots
 * @param areaM2 its cross-section
 * @param voltsPerTurn voltage of a turn at the density wanted
 * @param turns turns, rounded up so that the density is not passed
 * @param fluxDensityT density those turns give
 * @param meanPathLengthM length of the flux's path
 * @param ampereTurns magnetising ampere-turns
 * @param currentA current of the loop
 * @param coreMassKg mass of the back iron
 * @param verdict the word
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record CoreLoop(
        double backIronDepthM,
        double areaM2,
        double voltsPerTurn,
        long turns,
        double fluxDensityT,
        double meanPathLengthM,
        double ampereTurns,
        double currentA,
        double coreMassKg,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps) {}
