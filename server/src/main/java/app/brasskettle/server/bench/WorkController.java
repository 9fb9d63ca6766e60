package app.brasskettle.server.bench;

import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.rewind.SheetWork;
import app.brasskettle.core.work.Remedy;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.jobview.JobViews;
import app.brasskettle.server.problems.RefusedException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What was done to a motor, and the shaft turned by hand afterwards. */
@RestController
class WorkController {

    private static final int MAX_PLACE = 120;
    private static final int MAX_REASON = 300;

    /**
     * What was done to the motor.
     *
     * @param work what
     * @param remedy the part that was put right; asked for where something was repaired
     * @param place where: slot, joint, lead, link
     */
    record WorkBody(String work, String remedy, String place) {}

    /** What turning the shaft by hand showed: free, play or binds; a reason where a bound shaft is said to turn. */
    record ShaftBody(String shaft, String reason) {}

    /** Work as a page offers it. */
    record WorkWord(Work work, String label, List<RemedyWord> remedies) {}

    /** A part that can be put right. */
    record RemedyWord(Remedy remedy, String label, boolean needsPlace) {}

    private final JobBook book;

    WorkController(JobBook book) {
        this.book = book;
    }

    /** Lists what can be recorded as done, and of a repair the parts it can be of. */
    @GetMapping("/api/work")
    List<WorkWord> words() {
        return Arrays.stream(Work.values())
                .filter(w -> w != Work.CAME_BACK)
                .map(w -> new WorkWord(w, w.label(), w == Work.REPAIRED ? remedies() : List.of()))
                .toList();
    }

    private static List<RemedyWord> remedies() {
        return Arrays.stream(Remedy.values())
                .map(r -> new RemedyWord(r, r.label(), r.needsPlace()))
                .toList();
    }

    /** Records what was done to the motor; a repair names the part, and where it is on the winding the place. */
    @PostMapping("/api/jobs/{tag}/worked")
    JobView worked(@PathVariable String tag, @RequestBody WorkBody body, Authentication who) {
        Problems problems = new Problems();
        Optional<Work> work = Coded.parse(Work.class, text(body.work())).filter(w -> w != Work.CAME_BACK);
        if (work.isEmpty()) {
            problems.add(
                    "work",
                    Problem.Code.WORD,
                    "work must be one of "
                            + Arrays.stream(Work.values())
                                    .filter(w -> w != Work.CAME_BACK)
                                    .map(Coded::code)
                                    .collect(Collectors.joining(", ")));
        }
        Optional<Remedy> remedy = remedy(body, work, problems);
        String place = text(body.place());
        if (remedy.filter(Remedy::needsPlace).isPresent() && place.isEmpty()) {
            problems.add("place", Problem.Code.MISSING, "Say where it was: which slot, joint, lead or link");
        }
        if (place.length() > MAX_PLACE) {
            problems.add("place", Problem.Code.RANGE, "place has at most " + MAX_PLACE + " characters");
        }
        problems.throwIfAny();
        SheetWork.Said said = new SheetWork.Said(work.orElseThrow(), remedy, place);
        return JobViews.of(book.addWork(tag, said, ChangeContext.of(People.of(who))));
    }

    private static Optional<Remedy> remedy(WorkBody body, Optional<Work> work, Problems problems) {
        boolean repaired = work.filter(w -> w == Work.REPAIRED).isPresent();
        String said = text(body.remedy());
        if (said.isEmpty()) {
            if (repaired) {
                problems.add("remedy", Problem.Code.MISSING, "Say which part was put right");
            }
            return Optional.empty();
        }
        Optional<Remedy> remedy = Coded.parse(Remedy.class, said);
        if (remedy.isEmpty()) {
            problems.add("remedy", Problem.Code.WORD, "remedy must be one of " + Coded.choices(Remedy.class));
        } else if (!repaired) {
            problems.add("remedy", Problem.Code.CONTRADICTION, "remedy belongs to a repair; leave it out otherwise");
        }
        return remedy;
    }

    /** Records that the shaft was turned by hand. Where it was bound, freeing it is work on record, or a lead hand's word. */
    @PostMapping("/api/jobs/{tag}/shaft")
    JobView shaft(@PathVariable String tag, @RequestBody ShaftBody body, Authentication who) {
        Person person = People.of(who);
        Problems problems = new Problems();
        Optional<Arrival.ShaftState> state = Coded.parse(Arrival.ShaftState.class, text(body.shaft()))
                .filter(s -> s != Arrival.ShaftState.NOT_TRIED);
        if (state.isEmpty()) {
            problems.add("shaft", Problem.Code.WORD, "shaft must be one of free, play, binds");
        }
        String reason = text(body.reason());
        if (reason.length() > MAX_REASON) {
            problems.add("reason", Problem.Code.RANGE, "reason has at most " + MAX_REASON + " characters");
        }
        problems.throwIfAny();
        return JobViews.of(book.addEvent(
                tag,
                EventKind.SHAFT_TURNED,
                job -> {
                    if (state.orElseThrow() != Arrival.ShaftState.BINDS
                            && job.record().shaftBound()
                            && !(person.leads() && !reason.isEmpty())) {
                        throw RefusedException.guarded(
                                "The shaft is recorded as bound, and no work that frees it is on record since. A lead hand may"
                                        + " say that it turns, with a reason");
                    }
                    return Map.of("shaft", state.orElseThrow().code(), "reason", reason);
                },
                ChangeContext.of(person)));
    }

    private static String text(String said) {
        return said == null ? "" : said.strip();
    }
}
