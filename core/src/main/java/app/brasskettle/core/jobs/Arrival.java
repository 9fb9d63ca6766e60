package app.brasskettle.core.jobs;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * A motor as it came through the door.
 *
 * @param shaft what turning it by hand showed
 * @param signs what complaint, eye, ear and nose give as evidence
 * @param auxiliaries what a high voltage would harm: heaters, thermistors, brake, encoder, capacitors, arresters, drive
 * @param missing parts that are missing or loose, in words
 * @param circumstances how it was used and what happened
 * @param handover its weight, how it sat, what it was exposed to, what leave there is
 */
public record Arrival(
        ShaftState shaft,
        List<Evidence> signs,
        List<Auxiliary> auxiliaries,
        Optional<String> missing,
        Optional<Circumstances> circumstances,
        Optional<Handover> handover) {

    /** What turning the shaft by hand showed. */
    public enum ShaftState implements Coded {
        FREE,
        PLAY,
        BINDS,
        NOT_TRIED
    }

    /** What hangs on a winding or beside it and a high voltage would harm. */
    public enum Auxiliary implements Coded {
        THERMISTORS,
        RESISTANCE_THERMOMETERS,
        SPACE_HEATERS,
        BRAKE,
        ENCODER,
        CAPACITORS,
        ARRESTERS,
        DRIVE
    }

    public Arrival {
        signs = Problems.copy(signs);
        auxiliaries = Problems.copy(auxiliaries);
        missing = Problems.orEmpty(missing);
        circumstances = Problems.orEmpty(circumstances);
        handover = Problems.orEmpty(handover);
        Problems problems = new Problems();
        problems.present("shaft", shaft);
        if (problems.size("signs", signs, 0, 100)) {
            problems.distinct(signs, i -> "signs[" + i + "]");
        }
        if (problems.size("auxiliaries", auxiliaries, 0, 20)) {
            problems.distinct(auxiliaries, i -> "auxiliaries[" + i + "]");
        }
        problems.throwIfAny();
    }

    Optional<Boolean> turnsFreely() {
        return switch (shaft) {
            case FREE, PLAY -> Optional.of(true);
            case BINDS -> Optional.of(false);
            case NOT_TRIED -> Optional.empty();
        };
    }
}
