package app.brasskettle.server.clock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The record's time under whatever the database's clock does. */
class ClockMarkTest {

    private static final OffsetDateTime START = OffsetDateTime.parse("2027-03-02T08:00:00Z");
    private static final long SECOND = 1_000_000_000L;

    private static double between(OffsetDateTime a, OffsetDateTime b) {
        return Duration.between(a, b).toNanos() / 1e9;
    }

    @Test
    void goesWithTheDatabaseWhereThatGoesRight() {
        ClockMark mark = new ClockMark(START, 0, 0);
        ClockMark.Seen seen = mark.seen(START.plusSeconds(30), 30 * SECOND);
        assertThat(seen.jump()).isEmpty();
        assertThat(seen.mark().now(31 * SECOND)).isEqualTo(START.plusSeconds(31));
    }

    @Test
    void aClockPutForwardIsBelievedAndTold() {
        ClockMark.Seen seen = new ClockMark(START, 0, 0).seen(START.plusSeconds(30 + 3600), 30 * SECOND);
        assertThat(seen.jump()).contains(Duration.ofHours(1));
        assertThat(seen.mark().now(30 * SECOND)).isEqualTo(START.plusSeconds(3630));
    }

    @Test
    void aClockSetBackIsWaitedForAtNineTenths() {
        ClockMark mark =
                new ClockMark(START, 0, 0).seen(START.minusSeconds(600), 0).mark();
        assertThat(mark.now(0)).isEqualTo(START);
        assertThat(mark.now(100 * SECOND)).isEqualTo(START.plusSeconds(90));
        // Level after 6,000 s, and from then on as fast as any clock.
        assertThat(mark.now(6000 * SECOND)).isEqualTo(START.plusSeconds(5400));
        assertThat(mark.now(7000 * SECOND)).isEqualTo(START.plusSeconds(6400));
    }

    /** Clocks that are put forward and back by chance: the record's never goes back, and never waits less than really passed. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void neverGoesBackAndNothingIsWaitedForTooShort(int seed) {
        Random random = new Random(seed);
        ClockMark mark = new ClockMark(START, 0, 0);
        List<JobClock.Jump> jumps = new ArrayList<>();
        OffsetDateTime last = START;
        OffsetDateTime database = START;
        long nanos = 0;
        // Steps forward that are too small to be called jumps.
        double small = 0;
        double[] writtenAt = new double[400];
        double[] reallyAt = new double[400];
        for (int i = 0; i < writtenAt.length; i++) {
            long passed = (1 + random.nextInt(60)) * SECOND;
            nanos += passed;
            database = database.plusNanos(passed);
            if (random.nextInt(10) == 0) {
                database = database.plusSeconds(random.nextInt(20_000) - 10_000);
            }
            double step = between(mark.now(nanos), database);
            ClockMark.Seen seen = mark.seen(database, nanos);
            small += seen.jump().isEmpty() ? Math.max(0, step) : 0;
            mark = seen.mark();
            OffsetDateTime at = database;
            Optional<Duration> jump = seen.jump();
            jump.ifPresent(j -> jumps.add(new JobClock.Jump(JobClock.seconds(at), j.toNanos() / 1e9)));
            OffsetDateTime now = mark.now(nanos);
            assertThat(now).isAfterOrEqualTo(last);
            last = now;
            writtenAt[i] = JobClock.seconds(now);
            reallyAt[i] = nanos / 1e9;
            for (int earlier = 0; earlier <= i; earlier += 17) {
                double shown = writtenAt[i] - JobClock.waited(writtenAt[earlier], jumps);
                assertThat(shown).isLessThanOrEqualTo(reallyAt[i] - reallyAt[earlier] + 1e-3 + small);
            }
        }
        assertThat(jumps).isNotEmpty();
        assertThat(small).as("steps that hide").isLessThan(10);
    }
}
