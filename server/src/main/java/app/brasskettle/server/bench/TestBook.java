package app.brasskettle.server.bench;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.surge.EarlierTraces;
import app.brasskettle.core.testkind.RecordFacts;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.winding.WindingResult;
import app.brasskettle.core.withstand.WithstandRecord;
import app.brasskettle.core.work.WindingState;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.server.calibration.InstrumentStore;
import app.brasskettle.server.calibration.ShopInstrument;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventStore;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.JobStore;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.jobs.Written;
import app.brasskettle.server.runs.RunRow;
import app.brasskettle.server.runs.RunStore;
import app.brasskettle.server.settings.SettingsStore;
import app.brasskettle.server.testrecord.InstrumentRow;
import app.brasskettle.server.testrecord.TestRow;
import app.brasskettle.server.testrecord.TestStore;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tests as they stand on a job, and at earlier visits of its motor. */
@Service
public class TestBook {

    private static final int MAX_EARLIER = 5;

    private final EventStore events;
    private final JobBook book;
    private final JobStore store;
    private final TestStore tests;
    private final RunStore runs;
    private final InstrumentStore instruments;
    private final SettingsStore settings;

    TestBook(
            EventStore events,
            JobBook book,
            JobStore store,
            TestStore tests,
            RunStore runs,
            InstrumentStore instruments,
            SettingsStore settings) {
        this.events = events;
        this.book = book;
        this.store = store;
        this.tests = tests;
        this.runs = runs;
        this.instruments = instruments;
        this.settings = settings;
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
     * @param correction true where it corrects a typing error of the reading that stands and is no new one
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
            double pace,
            boolean correction) {

        /** A test that a stand-in read at the first speed. */
        public static Test simulated(
                TestKind kind, Map<String, Object> typed, Record input, Optional<Double> appliedV, String because) {
            return new Test(
                    kind, 1, typed, input, appliedV, Optional.empty(), true, Optional.empty(), because, 1, false);
        }
    }

    /**
     * Records a test, superseding the one that stood, together with the time it held voltage on the winding.
     *
     * @param tag the job
     * @param test what was read
     * @param by who records it
     * @throws InvalidInputException when it does not fit the motor, the instrument or the record
     * @throws RefusedException when its gate does not allow it and it is not entered as taken before
     */
    public ReadJob add(String tag, Test test, ChangeContext by) {
        return add(tag, by, job -> test);
    }

    /** The same for a test whose readings the record completes: the job is loaded once for both. */
    @Transactional
    public ReadJob add(String tag, ChangeContext by, Function<RecordedJob, Test> told) {
        return book.change(tag, by, job -> {
            Test test = told.apply(job);
            long jobId = job.row().id();
            Optional<RunRow> run = test.correction() ? Optional.empty() : TestEntry.run(job, test);
            TestEntry entry = new TestEntry(job, test, run, test.instrument().map(this::reading), settings.current());
            entry.check(JobClock.seconds(by.at()), by.person());
            Optional<EarlierTraces> earlier =
                    entry.wantsEarlierTraces() ? new Visits(book).traces(job.row(), test.speed()) : Optional.empty();
            long id = tests.addTest(jobId, entry.row(by, earlier));
            run.ifPresent(r -> runs.use(r.id(), id));
            double seconds = test.correction() ? 0 : entry.voltageSeconds();
            if (seconds > 0) {
                Map<String, Object> applied = Map.of(
                        "seconds",
                        seconds,
                        "pace",
                        test.pace(),
                        "test",
                        test.kind().code());
                events.add(jobId, EventKind.VOLTAGE_APPLIED, applied, by.name(), by.at());
            }
            return new Written(
                    "tested " + TestRow.key(test.kind(), test.speed()), null, read -> entry.journalled(id, read));
        });
    }

    /** The instrument of the shop's list, as it stood when it read. */
    private InstrumentRow reading(long id) {
        ShopInstrument instrument = instruments
                .find(id)
                .filter(i -> !i.retired())
                .orElseThrow(() -> new InvalidInputException(List.of(new Problem(
                        "instrument", Problem.Code.UNKNOWN, "instrument " + id + " is none of the shop's in use"))));
        return new InstrumentRow(instrument.name(), instrument.kind(), instrument.calibrationDue());
    }

    /** Readings of the test that stands. */
    @Transactional(readOnly = true)
    public Optional<Record> standingInput(String tag, TestKind kind, int speed) {
        return book.recorded(tag).standing(kind, speed).map(this::input);
    }

    private Record input(TestRow row) {
        return RecordReader.read(
                row.kind().inputType(),
                tests.whole(List.of(row.id())).get(row.id()).input());
    }

    /** Readings of an earlier stay of the same motor. */
    public record Earlier(String tag, OffsetDateTime at, Record input) {}

    /** The readings of this test at earlier visits of the same motor, newest first, at most five. */
    @Transactional(readOnly = true)
    public List<Earlier> earlier(String tag, TestKind kind, int speed) {
        return before(tag)
                .flatMap(job -> job.standing(kind, speed).stream()
                        .map(t -> new Earlier(job.row().tag(), t.at(), input(t))))
                .limit(MAX_EARLIER)
                .toList();
    }

    /** A test of an earlier stay as it stands there. */
    public record EarlierJudged(String tag, OffsetDateTime at, Verdict verdict, String headline) {}

    /** What stands of this test at earlier visits of the same motor, newest first, at most five. */
    @Transactional(readOnly = true)
    public List<EarlierJudged> earlierJudged(String tag, TestKind kind, int speed) {
        return before(tag)
                .flatMap(job -> job.judged().standing(kind, speed).stream()
                        .map(t -> new EarlierJudged(
                                job.row().tag(),
                                job.standing(kind, speed).orElseThrow().at(),
                                t.verdict(),
                                t.effective().headline())))
                .limit(MAX_EARLIER)
                .toList();
    }

    /** Lists earlier visits of the same motor, newest first. */
    private Stream<RecordedJob> before(String tag) {
        return new Visits(book).before(book.recorded(tag).row());
    }

    /** The test that stands at {@code step}, with its effective judgement. */
    @Transactional(readOnly = true)
    public Optional<JudgedTest> standingTest(String tag, String step) {
        return book.recorded(tag).judged().atStep(step);
    }

    /** Reads what the record answers to a test, so that nobody is asked. */
    static RecordFacts facts(RecordedJob job) {
        WindingState winding = job.record().timeline().winding();
        return new RecordFacts(
                winding.state(),
                job.record().timeline().openedHere(),
                job.judged()
                        .current(WindingTests.WITHSTAND_RECORD, 1)
                        .filter(t -> t.verdict() == Verdict.HOLDS)
                        .filter(t -> ((WithstandRecord) t.test().input()).state() == winding.state())
                        .isPresent(),
                job.record().winding().result().map(WindingResult::currentDensityAPerMm2),
                JobAssessment.designed(job.record()).map(WindingData::spanSlots),
                job.record().rules());
    }
}
