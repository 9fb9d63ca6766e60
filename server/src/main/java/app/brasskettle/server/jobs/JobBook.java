package app.brasskettle.server.jobs;

import app.brasskettle.core.jobs.JobReading;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.surge.EarlierTraces;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Word;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.calibration.InstrumentStore;
import app.brasskettle.server.calibration.ShopInstrument;
import app.brasskettle.server.customers.CustomerStore;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.runs.RunRow;
import app.brasskettle.server.runs.RunStore;
import app.brasskettle.server.settings.SettingsStore;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
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

    private final JobStore store;
    private final TestStore testStore;
    private final Journal journal;
    private final RequestKeys keys;
    private final CustomerStore customers;
    private final SettingsStore settings;
    private final InstrumentStore instruments;
    private final ClosedCauses closed;
    private final RunStore runs;

    JobBook(
            JobStore store,
            TestStore testStore,
            Journal journal,
            RequestKeys keys,
            CustomerStore customers,
            SettingsStore settings,
            InstrumentStore instruments,
            ClosedCauses closed,
            RunStore runs) {
        this.runs = runs;
        this.closed = closed;
        this.instruments = instruments;
        this.customers = customers;
        this.settings = settings;
        this.store = store;
        this.testStore = testStore;
        this.journal = journal;
        this.keys = keys;
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

    /**
     * A test to record.
     *
     * @param kind which test
     * @param speed 1 or 2
     * @param typed its readings as typed; empty where they are traces
     * @param input its readings
     * @param appliedV the voltage it was taken at, where its readings do not hold it
     * @param instrument the instrument of the shop's list that read it
     * @param simulated true when the server itself had one of its stand-ins read it
     * @param takenBefore why it is entered now although it was taken before; empty where it is taken now
     * @param because why it is repeated, where it is
     * @param pace seconds of the instrument in one of the wall; over 1 only for a stand-in
     */
    public record Test(
            TestKind kind,
            int speed,
            Map<String, Object> typed,
            Record input,
            Optional<Double> appliedV,
            Optional<Long> instrument,
            boolean simulated,
            Optional<String> takenBefore,
            String because,
            double pace) {

        /** A test that a stand-in read at the first speed. */
        public static Test simulated(
                TestKind kind, Map<String, Object> typed, Record input, Optional<Double> appliedV, String because) {
            return new Test(kind, 1, typed, input, appliedV, Optional.empty(), true, Optional.empty(), because, 1);
        }
    }

    @Transactional(readOnly = true)
    public JobView view(String tag) {
        return JobViews.of(recorded(tag));
    }

    /** The plate of a job, once it was read. */
    @Transactional(readOnly = true)
    public Optional<Plate> plate(String tag) {
        return recorded(tag).plate();
    }

    RecordedJob recorded(String tag) {
        return load(store.byTag(tag).orElseThrow(() -> unknown(tag)));
    }

    void remember(String key, Hand hand, long jobId) {
        keys.remember(key, hand.person().username(), jobId);
    }

    /** Tag of the job that the same call by the same person made already. */
    public Optional<String> madeBefore(Hand hand) {
        return hand.key().flatMap(k -> keys.done(k, hand.person().username()));
    }

    /** The record of a job as the core takes it. */
    @Transactional(readOnly = true)
    public JobRecord record(String tag) {
        return recorded(tag).record();
    }

    /** Refuses a job that is not there. */
    @Transactional(readOnly = true)
    public void mustExist(String tag) {
        store.byTag(tag).orElseThrow(() -> unknown(tag));
    }

    /**
     * Changes something that belongs to a job and is kept in another room: the job is held, a retry changes nothing, and what
     * {@code change} answers is written into the journal.
     */
    @Transactional
    public void beside(String tag, String what, Hand hand, Supplier<Object> change) {
        JobRow row = lock(tag);
        if (!repeated(hand)) {
            finish(row, hand, what, change.get());
        }
    }

    /** Number of a job, by which other rooms keep what belongs to it. */
    @Transactional(readOnly = true)
    public long id(String tag) {
        return store.byTag(tag).orElseThrow(() -> unknown(tag)).id();
    }

    /** Refuses where the product's stand-ins are off. */
    public void mustPractise() {
        if (!settings.current().standIns()) {
            throw RefusedException.gated("Simulated instruments are off in this shop");
        }
    }

    /** Computes a job's row for the floor anew, after something outside this room changed. */
    @Transactional
    public JobView refresh(String tag) {
        lock(tag);
        return summarise(tag);
    }

    /** The rules by which this shop judges. */
    public ShopRules rules() {
        return settings.current().rules();
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
        Optional<String> done = madeBefore(hand);
        if (done.isPresent()) {
            return view(done.get());
        }
        receipt.check(hand.at());
        return receiveAs(store.nextTag(settings.current().tagPrefix()), receipt, hand);
    }

    /** Counts tags from the first one on, in a shop that has no job yet. */
    @Transactional
    public void countTagsAnew() {
        store.countTagsAnew();
    }

    /** Takes a job in under a tag of an earlier time. */
    @Transactional
    public JobView receiveAs(String tag, Receipt receipt, Hand hand) {
        receipt.check(hand.at());
        long customer = customers.findOrAdd(receipt.customer());
        if (receipt.contact() != null) {
            receipt.contact().ifPresent(c -> customers.addContact(customer, c));
        }
        JobRow row = receipt.row(tag, customer, hand);
        long id = store.insert(row);
        hand.key().ifPresent(k -> keys.remember(k, hand.person().username(), id));
        journal.write(id, hand.name(), hand.at(), "received", null, receipt);
        return summarise(row.tag());
    }

    /**
     * Writes a sheet. Where somebody else wrote it meanwhile, both changes are merged as long as they do not touch the same
     * field.
     *
     * @param seen version the writer saw; 0 for none
     * @throws InvalidInputException when the core refuses it
     * @throws ClashException when both changed the same field to something else
     */
    @Transactional
    public JobView writeSheet(String tag, SheetKind kind, int seen, Map<String, Object> typed, Hand hand) {
        return writeSheet(tag, kind, seen, typed, "", hand);
    }

    /**
     * The same with a reason, which a lead hand gives for a change that would lift what holds a gate.
     *
     * @throws RefusedException when such a change comes from anybody else, or without a reason
     */
    @Transactional
    public JobView writeSheet(
            String tag, SheetKind kind, int seen, Map<String, Object> typed, String because, Hand hand) {
        Record read = TypedInput.read(kind.type(), typed).input();
        JobRow row = lock(tag);
        RecordedJob job = load(row);
        boolean opens = Opening.opens(read);
        if (opens) {
            Opening.mayOpen(job);
        }
        Optional<JobRow.SheetRow> old = job.sheet(kind);
        int version = old.map(JobRow.SheetRow::version).orElse(0);
        Map<String, Object> whole = old.filter(o -> o.version() != seen)
                .map(o -> merged(row.id(), kind, seen, o, typed))
                .orElse(typed);
        Record after =
                whole == typed ? read : TypedInput.read(kind.type(), whole).input();
        old.flatMap(o -> EditGuard.of(
                        kind, TypedInput.read(kind.type(), o.typed()).input(), after, because, hand.person()))
                .ifPresent(told -> store.addEvent(row.id(), EventKind.EDIT_REASONED, told, hand.name(), hand.at()));
        store.writeSheet(row.id(), kind, version + 1, whole, false, hand.name(), hand.at());
        if (opens && !job.opened()) {
            store.addEvent(row.id(), EventKind.WORKED, Map.of("work", "opened"), hand.name(), hand.at());
        }
        journal.write(
                row.id(),
                hand.name(),
                hand.at(),
                "wrote " + kind.word(),
                old.map(JobRow.SheetRow::typed).orElse(null),
                whole);
        return summarise(tag);
    }

    private Map<String, Object> merged(
            long jobId, SheetKind kind, int seen, JobRow.SheetRow theirs, Map<String, Object> mine) {
        Map<String, Object> before =
                JobRow.SheetRow.spelt(kind, store.past(jobId, kind, seen).orElse(Map.of()));
        SheetMerge.Outcome outcome = SheetMerge.of(before, theirs.spelt(), JobRow.SheetRow.spelt(kind, mine));
        if (!outcome.clashes().isEmpty()) {
            throw new ClashException(theirs, outcome);
        }
        return outcome.merged();
    }

    /**
     * Records a test, superseding the one that stood, together with the time it held voltage on the winding.
     *
     * @throws InvalidInputException when it does not fit the motor, the instrument or the record
     * @throws RefusedException when its gate does not allow it and it is not entered as taken before
     */
    @Transactional
    public JobView addTest(String tag, Test test, Hand hand) {
        JobRow row = lock(tag);
        if (repeated(hand)) {
            return view(tag);
        }
        RecordedJob job = load(row);
        Optional<RunRow> run = TestEntry.run(job, test);
        TestEntry entry = new TestEntry(job, test, run, instrument(test), settings.current());
        entry.check(JobClock.seconds(hand.at()));
        Optional<EarlierTraces> earlier = entry.wantsEarlierTraces()
                ? new Visits(store, this::recorded).traces(row, test.speed())
                : Optional.empty();
        long id = testStore.addTest(row.id(), entry.row(hand, earlier));
        run.ifPresent(r -> runs.use(r.id(), id));
        double seconds = entry.voltageSeconds();
        if (seconds > 0) {
            store.addEvent(
                    row.id(),
                    EventKind.VOLTAGE_APPLIED,
                    Map.of(
                            "seconds",
                            seconds,
                            "pace",
                            test.pace(),
                            "test",
                            test.kind().word()),
                    hand.name(),
                    hand.at());
        }
        finish(row, hand, "tested " + JobRow.TestRow.key(test.kind(), test.speed()), entry.result());
        return summarise(tag);
    }

    private Optional<JobRow.Instrument> instrument(Test test) {
        return test.instrument().map(this::reading);
    }

    /** Records something done by name. */
    @Transactional
    public JobView addEvent(String tag, EventKind kind, Map<String, Object> detail, Hand hand) {
        JobRow row = lock(tag);
        if (repeated(hand)) {
            return view(tag);
        }
        if (kind == EventKind.WORKED) {
            Word.parse(Work.class, String.valueOf(detail.get("work")))
                    .ifPresent(work -> Opening.mayWork(load(row), work));
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

    /** The instrument of the shop's list, as it stood when it read. */
    private JobRow.Instrument reading(long id) {
        ShopInstrument instrument = instruments
                .find(id)
                .filter(i -> !i.retired())
                .orElseThrow(() -> new InvalidInputException(List.of(new Problem(
                        "instrument", Problem.Code.UNKNOWN, "instrument " + id + " is none of the shop's in use"))));
        return new JobRow.Instrument(instrument.name(), instrument.kind(), instrument.calibrationDue());
    }

    private boolean repeated(Hand hand) {
        return madeBefore(hand).isPresent();
    }

    private void finish(JobRow row, Hand hand, String what, Object after) {
        hand.key().ifPresent(k -> keys.remember(k, hand.person().username(), row.id()));
        journal.write(row.id(), hand.name(), hand.at(), what, null, after);
    }

    /** Every stay of the motor so marked, newest first. */
    @Transactional(readOnly = true)
    public List<Stay> stays(String mark) {
        return store.byMark(mark).stream()
                .map(tag -> Stay.of(load(store.byTag(tag).orElseThrow())))
                .toList();
    }

    /** Leaves what the core reads now on the job's row, and shows it. */
    JobView summarise(String tag) {
        RecordedJob job = load(store.byTag(tag).orElseThrow());
        closed.settle(
                job.row.id(),
                job.row.left().flatMap(l -> job.last(EventKind.CONCLUDED)).map(e -> e.text("explanation")));
        double now = JobClock.seconds(JobClock.now());
        JobReading reading = JobReading.of(job.record(), now);
        Optional<Plate> plate = job.plate();
        store.summary(
                job.row.id(),
                JobViews.motorLine(plate),
                reading.next().station().word(),
                reading.next().sentence(),
                reading.next().step(),
                reading.worst().verdict().word(),
                reading.gate().state().word(),
                reading.gate().validUntil().map(JobBook::time),
                job.mark(),
                plate.map(JobBook::words).orElse(""));
        return JobViews.of(job.at(store.byTag(tag).orElseThrow()), reading, now);
    }

    private static OffsetDateTime time(double seconds) {
        return OffsetDateTime.ofInstant(Instant.ofEpochMilli(Math.round(1000 * seconds)), ZoneOffset.UTC);
    }

    /** What a plate adds to what a job is found by. */
    private static String words(Plate plate) {
        return String.join(
                " ",
                JobViews.motorLine(Optional.of(plate)),
                plate.maker().orElse(""),
                plate.serial().orElse(""),
                plate.details().flatMap(PlateDetails::model).orElse(""));
    }

    RecordedJob load(JobRow row) {
        RecordedJob job = new RecordedJob(
                row,
                store.sheets(row.id()),
                testStore.tests(row.id()),
                store.events(row.id()),
                runs.of(row.id()),
                store.versions(row.id(), SheetKind.PLATE),
                store.photographed(row.id()),
                settings.current(),
                closed.counts(),
                List.of());
        return job.mark().map(m -> job.after(closed.earlier(m, row))).orElse(job);
    }

    /** The job, held until the transaction ends. */
    JobRow lock(String tag) {
        return store.lock(tag).orElseThrow(() -> unknown(tag));
    }

    private static RefusedException unknown(String tag) {
        return RefusedException.unknown("There is no job " + tag + " in this shop");
    }
}
