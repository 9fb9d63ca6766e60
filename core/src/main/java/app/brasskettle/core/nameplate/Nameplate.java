package app.brasskettle.core.nameplate;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * One rating block of a nameplate.
 *
 * @param phases 1 or 3
 * @param frequencyHz supply frequency
 * @param ratedPowerW power at the shaft
 * @param ratedVoltageV line voltage
 * @param ratedCurrentA line current
 * @param ratedSpeedRpm speed at rated load
 * @param codeLetter locked-rotor letter, where the plate has one
 */
public record Nameplate(
        int phases,
        double frequencyHz,
        double ratedPowerW,
        double ratedVoltageV,
        double ratedCurrentA,
        double ratedSpeedRpm,
        Optional<CodeLetter> codeLetter) {

    public Nameplate {
        codeLetter = Problems.orEmpty(codeLetter);
        Problems problems = new Problems();
        if (phases != 1 && phases != 3) {
            problems.add("phases", Problem.Code.RANGE, "phases is " + phases + "; it must be 1 or 3");
        }
        problems.positive("frequencyHz", frequencyHz, "Hz");
        problems.positive("ratedPowerW", ratedPowerW, "W");
        problems.positive("ratedVoltageV", ratedVoltageV, "V");
        problems.positive("ratedCurrentA", ratedCurrentA, "A");
        problems.positive("ratedSpeedRpm", ratedSpeedRpm, "r/min");
        if (problems.clear("frequencyHz", "ratedSpeedRpm") && ratedSpeedRpm > 60 * frequencyHz) {
            problems.add("ratedSpeedRpm", Problem.Code.CONTRADICTION, tooFast(ratedSpeedRpm, frequencyHz));
        }
        problems.throwIfAny();
    }

    /** What is said of a speed that no field of this frequency can give. */
    static String tooFast(double ratedSpeedRpm, double frequencyHz) {
        return "ratedSpeedRpm is " + ratedSpeedRpm + " r/min; at " + frequencyHz + " Hz no induction motor passes "
                + 60 * frequencyHz + " r/min";
    }
}
