package app.brasskettle.core.withstand;

import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * A withstand test as it was made.
 *
 * @param ratedVoltageV line voltage
 * @param ratedPowerW shaft power, which lowers the level of small machines under 100 V
 * @param state how new the winding is
 * @param school whose level was aimed at
 * @param repeat true when a full-level test of this winding is on record
 * @param supply what kind of voltage stood on it
 * @param appliedVoltageV that voltage, rms where it alternates
 * @param heldSeconds how long it was held, to the end or to the breakdown
 * @param brokeDown true when the set tripped
 * @param microamp leakage at the end, where it was read
 */
public record WithstandRecord(
        double ratedVoltageV,
        Optional<Double> ratedPowerW,
        SurgeLevel.State state,
        WithstandQuestion.School school,
        boolean repeat,
        Supply supply,
        double appliedVoltageV,
        double heldSeconds,
        boolean brokeDown,
        Optional<Double> microamp) {

    /** Kind of voltage. */
    public enum Supply implements Coded {
        ALTERNATING,
        DIRECT
    }

    private static final double MAX_S = 3600;

    public WithstandRecord {
        ratedPowerW = Problems.orEmpty(ratedPowerW);
        microamp = Problems.orEmpty(microamp);
        Problems problems = new Problems();
        problems.positive("ratedVoltageV", ratedVoltageV, "V");
        ratedPowerW.ifPresent(w -> problems.positive("ratedPowerW", w, "W"));
        problems.present("state", state);
        problems.present("school", school);
        problems.present("supply", supply);
        problems.positive("appliedVoltageV", appliedVoltageV, "V");
        problems.aboveTo("heldSeconds", heldSeconds, 0, MAX_S, "s");
        microamp.ifPresent(m -> problems.notNegative("microamp", m, "µA"));
        problems.throwIfAny();
    }
}
