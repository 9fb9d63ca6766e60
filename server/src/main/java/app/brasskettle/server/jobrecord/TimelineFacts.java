package app.brasskettle.server.jobrecord;

import app.brasskettle.core.drying.DryingCurve;
import app.brasskettle.core.findings.Findings;
import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.jobs.WetWinding;
import app.brasskettle.core.testrecord.Misread;
import app.brasskettle.core.testrecord.MotorTimeline;
import app.brasskettle.core.testrecord.Overruling;
import app.brasskettle.core.testrecord.RecordedTest;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.WorkDone;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventRow;
import app.brasskettle.server.sheets.SheetKind;
import java.util.ArrayList;
import java.util.List;

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
        return job.events().stream().flatMap(e -> WorkEvent.read(e).stream()).toList();
    }

    private List<Misread> misreads() {
        return job.here(EventKind.TEST_MISREAD).stream()
                .map(e -> new Misread(e.text("step"), e.figure("testAt"), e.by(), e.text("reason")))
                .toList();
    }

    private boolean wet() {
        return WetWinding.recorded(
                job.read(SheetKind.ARRIVAL, Arrival.class),
                job.read(SheetKind.FINDINGS, Findings.class),
                job.added(),
                job.struck(),
                job.read(SheetKind.DRYING, DryingCurve.class));
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
