package app.brasskettle.core.charts;

import app.brasskettle.core.insulation.AbsorptionFit;
import app.brasskettle.core.insulation.InsulationReadings;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.insulation.TestVoltage;
import app.brasskettle.core.insulation.TimedReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * An insulation test as its chart draws it: readings, the fitted curve through them, and the least the winding must read at its own
 * temperature.
 *
 * @param points what was read, in seconds and megohms
 * @param overRange by point, whether the tester was over its range
 * @param fitted the fitted curve; empty where its parts cannot be told apart
 * @param leastMegohm the least at the winding's own temperature
 */
public record InsulationCurve(
        List<TestLines.Point> points, List<Boolean> overRange, List<TestLines.Point> fitted, double leastMegohm) {

    private static final double FROM_S = 5;
    private static final double TO_S = 600;
    private static final double STEP = 1.12;

    /**
     * Draws an insulation test.
     *
     * @param test its readings
     * @param result what was computed of them
     * @param appliedV the voltage it was taken at, in V; the standard's lower figure where nobody noted it
     */
    public static InsulationCurve of(InsulationReadings test, InsulationResult result, Optional<Double> appliedV) {
        double volts =
                appliedV.orElse(TestVoltage.forRated(test.ratedVoltageV()).lowV());
        return new InsulationCurve(
                test.readings().stream()
                        .map(r -> new TestLines.Point(r.seconds(), r.megohm()))
                        .toList(),
                test.readings().stream().map(InsulationCurve::over).toList(),
                AbsorptionFit.of(test.readings(), volts)
                        .map(f -> curve(f, volts))
                        .orElse(List.of()),
                result.minimumMegohm() / result.correctionFactor());
    }

    private static boolean over(TimedReading reading) {
        return reading.overRange().orElse(false);
    }

    private static List<TestLines.Point> curve(AbsorptionFit fit, double volts) {
        List<TestLines.Point> points = new ArrayList<>();
        for (double s = FROM_S; s <= TO_S; s *= STEP) {
            points.add(new TestLines.Point(s, volts / fit.microampAt(s)));
        }
        return List.copyOf(points);
    }
}
