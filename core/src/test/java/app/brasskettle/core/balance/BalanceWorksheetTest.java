package app.brasskettle.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.balance.BalanceResult.Source;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BalanceWorksheetTest {

    private static BalanceResult of(List<BalanceReadings.Position> positions) {
        return BalanceWorksheet.create().work().apply(new BalanceReadings(positions));
    }

    /** A winding whose phase A is off by so much, and a rotor that adds so much as it turns. */
    private static List<BalanceReadings.Position> motor(double windingPercent, double rotorPercent, int positions) {
        List<BalanceReadings.Position> all = new ArrayList<>();
        for (int i = 0; i < positions; i++) {
            double angle = 360.0 * i / positions;
            double[] l = new double[3];
            for (int j = 0; j < 3; j++) {
                double turn = rotorPercent / 100 * Math.cos(Math.toRadians(2 * angle - 120 * j));
                l[j] = 10 * (1 + (j == 0 ? -1.5 * windingPercent / 100 : 0) + turn);
            }
            all.add(new BalanceReadings.Position(angle, new BalanceReadings.Phases(l[0], l[1], l[2])));
        }
        return all;
    }

    @ParameterizedTest
    @CsvSource({
        "0, 0, NONE, HOLDS",
        "5, 0, WINDING, STOP",
        "0, 6, ROTOR, WATCH",
        "6, 8, BOTH, STOP",
        "1, 1, NONE, HOLDS"
    })
    void theSplitNamesWhereTheUnbalanceComesFrom(double winding, double rotor, Source source, Verdict verdict) {
        BalanceResult r = of(motor(winding, rotor, 8));
        assertThat(r.source()).isEqualTo(source);
        assertThat(r.verdict()).isEqualTo(verdict);
        assertThat(r.judgement().next()).isNotBlank();
    }

    @Test
    void fewPositionsProveNothingWhenSomethingIsOver() {
        assertThat(of(motor(5, 0, 1)).source()).isEqualTo(Source.TURN_ROTOR_AND_REPEAT);
        assertThat(of(motor(5, 0, 1)).rotorUnbalancePercent()).isEmpty();
        assertThat(of(motor(5, 0, 3)).verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(of(motor(0, 0, 1)).verdict()).isEqualTo(Verdict.HOLDS);
        List<BalanceReadings.Position> roundAndRound = new ArrayList<>();
        for (BalanceReadings.Position p : motor(5, 0, 2)) {
            roundAndRound.add(p);
            roundAndRound.add(new BalanceReadings.Position(p.angleDegrees() - 720, p.inductanceMh()));
        }
        assertThat(of(roundAndRound).source())
                .as("two full turns are the same position")
                .isEqualTo(Source.TURN_ROTOR_AND_REPEAT);
    }

    @Test
    void neitherScaleNorOrderMatters() {
        Random seeded = new Random(3);
        for (int k = 0; k < 100; k++) {
            List<BalanceReadings.Position> one =
                    motor(6 * seeded.nextDouble(), 6 * seeded.nextDouble(), 4 + seeded.nextInt(6));
            List<BalanceReadings.Position> other = new ArrayList<>();
            for (BalanceReadings.Position p : one) {
                BalanceReadings.Phases l = p.inductanceMh();
                other.add(
                        0,
                        new BalanceReadings.Position(
                                p.angleDegrees(), new BalanceReadings.Phases(7 * l.c(), 7 * l.a(), 7 * l.b())));
            }
            assertThat(of(other).windingUnbalancePercent()).isCloseTo(of(one).windingUnbalancePercent(), within(1e-9));
            assertThat(of(other).rotorUnbalancePercent().orElseThrow())
                    .isCloseTo(of(one).rotorUnbalancePercent().orElseThrow(), within(1e-9));
        }
    }

    @Test
    void refusesNoPositionsAndNoInductance() {
        assertThat(Refusals.fields(() -> new BalanceReadings(List.of()))).containsExactly("positions");
        assertThat(Refusals.fields(() -> new BalanceReadings.Phases(0, -1, 3))).containsExactly("a", "b");
    }
}
