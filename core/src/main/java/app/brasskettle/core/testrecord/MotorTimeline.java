package app.brasskettle.core.testrecord;

import app.brasskettle.core.work.WindingState;
import app.brasskettle.core.work.WorkDone;
import java.util.Comparator;
import java.util.List;

/**
 * What was done to a motor and measured on it, in the order of time.
 *
 * @param tests every test, superseded ones too
 * @param works work done
 * @param overrulings lead hands' words over those of the limits
 */
public record MotorTimeline(List<RecordedTest> tests, List<WorkDone> works, List<Overruling> overrulings) {

    public MotorTimeline {
        tests = tests.stream()
                .sorted(Comparator.comparingDouble(RecordedTest::at))
                .toList();
        works = works.stream().sorted(Comparator.comparingDouble(WorkDone::at)).toList();
        overrulings = List.copyOf(overrulings);
    }

    /** A motor nothing is known of. */
    public static MotorTimeline empty() {
        return new MotorTimeline(List.of(), List.of(), List.of());
    }

    /** Reads the state of the winding as it is now. */
    public WindingState winding() {
        return WindingState.at(works, Double.POSITIVE_INFINITY);
    }
}
