package app.brasskettle.server.clock;

import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;

/**
 * Time as the core counts it: seconds of the epoch, by the clock of the database, so that servers whose own clocks differ agree
 * how long a winding has been discharging. Between two looks at the database the machine's monotonic clock carries it on, which no
 * change of the date can move. It never goes back, so that what was done later never stands before what was done earlier.
 */
public final class JobClock {

    /**
     * A jump forward of the database's clock: time that did not pass.
     *
     * @param at when it was noticed, by the clock after it, seconds of the epoch
     * @param seconds by how much
     */
    record Jump(double at, double seconds) {}

    private record State(ClockMark mark, List<Jump> jumps) {}

    private static volatile State state =
            new State(new ClockMark(OffsetDateTime.now(ZoneOffset.UTC), System.nanoTime(), 0), List.of());

    private JobClock() {}

    /** Converts a time to seconds of the epoch. */
    public static double seconds(OffsetDateTime at) {
        return at.toEpochSecond() + at.getNano() / 1e9;
    }

    /** Reads the record's time. */
    public static OffsetDateTime now() {
        return state.mark().now(System.nanoTime());
    }

    /**
     * A moment on the scale of now: later by what the clock jumped since, so that from it to now is the time that really passed.
     *
     * @param at seconds of the epoch as it was written
     */
    public static double waited(double at) {
        return waited(at, state.jumps());
    }

    static double waited(double at, List<Jump> jumps) {
        return at
                + jumps.stream()
                        .filter(j -> j.at() > at)
                        .mapToDouble(Jump::seconds)
                        .sum();
    }

    static ClockMark.Seen seen(OffsetDateTime database, long nanos) {
        return state.mark().seen(database, nanos);
    }

    static void set(ClockMark mark, List<Jump> jumps) {
        state = new State(mark, jumps);
    }
}
