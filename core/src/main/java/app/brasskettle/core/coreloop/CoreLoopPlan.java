package app.brasskettle.core.coreloop;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;

/**
 * What a loop test is planned from.
 *
 * @param coreLengthM length over the iron, ducts within
 * @param ductWidthTotalM width of all ducts together
 * @param stackingFactor iron per length
 * @param coreOuterDiameterM outer diameter of the core
 * @param slotBottomDiameterM diameter over the slot bottoms
 * @param frequencyHz supply frequency
 * @param targetFluxDensityT flux density wanted in the back iron
 * @param supplyVoltageV voltage at the loop
 * @param fieldStrengthAPerM field strength of the sheet at that density
 */
public record CoreLoopPlan(
        double coreLengthM,
        double ductWidthTotalM,
        double stackingFactor,
        double coreOuterDiameterM,
        double slotBottomDiameterM,
        double frequencyHz,
        double targetFluxDensityT,
        double supplyVoltageV,
        double fieldStrengthAPerM) {

    public CoreLoopPlan {
        Problems problems = new Problems();
        problems.positive("coreLengthM", coreLengthM, "m");
        problems.notNegative("ductWidthTotalM", ductWidthTotalM, "m");
        problems.aboveTo("stackingFactor", stackingFactor, 0, 1, "");
        problems.positive("coreOuterDiameterM", coreOuterDiameterM, "m");
        problems.positive("slotBottomDiameterM", slotBottomDiameterM, "m");
        problems.positive("frequencyHz", frequencyHz, "Hz");
        problems.positive("targetFluxDensityT", targetFluxDensityT, "T");
        problems.positive("supplyVoltageV", supplyVoltageV, "V");
        problems.positive("fieldStrengthAPerM", fieldStrengthAPerM, "A/m");
        if (problems.clear("coreOuterDiameterM", "slotBottomDiameterM")
                && !(slotBottomDiameterM < coreOuterDiameterM)) {
            problems.add(
                    "slotBottomDiameterM",
                    Problem.Code.CONTRADICTION,
                    "slotBottomDiameterM is " + slotBottomDiameterM + " m; it must be under the outer diameter of "
                            + coreOuterDiameterM + " m");
        }
        if (problems.clear("coreLengthM", "ductWidthTotalM") && !(ductWidthTotalM < coreLengthM)) {
            problems.add(
                    "ductWidthTotalM",
                    Problem.Code.CONTRADICTION,
                    "ductWidthTotalM is " + ductWidthTotalM + " m; it must be under the core length of " + coreLengthM
                            + " m");
        }
        problems.throwIfAny();
    }
}
