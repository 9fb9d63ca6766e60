package app.brasskettle.core.coreloop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoreLoopTest {

    private static CoreLoop plan(double targetT, double supplyV) {
        return CoreLoopPlanWorksheet.create()
                .work()
                .apply(new CoreLoopPlan(0.24, 0.02, 0.95, 0.42, 0.33, 50, targetT, supplyV, 450));
    }

    @Test
    void turnsAreRoundedUpSoThatTheDensityIsNeverPassed() {
        Random seeded = new Random(5);
        for (int i = 0; i < 200; i++) {
            double target = 0.5 + seeded.nextDouble();
            CoreLoop loop = plan(target, 20 + 400 * seeded.nextDouble());
            assertThat(loop.fluxDensityT()).isLessThanOrEqualTo(target * (1 + 1e-9));
            if (loop.turns() > 1) {
                assertThat(loop.fluxDensityT() * loop.turns() / (loop.turns() - 1))
                        .isGreaterThan(target);
            }
            assertThat(loop.currentA() * loop.turns()).isCloseTo(loop.ampereTurns(), within(1e-9));
        }
    }

    @Test
    void aWholeNumberOfTurnsIsNotRoundedPast() {
        double perTurn = plan(1.3, 1).voltsPerTurn();
        assertThat(plan(1.3, 20 * perTurn).turns()).isEqualTo(20);
        assertThat(plan(1.3, 20.01 * perTurn).turns()).isEqualTo(21);
    }

    @Test
    void aSaturatedCoreIsAStop() {
        double perTurn = plan(1.45, 1).voltsPerTurn();
        assertThat(plan(1.45, 30 * perTurn).verdict()).isEqualTo(Verdict.STOP);
        assertThat(plan(1.32, 30 * perTurn).verdict()).isEqualTo(Verdict.HOLDS);
    }

    /** 100 kg: loss, loss before, hottest spot over a mean of 40 °C; limits of IEEE Std 1068. */
    @ParameterizedTest
    @CsvSource({
        "880, 880, 45, HOLDS", "881, 881, 45, WATCH", "1320, 1320, 45, WATCH", "1321, 1321, 45, STOP",
        "550, 500, 45, HOLDS", "551, 500, 45, WATCH", "600, 500, 45, WATCH", "601, 500, 45, STOP",
        "500, 500, 45.1, WATCH", "500, 500, 50, WATCH", "500, 500, 50.1, STOP", "400, 500, 39, HOLDS"
    })
    void theWorstOfLossRiseAndHotSpotJudges(double watts, double before, double hottest, Verdict verdict) {
        assertThat(CoreLoopResultWorksheet.create()
                        .work()
                        .apply(new CoreLoopReading(100, watts, Optional.of(before), hottest, 40, Optional.empty()))
                        .verdict())
                .isEqualTo(verdict);
    }

    @Test
    void withoutAMeasurementBeforeNoRiseIsClaimed() {
        CoreLoopResult r = CoreLoopResultWorksheet.create()
                .work()
                .apply(new CoreLoopReading(100, 500, Optional.empty(), 41, 40, Optional.empty()));
        assertThat(r.increasePercent()).isEmpty();
        assertThat(r.judgement().because()).contains("Not measured before");
    }

    @Test
    void refusesACoreThatCannotBe() {
        assertThat(Refusals.fields(() -> new CoreLoopPlan(0.2, 0.2, 1.1, 0.3, 0.3, 50, 1.3, 230, 450)))
                .containsExactlyInAnyOrder("ductWidthTotalM", "stackingFactor", "slotBottomDiameterM");
        assertThat(Refusals.fields(() -> new CoreLoopReading(0, 1, Optional.of(0.0), 600, 20, Optional.empty())))
                .containsExactlyInAnyOrder("coreMassKg", "beforeBurnoutW", "hottestC");
    }

    /** On a job: the limits are for 1.2 to 1.4 T, a burnout adds loss, and the hottest spot is no cooler than the mean. */
    @ParameterizedTest
    @CsvSource({
        "500, , 41, 1.32, HOLDS",
        "500, , 41, , UNPROVEN",
        "500, , 41, 1.0, UNPROVEN",
        "500, , 41, 1.5, UNPROVEN",
        "500, 1000, 41, 1.32, UNPROVEN",
        "500, 490, 41, 1.32, HOLDS",
        "500, , 39, 1.32, UNPROVEN",
        "1400, , 41, , STOP",
        "500, , 52, , STOP"
    })
    void onAJobAReadingNoCoreGivesProvesNothing(
            double watts, Double before, double hottest, Double tesla, Verdict verdict) {
        CoreLoopReading reading =
                new CoreLoopReading(100, watts, Optional.ofNullable(before), hottest, 40, Optional.ofNullable(tesla));
        assertThat(CoreLoopResultWorksheet.onJob()
                        .work()
                        .apply(reading)
                        .judgement()
                        .verdict())
                .isEqualTo(verdict);
    }
}
