package app.brasskettle.server.jobrecord;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.drying.DryingCurve;
import app.brasskettle.core.drying.DryingWorksheet;
import app.brasskettle.core.findings.Findings;
import app.brasskettle.core.findings.FindingsAssessment;
import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.testrecord.Misread;
import app.brasskettle.core.testrecord.MotorTimeline;
import app.brasskettle.core.testrecord.Overruling;
import app.brasskettle.core.testrecord.RecordedTest;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.Remedy;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.work.WorkDone;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventRow;
import app.brasskettle.server.sheets.SheetKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What was done to a stored job's motor and said of its tests, in the order of time. */
final class TimelineFacts {

    private final RecordedJob job;

    TimelineFacts(RecordedJob job) {
        this.job = job;
    }

    MotorTimeline read(List<RecordedTest> tests) {
        return new MotorTimeline(tests, works(), overrulings(), misreads(), wet());
    }

    /** Work of every kind, and each return into the shop. */
    private List<WorkDone> works() {
        return job.events().stream()
                .filter(e -> e.kind() == EventKind.CAME_BACK
                        || e.kind() == EventKind.WORKED
                                && Coded.parse(Work.class, e.text("work")).isPresent())
                .map(TimelineFacts::work)
                .toList();
    }

    /** Work as an event tells it. */
    static WorkDone work(EventRow e) {
        Work work = e.kind() == EventKind.CAME_BACK
                ? Work.CAME_BACK
                : Coded.parse(Work.class, e.text("work")).orElseThrow();
        return new WorkDone(
                work, Coded.parse(Remedy.class, e.text("remedy")), e.text("place"), e.epochSeconds(), e.by());
    }

    private List<Misread> misreads() {
        return job.here(EventKind.TEST_MISREAD).stream()
                .map(e -> new Misread(e.text("step"), e.figure("testAt"), e.by(), e.text("reason")))
                .toList();
    }

    /** Whether the record says that the winding was wet, or that drying brought it up and levelled. */
    private boolean wet() {
        Set<Evidence> wet = EnumSet.of(Evidence.WINDING_WET, Evidence.FLOODED_OR_WASHED);
        boolean seen = job.read(SheetKind.ARRIVAL, Arrival.class)
                        .filter(a -> a.signs().stream().anyMatch(wet::contains))
                        .isPresent()
                || job.read(SheetKind.FINDINGS, Findings.class)
                        .map(FindingsAssessment::of)
                        .filter(f -> f.evidence().stream().anyMatch(wet::contains))
                        .isPresent()
                || job.added().stream().anyMatch(wet::contains);
        return seen
                || job.read(SheetKind.DRYING, DryingCurve.class)
                        .map(d -> DryingWorksheet.create().work().apply(d))
                        .filter(d -> d.verdict() == Verdict.HOLDS)
                        .isPresent();
    }

    /** Lead hands' words; what a file brings overrules nothing here. */
    private List<Overruling> overrulings() {
        List<Overruling> all = new ArrayList<>();
        for (EventRow e : job.here(EventKind.OVERRULED)) {
            Coded.parse(Verdict.class, e.text("verdict"))
                    .ifPresent(v ->
                            all.add(new Overruling(e.text("step"), e.figure("testAt"), v, e.by(), e.text("reason"))));
        }
        return List.copyOf(all);
    }
}
