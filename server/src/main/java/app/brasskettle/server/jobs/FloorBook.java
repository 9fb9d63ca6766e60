package app.brasskettle.server.jobs;

import app.brasskettle.core.jobs.Course;
import app.brasskettle.core.jobs.Departure;
import app.brasskettle.core.jobs.JobReading;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Word;
import app.brasskettle.server.problems.RefusedException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The floor: which job needs hands next, and where one departs from the usual order. */
@Service
public class FloorBook {

    private static final int LONGEST_LINE = 300;

    private final JobBook book;
    private final JobStore store;
    private final Journal journal;
    private final FloorStore floor;

    FloorBook(JobBook book, JobStore store, Journal journal, FloorStore floor) {
        this.book = book;
        this.store = store;
        this.journal = journal;
        this.floor = floor;
    }

    /** Every job of a list, page after page; for files, not for screens. */
    @Transactional(readOnly = true)
    public List<FloorRow> all(String show, String find) {
        FloorStore.Show wanted = Word.parse(FloorStore.Show.class, show)
                .orElseThrow(() -> RefusedException.unknown("The floor has no list called " + show));
        List<FloorRow> all = new ArrayList<>();
        Optional<String> after = Optional.empty();
        List<FloorRow> page;
        do {
            page = floor.rows(wanted, find, after);
            all.addAll(page);
            after = page.isEmpty()
                    ? Optional.empty()
                    : Optional.of(page.get(page.size() - 1).tag());
        } while (page.size() == FloorStore.PAGE);
        return all;
    }

    /** A page of the floor: jobs that hold the words of {@code find}, in the order in which they need hands. */
    @Transactional(readOnly = true)
    List<FloorRow> floor(FloorStore.Show show, String find, Optional<String> after) {
        return floor.rows(show, find, after);
    }

    /** Leaves a station out, takes it up again, or sends the job back to it; an empty reason only for taking up. */
    @Transactional
    public JobView course(String tag, EventKind kind, Station station, String reason, JobBook.Hand hand) {
        JobRow row = book.lock(tag);
        if (kind != EventKind.TAKEN_UP) {
            line("reason", reason);
        }
        RecordedJob job = book.load(row);
        boolean skipped = job.record().course().skipped().containsKey(station);
        if (kind == EventKind.SKIPPED && skipped || kind == EventKind.TAKEN_UP && !skipped) {
            throw RefusedException.stale(station.label() + (skipped ? " is skipped already" : " is not skipped"));
        }
        Map<String, Object> detail = Map.of("station", station.word(), "reason", reason == null ? "" : reason.strip());
        store.addEvent(row.id(), kind, detail, hand.name(), hand.at());
        journal.write(row.id(), hand.name(), hand.at(), kind.word(), null, detail);
        return book.summarise(tag);
    }

    /** Puts a job on hold for parts or the customer, or takes it up again with nothing given. */
    @Transactional
    public JobView hold(String tag, Optional<FloorRow.Waiting> waiting, JobBook.Hand hand) {
        JobRow row = book.lock(tag);
        waiting.ifPresent(w -> {
            Problems problems = new Problems();
            if (Word.parse(Course.WaitsFor.class, w.what()).isEmpty()) {
                problems.add("what", Problem.Code.WORD, "what must be one of " + Word.choices(Course.WaitsFor.class));
            }
            problems.throwIfAny();
            line("reason", w.reason());
        });
        if (waiting.isEmpty() && row.waiting().isEmpty()) {
            throw RefusedException.stale(tag + " waits for nothing");
        }
        EventKind kind = waiting.isPresent() ? EventKind.HELD : EventKind.RESUMED;
        store.waiting(row.id(), waiting);
        Map<String, Object> detail = waiting.or(row::waiting)
                .map(w -> Map.<String, Object>of("what", w.what(), "reason", w.reason()))
                .orElseThrow();
        store.addEvent(row.id(), kind, detail, hand.name(), hand.at());
        journal.write(
                row.id(), hand.name(), hand.at(), kind.word(), row.waiting().orElse(null), waiting.orElse(null));
        return book.summarise(tag);
    }

    /**
     * Lets a job leave the shop.
     *
     * @param how where it goes and why
     * @param readyForService true for a motor that is called proved; one that may not be put on power, or that a simulated reading speaks for, is refused
     * @throws RefusedException when it has left already, or may not be called ready
     */
    @Transactional
    public JobView leave(String tag, String how, boolean readyForService, JobBook.Hand hand) {
        JobRow row = book.lock(tag);
        line("how", how);
        if (row.left().isPresent()) {
            throw RefusedException.stale(tag + " has left already");
        }
        if (readyForService) {
            Departure departure = JobReading.of(book.load(row).record(), JobClock.seconds(hand.at()))
                    .departure();
            if (!departure.mayBeReady()) {
                throw RefusedException.gated(String.join(". ", departure.heldBy()));
            }
        }
        String said = (readyForService ? "Ready for service: " : "") + how.strip();
        return moved(tag, row, EventKind.LEFT, Optional.of(new FloorRow.Left(hand.at(), said)), said, hand);
    }

    /** Takes back a job that had left the shop. */
    @Transactional
    public JobView comeBack(String tag, JobBook.Hand hand) {
        JobRow row = book.lock(tag);
        if (row.left().isEmpty()) {
            throw RefusedException.stale(tag + " is in the shop");
        }
        return moved(tag, row, EventKind.CAME_BACK, Optional.empty(), "", hand);
    }

    private JobView moved(
            String tag, JobRow row, EventKind kind, Optional<FloorRow.Left> left, String how, JobBook.Hand hand) {
        store.left(row.id(), left);
        Map<String, Object> detail = Map.of("how", how);
        store.addEvent(row.id(), kind, detail, hand.name(), hand.at());
        journal.write(row.id(), hand.name(), hand.at(), kind.word(), row.left().orElse(null), detail);
        return book.summarise(tag);
    }

    /** One line of text that somebody has to say. */
    private static void line(String field, String text) {
        Problems problems = new Problems();
        if (problems.name(field, text) && text.strip().length() > LONGEST_LINE) {
            problems.add(field, Problem.Code.RANGE, field + " has at most " + LONGEST_LINE + " characters");
        }
        problems.throwIfAny();
    }

    /** Sets work down half way: where the hands were, and for which rush job. */
    @Transactional
    public JobView setDown(String tag, String handsWere, Optional<String> displacedBy, JobBook.Hand hand) {
        JobRow row = book.lock(tag);
        Problems problems = new Problems();
        if (problems.name("handsWere", handsWere) && handsWere.strip().length() > LONGEST_LINE) {
            problems.add("handsWere", Problem.Code.RANGE, "handsWere has at most " + LONGEST_LINE + " characters");
        }
        displacedBy.ifPresent(by -> {
            if (by.equals(tag)
                    || store.byTag(by).filter(j -> j.urgency().equals("rush")).isEmpty()) {
                problems.add("displacedBy", Problem.Code.CONTRADICTION, by + " is no rush job in this shop");
            }
        });
        problems.throwIfAny();
        if (row.setDown().isPresent()) {
            throw RefusedException.stale(row.setDown().get().by() + " has set it down already");
        }
        FloorRow.SetDown setDown = new FloorRow.SetDown(hand.name(), hand.at(), handsWere.strip(), displacedBy);
        store.setDown(row.id(), Optional.of(setDown));
        Map<String, Object> detail = Map.of("handsWere", setDown.handsWere(), "displacedBy", displacedBy.orElse(""));
        store.addEvent(row.id(), EventKind.SET_DOWN, detail, hand.name(), hand.at());
        journal.write(row.id(), hand.name(), hand.at(), EventKind.SET_DOWN.word(), null, detail);
        return book.summarise(tag);
    }

    /** Takes work up again where the hands were. */
    @Transactional
    public JobView pickUp(String tag, JobBook.Hand hand) {
        JobRow row = book.lock(tag);
        FloorRow.SetDown before = row.setDown()
                .orElseThrow(
                        () -> RefusedException.stale("Nobody has set " + tag + " down, or it is taken up already"));
        store.setDown(row.id(), Optional.empty());
        store.addEvent(row.id(), EventKind.PICKED_UP, Map.of("handsWere", before.handsWere()), hand.name(), hand.at());
        journal.write(row.id(), hand.name(), hand.at(), EventKind.PICKED_UP.word(), before, null);
        return book.summarise(tag);
    }
}
