package app.brasskettle.core.release;

import app.brasskettle.core.handwork.HandLog;
import java.util.List;
import java.util.Optional;

/**
 * What is on record of a motor's way out.
 *
 * @param hands items looked at, and signatures
 * @param disposal what happens to a motor that is replaced
 * @param advice what the customer is told about the cause, as it was concluded
 * @param earlier the same motor as it left proved before
 * @param receivedAt when it came in this time, seconds of the epoch
 */
public record ReleaseRecord(
        HandLog hands,
        Optional<Disposal> disposal,
        List<String> advice,
        Optional<EarlierRelease> earlier,
        double receivedAt) {

    public ReleaseRecord {
        advice = List.copyOf(advice);
    }

    /** A motor that is not on its way out. */
    public static ReleaseRecord none() {
        return new ReleaseRecord(
                HandLog.empty(), Optional.empty(), List.of(), Optional.empty(), Double.NEGATIVE_INFINITY);
    }
}
