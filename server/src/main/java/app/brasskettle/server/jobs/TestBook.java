package app.brasskettle.server.jobs;

import app.brasskettle.core.jobs.FurtherTest;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.withstand.WithstandRecord;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.server.problems.RefusedException;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
        JobRow row = store.byTag(tag)
                .orElseThrow(() -> RefusedException.unknown("There is no job " + tag + " in this shop"));
        List<Earlier> earlier = new ArrayList<>();
        for (String other : store.byMark(row.mark())) {
            RecordedJob job = book.recorded(other);
            if (!other.equals(tag)
                    && earlier.size() < MOST_EARLIER
                    && job.row.receivedAt().isBefore(row.receivedAt())) {
                job.standing(kind, speed)
                        .ifPresent(t ->
                                earlier.add(new Earlier(other, t.at(), RecordReader.read(kind.type(), t.input()))));
            }
        }
        return earlier;
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
