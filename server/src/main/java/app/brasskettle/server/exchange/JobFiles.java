package app.brasskettle.server.exchange;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.testkind.InstrumentKind;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.customers.Customer;
import app.brasskettle.server.customers.CustomerStore;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventStore;
import app.brasskettle.server.jobrecord.JobRow;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.JobIntake;
import app.brasskettle.server.jobs.JobStore;
import app.brasskettle.server.jobview.JobViews;
import app.brasskettle.server.journal.JournalStore;
import app.brasskettle.server.priors.ClosedCauseStore;
import app.brasskettle.server.settings.SettingsStore;
import app.brasskettle.server.sheets.SheetKind;
import app.brasskettle.server.testrecord.InstrumentRow;
import app.brasskettle.server.testrecord.TestRow;
import app.brasskettle.server.testrecord.TestStore;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Whole jobs written out, and taken in again in one piece or not at all. */
@Service
public class JobFiles {

    private final EventStore events;
    private final JobBook book;
    private final JobStore store;
    private final TestStore testStore;
    private final JournalStore journal;
    private final CustomerStore customers;
    private final SettingsStore settings;
    private final ClosedCauseStore closed;

    JobFiles(
            EventStore events,
            JobBook book,
            JobStore store,
            TestStore testStore,
            JournalStore journal,
            CustomerStore customers,
            SettingsStore settings,
            ClosedCauseStore closed) {
        this.events = events;
        this.closed = closed;
        this.book = book;
        this.store = store;
        this.testStore = testStore;
        this.journal = journal;
        this.customers = customers;
        this.settings = settings;
    }

    /** The whole record of a job, its photographs named as {@code pictures} are. */
    @Transactional(readOnly = true)
    public JobFile write(String tag, List<JobFile.Picture> pictures) {
        RecordedJob job = book.recorded(tag);
        JobRow row = job.row();
        return new JobFile(
                JobFile.FORMAT,
                JobFile.VERSION,
                JobClock.now(),
                settings.current().shopName(),
                new JobFile.Job(
                        row.tag(),
                        row.customer(),
                        row.machine(),
                        row.complaint(),
                        row.supply(),
                        row.urgency(),
                        row.askedBy(),
                        row.outageCostPerHour(),
                        row.promisedAt(),
                        row.receivedAt(),
                        row.receivedBy(),
                        row.mark(),
                        row.simulatedMotor(),
                        row.setDown(),
                        row.waiting(),
                        row.left()),
                customers.byId(row.customerId()).map(Customer::contacts).orElse(List.of()),
                job.sheets().stream()
                        .map(s -> new JobFile.Sheet(s.kind().code(), s.typed(), s.by(), s.at()))
                        .toList(),
                tests(job),
                job.events().stream()
                        .map(e -> new JobFile.Event(e.kind().code(), e.detail(), e.by(), e.at()))
                        .toList(),
                pictures,
                journal.of(row.id()).stream()
                        .map(c -> new JobFile.Change(c.at(), c.by(), c.what(), c.before(), c.after()))
                        .toList());
    }

    private List<JobFile.Test> tests(RecordedJob job) {
        Map<Long, TestStore.Whole> whole =
                testStore.whole(job.tests().stream().map(TestRow::id).toList());
        Map<String, JobFile.Test.Judged> judged = new HashMap<>();
        JobAssessment.of(job.record(), JobClock.seconds(JobClock.now()))
                .tests()
                .all()
                .forEach(t -> judged.put(t.step() + " " + t.at(), said(t.effective())));
        Map<String, String> reasons = new HashMap<>();
        List<JobFile.Test> tests = new ArrayList<>();
        for (TestRow t : job.tests()) {
            tests.add(new JobFile.Test(
                    t.kind().code(),
                    t.speed(),
                    t.typed(),
                    whole.get(t.id()).input(),
                    whole.get(t.id()).result(),
                    t.simulated(),
                    t.origin().code(),
                    t.originNote(),
                    t.appliedV().orElse(null),
                    t.instrument().map(InstrumentRow::name).orElse(null),
                    t.instrument().flatMap(InstrumentRow::kind).map(Coded::code).orElse(null),
                    t.instrument().map(InstrumentRow::calibrationDue).orElse(null),
                    reasons.getOrDefault(t.key(), ""),
                    t.by(),
                    t.at(),
                    judged.get(t.kind().step(t.speed()) + " " + JobClock.seconds(t.at()))));
            reasons.put(t.key(), t.supersededBecause().orElse(""));
        }
        return tests;
    }

    private static JobFile.Test.Judged said(Judgement word) {
        return new JobFile.Test.Judged(word.verdict().code(), word.headline(), word.because());
    }

    /**
     * Takes a job in under its own tag, or under a new one where the house has that tag already; every result is computed anew.
     *
     * @return the tag it stands under
     * @throws InvalidInputException when anything in the file is not what the product would have written
     */
    @Transactional
    public String read(JobFile file, ChangeContext hand) {
        JobFileCheck.check(file, hand.at());
        JobFile.Job told = file.job();
        JobIntake receipt = receipt(told);
        receipt.check(told.receivedAt());
        long customer = customers.findOrAdd(told.customer());
        file.contacts().forEach(c -> customers.addContact(customer, c));
        String tag = store.taken(told.tag()) ? store.nextTag(settings.current().tagPrefix()) : told.tag();
        JobRow row = receipt.row(tag, customer, new ChangeContext(hand.person(), told.receivedAt()));
        long id = store.insert(row.receivedBy(told.receivedBy(), told.simulatedMotor(), told.mark()));
        fill(id, file);
        store.setDown(id, told.setDown());
        store.waiting(id, told.waiting());
        store.left(id, told.left());
        closed.elsewhere(id);
        journal.write(
                id,
                hand.name(),
                hand.at(),
                "taken in from a file",
                null,
                Map.of("from", file.shop(), "tag", told.tag(), "written", file.exportedAt()));
        try {
            JobViews.of(book.summarise(tag));
        } catch (RuntimeException unreadable) {
            throw refusal("", "The record in the file contradicts itself and cannot be read as a job");
        }
        return tag;
    }

    private void fill(long id, JobFile file) {
        for (JobFile.Sheet s : file.sheets()) {
            SheetKind kind = Coded.parse(SheetKind.class, s.kind()).orElseThrow();
            store.writeSheet(id, kind, 1, s.typed(), true, s.by(), s.at());
        }
        for (JobFile.Test t : file.tests()) {
            TestKind kind = TestKinds.named(t.kind()).orElseThrow();
            Record input = RecordReader.read(kind.inputType(), t.input());
            String because = t.because().isBlank() ? "as in the file" : t.because();
            testStore.addTest(
                    id,
                    new TestStore.NewTest(
                            kind,
                            t.speedNumber(),
                            t.typed(),
                            input,
                            kind.judge(input, book.rules()).result(),
                            // Whatever a file says of itself, here it is history from elsewhere.
                            Origin.FILE,
                            t.simulated() ? "simulated there" : "",
                            Optional.ofNullable(t.appliedV()),
                            Optional.ofNullable(t.instrument())
                                    .map(name -> new InstrumentRow(name, instrumentKind(t), t.calibrationDue())),
                            because,
                            t.by(),
                            t.at(),
                            Optional.empty(),
                            false));
        }
        for (JobFile.Event e : file.events()) {
            events.add(id, Coded.parse(EventKind.class, e.kind()).orElseThrow(), e.detail(), true, e.by(), e.at());
        }
    }

    private static Optional<InstrumentKind> instrumentKind(JobFile.Test t) {
        return Optional.ofNullable(t.instrumentKind()).flatMap(k -> Coded.parse(InstrumentKind.class, k));
    }

    private static JobIntake receipt(JobFile.Job told) {
        return new JobIntake(
                told.customer(),
                told.machine(),
                told.complaint(),
                told.supply(),
                told.urgency(),
                told.outageCostPerHour() == null ? "" : told.outageCostPerHour().toPlainString(),
                told.mark(),
                told.urgency() != null
                                && told.urgency().equals("rush")
                                && told.askedBy().isBlank()
                        ? "not told"
                        : told.askedBy(),
                Optional.empty(),
                told.promisedAt());
    }

    private static InvalidInputException refusal(String field, String message) {
        return new InvalidInputException(List.of(new Problem(field, Problem.Code.CONTRADICTION, message)));
    }
}
