package app.brasskettle.core.insulation;

import app.brasskettle.core.verdict.Limit;
import java.util.Optional;

/** What was computed from a test, before anybody judges it. */
record InsulationFigures(
        InsulationReadings test,
        double factor,
        boolean spot,
        boolean allAfterOneMinute,
        boolean atLeast,
        double megohm,
        double corrected,
        double minimum,
        Optional<Double> index,
        boolean indexJudged,
        double minimumIndex,
        Optional<Double> dewPoint) {

    /** Temperatures that the source of the correction covers, in °C. */
    private static final double SOURCE_FROM_C = 10;

    private static final double SOURCE_TO_C = 85;

    /** Whether the winding was colder or hotter than the correction is known for. */
    boolean beyondSource() {
        return Limit.under(test.windingTemperatureC(), SOURCE_FROM_C)
                || Limit.over(test.windingTemperatureC(), SOURCE_TO_C);
    }
}
