package app.brasskettle.core.extension;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;
import java.util.OptionalDouble;

/** Run-out of a shaft extension against IEC 60072-1 (normal class), watched from 70 % of the limit. */
public final class ShaftRunoutWorksheet {

    private static final double[] UP_TO_MM = {10, 18, 30, 50, 80, 120};
    private static final double[] LIMIT_MM = {0.030, 0.035, 0.040, 0.050, 0.060, 0.070};
    private static final double WATCH_SHARE = 0.7;
    private static final String SOURCE = "IEC 60072-1, run-out of shaft extension, normal class";

    private ShaftRunoutWorksheet() {}

    public static Worksheet<ShaftRunout, ShaftRunoutResult> create() {
        return new Worksheet<>(
                "shaft-runout", "Shaft run-out", ShaftRunout.class, List.of("IEC 60072-1"), ShaftRunoutWorksheet::work);
    }

    /** Largest run-out of an extension of this diameter; empty beyond the table. */
    static OptionalDouble limitMm(double extensionMm) {
        for (int i = 0; i < UP_TO_MM.length; i++) {
            if (extensionMm <= UP_TO_MM[i]) {
                return OptionalDouble.of(LIMIT_MM[i]);
            }
        }
        return OptionalDouble.empty();
    }

    private static ShaftRunoutResult work(ShaftRunout shaft) {
        double high = shaft.dialReadingsMm().stream().mapToDouble(d -> d).max().orElseThrow();
        double low = shaft.dialReadingsMm().stream().mapToDouble(d -> d).min().orElseThrow();
        double runout = high - low;
        double limit = limitMm(shaft.extensionMm()).orElseThrow();
        Verdict verdict = Limit.ceiling(runout, WATCH_SHARE * limit, limit);
        Judgement judgement = new Judgement(
                verdict,
                "Runs out " + micron(runout) + ", limit " + micron(limit) + " at " + Figures.plain(shaft.extensionMm())
                        + " mm",
                "Watch from " + micron(WATCH_SHARE * limit),
                SOURCE,
                switch (verdict) {
                    case HOLDS -> "The shaft runs true.";
                    case STOP ->
                        "Turn the gauge to the bearing seat: if that runs true, the extension is bent. Straighten, or a new shaft.";
                    default -> "It will serve; note it for the customer’s alignment.";
                });
        return new ShaftRunoutResult(
                runout,
                limit,
                verdict,
                judgement,
                List.of(
                        new Step(
                                "run-out",
                                "largest − smallest reading",
                                Figures.plain(high) + " − " + Figures.plain(low),
                                runout,
                                "mm",
                                SOURCE),
                        new Step(
                                "limit",
                                "by diameter",
                                Figures.plain(shaft.extensionMm()) + " mm",
                                limit,
                                "mm",
                                SOURCE)));
    }

    private static String micron(double mm) {
        return Figures.significant(1000 * mm, 3) + " µm";
    }
}
