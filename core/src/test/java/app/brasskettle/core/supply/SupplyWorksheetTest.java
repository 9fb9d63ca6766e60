package app.brasskettle.core.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SupplyWorksheetTest {

    private static SupplyAssessment of(double a, double b, double c) {
        return SupplyWorksheet.create().work().apply(new SupplyVoltages(List.of(a, b, c)));
    }

    /** Voltages that deviate by exactly so much from a mean of 400 V; derating by NEMA MG 1, figure 14-1. */
    @ParameterizedTest
    @CsvSource({
        "0, 1.00, HOLDS",
        "0.5, 0.995, HOLDS",
        "1, 0.99, HOLDS",
        "1.5, 0.97, WATCH",
        "2, 0.95, WATCH",
        "3, 0.88, WATCH",
        "4, 0.82, WATCH",
        "5, 0.75, WATCH",
        "5.1, , STOP"
    })
    void deratingFollowsTheUnbalance(double percent, Double factor, Verdict verdict) {
        SupplyAssessment r = of(400 + 4 * percent, 400 - 4 * percent, 400);
        assertThat(r.unbalancePercent()).isCloseTo(percent, within(1e-9));
        assertThat(r.verdict()).isEqualTo(verdict);
        if (factor == null) {
            assertThat(r.deratingFactor()).isEmpty();
        } else {
            assertThat(r.deratingFactor().orElseThrow()).isCloseTo(factor, within(1e-9));
        }
    }

    @Test
    void neitherOrderNorScaleMatters() {
        double one = of(462, 453, 440).unbalancePercent();
        assertThat(of(440, 462, 453).unbalancePercent()).isCloseTo(one, within(1e-9));
        assertThat(of(46.2, 45.3, 44.0).unbalancePercent()).isCloseTo(one, within(1e-9));
    }

    @Test
    void refusesOtherThanThreeSoundVoltages() {
        assertThat(Refusals.fields(() -> new SupplyVoltages(List.of(400.0, 400.0))))
                .containsExactly("lineVoltagesV");
        assertThat(Refusals.fields(() -> of(400, 0, -1))).containsExactly("lineVoltagesV[1]", "lineVoltagesV[2]");
        assertThat(Refusals.fields(() -> new SupplyVoltages(Arrays.asList(400.0, null, 400.0))))
                .contains("lineVoltagesV[1]");
    }
}
