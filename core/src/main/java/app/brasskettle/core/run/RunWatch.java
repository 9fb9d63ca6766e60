package app.brasskettle.core.run;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * A motor watched while it runs without load.
 *
 * @param ambientTemperatureC air
 * @param readings one row each, in the order of time
 * @param spots thermal picture as a table
 */
public record RunWatch(double ambientTemperatureC, List<Reading> readings, Optional<List<HotSpot>> spots) {

    /**
     * One look at it.
     *
     * @param minute since it came up
     * @param currentA line current
     * @param driveEndTemperatureC bearing at the drive end
     * @param nonDriveEndTemperatureC bearing at the non-drive end
     * @param noise what is heard, where it is worth a word
     */
    public record Reading(
            double minute,
            double currentA,
            double driveEndTemperatureC,
            double nonDriveEndTemperatureC,
            Optional<String> noise) {

        public Reading {
            noise = Problems.orEmpty(noise).filter(n -> !n.isBlank());
            Problems problems = new Problems();
            problems.notNegative("minute", minute, "min");
            problems.positive("currentA", currentA, "A");
            problems.temperature("driveEndTemperatureC", driveEndTemperatureC);
            problems.temperature("nonDriveEndTemperatureC", nonDriveEndTemperatureC);
            problems.throwIfAny();
        }
    }

    /** A place of the thermal picture and its temperature. */
    public record HotSpot(String place, double spotTemperatureC) {

        public HotSpot {
            Problems problems = new Problems();
            problems.name("place", place);
            problems.temperature("spotTemperatureC", spotTemperatureC);
            problems.throwIfAny();
        }
    }

    private static final int MOST = 200;

    public RunWatch {
        readings = Problems.copy(readings);
        spots = Problems.orEmpty(spots).map(Problems::copy);
        Problems problems = new Problems();
        problems.temperature("ambientTemperatureC", ambientTemperatureC);
        if (problems.size("readings", readings, 2, MOST)) {
            for (int i = 1; i < readings.size(); i++) {
                if (readings.get(i).minute() <= readings.get(i - 1).minute()) {
                    problems.add(
                            "readings[" + i + "].minute",
                            Problem.Code.CONTRADICTION,
                            "readings[" + i + "].minute does not follow the one before");
                }
            }
        }
        spots.ifPresent(s -> problems.size("spots", s, 0, MOST));
        problems.throwIfAny();
    }
}
