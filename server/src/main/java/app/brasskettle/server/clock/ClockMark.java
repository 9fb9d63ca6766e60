package app.brasskettle.server.clock;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Optional;

/**
 * The record's time at a moment of the machine's monotonic clock, and how it goes on from there: never back, whatever the database's
 * clock does. Where that clock was set back, the record's time goes slower until both are level again.
 *
 * @param at the record's time
 * @param nanos the monotonic clock then
 * @param aheadNanos how far the record is ahead of the database's clock; 0 where both are level
 */
record ClockMark(OffsetDateTime at, long nanos, long aheadNanos) {

    /** A clock that is further forward than this was set; less is what two clocks and a network differ by. */
    static final Duration JUMP = Duration.ofSeconds(2);

    /** While it is ahead it goes at nine tenths. */
    private static final int SLOWER = 10;

    /** What a look at the database's clock brings: the mark from then on, and by how much that clock was put forward, if it was. */
    record Seen(ClockMark mark, Optional<Duration> jump) {}

    OffsetDateTime now(long nanosNow) {
        long passed = Math.max(0, nanosNow - nanos);
        return at.plusNanos(passed - Math.min(aheadNanos, passed / SLOWER));
    }

    Seen seen(OffsetDateTime database, long nanosNow) {
        OffsetDateTime here = now(nanosNow);
        Duration ahead = Duration.between(database, here);
        if (database.isBefore(here)) {
            return new Seen(new ClockMark(here, nanosNow, ahead.toNanos()), Optional.empty());
        }
        Duration forward = ahead.negated();
        return new Seen(
                new ClockMark(database, nanosNow, 0), Optional.of(forward).filter(f -> f.compareTo(JUMP) > 0));
    }
}
