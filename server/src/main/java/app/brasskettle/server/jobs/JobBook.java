package app.brasskettle.server.jobs;

import app.brasskettle.core.jobs.JobReading;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.jobs.Plate;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.problems.RefusedException;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The book of jobs: the one way in which a job is read or changed.
 *
 * <p>Every change holds the job's row, writes a line in its journal, and leaves what the core reads now on the row for the
 * floor's list, all in one transaction.
 */
@Service
public class JobBook {

    private static final int LONGEST_LINE = 300;

    private final JobStore store;
    private final Journal journal;
    private final RequestKeys keys;
    private final FloorStore floor;

    JobBook(JobStore store, Journal journal, RequestKeys keys, FloorStore floor) {
        this.store = store;
        this.journal = journal;
        this.keys = keys;
        this.floor = floor;
    }

    /** Who changes something, when, and under which key, so that a retry is known. */
    public record Hand(Person person, Optional<String> key, OffsetDateTime at) {

        public static Hand of(Person person, String key) {
            return new Hand(person, Optional.ofNullable(key), JobClock.now());
        }

        String name() {
            return person.displayName();
        }
    }

    /** A test to record. */
    public record Test(
            TestKind kind, Map<String, Object> typed, Record input, Object result, boolean simulated, String because) {}

    @Transactional(readOnly = true)
    public JobView view(String tag) {
        return JobViews.of(load(store.byTag(tag).orElseThrow(() -> unknown(tag))));
    }

    /** The plate of a job, once it was read. */
    @Transactional(readOnly = true)
    public Optional<Plate> plate(String tag) {
        return load(store.byTag(tag).orElseThrow(() -> unknown(tag))).plate();
    }

    /** The record of a job as the core takes it. */
    @Transactional(readOnly = true)
    public JobRecord record(String tag) {
        return load(store.byTag(tag).orElseThrow(() -> unknown(tag))).record();
    }

    /** The simulated motor's settings of a job. */
    @Transactional(readOnly = true)
    public Map<String, Object> simulatedMotor(String tag) {
        return store.byTag(tag).orElseThrow(() -> unknown(tag)).simulatedMotor();
    }

    @Transactional(readOnly = true)
    List<Journal.Entry> journal(String tag) {
        return journal.of(store.byTag(tag).orElseThrow(() -> unknown(tag)).id());
    }

    /** Takes a job in; the same key again answers with the job made the first time. */
    @Transactional
    public JobView receive(Receipt receipt, Hand hand) {
        Optional<String> done =
                hand.key().flatMap(k -> keys.done(k, hand.person().username()));
        if (done.isPresent()) {
            return view(done.get());
        }
        JobRow row = receipt.row(store.nextTag(), hand);
        long id = store.insert(row);
        hand.key().ifPresent(k -> keys.remember(k, hand.person().username(), id));
        journal.write(id, hand.name(), hand.at(), "received", null, receipt);
        return summarise(row.tag());
    }

    /**
     * Writes a sheet.
     *
     * @param seen version the writer saw; 0 for none
     * @throws InvalidInputException when the core refuses it
     * @throws RefusedException when somebody else wrote it meanwhile
     */
    @Transactional
    public JobView writeSheet(String tag, SheetKind kind, int seen, Map<String, Object> typed, Hand hand) {
        TypedInput.read(kind.type(), typed);
        JobRow row = lock(tag);
        Optional<JobRow.SheetRow> old = load(row).sheet(kind);
        int version = old.map(JobRow.SheetRow::version).orElse(0);
        if (version != seen) {
            throw RefusedException.stale(old.map(o -> o.by() + " changed this at "
                            + o.at().toLocalTime().withNano(0) + " UTC. Yours is kept: look at both, then save again")
                    .orElse("This was removed meanwhile"));
        }
        store.writeSheet(row.id(), kind, version + 1, typed, hand.name(), hand.at());
        journal.write(
                row.id(),
                hand.name(),
                hand.at(),
                "wrote " + kind.word(),
                old.map(JobRow.SheetRow::typed).orElse(null),
                typed);
        return summarise(tag);
    }

    /** Records a test, superseding the one that stood. */
    @Transactional
    public JobView addTest(String tag, Test test, Hand hand) {
        JobRow row = lock(tag);
        if (repeated(hand)) {
            return view(tag);
        }
        boolean repeat = load(row).standing(test.kind()).isPresent();
        if (repeat && test.because().isBlank()) {
            throw new InvalidInputException(List.of(new Problem(
                    "because",
                    Problem.Code.MISSING,
                    "Say in a word why the test is repeated; the first one stays visible")));
        }
        store.addTest(
                row.id(),
                new JobStore.NewTest(
                        test.kind(),
                        test.typed(),
                        test.input(),
                        test.result(),
                        test.simulated(),
                        repeat ? test.because() : "first test",
                        hand.name(),
                        hand.at()));
        finish(row, hand, "tested " + test.kind().word(), test.result());
        return summarise(tag);
    }

    /** Records something done by name. */
    @Transactional
    public JobView addEvent(String tag, EventKind kind, Map<String, Object> detail, Hand hand) {
        JobRow row = lock(tag);
        if (repeated(hand)) {
            return view(tag);
        }
        store.addEvent(row.id(), kind, detail, hand.name(), hand.at());
        finish(row, hand, kind.word(), detail);
        return summarise(tag);
    }

    /** Sets what the simulated motor of a job is like. */
    @Transactional
    public JobView setSimulatedMotor(String tag, Map<String, Object> motor, Hand hand) {
        JobRow row = lock(tag);
        store.simulatedMotor(row.id(), motor);
        journal.write(row.id(), hand.name(), hand.at(), "simulated motor", row.simulatedMotor(), motor);
        return summarise(tag);
    }

    private boolean repeated(Hand hand) {
        return hand.key().flatMap(k -> keys.done(k, hand.person().username())).isPresent();
    }

    private void finish(JobRow row, Hand hand, String what, Object after) {
        hand.key().ifPresent(k -> keys.remember(k, hand.person().username(), row.id()));
        journal.write(row.id(), hand.name(), hand.at(), what, null, after);
    }

    /** Every job that holds the words of {@code find}, in the order in which they need hands. */
    @Transactional(readOnly = true)
    public List<FloorRow> floor(String find) {
        return floor.rows(find);
    }

    /** Sets work down half way: where the hands were, and for which rush job. */
    @Transactional
    public JobView setDown(String tag, String handsWere, Optional<String> displacedBy, Hand hand) {
        JobRow row = lock(tag);
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
        finish(row, hand, EventKind.SET_DOWN.word(), detail);
        return summarise(tag);
    }

    /** Takes work up again where the hands were. */
    @Transactional
    public JobView pickUp(String tag, Hand hand) {
        JobRow row = lock(tag);
        FloorRow.SetDown before = row.setDown()
                .orElseThrow(
                        () -> RefusedException.stale("Nobody has set " + tag + " down, or it is taken up already"));
        store.setDown(row.id(), Optional.empty());
        store.addEvent(row.id(), EventKind.PICKED_UP, Map.of("handsWere", before.handsWere()), hand.name(), hand.at());
        journal.write(row.id(), hand.name(), hand.at(), EventKind.PICKED_UP.word(), before, null);
        return summarise(tag);
    }

    private JobView summarise(String tag) {
        RecordedJob job = load(store.byTag(tag).orElseThrow());
        JobReading reading = JobReading.of(job.record(), JobClock.seconds(JobClock.now()));
        store.summary(
                job.row.id(),
                JobViews.motorLine(job.plate()),
                reading.next().station().word(),
                reading.next().sentence(),
                reading.next().step(),
                reading.worst().verdict().word(),
                reading.gate().state().word(),
                job.plate().map(JobBook::words).orElse(""));
        return JobViews.of(job);
    }

    /** What a plate adds to what a job is found by. */
    private static String words(Plate plate) {
        return String.join(
                " ",
                JobViews.motorLine(Optional.of(plate)),
                plate.maker().orElse(""),
                plate.serial().orElse(""));
    }

    private RecordedJob load(JobRow row) {
        return new RecordedJob(row, store.sheets(row.id()), store.tests(row.id()), store.events(row.id()));
    }

    private JobRow lock(String tag) {
        return store.lock(tag).orElseThrow(() -> unknown(tag));
    }

    private static RefusedException unknown(String tag) {
        return RefusedException.unknown("There is no job " + tag + " in this shop");
    }
}
