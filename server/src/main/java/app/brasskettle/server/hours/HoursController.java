package app.brasskettle.server.hours;

import app.brasskettle.core.pricing.TaskTable;
import app.brasskettle.core.tasktime.TaskHours;
import app.brasskettle.core.tasktime.TaskTap;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.People;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.pricing.PricesOfToday;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.quotes.QuoteBook;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Hours of a job by task; whoever works taps when they start and when they stop. */
@RestController
@RequestMapping("/api/jobs/{tag}/hours")
class HoursController {

    private final JobBook book;
    private final PricesOfToday prices;
    private final QuoteBook quotes;

    HoursController(JobBook book, PricesOfToday prices, QuoteBook quotes) {
        this.book = book;
        this.prices = prices;
        this.quotes = quotes;
    }

    /**
     * A tap.
     *
     * @param task code of the task
     * @param starts whether work on it begins; it ends otherwise
     */
    record TapBody(String task, boolean starts) {}

    @GetMapping
    TaskHours hours(@PathVariable String tag) {
        return read(book.recorded(tag));
    }

    @PostMapping
    TaskHours tap(@PathVariable String tag, @RequestBody TapBody body, Authentication who) {
        ChangeContext by = ChangeContext.of(People.of(who));
        RecordedJob job = book.recorded(tag);
        if (job.row().left().isPresent()) {
            throw RefusedException.gated(tag + " is not in the shop: nobody works on it");
        }
        String task = body.task() == null ? "" : body.task().strip();
        List<TaskTable.Planned> planned = planned(job);
        Problems problems = new Problems();
        if (planned.stream().noneMatch(p -> p.code().equals(task))) {
            problems.add(
                    "task",
                    Problem.Code.WORD,
                    "task is “" + task + "”; it must be one of "
                            + planned.stream().map(TaskTable.Planned::code).collect(Collectors.joining(", ")));
        }
        problems.throwIfAny();
        JobHours.clock(job).mayTap(new TaskTap(task, by.name(), body.starts(), JobClock.seconds(by.at())));
        EventKind kind = body.starts() ? EventKind.TASK_STARTED : EventKind.TASK_STOPPED;
        return read(book.addEvent(tag, kind, Map.of("task", task), by).job());
    }

    private TaskHours read(RecordedJob job) {
        return TaskHours.of(
                planned(job),
                quotes.acceptedHours(job.row().tag()),
                JobHours.clock(job),
                JobClock.seconds(JobClock.now()));
    }

    private List<TaskTable.Planned> planned(RecordedJob job) {
        return JobHours.planned(job, prices.read())
                .orElseThrow(
                        () -> RefusedException.gated("Read or estimate the power first: the task table goes by it"));
    }
}
