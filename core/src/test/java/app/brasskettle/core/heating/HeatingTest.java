package app.brasskettle.core.heating;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.insulation.InsulationClass;
import app.brasskettle.core.resistance.Conductor;
import app.brasskettle.core.verdict.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HeatingTest {

    private static StallHeating stall(double density, double ratio, double from, double to) {
        return StallHeatingWorksheet.create().work().apply(new Stall(density, ratio, from, to));
    }

    @Test
    void timeFallsWithTheSquareOfTheCurrent() {
        assertThat(stall(5, 6, 20, 155).secondsToLimit() / stall(5, 3, 20, 155).secondsToLimit())
                .isCloseTo(0.25, within(1e-12));
    }

    @Test
    void warmingInTwoPartsTakesAsLongAsInOne() {
        double whole = stall(5, 6, 20, 155).secondsToLimit();
        assertThat(stall(5, 6, 20, 90).secondsToLimit() + stall(5, 6, 90, 155).secondsToLimit())
                .isCloseTo(whole, within(1e-9));
    }

    /** Stepped by the rate itself, in milliseconds: an independent way to the same time. */
    @Test
    void theTimeIsWhatTheRateAddsUpTo() {
        double t = 0;
        double temperature = 20;
        while (temperature < 155) {
            temperature += 0.001 * stall(5.2, 6.2, temperature, 400).initialRateKPerS();
            t += 0.001;
        }
        assertThat(stall(5.2, 6.2, 20, 155).secondsToLimit()).isCloseTo(t, within(0.01));
    }

    @Test
    void refusesALimitThatIsReachedAlready() {
        assertThat(Refusals.fields(() -> new Stall(5, 6, 155, 155))).containsExactly("limitTemperatureC");
        assertThat(Refusals.fields(() -> new Stall(0, 6, 900, 155)))
                .containsExactlyInAnyOrder("currentDensityAPerMm2", "startTemperatureC");
    }

    private static TemperatureRise rise(double hotOverCold, InsulationClass insulation, double serviceFactor) {
        return TemperatureRiseWorksheet.create()
                .work()
                .apply(new TemperatureRiseReadings(
                        1, 20, hotOverCold, 20, Conductor.COPPER, insulation, serviceFactor));
    }

    @Test
    void anUnchangedResistanceIsNoRise() {
        assertThat(rise(1, InsulationClass.F, 1).riseK()).isCloseTo(0, within(1e-9));
        assertThat(rise((234.5 + 100) / (234.5 + 20), InsulationClass.F, 1).hotTemperatureC())
                .isCloseTo(100, within(1e-9));
    }

    /** IEC 60034-1, table 8, by resistance; 10 K more from a service factor of 1.15 on. */
    @ParameterizedTest
    @CsvSource({
        "A, 1, 60",
        "E, 1, 75",
        "B, 1, 80",
        "F, 1, 105",
        "H, 1, 125",
        "B, 1.15, 90",
        "B, 1.14, 80",
        "F, 1.25, 115"
    })
    void theLimitGoesByClassAndServiceFactor(InsulationClass insulation, double factor, double limit) {
        double k = 234.5 + 20;
        assertThat(rise(1, insulation, factor).limitRiseK()).isEqualTo(limit);
        assertThat(rise((k + limit) / k, insulation, factor).verdict()).isEqualTo(Verdict.WATCH);
        assertThat(rise((k + limit + 0.1) / k, insulation, factor).verdict()).isEqualTo(Verdict.STOP);
        assertThat(rise((k + limit - 10) / k, insulation, factor).verdict()).isEqualTo(Verdict.HOLDS);
    }

    private static HeatRunResult heated(double hotOhm, double loadPercent, double lastHourK) {
        return HeatRunWorksheet.create()
                .work()
                .apply(new HeatRun(
                        new TemperatureRiseReadings(
                                1,
                                20,
                                hotOhm,
                                20,
                                app.brasskettle.core.resistance.Conductor.COPPER,
                                app.brasskettle.core.insulation.InsulationClass.B,
                                1),
                        loadPercent,
                        lastHourK));
    }

    /** Copper from 20 °C: 1.2 is 50.9 K, 1.35 is 89 K; class B allows 80 K, and a rise counts loaded and steady only. */
    @org.junit.jupiter.params.ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource({
        "1.2, 100, 1, HOLDS",
        "1.2, 95, 2, HOLDS",
        "1.2, 94, 1, UNPROVEN",
        "1.2, 0, 0, UNPROVEN",
        "1.2, 100, 2.1, UNPROVEN",
        "1.35, 0, 9, STOP"
    })
    void aRiseCountsLoadedAndSteadyAndTooWarmIsTooWarm(
            double hotOhm, double load, double lastHour, app.brasskettle.core.verdict.Verdict verdict) {
        assertThat(heated(hotOhm, load, lastHour).verdict()).isEqualTo(verdict);
    }
}
