package app.brasskettle.server.clock;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;

/**
 * Time as the core counts it: seconds of the epoch, by the clock of the database, so that servers whose own clocks differ agree
 * how long a winding has been discharging. Between two looks at the database the machine's monotonic clock carries it on, which no
 * change of the date can move.
 */
public final class JobClock {

    /** The database's time at a moment of the monotonic clock. */
    private record Mark(OffsetDateTime at, long nanos) {}

    private static volatile Mark mark = new Mark(OffsetDateTime.now(ZoneOffset.UTC), System.nanoTime());

    private JobClock() {}

    /** Converts a time to seconds of the epoch. */
    public static double seconds(OffsetDateTime at) {
        return at.toEpochSecond() + at.getNano() / 1e9;
    }

    /** Reads the time by the database's clock. */
    public static OffsetDateTime now() {
        Mark last = mark;
        return last.at().plus(Duration.ofNanos(System.nanoTime() - last.nanos()));
    }

    static void set(OffsetDateTime databaseTime, long nanos) {
        mark = new Mark(databaseTime, nanos);
    }
}
