package app.brasskettle.server.jobs;

import java.time.OffsetDateTime;
import java.time.ZoneOffset;

/** Time as the core counts it: seconds of the epoch. */
final class JobClock {

    private JobClock() {}

    static double seconds(OffsetDateTime at) {
        return at.toEpochSecond() + at.getNano() / 1e9;
    }

    static OffsetDateTime now() {
        return OffsetDateTime.now(ZoneOffset.UTC);
    }
}
