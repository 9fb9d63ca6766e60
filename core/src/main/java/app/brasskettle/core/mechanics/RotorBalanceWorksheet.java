package app.brasskettle.core.mechanics;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/** Permissible residual unbalance U = 1000·G·m/ω in g·mm, half in each plane (ISO 21940-11). */
public final class RotorBalanceWorksheet {

    private static final double USUAL_GRADE = 2.5;
    private static final double GMM = 1000;
    private static final String SOURCE = "ISO 21940-11";

    private RotorBalanceWorksheet() {}

    public static Worksheet<RotorBalance, RotorBalanceResult> create() {
        return new Worksheet<>(
                "rotor-balance",
                "Balance of the rotor",
                RotorBalance.class,
                List.of(SOURCE),
                RotorBalanceWorksheet::work);
    }

    private static RotorBalanceResult work(RotorBalance rotor) {
        double grade = rotor.gradeMmPerS().orElse(USUAL_GRADE);
        double omega = 2 * Math.PI * rotor.serviceSpeedRpm() / 60;
        double all = GMM * grade * rotor.rotorMassKg() / omega;
        double each = all / 2;
        double worst = Math.max(rotor.residualGmmDriveEnd(), rotor.residualGmmOtherEnd());
        Verdict verdict = Limit.over(worst, each) ? Verdict.STOP : Verdict.HOLDS;
        return new RotorBalanceResult(
                all,
                each,
                new Judgement(
                        verdict,
                        "Left in the worse plane " + Figures.plain(worst) + " g·mm, G" + Figures.plain(grade)
                                + " allows " + Figures.plain(each),
                        "",
                        SOURCE,
                        verdict == Verdict.HOLDS ? "Balanced." : "Balance it again in that plane."),
                List.of(
                        new Step(
                                "allowed",
                                "1000·G·m/ω",
                                "1000·" + Figures.plain(grade) + "·" + Figures.plain(rotor.rotorMassKg()) + "/"
                                        + Figures.plain(omega),
                                all,
                                "g·mm",
                                SOURCE),
                        new Step("each plane", "half of it", "", each, "g·mm", SOURCE)));
    }
}
