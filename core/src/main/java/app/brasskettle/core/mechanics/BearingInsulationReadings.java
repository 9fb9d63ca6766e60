package app.brasskettle.core.mechanics;

import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * Resistance of an insulated bearing to the frame.
 *
 * @param testVoltageV direct voltage of the tester
 * @param megohm what it read
 * @param overRange true when that is the end of its range
 */
public record BearingInsulationReadings(double testVoltageV, double megohm, Optional<Boolean> overRange) {

    public BearingInsulationReadings {
        overRange = Problems.orEmpty(overRange);
        Problems problems = new Problems();
        problems.positive("testVoltageV", testVoltageV, "V");
        problems.notNegative("megohm", megohm, "MΩ");
        problems.throwIfAny();
    }
}
