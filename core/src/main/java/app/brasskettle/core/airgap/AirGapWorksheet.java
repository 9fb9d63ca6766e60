package app.brasskettle.core.airgap;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/**
 * Evenness of an air gap: the largest departure from the mean stops over 10 % and is watched from 70 % of that. The offset of
 * the axes is the first harmonic of the gap round the bore, g(θ) = mean − e·cos(θ − φ), by least squares on even steps.
 */
public final class AirGapWorksheet {

    private static final double LIMIT_PERCENT = 10;
    private static final double WATCH_PERCENT = 7;
    /** Under a micrometre no feeler tells a side. */
    private static final double CENTRED_MM = 0.001;

    private static final String SOURCE = "Shop rule: 10 % of the mean; watch from 70 % of it";

    private AirGapWorksheet() {}

    public static Worksheet<AirGap, AirGapResult> create() {
        return new Worksheet<>("air-gap", "Air gap", AirGap.class, List.of(SOURCE), AirGapWorksheet::work);
    }

    private static AirGapResult work(AirGap gap) {
        List<Double> g = gap.gapsMm();
        int n = g.size();
        double mean = g.stream().mapToDouble(d -> d).average().orElseThrow();
        double cos = 0;
        double sin = 0;
        int worst = 0;
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * i / n;
            cos -= 2 * g.get(i) * Math.cos(angle) / n;
            sin -= 2 * g.get(i) * Math.sin(angle) / n;
            if (Math.abs(g.get(i) - mean) > Math.abs(g.get(worst) - mean)) {
                worst = i;
            }
        }
        double deviation = 100 * Math.abs(g.get(worst) - mean) / mean;
        double offset = Math.hypot(cos, sin);
        double degrees = (Math.toDegrees(Math.atan2(sin, cos)) + 360) % 360;
        Judgement judgement = judge(mean, deviation, worst, g.get(worst), offset, degrees, n);
        return new AirGapResult(
                mean,
                deviation,
                worst + 1,
                offset,
                degrees,
                judgement.verdict(),
                judgement,
                List.of(
                        new Step("mean gap", "Σg / n", "", mean, "mm", SOURCE),
                        new Step(
                                "largest deviation",
                                "|g − mean| / mean",
                                "|" + Figures.plain(g.get(worst)) + " − " + Figures.plain(mean) + "| / "
                                        + Figures.plain(mean),
                                deviation,
                                "%",
                                SOURCE),
                        new Step(
                                "offset of the axes", "first harmonic of g round the bore", "", offset, "mm", SOURCE)));
    }

    private static Judgement judge(
            double mean, double deviation, int worst, double at, double offset, double degrees, int n) {
        Verdict verdict = Limit.ceiling(deviation, WATCH_PERCENT, LIMIT_PERCENT);
        String headline = "Gap " + Figures.plain(at) + " mm at point " + (worst + 1) + ", " + Figures.percent(deviation)
                + " off the mean of " + Figures.plain(mean) + " mm; limit " + Figures.percent(LIMIT_PERCENT);
        String lies = offset < CENTRED_MM
                ? "The rotor lies in the middle (" + n + " points)"
                : "The rotor lies " + Figures.fixed(offset, 3) + " mm toward " + Math.round(degrees) % 360
                        + "°, clockwise from the top (" + n + " points)";
        String next = switch (verdict) {
            case HOLDS -> "The rotor lies well.";
            case STOP ->
                "Look at bearings, housings and register; run no power. Move the feeler and turn the rotor: what turns with it is the rotor’s.";
            default -> "Measure seats and housings before it goes together.";
        };
        return new Judgement(verdict, headline, lies, SOURCE, next);
    }
}
