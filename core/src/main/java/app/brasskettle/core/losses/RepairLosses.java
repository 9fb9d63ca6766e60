package app.brasskettle.core.losses;

import app.brasskettle.core.resistance.Conductor;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;

/**
 * Resistance and core loss before and after a repair, at the motor's rating.
 *
 * @param ratedPowerW power at the shaft
 * @param efficiencyPercent efficiency by plate, under 100
 * @param ratedCurrentA line current
 * @param conductor metal of the winding
 * @param workingTemperatureC temperature of the winding at work
 * @param terminalOhmBeforeAt25C mean resistance between terminals before, at 25 °C
 * @param terminalOhmAfterAt25C the same after
 * @param coreLossBeforeW core loss before, at working flux
 * @param coreLossAfterW the same after
 */
public record RepairLosses(
        double ratedPowerW,
        double efficiencyPercent,
        double ratedCurrentA,
        Conductor conductor,
        double workingTemperatureC,
        double terminalOhmBeforeAt25C,
        double terminalOhmAfterAt25C,
        double coreLossBeforeW,
        double coreLossAfterW) {

    public RepairLosses {
        Problems problems = new Problems();
        problems.positive("ratedPowerW", ratedPowerW, "W");
        if (problems.aboveTo("efficiencyPercent", efficiencyPercent, 0, 100, "%") && efficiencyPercent == 100) {
            problems.add("efficiencyPercent", Problem.Code.RANGE, "efficiencyPercent is 100 %; it must be under 100 %");
        }
        problems.positive("ratedCurrentA", ratedCurrentA, "A");
        problems.present("conductor", conductor);
        problems.temperature("workingTemperatureC", workingTemperatureC);
        problems.positive("terminalOhmBeforeAt25C", terminalOhmBeforeAt25C, "Ω");
        problems.positive("terminalOhmAfterAt25C", terminalOhmAfterAt25C, "Ω");
        problems.notNegative("coreLossBeforeW", coreLossBeforeW, "W");
        problems.notNegative("coreLossAfterW", coreLossAfterW, "W");
        if (problems.all().isEmpty()) {
            double all = lost(ratedPowerW, efficiencyPercent);
            double known = copperLoss(ratedCurrentA, conductor.from25(terminalOhmBeforeAt25C, workingTemperatureC))
                    + coreLossBeforeW;
            if (Limit.under(all, known)) {
                problems.add(
                        "efficiencyPercent",
                        Problem.Code.CONTRADICTION,
                        "efficiencyPercent is " + efficiencyPercent + " %: " + all
                                + " W lost in all, less than winding and core before, " + known + " W");
            }
        }
        problems.throwIfAny();
    }

    /** Everything lost at {@code efficiencyPercent}, W. */
    static double lost(double ratedPowerW, double efficiencyPercent) {
        return ratedPowerW * (100 / efficiencyPercent - 1);
    }

    /** Loss in a winding of three phases by its mean resistance between terminals, wye or delta alike: 3/2·I²·R. */
    static double copperLoss(double currentA, double terminalOhm) {
        return 1.5 * currentA * currentA * terminalOhm;
    }

    double copperBeforeW() {
        return copperLoss(ratedCurrentA, conductor.from25(terminalOhmBeforeAt25C, workingTemperatureC));
    }

    double copperAfterW() {
        return copperLoss(ratedCurrentA, conductor.from25(terminalOhmAfterAt25C, workingTemperatureC));
    }
}
