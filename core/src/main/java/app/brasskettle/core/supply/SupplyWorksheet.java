package app.brasskettle.core.supply;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;
import java.util.Optional;

/** Voltage unbalance by the NEMA definition, and the derating it asks for. */
public final class SupplyWorksheet {

    private static final String SOURCE = "NEMA MG 1, 12.45 and 14.36";
    private static final double HOLDS_PERCENT = 1;
    private static final double WATCH_PERCENT = 5;
    /** Derating at 0, 1, 2 … 5 % unbalance; straight lines between (NEMA MG 1, figure 14-1). */
    private static final double[] DERATING = {1.00, 0.99, 0.95, 0.88, 0.82, 0.75};

    private SupplyWorksheet() {}

    public static Worksheet<SupplyVoltages, SupplyAssessment> create() {
        return new Worksheet<>(
                "supply-unbalance",
                "Supply unbalance",
                SupplyVoltages.class,
                List.of("NEMA MG 1"),
                SupplyWorksheet::work);
    }

    private static SupplyAssessment work(SupplyVoltages supply) {
        List<Double> v = supply.lineVoltagesV();
        double mean = v.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
        double deviation = v.stream().mapToDouble(x -> Math.abs(x - mean)).max().orElseThrow();
        double unbalance = 100 * deviation / mean;
        Verdict verdict = Limit.ceiling(unbalance, HOLDS_PERCENT, WATCH_PERCENT);
        Optional<Double> factor = derating(unbalance);
        return new SupplyAssessment(
                mean,
                unbalance,
                factor,
                verdict,
                judge(verdict, unbalance, factor),
                List.of(
                        new Step("mean", "(ab + bc + ca)/3", "", mean, "V", SOURCE),
                        new Step(
                                "unbalance",
                                "100·max|U − mean|/mean",
                                "100·" + Figures.plain(deviation) + "/" + Figures.plain(mean),
                                unbalance,
                                "%",
                                SOURCE)));
    }

    private static Optional<Double> derating(double unbalance) {
        if (Limit.over(unbalance, WATCH_PERCENT)) {
            return Optional.empty();
        }
        int below = Math.min((int) Limit.floor(unbalance), DERATING.length - 2);
        double share = Math.min(1, unbalance - below);
        return Optional.of(DERATING[below] + share * (DERATING[below + 1] - DERATING[below]));
    }

    private static Judgement judge(Verdict verdict, double unbalance, Optional<Double> factor) {
        String figure = "Unbalance " + Figures.percent(unbalance) + ", holds to 1 %, stop over 5 %";
        String derated = factor.map(f -> "A motor may give " + Figures.percent(100 * f) + " of its power")
                .orElse("No motor should run on it");
        return new Judgement(
                verdict,
                figure,
                derated,
                SOURCE,
                switch (verdict) {
                    case HOLDS -> "The supply is not the trouble.";
                    case WATCH -> "Look for single-phase loads, a bad tap or a poor joint.";
                    default -> "Do not run it on this supply. Call whoever answers for the line.";
                });
    }
}
