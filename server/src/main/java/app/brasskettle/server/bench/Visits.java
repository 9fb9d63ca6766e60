package app.brasskettle.server.bench;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.surge.EarlierTraces;
import app.brasskettle.core.surge.SurgeOutcome;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.server.jobrecord.JobRow;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobs.JobBook;
import java.util.Optional;
import java.util.stream.Stream;

/** Earlier visits of the same motor. */
final class Visits {

    private final JobBook book;

    Visits(JobBook book) {
        this.book = book;
    }

    /** Lists the visits before the one of {@code row}, newest first. */
    Stream<RecordedJob> before(JobRow row) {
        return book.visits(row.mark()).stream()
                .filter(job -> job.row().id() != row.id())
                .filter(job -> job.row().receivedAt().isBefore(row.receivedAt()));
    }

    /**
     * Finds the traces that speak for the winding as it ran since: of the newest visit that has any, the rotor out, not stopped, of
     * the winding that left.
     */
    Optional<EarlierTraces> traces(JobRow row, int speed) {
        for (RecordedJob job : before(row).toList()) {
            Optional<EarlierTraces> traces = job.judged()
                    .current(WindingTests.SURGE_COMPARISON, speed)
                    .filter(t -> job.row().left().isPresent() && spoke(t))
                    .map(t -> new EarlierTraces(
                            job.row().tag(), (SurgeSet) t.test().input()));
            boolean newThen = job.record().timeline().winding().since() > Double.NEGATIVE_INFINITY;
            if (traces.isPresent() || newThen) {
                // Before a winding was made there is nothing that could speak for it.
                return traces;
            }
        }
        return Optional.empty();
    }

    private static boolean spoke(JudgedTest test) {
        boolean whole = test.result(SurgeOutcome.class)
                .filter(o ->
                        o.finding() == SurgeOutcome.Finding.ALIKE || o.finding() == SurgeOutcome.Finding.UNLIKE_COILS)
                .isPresent();
        return whole
                && test.test().origin() == Origin.HERE
                && !((SurgeSet) test.test().input()).rotorFitted();
    }
}
