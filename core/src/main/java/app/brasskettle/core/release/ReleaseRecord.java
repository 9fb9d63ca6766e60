package app.brasskettle.core.release;

import app.brasskettle.core.handwork.HandLog;
import app.brasskettle.core.signature.RecordMarks;
import app.brasskettle.core.signature.Signed;
import app.brasskettle.core.signature.Topic;
import java.util.List;
import java.util.Optional;

/**
 * What is on record of a motor's way out.
 *
 * @param hands items looked at, and signatures
 * @param signed signatures with the record each was given for, in the order they were given
 * @param marks the record as it stands
 * @param disposal what happens to a motor that is replaced
 * @param advice what the customer is told about the cause, as it was concluded
 * @param earlier the same motor as it left proved before
 * @param receivedAt when it came in this time, seconds of the epoch
 */
public record ReleaseRecord(
        HandLog hands,
        List<Signed> signed,
        RecordMarks marks,
        Optional<Disposal> disposal,
        List<String> advice,
        Optional<EarlierRelease> earlier,
        double receivedAt) {

    public ReleaseRecord {
        advice = List.copyOf(advice);
        signed = List.copyOf(signed);
    }

    /** Lists the signatures that still stand for the record as it is. */
    public List<Signed> standing() {
        return signed.stream()
                .filter(s -> s.ended(marks, Topic.ofRelease()).isEmpty())
                .toList();
    }

    /** Says of each signature that no longer stands who gave it and what ended it. */
    public List<String> ended() {
        return signed.stream()
                .flatMap(s -> s.ended(marks, Topic.ofRelease()).stream().map(why -> "Signed by " + s.by() + "; " + why))
                .toList();
    }

    /** A motor that is not on its way out. */
    public static ReleaseRecord none() {
        return new ReleaseRecord(
                HandLog.empty(),
                List.of(),
                RecordMarks.none(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Double.NEGATIVE_INFINITY);
    }
}
