package app.brasskettle.core.run;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * Currents and voltages of a motor that runs without load.
 *
 * @param ratedCurrentA line current of the plate
 * @param ratedPowerW shaft power of the plate
 * @param ratedVoltageV line voltage of the plate
 * @param poles its poles
 * @param lineCurrentsA currents of the three lines
 * @param lineVoltagesV voltages between A and B, B and C, C and A
 * @param lockedRotorRatio locked-rotor current over rated current; 6 when absent
 */
public record NoLoadRun(
        double ratedCurrentA,
        double ratedPowerW,
        double ratedVoltageV,
        int poles,
        List<Double> lineCurrentsA,
        List<Double> lineVoltagesV,
        Optional<Double> lockedRotorRatio) {

    private static final int MOST_POLES = 120;

    public NoLoadRun {
        lineCurrentsA = Problems.copy(lineCurrentsA);
        lineVoltagesV = Problems.copy(lineVoltagesV);
        lockedRotorRatio = Problems.orEmpty(lockedRotorRatio);
        Problems problems = new Problems();
        problems.positive("ratedCurrentA", ratedCurrentA, "A");
        problems.positive("ratedPowerW", ratedPowerW, "W");
        problems.positive("ratedVoltageV", ratedVoltageV, "V");
        if (problems.whole("poles", poles, 2, MOST_POLES, "") && poles % 2 != 0) {
            problems.add("poles", Problem.Code.RANGE, "poles is " + poles + "; poles come in pairs");
        }
        three("lineCurrentsA", lineCurrentsA, "A", problems);
        three("lineVoltagesV", lineVoltagesV, "V", problems);
        lockedRotorRatio.ifPresent(r -> problems.positive("lockedRotorRatio", r, ""));
        problems.throwIfAny();
    }

    static void three(String field, List<Double> values, String unit, Problems problems) {
        if (problems.size(field, values, 3, 3)) {
            for (int i = 0; i < 3; i++) {
                problems.positive(field + "[" + i + "]", values.get(i), unit);
            }
        }
    }
}
