package app.brasskettle.core.run;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * Attempts to start a motor, in their order.
 *
 * @param ratedVoltageV line voltage of the plate
 * @param ratedCurrentA line current of the plate
 * @param ratedSpeedRpm speed at rated load of the plate
 * @param currentDensityAPerMm2 density of its copper at rated current, from the winding data; 6 A/mm² when absent
 * @param attempts one row each
 */
public record StartLog(
        double ratedVoltageV,
        double ratedCurrentA,
        double ratedSpeedRpm,
        Optional<Double> currentDensityAPerMm2,
        List<Attempt> attempts) {

    /** How it was fed. */
    public enum Feed implements Coded {
        REDUCED_VOLTAGE,
        SERIES_RESISTANCE,
        DRIVE,
        FULL_VOLTAGE
    }

    /**
     * One attempt.
     *
     * @param feed how it was fed
     * @param voltageV at its terminals
     * @param currentA in the line, highest after the first second
     * @param reachedRpm speed it came to
     * @param seconds until it came up, or until it was cut
     */
    public record Attempt(Feed feed, double voltageV, double currentA, double reachedRpm, double seconds) {

        public Attempt {
            Problems problems = new Problems();
            problems.present("feed", feed);
            problems.positive("voltageV", voltageV, "V");
            problems.positive("currentA", currentA, "A");
            problems.notNegative("reachedRpm", reachedRpm, "r/min");
            problems.positive("seconds", seconds, "s");
            problems.throwIfAny();
        }
    }

    private static final int MAX_ATTEMPTS = 50;

    public StartLog {
        currentDensityAPerMm2 = Problems.orEmpty(currentDensityAPerMm2);
        attempts = Problems.copy(attempts);
        Problems problems = new Problems();
        problems.positive("ratedVoltageV", ratedVoltageV, "V");
        problems.positive("ratedCurrentA", ratedCurrentA, "A");
        problems.positive("ratedSpeedRpm", ratedSpeedRpm, "r/min");
        currentDensityAPerMm2.ifPresent(j -> problems.aboveTo("currentDensityAPerMm2", j, 0, 30, "A/mm²"));
        problems.size("attempts", attempts, 1, MAX_ATTEMPTS);
        problems.throwIfAny();
    }
}
