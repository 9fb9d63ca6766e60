package app.brasskettle.core.insulation;

import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * One reading of an insulation tester.
 *
 * @param seconds time since the voltage was applied
 * @param megohm resistance in MΩ; the tester's range where it read beyond it
 * @param overRange true where the tester could only say "more than this"
 */
public record TimedReading(double seconds, double megohm, Optional<Boolean> overRange) {

    public TimedReading {
        overRange = Problems.orEmpty(overRange);
        Problems problems = new Problems();
        problems.positive("seconds", seconds, "s");
        problems.notNegative("megohm", megohm, "MΩ");
        problems.throwIfAny();
    }

    public static TimedReading of(double seconds, double megohm) {
        return new TimedReading(seconds, megohm, Optional.empty());
    }

    boolean beyond() {
        return overRange.orElse(false);
    }
}
