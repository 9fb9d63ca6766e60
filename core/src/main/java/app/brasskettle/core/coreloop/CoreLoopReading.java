package app.brasskettle.core.coreloop;

import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * What a loop test read.
 *
 * @param coreMassKg mass of the back iron
 * @param measuredW watts by a search coil
 * @param beforeBurnoutW the same before the winding was burnt out
 * @param hottestC hottest spot
 * @param meanCoreC mean of the core
 * @param fluxDensityT flux density by the search coil, which the loss belongs to
 */
public record CoreLoopReading(
        double coreMassKg,
        double measuredW,
        Optional<Double> beforeBurnoutW,
        double hottestC,
        double meanCoreC,
        Optional<Double> fluxDensityT) {

    private static final double MIN_T = 0.1;
    private static final double MAX_T = 2.5;

    public CoreLoopReading {
        beforeBurnoutW = Problems.orEmpty(beforeBurnoutW);
        fluxDensityT = Problems.orEmpty(fluxDensityT);
        Problems problems = new Problems();
        problems.positive("coreMassKg", coreMassKg, "kg");
        problems.positive("measuredW", measuredW, "W");
        beforeBurnoutW.ifPresent(w -> problems.positive("beforeBurnoutW", w, "W"));
        problems.temperature("hottestC", hottestC);
        problems.temperature("meanCoreC", meanCoreC);
        fluxDensityT.ifPresent(t -> problems.aboveTo("fluxDensityT", t, MIN_T, MAX_T, "T"));
        problems.throwIfAny();
    }
}
