package app.brasskettle.server.jobs;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.withstand.WithstandRecord;
import app.brasskettle.core.work.WindingState;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.server.problems.RefusedException;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tests as they stand on a job, and at earlier stays of its motor. */
@Service
public class TestBook {

    private static final int MOST_EARLIER = 5;

    private final JobBook book;
    private final JobStore store;

    TestBook(JobBook book, JobStore store) {
        this.book = book;
        this.store = store;
    }

    /** Readings of the test that stands. */
    @Transactional(readOnly = true)
    public Optional<Record> standingInput(String tag, TestKind kind, int speed) {
        return book.recorded(tag).standing(kind, speed).map(TestBook::input);
    }

    private static Record input(JobRow.TestRow row) {
        return RecordReader.read(row.kind().inputType(), row.input());
    }

    /** Readings of an earlier stay of the same motor. */
    public record Earlier(String tag, OffsetDateTime at, Record input) {}

    /** The readings of this test at earlier stays of the same motor, newest first, at most five. */
    @Transactional(readOnly = true)
    public List<Earlier> earlier(String tag, TestKind kind, int speed) {
        return before(tag)
                .flatMap(job ->
                        job.standing(kind, speed).stream().map(t -> new Earlier(job.row.tag(), t.at(), input(t))))
                .limit(MOST_EARLIER)
                .toList();
    }

    /** A test of an earlier stay as it stands there. */
    public record EarlierJudged(String tag, OffsetDateTime at, Verdict verdict, String headline) {}

    /** What stands of this test at earlier stays of the same motor, newest first, at most five. */
    @Transactional(readOnly = true)
    public List<EarlierJudged> earlierJudged(String tag, TestKind kind, int speed) {
        return before(tag)
                .flatMap(job -> job.judged().standing(kind, speed).stream()
                        .map(t -> new EarlierJudged(
                                job.row.tag(),
                                job.standing(kind, speed).orElseThrow().at(),
                                t.verdict(),
                                t.effective().headline())))
                .limit(MOST_EARLIER)
                .toList();
    }

    /** Earlier stays of the same motor, newest first. */
    private Stream<RecordedJob> before(String tag) {
        JobRow row = store.byTag(tag)
                .orElseThrow(() -> RefusedException.unknown("There is no job " + tag + " in this shop"));
        return new Visits(store, book::recorded).before(row);
    }

    /** The test that stands at {@code step}, with its effective judgement. */
    @Transactional(readOnly = true)
    public Optional<JudgedTest> standingTest(String tag, String step) {
        return book.recorded(tag).judged().atStep(step);
    }

    /** The state of the winding on record, and the withstand test that it, as it is now, stood already. */
    @Transactional(readOnly = true)
    public Winding winding(String tag) {
        RecordedJob job = book.recorded(tag);
        WindingState winding = job.record().timeline().winding();
        return new Winding(
                winding.state(),
                winding.opened(),
                job.judged()
                        .current(WindingTests.WITHSTAND_RECORD, 1)
                        .filter(t -> t.verdict() == Verdict.HOLDS)
                        .map(t -> (WithstandRecord) t.test().input()));
    }

    /**
     * The winding as the record has it.
     *
     * @param state how new it is
     * @param opened whether the motor was worked on here
     * @param stood the withstand test that it, as it is now, stood already
     */
    public record Winding(SurgeLevel.State state, boolean opened, Optional<WithstandRecord> stood) {}
}
