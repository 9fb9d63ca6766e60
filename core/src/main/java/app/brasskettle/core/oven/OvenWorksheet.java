package app.brasskettle.core.oven;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/**
 * Time at temperature of a part in an oven, linear between readings.
 *
 * <p>Time counts as held only where somebody or something looked often enough; time over the limit counts always.
 */
public final class OvenWorksheet {

    /** What is this near to the limit is watched: 10 K, and no more than half way from the hold. */
    private static final double NEAR_K = 10;

    private static final String SOURCE =
            "Linear between readings; limits by IEEE Std 1068 and the resin’s data, as the shop set them";

    private OvenWorksheet() {}

    /** Creates the worksheet {@code oven-curve}. */
    public static Worksheet<OvenCurve, OvenResult> create() {
        return new Worksheet<>(
                "oven-curve", "Oven curve", OvenCurve.class, List.of("IEEE Std 1068"), OvenWorksheet::work);
    }

    private static OvenResult work(OvenCurve curve) {
        double peak = Double.NEGATIVE_INFINITY;
        double held = 0;
        double over = 0;
        double fastest = 0;
        double gap = 0;
        for (int i = 0; i < curve.readings().size(); i++) {
            OvenReading now = curve.readings().get(i);
            peak = Math.max(peak, now.partC());
            if (i == 0) {
                continue;
            }
            OvenReading before = curve.readings().get(i - 1);
            double minutes = now.minutes() - before.minutes();
            gap = Math.max(gap, minutes);
            fastest = Math.max(fastest, (now.partC() - before.partC()) / minutes);
            over += minutes * shareFrom(before.partC(), now.partC(), curve.limitC(), false);
            if (!Limit.over(minutes, curve.longestCountedGap())) {
                held += minutes * shareFrom(before.partC(), now.partC(), curve.holdC(), true);
            }
        }
        Judgement judgement = judge(curve, peak, held, over, gap);
        return new OvenResult(
                peak,
                held,
                over,
                fastest,
                gap,
                judgement.verdict(),
                judgement,
                List.of(
                        new Step("peak", "highest reading", "", peak, "°C", SOURCE),
                        new Step(
                                "held",
                                "Σ minutes at or over " + Figures.plain(curve.holdC()) + " °C, intervals to "
                                        + Figures.plain(curve.longestCountedGap()) + " min",
                                "",
                                held,
                                "min",
                                SOURCE),
                        new Step(
                                "over the limit",
                                "Σ minutes over " + Figures.plain(curve.limitC()) + " °C",
                                "",
                                over,
                                "min",
                                SOURCE)));
    }

    /** Share of a straight line from one temperature to the other that lies over a third; one that lies on it counts by {@code inclusive}. */
    private static double shareFrom(double from, double to, double level, boolean inclusive) {
        double low = Math.min(from, to);
        double high = Math.max(from, to);
        if (low == high) {
            return (inclusive ? !Limit.under(low, level) : Limit.over(low, level)) ? 1 : 0;
        }
        return Math.min(1, Math.max(0, (high - level) / (high - low)));
    }

    private static Judgement judge(OvenCurve curve, double peak, double held, double over, double gap) {
        String figure = "Peak " + Figures.significant(peak, 4) + " °C, held " + Figures.significant(held, 3)
                + " min at " + Figures.plain(curve.holdC()) + " °C or more";
        String limits = "Limit " + Figures.plain(curve.limitC()) + " °C; " + Figures.plain(curve.holdMinutes())
                + " min at " + Figures.plain(curve.holdC()) + " °C";
        if (Limit.over(peak, curve.limitC())) {
            return new Judgement(
                    Verdict.STOP,
                    "Too hot: peak " + Figures.significant(peak, 4) + " °C, "
                            + Figures.significant(over, 3) + " min over "
                            + Figures.plain(curve.limitC()) + " °C",
                    limits,
                    SOURCE,
                    "The part is in doubt: measure it before anything is put into it.");
        }
        if (Limit.under(held, curve.holdMinutes())) {
            boolean unseen = Limit.over(gap, curve.longestCountedGap());
            return new Judgement(
                    Verdict.UNPROVEN,
                    "Not held long enough: " + Figures.significant(held, 3) + " of "
                            + Figures.plain(curve.holdMinutes()) + " min",
                    unseen
                            ? limits + ". Nobody looked for " + Figures.significant(gap, 3)
                                    + " min; longer than " + Figures.plain(curve.longestCountedGap())
                                    + " min counts as nothing"
                            : limits,
                    SOURCE,
                    "Put it back, and read the part at least every " + Figures.plain(curve.longestCountedGap())
                            + " min.");
        }
        double near = curve.limitC() - Math.min(NEAR_K, (curve.limitC() - curve.holdC()) / 2);
        if (Limit.over(peak, near)) {
            return new Judgement(
                    Verdict.WATCH,
                    figure,
                    limits + "; near to it from " + Figures.plain(near) + " °C",
                    SOURCE,
                    "Set the oven lower next time, and look at the part twice.");
        }
        return new Judgement(Verdict.HOLDS, figure, limits, SOURCE, "");
    }
}
