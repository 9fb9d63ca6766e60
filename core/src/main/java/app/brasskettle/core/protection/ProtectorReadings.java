package app.brasskettle.core.protection;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * A thermal protector as tested.
 *
 * @param kind what it is
 * @param state how it was found
 * @param coldOhm resistance cold, where it was read
 * @param standIn external protection that stands in for a failed one, in words
 * @param relabelled true when the motor was marked accordingly
 */
public record ProtectorReadings(
        Kind kind, State state, Optional<Double> coldOhm, Optional<String> standIn, Optional<Boolean> relabelled) {

    /** What it is. */
    public enum Kind implements Coded {
        AUTOMATIC,
        MANUAL_RESET,
        THERMISTORS,
        THERMOSTATS,
        RESISTANCE_THERMOMETERS
    }

    /** How it was found. */
    public enum State implements Coded {
        WORKS,
        OPEN,
        SHORTED,
        COMES_AND_GOES,
        REMOVED
    }

    private static final int LONGEST = 200;

    public ProtectorReadings {
        coldOhm = Problems.orEmpty(coldOhm);
        standIn = Problems.orEmpty(standIn).filter(s -> !s.isBlank());
        relabelled = Problems.orEmpty(relabelled);
        Problems problems = new Problems();
        problems.present("kind", kind);
        problems.present("state", state);
        coldOhm.ifPresent(r -> problems.positive("coldOhm", r, "Ω"));
        standIn.filter(s -> s.length() > LONGEST)
                .ifPresent(s ->
                        problems.add("standIn", Problem.Code.RANGE, "standIn has at most " + LONGEST + " characters"));
        problems.throwIfAny();
    }
}
