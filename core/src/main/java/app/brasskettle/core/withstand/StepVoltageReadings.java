package app.brasskettle.core.withstand;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;

/**
 * Leakage at rising direct voltage, a minute at each step.
 *
 * @param steps voltage and current, rising
 */
public record StepVoltageReadings(List<Rise> steps) {

    /**
     * One step.
     *
     * @param voltageV direct voltage
     * @param microamp leakage at its end
     */
    public record Rise(double voltageV, double microamp) {

        public Rise {
            Problems problems = new Problems();
            problems.positive("voltageV", voltageV, "V");
            problems.positive("microamp", microamp, "µA");
            problems.throwIfAny();
        }
    }

    private static final int MOST = 10_000;

    public StepVoltageReadings {
        steps = Problems.copy(steps);
        Problems problems = new Problems();
        if (problems.size("steps", steps, 2, MOST)) {
            for (int i = 1; i < steps.size(); i++) {
                if (!(steps.get(i).voltageV() > steps.get(i - 1).voltageV())) {
                    problems.add(
                            "steps[" + i + "].voltageV",
                            Problem.Code.CONTRADICTION,
                            "steps[" + i + "].voltageV is " + steps.get(i).voltageV() + " V; it must be above the "
                                    + steps.get(i - 1).voltageV() + " V before it");
                }
            }
        }
        problems.throwIfAny();
    }
}
