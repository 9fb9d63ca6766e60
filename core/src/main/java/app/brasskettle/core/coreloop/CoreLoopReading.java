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
 */
public record CoreLoopReading(
        double coreMassKg, double measuredW, Optional<Double> beforeBurnoutW, double hottestC, double meanCoreC) {

    public CoreLoopReading {
        beforeBurnoutW = Problems.orEmpty(beforeBurnoutW);
        Problems problems = new Problems();
        problems.positive("coreMassKg", coreMassKg, "kg");
        problems.positive("measuredW", measuredW, "W");
        beforeBurnoutW.ifPresent(w -> problems.positive("beforeBurnoutW", w, "W"));
        problems.temperature("hottestC", hottestC);
        problems.temperature("meanCoreC", meanCoreC);
        problems.throwIfAny();
    }
}
