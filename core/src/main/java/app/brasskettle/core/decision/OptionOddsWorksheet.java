package app.brasskettle.core.decision;

import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.worksheet.Triangular;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Options compared where figures are uncertain: every uncertain figure is drawn from its triangular distribution, what options
 * share once for all of them, and the cheapest by equivalent annual cost is counted (Monte Carlo).
 */
public final class OptionOddsWorksheet {

    private OptionOddsWorksheet() {}

    /** Creates the worksheet {@code option-odds}. */
    public static Worksheet<OddsQuestion, OptionOdds> create() {
        return new Worksheet<>(
                "option-odds",
                "How sure is the choice",
                OddsQuestion.class,
                List.of("Equivalent annual cost", "Monte Carlo with triangular distributions, seeded"),
                OptionOddsWorksheet::work);
    }

    /** The odds of {@code q}. */
    public static OptionOdds work(OddsQuestion q) {
        SplittableRandom random = new SplittableRandom(q.seed());
        int count = q.options().size();
        // Where nothing is uncertain every draw is the same: one tells what all would.
        int draws = q.certain() ? 1 : q.draws();
        double[][] costs = new double[count][draws];
        int[] wins = new int[count];
        for (int draw = 0; draw < draws; draw++) {
            AnnualCost shared = new AnnualCost(
                    q.discountRate(),
                    drawn(q.energyPricePerKwh(), random),
                    drawn(q.loadFraction(), random),
                    drawn(q.runHoursPerYear(), random),
                    q.ratedPowerW(),
                    drawn(q.outageCostPerHour(), random));
            int best = 0;
            for (int i = 0; i < count; i++) {
                OddsQuestion.Option o = q.options().get(i);
                costs[i][draw] = shared.total(
                        drawn(o.price(), random),
                        drawn(o.leadTimeHours(), random),
                        drawn(o.efficiencyPercent(), random),
                        drawn(o.expectedLifeYears(), random));
                if (Limit.under(costs[i][draw], costs[best][draw])) {
                    best = i;
                }
            }
            wins[best]++;
        }
        List<OptionOdds.Odds> odds = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Arrays.sort(costs[i]);
            odds.add(new OptionOdds.Odds(
                    q.options().get(i).name(),
                    100.0 * wins[i] / draws,
                    quantile(costs[i], 0.1),
                    quantile(costs[i], 0.5),
                    quantile(costs[i], 0.9)));
        }
        return new OptionOdds(odds);
    }

    /** A figure that is certain draws all the same, so that making one certain leaves what the others draw as it was. */
    private static double drawn(Triangular figure, SplittableRandom random) {
        return figure.at(random.nextDouble());
    }

    private static double quantile(double[] sorted, double share) {
        return sorted[(int) Math.ceil(share * sorted.length) - 1];
    }
}
