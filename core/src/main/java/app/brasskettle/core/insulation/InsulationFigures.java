package app.brasskettle.core.insulation;

import java.util.Optional;

/** What was computed from a test, before anybody judges it. */
record InsulationFigures(
        InsulationTest test,
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
        Optional<Double> dewPoint) {}
