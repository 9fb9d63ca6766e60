package app.brasskettle.server.hours;

import app.brasskettle.core.choice.ChosenOption;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.pricing.OfferBuilder;
import app.brasskettle.core.pricing.ShopPrices;
import app.brasskettle.core.pricing.TaskTable;
import app.brasskettle.core.tasktime.TaskClock;
import app.brasskettle.core.tasktime.TaskTap;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventRow;
import app.brasskettle.server.jobrecord.RecordedJob;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Hours of a stored job. */
public final class JobHours {

    private JobHours() {}

    /**
     * Tasks of a job with their hours by the table, by the way that was chosen; empty while its power is neither read nor estimated.
     *
     * @param prices the shop's tables of today, read once for any number of jobs
     */
    public static Optional<List<TaskTable.Planned>> planned(RecordedJob job, ShopPrices prices) {
        return JobAssessment.pricing(job.record(), job.row().urgency().equals("rush"))
                .map(facts ->
                        OfferBuilder.tasks(facts, prices, job.record().chosen().map(ChosenOption::kind)));
    }

    /** The clock of a job by its taps; what a file brings is no work done here. */
    public static TaskClock clock(RecordedJob job) {
        List<TaskTap> taps = new ArrayList<>();
        for (EventRow e : job.here(EventKind.TASK_STARTED)) {
            taps.add(new TaskTap(e.text("task"), e.by(), true, e.epochSeconds()));
        }
        for (EventRow e : job.here(EventKind.TASK_STOPPED)) {
            taps.add(new TaskTap(e.text("task"), e.by(), false, e.epochSeconds()));
        }
        job.here(EventKind.SET_DOWN).forEach(e -> taps.add(TaskTap.setDown(e.epochSeconds())));
        return new TaskClock(taps);
    }
}
