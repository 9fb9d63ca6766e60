package app.brasskettle.core.testrecord;

import app.brasskettle.core.work.WindingState;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.work.WorkDone;
import java.util.Comparator;
import java.util.List;

/**
 * What was done to a motor and measured on it, in the order of time.
 *
 * @param tests every test, superseded ones too
 * @param works work done
 * @param overrulings lead hands' words over those of the limits
 * @param misreads lead hands' words on tests that were misread
 * @param wet true where the record says that the winding was wet, or its drying curve levelled over the minimum: drying then ends even a
 *     dead ground
 */
public record MotorTimeline(
        List<RecordedTest> tests,
        List<WorkDone> works,
        List<Overruling> overrulings,
        List<Misread> misreads,
        boolean wet) {

    public MotorTimeline {
        tests = tests.stream()
                .sorted(Comparator.comparingDouble(RecordedTest::at))
                .toList();
        works = works.stream().sorted(Comparator.comparingDouble(WorkDone::at)).toList();
        overrulings = List.copyOf(overrulings);
        misreads = List.copyOf(misreads);
    }

    /** A timeline on which no test was called misread and nothing is known to be wet. */
    public MotorTimeline(List<RecordedTest> tests, List<WorkDone> works, List<Overruling> overrulings) {
        this(tests, works, overrulings, List.of(), false);
    }

    /** A motor nothing is known of. */
    public static MotorTimeline empty() {
        return new MotorTimeline(List.of(), List.of(), List.of());
    }

    /** Tells whether it was opened or worked on here. */
    public boolean openedHere() {
        return works.stream().anyMatch(w -> w.work() != Work.CAME_BACK);
    }

    /** Reads the state of the winding as it is now. */
    public WindingState winding() {
        return WindingState.at(works, Double.POSITIVE_INFINITY);
    }
}
