package app.brasskettle.server.jobs;

import app.brasskettle.core.jobs.FurtherTest;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.withstand.WithstandRecord;
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
        return book.recorded(tag).standing(kind, speed).map(t -> RecordReader.read(kind.type(), t.input()));
    }

    /** Readings of an earlier stay of the same motor. */
    public record Earlier(String tag, OffsetDateTime at, Record input) {}

    /** The readings of this test at earlier stays of the same motor, newest first, at most five. */
    @Transactional(readOnly = true)
    public List<Earlier> earlier(String tag, TestKind kind, int speed) {
        return before(tag)
                .flatMap(job -> job.standing(kind, speed).stream()
                        .map(t -> new Earlier(job.row.tag(), t.at(), RecordReader.read(kind.type(), t.input()))))
                .limit(MOST_EARLIER)
                .toList();
    }

    /** A test of an earlier stay as it was judged then. */
    public record EarlierJudged(String tag, OffsetDateTime at, Verdict verdict, String headline) {}

    /** What was said of this test at earlier stays of the same motor, newest first, at most five. */
    @Transactional(readOnly = true)
    public List<EarlierJudged> earlierJudged(String tag, TestKind kind, int speed) {
        return before(tag)
                .flatMap(job -> job.standing(kind, speed).stream()
                        .map(t -> new EarlierJudged(
                                job.row.tag(), t.at(), Ledger.verdict(t.result()), Ledger.headline(t))))
                .limit(MOST_EARLIER)
                .toList();
    }

    /** Earlier stays of the same motor, newest first. */
    private Stream<RecordedJob> before(String tag) {
        JobRow row = store.byTag(tag)
                .orElseThrow(() -> RefusedException.unknown("There is no job " + tag + " in this shop"));
        return store.byMark(row.mark()).stream()
                .filter(other -> !other.equals(tag))
                .map(book::recorded)
                .filter(job -> job.row.receivedAt().isBefore(row.receivedAt()));
    }

    /** A test as it stands at a step: when it was taken, seconds of the epoch, and what was said of it then. */
    public record Standing(double at, String headline) {}

    /** The test that stands at {@code step}; the tester's proof is none that could be overruled. */
    @Transactional(readOnly = true)
    public Optional<Standing> standingTest(String tag, String step) {
        return book.recorded(tag).tests.stream()
                .filter(t -> t.stands() && t.kind() != TestKind.TESTER_PROOF)
                .filter(t -> t.kind().step(t.speed()).equals(step))
                .findFirst()
                .map(t -> new Standing(JobClock.seconds(t.at()), Ledger.headline(t)));
    }

    /** The withstand test that this winding, as it is now, stood already. */
    @Transactional(readOnly = true)
    public Optional<WithstandRecord> stoodWithstand(String tag) {
        RecordedJob job = book.recorded(tag);
        double worked = job.record().worked().orElse(Double.NEGATIVE_INFINITY);
        boolean stood = job.record().further().stream()
                .anyMatch(t -> t.kind() == FurtherTest.Kind.WITHSTAND_RECORD
                        && t.judgement().verdict() == Verdict.HOLDS
                        && t.at() > worked);
        return job.taken(TestKind.WITHSTAND_RECORD, WithstandRecord.class)
                .filter(t -> stood)
                .map(JobRecord.Taken::result);
    }
}
