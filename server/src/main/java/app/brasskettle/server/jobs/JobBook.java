package app.brasskettle.server.jobs;

import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.passport.MotorLine;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.rewind.CoilsWound;
import app.brasskettle.core.rewind.SheetWork;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.customers.CustomerStore;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventStore;
import app.brasskettle.server.jobrecord.JobRow;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobrecord.WorkEvent;
import app.brasskettle.server.journal.JournalStore;
import app.brasskettle.server.priors.ClosedCauseStore;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.rack.RackStore;
import app.brasskettle.server.settings.SettingsStore;
import app.brasskettle.server.sheets.ClashException;
import app.brasskettle.server.sheets.EditGuard;
import app.brasskettle.server.sheets.SheetKind;
import app.brasskettle.server.sheets.SheetRow;
import app.brasskettle.server.shops.CurrentShop;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
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

    private final EventStore events;
    private final JobStore store;
    private final JobLoader loader;
    private final JournalStore journal;
    private final CustomerStore customers;
    private final SettingsStore settings;
    private final ClosedCauseStore closed;
    private final RackStore rack;

    JobBook(
            EventStore events,
            JobStore store,
            JournalStore journal,
            CustomerStore customers,
            SettingsStore settings,
            ClosedCauseStore closed,
            RackStore rack,
            JobLoader loader) {
        this.events = events;
        this.rack = rack;
        this.loader = loader;
        this.closed = closed;
        this.customers = customers;
        this.settings = settings;
        this.store = store;
        this.journal = journal;
    }

    /** Reads a job as it stands now. */
    @Transactional(readOnly = true)
    public ReadJob read(String tag) {
        return ReadJob.of(recorded(tag), JobClock.seconds(JobClock.now()));
    }

    /** The plate of a job, once it was read. */
    @Transactional(readOnly = true)
    public Optional<Plate> plate(String tag) {
        return recorded(tag).plate();
    }

    /** Loads a job without computing anything of it. */
    @Transactional(readOnly = true)
    public RecordedJob recorded(String tag) {
        return loader.load(store.byTag(tag).orElseThrow(() -> CurrentShop.noJob(tag)));
    }

    /** The record of a job as the core takes it. */
    @Transactional(readOnly = true)
    public JobRecord record(String tag) {
        return recorded(tag).record();
    }

    /** Refuses a job that is not there. */
    @Transactional(readOnly = true)
    public void mustExist(String tag) {
        store.byTag(tag).orElseThrow(() -> CurrentShop.noJob(tag));
    }

    /**
     * Changes a job: its row is held, the change is written into the journal, and what
     * the core reads afterwards is left on the row for the floor's list. All in one transaction.
     *
     * @param tag the job
     * @param by who changes it
     * @param change writes what it changes, and says what to write into the journal
     * @return the job as it reads afterwards
     */
    @Transactional
    public ReadJob change(String tag, ChangeContext by, Function<RecordedJob, Written> change) {
        JobRow row = lock(tag);
        Written written = change.apply(loader.load(row));
        if (written == Written.NOTHING) {
            return read(tag);
        }
        ReadJob read = summarise(tag);
        journal.write(
                row.id(),
                by.name(),
                by.at(),
                written.what(),
                written.before(),
                written.after().apply(read));
        Optional<Map<String, Object>> back = FinishGuard.sentBack(read);
        if (back.isEmpty()) {
            return read;
        }
        events.add(row.id(), EventKind.SENT_BACK, back.get(), by.name(), by.at());
        journal.write(row.id(), by.name(), by.at(), EventKind.SENT_BACK.code(), null, back.get());
        return summarise(tag);
    }

    /** The same for something that belongs to a job, is kept in another room, and changes nothing the floor's list shows. */
    @Transactional
    public void journalled(String tag, String what, ChangeContext by, Supplier<Object> change) {
        JobRow row = lock(tag);
        Object after = change.get();
        journal.write(row.id(), by.name(), by.at(), what, null, after);
    }

    /** Number of a job, by which other rooms keep what belongs to it. */
    @Transactional(readOnly = true)
    public long id(String tag) {
        return store.byTag(tag).orElseThrow(() -> CurrentShop.noJob(tag)).id();
    }

    /** Refuses where the product's stand-ins are off. */
    public void mustPractise() {
        if (!settings.current().standIns()) {
            throw RefusedException.gated("Simulated instruments are off in this shop");
        }
    }

    /** Computes a job's row for the floor anew, after something outside this room changed. */
    @Transactional
    public ReadJob refresh(String tag) {
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
        return store.byTag(tag).orElseThrow(() -> CurrentShop.noJob(tag)).simulatedMotor();
    }

    /** A page of a job's journal, newest first: entries before the one numbered {@code before}. */
    @Transactional(readOnly = true)
    public List<JournalStore.Entry> journal(String tag, long before) {
        return journal.page(
                store.byTag(tag).orElseThrow(() -> CurrentShop.noJob(tag)).id(), before);
    }

    /** Takes a job in. */
    @Transactional
    public ReadJob receive(JobIntake receipt, ChangeContext by) {
        receipt.check(by.at());
        return receiveAs(store.nextTag(settings.current().tagPrefix()), receipt, by);
    }

    /** Counts tags from the first one on, in a shop that has no job yet. */
    @Transactional
    public void countTagsAnew() {
        store.countTagsAnew();
    }

    /** Takes a job in under a tag of an earlier time. */
    @Transactional
    public ReadJob receiveAs(String tag, JobIntake receipt, ChangeContext by) {
        receipt.check(by.at());
        long customer = customers.findOrAdd(receipt.customer());
        if (receipt.contact() != null) {
            receipt.contact().ifPresent(c -> customers.addContact(customer, c));
        }
        JobRow row = receipt.row(tag, customer, by);
        long id = store.insert(row);
        journal.write(id, by.name(), by.at(), "received", null, receipt);
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
    public ReadJob writeSheet(String tag, SheetKind kind, int seen, Map<String, Object> typed, ChangeContext by) {
        return writeSheet(tag, kind, seen, typed, "", by);
    }

    /**
     * The same with a reason, which a lead by gives for a change that would lift what holds a gate.
     *
     * @throws RefusedException when such a change comes from anybody else, or without a reason
     */
    @Transactional
    public ReadJob writeSheet(
            String tag, SheetKind kind, int seen, Map<String, Object> typed, String because, ChangeContext by) {
        Record read = TypedInput.read(kind.type(), typed).input();
        return change(tag, by, job -> {
            boolean opens = DismantlingGuard.opens(read);
            if (opens) {
                DismantlingGuard.mayOpen(job);
            }
            FinishGuard.mayWrite(job, kind);
            long id = job.row().id();
            Optional<SheetRow> old = job.sheet(kind);
            int version = old.map(SheetRow::version).orElse(0);
            Map<String, Object> whole = old.filter(o -> o.version() != seen)
                    .map(o -> SheetChanges.merged(store, id, kind, seen, o, typed))
                    .orElse(typed);
            Record after =
                    whole == typed ? read : TypedInput.read(kind.type(), whole).input();
            old.flatMap(o -> EditGuard.of(
                            kind,
                            SheetChanges.undone(
                                    job,
                                    kind,
                                    TypedInput.read(kind.type(), o.typed()).input(),
                                    after,
                                    whole),
                            because,
                            by.person()))
                    .ifPresent(told -> events.add(id, EventKind.EDIT_REASONED, told, by.name(), by.at()));
            if (old.filter(o -> o.typed().equals(whole)).isPresent()) {
                return Written.NOTHING;
            }
            List<SheetWork.Said> works = FinishGuard.works(job, kind, SheetChanges.past(store, id, kind), after);
            store.writeSheet(id, kind, version + 1, whole, false, by.name(), by.at());
            if (after instanceof CoilsWound coils) {
                rack.bookOff(CoilsWound.offTheRack(job.read(kind, CoilsWound.class), coils), by.name());
            }
            works.forEach(w -> events.add(id, EventKind.WORKED, WorkEvent.detail(w), by.name(), by.at()));
            if (opens && !job.opened()) {
                events.add(id, EventKind.WORKED, WorkEvent.detail(SheetWork.Said.of(Work.OPENED)), by.name(), by.at());
            }
            return Written.change(
                    "wrote " + kind.code(), old.map(SheetRow::typed).orElse(null), whole);
        });
    }

    /**
     * Records work on the motor.
     *
     * @throws RefusedException where the motor may not have it here
     */
    @Transactional
    public ReadJob addWork(String tag, SheetWork.Said said, ChangeContext by) {
        return addEvent(tag, EventKind.WORKED, WorkEvent.detail(said), by);
    }

    /** Records something done by name. */
    @Transactional
    public ReadJob addEvent(String tag, EventKind kind, Map<String, Object> detail, ChangeContext by) {
        return addEvent(tag, kind, detail, by, () -> {});
    }

    /** The same with a detail that the record itself completes, such as what a signature stands for. */
    @Transactional
    public ReadJob addEvent(
            String tag, EventKind kind, Function<RecordedJob, Map<String, Object>> told, ChangeContext by) {
        return addEvent(tag, kind, told, by, () -> {});
    }

    /** The same with something that another room keeps of it, in the same transaction. */
    @Transactional
    public ReadJob addEvent(String tag, EventKind kind, Map<String, Object> detail, ChangeContext by, Runnable beside) {
        return addEvent(tag, kind, job -> detail, by, beside);
    }

    private ReadJob addEvent(
            String tag,
            EventKind kind,
            Function<RecordedJob, Map<String, Object>> told,
            ChangeContext by,
            Runnable beside) {
        return change(tag, by, job -> {
            Map<String, Object> detail = told.apply(job);
            if (kind == EventKind.WORKED) {
                DismantlingGuard.mayWork(job, WorkEvent.said(detail));
            }
            events.add(job.row().id(), kind, detail, by.name(), by.at());
            beside.run();
            return Written.of(kind.code(), detail);
        });
    }

    /** Sets what the simulated motor of a job is like. */
    @Transactional
    public ReadJob setSimulatedMotor(String tag, Map<String, Object> motor, ChangeContext by) {
        return change(tag, by, job -> {
            store.simulatedMotor(job.row().id(), motor);
            return Written.change("simulated motor", job.row().simulatedMotor(), motor);
        });
    }

    /** Loads every job in the shop, without computing anything of it. */
    @Transactional(readOnly = true)
    public List<RecordedJob> live() {
        return loader.load(store.live());
    }

    /** Loads every visit of the motor so marked, newest first. */
    @Transactional(readOnly = true)
    public List<RecordedJob> visits(String mark) {
        List<JobRow> rows = store.byMark(mark);
        return rows.isEmpty() ? List.of() : loader.load(rows);
    }

    /** Leaves what the core reads now on the job's row for the floor's list. */
    public ReadJob summarise(String tag) {
        RecordedJob job = loader.load(store.byTag(tag).orElseThrow());
        closed.settle(
                job.row().id(),
                job.row().left().flatMap(l -> job.last(EventKind.CONCLUDED)).map(e -> e.text("explanation")));
        double now = JobClock.seconds(JobClock.now());
        JobAssessment reading = JobAssessment.of(job.record(), now);
        Optional<Plate> plate = job.plate();
        store.summary(
                job.row().id(),
                MotorLine.of(plate),
                reading.next().station().code(),
                reading.next().sentence(),
                reading.next().step(),
                reading.worst().verdict().code(),
                reading.gate().state().code(),
                reading.gate().validUntil().map(JobBook::time),
                job.mark(),
                plate.map(JobBook::words).orElse(""));
        return new ReadJob(job.at(store.byTag(tag).orElseThrow()), reading, now);
    }

    private static OffsetDateTime time(double seconds) {
        return OffsetDateTime.ofInstant(Instant.ofEpochMilli(Math.round(1000 * seconds)), ZoneOffset.UTC);
    }

    /** What a plate adds to what a job is found by. */
    private static String words(Plate plate) {
        return String.join(
                " ",
                MotorLine.of(Optional.of(plate)),
                plate.maker().orElse(""),
                plate.serial().orElse(""),
                plate.details().flatMap(PlateDetails::model).orElse(""));
    }

    /** The job, held until the transaction ends. */
    private JobRow lock(String tag) {
        return store.lock(tag).orElseThrow(() -> CurrentShop.noJob(tag));
    }
}
