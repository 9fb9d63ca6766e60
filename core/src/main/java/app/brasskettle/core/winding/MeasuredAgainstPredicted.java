package app.brasskettle.core.winding;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;

/** Measured terminal resistance held against what the winding data predict: a wide gap says something was miscounted. */
public final class MeasuredAgainstPredicted {

    private static final double WATCH_PERCENT = 10;
    private static final double STOP_PERCENT = 25;
    private static final String SOURCE = "ρ·N·length/(A·a) at 25 °C; 10 % is shop practice";

    private MeasuredAgainstPredicted() {}

    /** The verdict on {@code measuredOhm} at 25 °C where {@code predictedOhm} was computed, both between terminals. */
    public static Judgement judge(double predictedOhm, double measuredOhm) {
        double apart = 100 * (measuredOhm - predictedOhm) / predictedOhm;
        Verdict verdict = Limit.ceiling(Math.abs(apart), WATCH_PERCENT, STOP_PERCENT);
        String figures = "Measured " + Figures.show(measuredOhm, Dimension.RESISTANCE) + ", predicted "
                + Figures.show(predictedOhm, Dimension.RESISTANCE) + ": " + Figures.percent(Math.abs(apart))
                + (apart < 0 ? " less" : " more") + ", limit " + Figures.percent(WATCH_PERCENT);
        return new Judgement(
                verdict,
                figures,
                "",
                SOURCE,
                verdict == Verdict.HOLDS ? "" : "Count turns, wires in hand and circuits again.");
    }
}
