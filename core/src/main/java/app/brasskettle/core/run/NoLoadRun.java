package app.brasskettle.core.run;

import app.brasskettle.core.worksheet.Coded;
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
 * @param deadLines lines that carry no current, whose figure is then zero
 */
public record NoLoadRun(
        double ratedCurrentA,
        double ratedPowerW,
        double ratedVoltageV,
        int poles,
        List<Double> lineCurrentsA,
        List<Double> lineVoltagesV,
        Optional<Double> lockedRotorRatio,
        Optional<List<Line>> deadLines) {

    /** Lines of the supply. */
    public enum Line implements Coded {
        A,
        B,
        C
    }

    private static final int MAX_POLES = 120;

    public NoLoadRun {
        lineCurrentsA = Problems.copy(lineCurrentsA);
        lineVoltagesV = Problems.copy(lineVoltagesV);
        lockedRotorRatio = Problems.orEmpty(lockedRotorRatio);
        deadLines = Problems.orEmpty(deadLines).map(Problems::copy);
        Problems problems = new Problems();
        problems.positive("ratedCurrentA", ratedCurrentA, "A");
        problems.positive("ratedPowerW", ratedPowerW, "W");
        problems.positive("ratedVoltageV", ratedVoltageV, "V");
        if (problems.whole("poles", poles, 2, MAX_POLES, "") && poles % 2 != 0) {
            problems.add("poles", Problem.Code.RANGE, "poles is " + poles + "; poles come in pairs");
        }
        List<Line> dead = deadLines.orElse(List.of());
        if (problems.size("deadLines", dead, 0, 2) && problems.size("lineCurrentsA", lineCurrentsA, 3, 3)) {
            problems.distinct(dead, i -> "deadLines[" + i + "]");
            for (Line line : Line.values()) {
                current(line, lineCurrentsA.get(line.ordinal()), dead.contains(line), problems);
            }
        }
        three("lineVoltagesV", lineVoltagesV, "V", problems);
        lockedRotorRatio.ifPresent(r -> problems.positive("lockedRotorRatio", r, ""));
        problems.throwIfAny();
    }

    private static void current(Line line, double amperes, boolean dead, Problems problems) {
        String field = "lineCurrentsA[" + line.ordinal() + "]";
        if (!dead) {
            problems.positive(field, amperes, "A");
        } else if (amperes != 0) {
            problems.add(
                    field,
                    Problem.Code.CONTRADICTION,
                    field + " is " + amperes + " A, yet line " + line.name() + " is named as dead");
        }
    }

    static void three(String field, List<Double> values, String unit, Problems problems) {
        if (problems.size(field, values, 3, 3)) {
            for (int i = 0; i < 3; i++) {
                problems.positive(field + "[" + i + "]", values.get(i), unit);
            }
        }
    }
}
