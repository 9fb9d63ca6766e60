package app.brasskettle.core.oven;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * A part in an oven.
 *
 * @param readings in the order of time, each later than the one before
 * @param holdC temperature from which time counts
 * @param holdMinutes how long it is to be held
 * @param limitC temperature it must not pass; above {@code holdC}
 * @param maxGapMinutes longest interval between two readings that counts; 60 unless told
 */
public record OvenCurve(
        List<OvenReading> readings, double holdC, double holdMinutes, double limitC, Optional<Double> maxGapMinutes) {

    private static final int MOST_READINGS = 10_000;
    private static final double USUAL_GAP_MINUTES = 60;

    public OvenCurve {
        readings = Problems.copy(readings);
        maxGapMinutes = Problems.orEmpty(maxGapMinutes);
        Problems problems = new Problems();
        problems.size("readings", readings, 2, MOST_READINGS);
        rising("readings", readings, problems);
        boolean hold = problems.temperature("holdC", holdC);
        problems.positive("holdMinutes", holdMinutes, "min");
        boolean limit = problems.temperature("limitC", limitC);
        if (hold && limit && holdC >= limitC) {
            problems.add(
                    "holdC",
                    Problem.Code.CONTRADICTION,
                    "holdC is " + holdC + " °C; it must be under the limit, " + limitC + " °C");
        }
        maxGapMinutes.ifPresent(g -> problems.positive("maxGapMinutes", g, "min"));
        problems.throwIfAny();
    }

    /** Blames every reading that is not after the one before it. */
    public static void rising(String path, List<OvenReading> readings, Problems problems) {
        for (int i = 1; readings != null && i < readings.size(); i++) {
            OvenReading before = readings.get(i - 1);
            OvenReading now = readings.get(i);
            if (before != null && now != null && now.minutes() <= before.minutes()) {
                String field = path + "[" + i + "].minutes";
                problems.add(
                        field,
                        Problem.Code.CONTRADICTION,
                        field + " is " + now.minutes() + " min; it must be after the reading before, "
                                + before.minutes() + " min");
            }
        }
    }

    double longestCountedGap() {
        return maxGapMinutes.orElse(USUAL_GAP_MINUTES);
    }
}
