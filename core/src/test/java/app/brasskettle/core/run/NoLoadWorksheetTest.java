package app.brasskettle.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NoLoadWorksheetTest {

    /** A motor of 100 A and 50 kW at 400 V, its currents unbalanced by so much around a mean. */
    private static NoLoadResult of(int poles, double mean, double percent, double volts, double supplyPercent) {
        double i = mean * percent / 100;
        double u = volts * supplyPercent / 100;
        return NoLoadWorksheet.create()
                .work()
                .apply(new NoLoadRun(
                        100,
                        50_000,
                        400,
                        poles,
                        List.of(mean + i, mean - i, mean),
                        List.of(volts + u, volts - u, volts),
                        Optional.empty(),
                        Optional.empty()));
    }

    @ParameterizedTest
    @CsvSource({"2, 20, 40", "4, 25, 50", "6, 30, 60", "8, 35, 65", "10, 40, 75", "12, 40, 75"})
    void theUsualShareGoesByPoles(int poles, double low, double high) {
        assertThat(of(poles, low, 0, 400, 0).verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(of(poles, high, 0, 400, 0).verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(of(poles, low - 0.1, 0, 400, 0).verdict()).isEqualTo(Verdict.WATCH);
        assertThat(of(poles, high + 0.1, 0, 400, 0).verdict()).isEqualTo(Verdict.WATCH);
    }

    @ParameterizedTest
    @CsvSource({"5, HOLDS", "5.1, WATCH", "10, WATCH", "10.1, STOP"})
    void unbalanceOfASoundSupplyIsTheMotors(double percent, Verdict verdict) {
        assertThat(of(4, 33, percent, 400, 0).verdict()).isEqualTo(verdict);
    }

    /** 1 % of voltage explains 6/0.33 = 18 % of current. */
    @Test
    void whatTheSupplyExplainsIsNotTheMotors() {
        NoLoadResult r = of(4, 33, 15, 400, 1);
        assertThat(r.explainedUnbalancePercent()).isCloseTo(6 / 0.33, within(1e-9));
        assertThat(r.verdict()).isEqualTo(Verdict.WATCH);
        assertThat(of(4, 33, 19, 400, 1).verdict()).isEqualTo(Verdict.STOP);
    }

    @ParameterizedTest
    @CsvSource({"380, true", "420, true", "379, false", "421, false"})
    void awayFromRatedVoltageTheShareIsNotJudged(double volts, boolean at) {
        NoLoadResult r = of(4, 60, 0, volts, 0);
        assertThat(r.atRatedVoltage()).isEqualTo(at);
        assertThat(r.verdict()).isEqualTo(at ? Verdict.WATCH : Verdict.UNPROVEN);
    }

    @Test
    void smallMotorsMagnetiseHarder() {
        NoLoadRun small = new NoLoadRun(
                4,
                1999,
                400,
                4,
                List.of(3.1, 3.1, 3.1),
                List.of(400.0, 400.0, 400.0),
                Optional.of(5.0),
                Optional.empty());
        assertThat(NoLoadWorksheet.create().work().apply(small).verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(NoLoadWorksheet.create().work().apply(small).typicalHighPercent())
                .isEqualTo(80);
    }

    @Test
    void refusesAnOddMotor() {
        assertThat(Refusals.fields(() -> new NoLoadRun(
                        0, 1, 400, 3, List.of(1.0, 2.0), List.of(1.0, 0.0, 1.0), Optional.of(-1.0), Optional.empty())))
                .containsExactlyInAnyOrder(
                        "ratedCurrentA", "poles", "lineCurrentsA", "lineVoltagesV[1]", "lockedRotorRatio");
    }
}
