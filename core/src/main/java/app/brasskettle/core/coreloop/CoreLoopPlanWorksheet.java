package app.brasskettle.core.coreloop;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/** Turns and current of a loop test (IEEE Std 1068): V/N = 4.44·f·B·A through the back iron. */
public final class CoreLoopPlanWorksheet {

    private static final double IRON_KG_PER_M3 = 7650;
    private static final double SATURATES_T = 1.4;
    private static final String SOURCE = "IEEE Std 1068";

    private CoreLoopPlanWorksheet() {}

    public static Worksheet<CoreLoopPlan, CoreLoop> create() {
        return new Worksheet<>(
                "core-loop-plan",
                "Core loop, planned",
                CoreLoopPlan.class,
                List.of("IEEE Std 1068"),
                CoreLoopPlanWorksheet::work);
    }

    private static CoreLoop work(CoreLoopPlan plan) {
        double depth = (plan.coreOuterDiameterM() - plan.slotBottomDiameterM()) / 2;
        double length = (plan.coreLengthM() - plan.ductWidthTotalM()) * plan.stackingFactor();
        double area = depth * length;
        double perTurn = 4.44 * plan.frequencyHz() * plan.targetFluxDensityT() * area;
        // Up to the next whole turn; a hair short of a whole number counts as that number.
        double turns = Math.max(1, -Limit.floor(-plan.supplyVoltageV() / perTurn));
        double density = plan.supplyVoltageV() / (4.44 * plan.frequencyHz() * area * turns);
        double path = Math.PI * (plan.coreOuterDiameterM() - depth);
        double ampereTurns = plan.fieldStrengthAPerM() * path;
        double current = ampereTurns / turns;
        double mass = IRON_KG_PER_M3 * area * path;
        Verdict verdict = Limit.over(density, SATURATES_T) ? Verdict.STOP : Verdict.HOLDS;
        return new CoreLoop(
                depth,
                area,
                perTurn,
                (long) turns,
                density,
                path,
                ampereTurns,
                current,
                mass,
                verdict,
                new Judgement(
                        verdict,
                        Figures.plain(turns) + " turns give " + Figures.significant(density, 3) + " T, about "
                                + Figures.significant(current, 3) + " A; stop over 1.4 T",
                        "Rounded up, so that the density wanted is not passed",
                        SOURCE,
                        verdict == Verdict.STOP
                                ? "The core saturates and the current runs away: more turns, or less voltage."
                                : "Guard the bore, protect ears, mind the heating of the cable."),
                List.of(
                        new Step("area", "depth·(length − ducts)·ks", "", area, "m²", SOURCE),
                        new Step("volts per turn", "4.44·f·B·A", "", perTurn, "V", SOURCE),
                        new Step("turns", "⌈U/(U/N)⌉", "", turns, "", SOURCE),
                        new Step("current", "H·path/N", "", current, "A", SOURCE),
                        new Step("mass", "7650·A·path", "", mass, "kg", SOURCE)));
    }
}
