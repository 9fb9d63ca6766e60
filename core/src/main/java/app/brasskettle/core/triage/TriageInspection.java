package app.brasskettle.core.triage;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * A minute's look at a motor nobody knows.
 *
 * @param mark what is chalked on it
 * @param shaft how it turns
 * @param ratedVoltageV line voltage, where the plate still says; 400 V is taken otherwise
 * @param megohm insulation to frame after ten seconds, one figure per lead or one for all
 * @param ring how the leads ring through
 * @param eye what is seen or smelt
 */
public record TriageInspection(
        String mark,
        Shaft shaft,
        Optional<Double> ratedVoltageV,
        List<Double> megohm,
        Ring ring,
        Optional<List<Sight>> eye) {

    /** How a shaft turns. */
    public enum Shaft implements Coded {
        FREE,
        ROUGH,
        BINDS
    }

    /** How leads ring through. */
    public enum Ring implements Coded {
        /** In sets that make sense. */
        SETS,
        /** A set is odd: a lead too few or too many. */
        ODD,
        /** One of them rings to nothing. */
        OPEN
    }

    /** What is seen or smelt. */
    public enum Sight implements Coded {
        BURNT,
        WET,
        DIRTY,
        BROKEN
    }

    private static final int MAX_LEADS = 24;
    private static final int MAX_MARK = 40;

    public TriageInspection {
        ratedVoltageV = Problems.orEmpty(ratedVoltageV);
        megohm = Problems.copy(megohm);
        eye = Problems.orEmpty(eye).map(Problems::copy);
        Problems problems = new Problems();
        if (problems.name("mark", mark) && mark.length() > MAX_MARK) {
            problems.add("mark", Problem.Code.RANGE, "mark has at most " + MAX_MARK + " characters");
        }
        problems.present("shaft", shaft);
        ratedVoltageV.ifPresent(v -> problems.positive("ratedVoltageV", v, "V"));
        if (problems.size("megohm", megohm, 1, MAX_LEADS)) {
            for (int i = 0; i < megohm.size(); i++) {
                problems.notNegative("megohm[" + i + "]", megohm.get(i), "MΩ");
            }
        }
        problems.present("ring", ring);
        eye.ifPresent(e -> problems.size("eye", e, 0, Sight.values().length));
        problems.throwIfAny();
    }
}
