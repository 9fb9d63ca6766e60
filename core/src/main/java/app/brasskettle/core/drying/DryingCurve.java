package app.brasskettle.core.drying;

import app.brasskettle.core.insulation.InsulationSystem;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * Insulation resistance while a winding dries.
 *
 * @param insulationSystem its binder
 * @param minimumMegohm least resistance at 40 °C
 * @param readings in the order of time, each later than the one before
 */
public record DryingCurve(InsulationSystem insulationSystem, double minimumMegohm, List<Reading> readings) {

    private static final int MOST_READINGS = 10_000;

    /**
     * One reading.
     *
     * @param hours since drying began
     * @param megohm resistance to frame; the tester's range where it read beyond it
     * @param windingC temperature of the winding
     * @param overRange true where the tester could only say "more than this"
     */
    public record Reading(double hours, double megohm, double windingC, Optional<Boolean> overRange) {

        public Reading {
            overRange = Problems.orEmpty(overRange);
            Problems problems = new Problems();
            problems.number("hours", hours, "h");
            problems.notNegative("megohm", megohm, "MΩ");
            problems.temperature("windingC", windingC);
            problems.throwIfAny();
        }

        boolean beyond() {
            return overRange.orElse(false);
        }
    }

    public DryingCurve {
        readings = Problems.copy(readings);
        Problems problems = new Problems();
        problems.present("insulationSystem", insulationSystem);
        problems.notNegative("minimumMegohm", minimumMegohm, "MΩ");
        problems.size("readings", readings, 1, MOST_READINGS);
        for (int i = 1; readings != null && i < readings.size(); i++) {
            Reading before = readings.get(i - 1);
            Reading now = readings.get(i);
            if (before != null && now != null && now.hours() <= before.hours()) {
                String field = "readings[" + i + "].hours";
                problems.add(
                        field,
                        Problem.Code.CONTRADICTION,
                        field + " is " + now.hours() + " h; it must be after the reading before, " + before.hours()
                                + " h");
            }
        }
        problems.throwIfAny();
    }
}
