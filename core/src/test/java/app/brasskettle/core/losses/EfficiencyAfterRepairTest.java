package app.brasskettle.core.losses;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.resistance.Conductor;
import app.brasskettle.core.verdict.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EfficiencyAfterRepairTest {

    private static EfficiencyAfterRepair after(double efficiency, double ohmAfter, double coreAfter) {
        return EfficiencyWorksheet.create()
                .work()
                .apply(new RepairLosses(10_000, efficiency, 20, Conductor.COPPER, 25, 0.5, ohmAfter, 200, coreAfter));
    }

    /** 20 A, 0.5 to 0.6 Ω at 25 °C: 1.5·400·0.1 = 60 W more; 10 kW at 90 % loses 1111.1 W. */
    @Test
    void lossesAddUp() {
        EfficiencyAfterRepair result = after(90, 0.6, 240);
        assertThat(result.lossesBeforeW()).isCloseTo(1111.111, within(0.001));
        assertThat(result.copperLossChangeW()).isCloseTo(60, within(1e-9));
        assertThat(result.coreLossChangeW()).isEqualTo(40);
        assertThat(result.efficiencyAfterPercent()).isCloseTo(100 * 10_000 / 11_211.111, within(1e-4));
    }

    @Test
    void nothingChangedChangesNothing() {
        assertThat(after(91.3, 0.5, 200).changePoints()).isCloseTo(0, within(1e-12));
    }

    /** Losses that make just 0.3 and 1.0 points of 90 %: limits belong to the better side. */
    @ParameterizedTest
    @CsvSource({"89.7, HOLDS", "89.69, WATCH", "89, WATCH", "88.99, STOP", "93, HOLDS"})
    void isJudgedByThePointsLost(double reached, Verdict verdict) {
        double more = RepairLosses.lost(10_000, reached) - RepairLosses.lost(10_000, 90);
        double core = 200 + more;
        double ohm = core < 0 ? 0.5 + core / (1.5 * 400) : 0.5;
        EfficiencyAfterRepair result = after(90, ohm, Math.max(0, core));
        assertThat(result.efficiencyAfterPercent()).isCloseTo(reached, within(1e-9));
        assertThat(result.verdict()).isEqualTo(verdict);
    }

    @Test
    void refusesAPlateThatLosesLessThanItsWinding() {
        assertThat(Refusals.fields(() -> after(98, 0.5, 200))).containsExactly("efficiencyPercent");
        assertThat(Refusals.fields(() -> after(100, 0.5, 200))).containsExactly("efficiencyPercent");
        assertThat(Refusals.fields(() -> new RepairLosses(0, 0, 0, null, 501, 0, 0, -1, -1)))
                .containsExactlyInAnyOrder(
                        "ratedPowerW",
                        "efficiencyPercent",
                        "ratedCurrentA",
                        "conductor",
                        "workingTemperatureC",
                        "terminalOhmBeforeAt25C",
                        "terminalOhmAfterAt25C",
                        "coreLossBeforeW",
                        "coreLossAfterW");
    }
}
