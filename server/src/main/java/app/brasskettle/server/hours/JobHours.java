package app.brasskettle.server.hours;

import app.brasskettle.core.tasktime.TaskClock;
import app.brasskettle.core.tasktime.TaskTap;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventRow;
import app.brasskettle.server.jobs.RecordedJob;
import java.util.ArrayList;
import java.util.List;

/** Hours of a stored job. */
public final class JobHours {

    private JobHours() {}

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
