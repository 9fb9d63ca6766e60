package app.brasskettle.core.testkind;

import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.surge.SurgeLevel;
import java.util.Optional;

/**
 * What the record of a job answers to a test, so that nobody is asked.
 *
 * @param state how new the winding is
 * @param opened true once the motor was opened or worked on here
 * @param stoodBefore true where this winding, as new as it is now, has stood a withstand test
 * @param currentDensityAPerMm2 of the winding data in A/mm², where they were taken
 * @param spanSlots span of the winding by its design, or as it was taken
 * @param rules the shop's rules
 */
public record RecordFacts(
        SurgeLevel.State state,
        boolean opened,
        boolean stoodBefore,
        Optional<Double> currentDensityAPerMm2,
        Optional<Integer> spanSlots,
        ShopRules rules) {}
