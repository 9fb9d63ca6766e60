package app.brasskettle.core.choice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.decision.OddsQuestion;
import app.brasskettle.core.worksheet.Triangular;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class FlipTableTest {

    private static OddsQuestion.Option option(String name, double price, double lead, double efficiency, double life) {
        return new OddsQuestion.Option(
                name,
                Triangular.exactly(price),
                Triangular.exactly(lead),
                Triangular.exactly(efficiency),
                Triangular.exactly(life));
    }

    private static OddsQuestion question(Triangular hours, OddsQuestion.Option... options) {
        return new OddsQuestion(
                0,
                Triangular.exactly(0.2),
                Triangular.exactly(1),
                hours,
                10_000,
                Triangular.exactly(10),
                List.of(options),
                1_000,
                1);
    }

    /**
     * 10 kW at 80 % and 100 %: 2.5 kW apart, 0.5 an hour. The frugal one costs 1,000 more over ten years, 100 a year: level at 200
     * hours. With hours between 0 and 400, half of them lie beyond.
     */
    @Test
    void hoursTurnItWhereEnergyPaysThePrice() {
        OddsQuestion q = question(
                new Triangular(0.001, 100, 400), option("cheap", 1000, 0, 80, 10), option("frugal", 2000, 0, 100, 10));
        Flip hours = FlipTable.of(q, 0).stream()
                .filter(f -> f.figure().equals("Hours a year"))
                .findFirst()
                .orElseThrow();
        assertThat(hours.at()).isCloseTo(200, within(1e-3));
        assertThat(hours.above()).isTrue();
        assertThat(hours.to()).isEqualTo("frugal");
        // Triangle 0-100-400: beyond 200 lies (400 − 200)²/(400·300) = 1/3.
        assertThat(hours.chancePercent().orElseThrow()).isCloseTo(100.0 / 3, within(0.01));
    }

    /** Whatever is told to turn the advice does: just short of it the same option wins, just past it the one named. */
    @Test
    void eachFlipIsTrueOnBothSides() {
        Random random = new Random(12);
        int told = 0;
        for (int round = 0; round < 300; round++) {
            OddsQuestion.Option[] options = new OddsQuestion.Option[2 + random.nextInt(3)];
            for (int i = 0; i < options.length; i++) {
                options[i] = option(
                        "option " + i,
                        500 + random.nextInt(9000),
                        random.nextInt(900),
                        80 + 18 * random.nextDouble(),
                        2 + random.nextInt(18));
            }
            OddsQuestion q = question(Triangular.exactly(100 + random.nextInt(8000)), options);
            int best = FlipTable.cheapest(q.likely());
            for (Flip f : FlipTable.of(q, best)) {
                if (f.figure().startsWith("Price of option")) {
                    told++;
                    int at = Integer.parseInt(f.figure().substring(f.figure().length() - 1));
                    double nudge = (f.above() ? 1 : -1) * 1e-6 * Math.max(1, f.at());
                    assertThat(winner(q, at, f.at() - nudge)).isEqualTo(best);
                    assertThat(options[winner(q, at, f.at() + nudge)].name()).isEqualTo(f.to());
                }
            }
        }
        assertThat(told).isGreaterThan(300);
    }

    private static int winner(OddsQuestion q, int changed, double price) {
        List<OddsQuestion.Option> options = new java.util.ArrayList<>(q.options());
        OddsQuestion.Option o = options.get(changed);
        options.set(
                changed,
                new OddsQuestion.Option(
                        o.name(),
                        Triangular.exactly(Math.max(0, price)),
                        o.leadTimeHours(),
                        o.efficiencyPercent(),
                        o.expectedLifeYears()));
        return FlipTable.cheapest(q.among(options).likely());
    }
}
