package app.brasskettle.server.floor;

import app.brasskettle.core.jobs.Departure;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.jobs.Routing;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventStore;
import app.brasskettle.server.jobrecord.JobRow;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.JobStore;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.jobs.Written;
import app.brasskettle.server.problems.RefusedException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The floor: which job needs hands next, and where one departs from the usual order. */
@Service
public class FloorBook {

    private static final int MAX_LINE = 300;

    private final EventStore events;
    private final JobBook book;
    private final JobStore store;
    private final FloorStore floor;

    FloorBook(EventStore events, JobBook book, JobStore store, FloorStore floor) {
        this.events = events;
        this.book = book;
        this.store = store;
        this.floor = floor;
    }

    /** A page of a list by its name, for files. */
    @Transactional(readOnly = true)
    public List<FloorRow> page(String show, String find, Optional<String> after) {
        FloorStore.Show wanted = Coded.parse(FloorStore.Show.class, show)
                .orElseThrow(() -> RefusedException.unknown("The floor has no list called " + show));
        return floor.rows(wanted, find, after);
    }

    /** A page of the floor: jobs that hold the words of {@code find}, in the order in which they need hands. */
    @Transactional(readOnly = true)
    List<FloorRow> floor(FloorStore.Show show, String find, Optional<String> after) {
        return floor.rows(show, find, after);
    }

    /** Leaves a station out, takes it up again, or sends the job back to it; an empty reason only for taking up. */
    public ReadJob routing(String tag, EventKind kind, Station station, String reason, ChangeContext by) {
        if (kind != EventKind.TAKEN_UP) {
            line("reason", reason);
        }
        return book.change(tag, by, job -> {
            boolean skipped = job.record().routing().skipped().containsKey(station);
            if (kind == EventKind.SKIPPED && skipped || kind == EventKind.TAKEN_UP && !skipped) {
                throw RefusedException.stale(station.label() + (skipped ? " is skipped already" : " is not skipped"));
            }
            return event(
                    job, kind, Map.of("station", station.code(), "reason", reason == null ? "" : reason.strip()), by);
        });
    }

    private Written event(RecordedJob job, EventKind kind, Map<String, Object> detail, ChangeContext by) {
        events.add(job.row().id(), kind, detail, by.name(), by.at());
        return Written.of(kind.code(), detail);
    }

    /** Puts a job on hold for parts or the customer, or takes it up again with nothing given. */
    public ReadJob hold(String tag, Optional<JobRow.Waiting> waiting, ChangeContext by) {
        waiting.ifPresent(w -> {
            Problems problems = new Problems();
            if (Coded.parse(Routing.WaitsFor.class, w.what()).isEmpty()) {
                problems.add("what", Problem.Code.WORD, "what must be one of " + Coded.choices(Routing.WaitsFor.class));
            }
            problems.throwIfAny();
            line("reason", w.reason());
        });
        return book.change(tag, by, job -> {
            JobRow row = job.row();
            if (waiting.isPresent() && waiting.equals(row.waiting())) {
                throw RefusedException.stale(tag + " waits for that already");
            }
            JobRow.Waiting what =
                    waiting.or(row::waiting).orElseThrow(() -> RefusedException.stale(tag + " waits for nothing"));
            store.waiting(row.id(), waiting);
            EventKind kind = waiting.isPresent() ? EventKind.HELD : EventKind.RESUMED;
            event(job, kind, Map.of("what", what.what(), "reason", what.reason()), by);
            return Written.change(kind.code(), row.waiting().orElse(null), waiting.orElse(null));
        });
    }

    /**
     * Lets a job leave the shop.
     *
     * @param how where it goes and why
     * @param readyForService true for a motor that is called proved; one that may not be put on power, or that a simulated reading
     *     speaks for, is refused
     * @throws RefusedException when it has left already, or may not be called ready
     */
    public ReadJob leave(String tag, String how, boolean readyForService, ChangeContext by) {
        line("how", how);
        return book.change(tag, by, job -> {
            if (job.row().left().isPresent()) {
                throw RefusedException.stale(tag + " has left already");
            }
            if (readyForService) {
                Departure departure = JobAssessment.of(job.record(), JobClock.seconds(by.at()))
                        .departure();
                if (!departure.mayBeReady()) {
                    throw RefusedException.gated(String.join(". ", departure.heldBy()));
                }
            }
            String said = (readyForService ? "Ready for service: " : "") + how.strip();
            return moved(job, EventKind.LEFT, Optional.of(new JobRow.Left(by.at(), said)), said, by);
        });
    }

    /** Takes back a job that had left the shop. */
    public ReadJob comeBack(String tag, ChangeContext by) {
        return book.change(tag, by, job -> {
            if (job.row().left().isEmpty()) {
                throw RefusedException.stale(tag + " is in the shop");
            }
            return moved(job, EventKind.CAME_BACK, Optional.empty(), "", by);
        });
    }

    private Written moved(RecordedJob job, EventKind kind, Optional<JobRow.Left> left, String how, ChangeContext by) {
        store.left(job.row().id(), left);
        Map<String, Object> detail = Map.of("how", how);
        event(job, kind, detail, by);
        return Written.change(kind.code(), job.row().left().orElse(null), detail);
    }

    /** One line of text that somebody has to say. */
    private static void line(String field, String text) {
        Problems problems = new Problems();
        if (problems.name(field, text) && text.strip().length() > MAX_LINE) {
            problems.add(field, Problem.Code.RANGE, field + " has at most " + MAX_LINE + " characters");
        }
        problems.throwIfAny();
    }

    /** Sets work down half way: where the hands were, and for which rush job. */
    public ReadJob setDown(String tag, String workNote, Optional<String> displacedBy, ChangeContext by) {
        return book.change(tag, by, job -> {
            Problems problems = new Problems();
            if (problems.name("workNote", workNote) && workNote.strip().length() > MAX_LINE) {
                problems.add("workNote", Problem.Code.RANGE, "workNote has at most " + MAX_LINE + " characters");
            }
            displacedBy.ifPresent(rush -> {
                if (rush.equals(tag)
                        || store.byTag(rush)
                                .filter(j -> j.urgency().equals("rush"))
                                .isEmpty()) {
                    problems.add("displacedBy", Problem.Code.CONTRADICTION, rush + " is no rush job in this shop");
                }
            });
            problems.throwIfAny();
            job.row().setDown().ifPresent(before -> {
                throw RefusedException.stale(before.by() + " has set it down already");
            });
            JobRow.SetDown setDown = new JobRow.SetDown(by.name(), by.at(), workNote.strip(), displacedBy);
            store.setDown(job.row().id(), Optional.of(setDown));
            return event(
                    job,
                    EventKind.SET_DOWN,
                    Map.of("workNote", setDown.workNote(), "displacedBy", displacedBy.orElse("")),
                    by);
        });
    }

    /** Takes work up again where the hands were. */
    public ReadJob pickUp(String tag, ChangeContext by) {
        return book.change(tag, by, job -> {
            JobRow.SetDown before = job.row()
                    .setDown()
                    .orElseThrow(
                            () -> RefusedException.stale("Nobody has set " + tag + " down, or it is taken up already"));
            store.setDown(job.row().id(), Optional.empty());
            event(job, EventKind.PICKED_UP, Map.of("workNote", before.workNote()), by);
            return Written.change(EventKind.PICKED_UP.code(), before, null);
        });
    }
}
