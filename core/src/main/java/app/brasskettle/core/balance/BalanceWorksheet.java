package app.brasskettle.core.balance;

import app.brasskettle.core.balance.BalanceResult.Source;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;
import java.util.Optional;

/**
 * Two-way split of inductances: what stays with a phase over all positions is the winding's, what is left after phase means and
 * position means are taken out moves with the rotor.
 */
public final class BalanceWorksheet {

    private static final double LIMIT_PERCENT = 3;
    private static final int POSITIONS_THAT_PROVE = 4;
    private static final int FULL_TURN_DEGREES = 360;
    private static final String SOURCE =
            "Shop rule: over 3 % either way names the source, given four positions or more";

    private BalanceWorksheet() {}

    public static Worksheet<BalanceReadings, BalanceResult> create() {
        return new Worksheet<>(
                "low-voltage-balance",
                "Low-voltage balance",
                BalanceReadings.class,
                List.of("Shop rule"),
                BalanceWorksheet::work);
    }

    private static BalanceResult work(BalanceReadings test) {
        int n = test.positions().size();
        double[] phase = new double[3];
        double[] position = new double[n];
        double grand = 0;
        for (int i = 0; i < n; i++) {
            double[] row = test.positions().get(i).inductanceMh().all();
            for (int j = 0; j < 3; j++) {
                phase[j] += row[j] / n;
                position[i] += row[j] / 3;
                grand += row[j] / (3.0 * n);
            }
        }
        double winding = 0;
        for (double mean : phase) {
            winding = Math.max(winding, 100 * Math.abs(mean - grand) / grand);
        }
        double moving = 0;
        for (int i = 0; i < n; i++) {
            double[] row = test.positions().get(i).inductanceMh().all();
            for (int j = 0; j < 3; j++) {
                moving = Math.max(moving, 100 * Math.abs(row[j] - phase[j] - position[i] + grand) / grand);
            }
        }
        Optional<Double> rotor = n == 1 ? Optional.empty() : Optional.of(moving);
        Source source = source(winding, rotor, angles(test));
        Verdict verdict = switch (source) {
            case NONE -> Verdict.HOLDS;
            case ROTOR -> Verdict.WATCH;
            case WINDING, BOTH -> Verdict.STOP;
            case TURN_ROTOR_AND_REPEAT -> Verdict.UNPROVEN;
        };
        return new BalanceResult(
                winding,
                rotor,
                source,
                verdict,
                judge(verdict, source, winding, rotor),
                List.of(
                        new Step("mean of all", "ΣL/3n", "", grand, "mH", SOURCE),
                        new Step("with the winding", "100·max|L̄phase − L̄|/L̄", "", winding, "%", SOURCE),
                        new Step(
                                "with the rotor",
                                "100·max|L − L̄phase − L̄position + L̄|/L̄",
                                "",
                                rotor.orElse(0.0),
                                "%",
                                SOURCE)));
    }

    /** How many positions differ, a full turn being the same position. */
    private static long angles(BalanceReadings test) {
        return test.positions().stream()
                .mapToDouble(BalanceReadings.Position::angleDegrees)
                .map(a -> ((a % FULL_TURN_DEGREES) + FULL_TURN_DEGREES) % FULL_TURN_DEGREES)
                .distinct()
                .count();
    }

    private static Source source(double winding, Optional<Double> rotor, long angles) {
        boolean stays = Limit.over(winding, LIMIT_PERCENT);
        boolean moves = rotor.filter(r -> Limit.over(r, LIMIT_PERCENT)).isPresent();
        if (!stays && !moves) {
            return Source.NONE;
        }
        if (angles < POSITIONS_THAT_PROVE) {
            return Source.TURN_ROTOR_AND_REPEAT;
        }
        if (stays && moves) {
            return Source.BOTH;
        }
        return stays ? Source.WINDING : Source.ROTOR;
    }

    private static Judgement judge(Verdict verdict, Source source, double winding, Optional<Double> rotor) {
        String figures = Figures.percent(winding) + " stays with the winding"
                + rotor.map(r -> ", " + Figures.percent(r) + " moves with the rotor")
                        .orElse("") + ", limit 3 %";
        return new Judgement(
                verdict,
                switch (source) {
                    case NONE -> "Inductances balance: " + figures;
                    case WINDING -> "The winding is unbalanced: " + figures;
                    case ROTOR -> "The rotor is unbalanced: " + figures;
                    case BOTH -> "Winding and rotor are unbalanced: " + figures;
                    case TURN_ROTOR_AND_REPEAT -> "Too few positions to tell winding from rotor: " + figures;
                },
                "",
                SOURCE,
                switch (source) {
                    case NONE -> "Go on to withstand and surge.";
                    case WINDING -> "With resistances that match: a turn short or a wrong connection. Surge it.";
                    case ROTOR -> "Cast voids, broken bars or an eccentric gap: prove the rotor.";
                    case BOTH -> "Pull the rotor and measure once more.";
                    case TURN_ROTOR_AND_REPEAT -> "Turn the shaft through a pole pitch, four positions or more.";
                });
    }
}
