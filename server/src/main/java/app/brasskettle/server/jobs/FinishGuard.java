package app.brasskettle.server.jobs;

import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.rewind.RewindNeed;
import app.brasskettle.core.rewind.SheetWork;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.work.Work;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.jobrecord.FinishFacts;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.sheets.SheetKind;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The gates of rewind and release, asked before something is written there, and what follows from what is written. */
public final class FinishGuard {

    /** The step whose gate a sheet asks; a sheet that is not here asks none. */
    private static final Map<SheetKind, JobStep> STEPS = Map.of(
            SheetKind.STRIPPING, JobStep.STRIPPING,
            SheetKind.CORE_AFTER, JobStep.CORE_AFTER,
            SheetKind.COILS_WOUND, JobStep.COILS,
            SheetKind.VARNISHING, JobStep.VARNISH);

    /** The step whose gate work asks, where a rewind was chosen. */
    private static final Map<Work, JobStep> STEPS_OF_WORK = Map.of(
            Work.STRIPPED, JobStep.STRIPPING,
            Work.REWOUND, JobStep.BRAZING,
            Work.DIPPED, JobStep.VARNISH,
            Work.BAKED, JobStep.VARNISH);

    private FinishGuard() {}

    /**
     * Refuses a sheet whose step may not begin. One that is on record is corrected in any case: it was begun when its gate was open.
     *
     * @throws RefusedException with what holds it, and what opens it
     */
    static void mayWrite(RecordedJob job, SheetKind kind) {
        JobStep step = STEPS.get(kind);
        boolean begun = job.sheet(kind).isPresent() && step != JobStep.VARNISH;
        if (step != null && !begun) {
            mayBegin(ReadJob.of(job, JobClock.seconds(JobClock.now())).reading(), step);
        }
    }

    /**
     * Refuses a step that may not begin.
     *
     * @throws RefusedException with what holds it, and what opens it
     */
    public static void mayBegin(JobAssessment reading, JobStep step) {
        List<RewindNeed.Hold> holding = reading.rewind().holding(step);
        if (!holding.isEmpty()) {
            RewindNeed.Hold first = holding.get(0);
            throw RefusedException.gated(first.sentence() + ". " + first.opens());
        }
    }

    /**
     * Refuses work that takes copper out or puts new copper in without an accepted rewind and its gates, whichever way it is recorded;
     * and varnish on a rewind that is not proved bare.
     *
     * @throws RefusedException with what holds it, and what opens it
     */
    static void mayWork(RecordedJob job, Work work) {
        JobRecord record = job.record();
        boolean rewinds =
                record.chosen().filter(c -> c.kind() == OptionKind.REWIND).isPresent();
        boolean copper = work.takesCopperOut();
        if (!copper && !(rewinds && STEPS_OF_WORK.containsKey(work))) {
            return;
        }
        if (copper && !rewinds) {
            throw RefusedException.gated("Nobody chose to rewind it. Record the customer’s answer");
        }
        JobAssessment reading =
                ReadJob.of(job, JobClock.seconds(JobClock.now())).reading();
        if (work != Work.STRIPPED && copper && record.timeline().winding().present()) {
            // Whoever winds anew, or some coils of it, took out what was there: the same gates.
            mayBegin(reading, JobStep.STRIPPING);
        }
        if (STEPS_OF_WORK.containsKey(work)) {
            mayBegin(reading, STEPS_OF_WORK.get(work));
        }
        reading.rewind()
                .brazing()
                .filter(b -> work == Work.REWOUND && !b.full())
                .ifPresent(b -> {
                    throw RefusedException.gated("Not every joint is brazed. " + b.hands());
                });
    }

    /** Lists the work that a sheet says was done since it was written last; what is not allowed on this motor is refused. */
    static List<SheetWork.Said> works(RecordedJob job, SheetKind kind, List<Record> past, Record after) {
        SheetWork.marked(job.read(kind, kind.type()), after);
        List<SheetWork.Said> works = SheetWork.of(past, after);
        works.forEach(w -> DismantlingGuard.mayWork(job, w));
        return works;
    }

    /** What sends a job back to the choice now, the earlier answer kept; empty where nothing does. */
    static Optional<Map<String, Object>> sentBack(ReadJob read) {
        return read.reading()
                .rewind()
                .sendBack()
                .map(why -> Map.of(
                        "station", Station.CHOOSE.code(), "reason", why, "because", FinishFacts.BECAUSE_OF_CORE));
    }
}
