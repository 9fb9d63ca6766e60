package app.brasskettle.core.withstand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.withstand.WithstandQuestion.School;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WithstandWorksheetTest {

    private static WithstandLevels of(double u, SurgeLevel.State state, School school, boolean repeat) {
        return WithstandWorksheet.create().work().apply(new WithstandQuestion(u, state, school, repeat));
    }

    /** IEC 60034-1, table 17 (items for new windings, repeats and repaired machines), and the workshop's own levels. */
    @ParameterizedTest
    @CsvSource({
        "400, NEW, STANDARD, false, 1800",
        "400, NEW, STANDARD, true, 1440",
        "200, NEW, STANDARD, false, 1500",
        "200, NEW, WORKSHOP, false, 1400",
        "400, PARTLY_REWOUND, STANDARD, false, 1350",
        "400, PARTLY_REWOUND, STANDARD, true, 1080",
        "400, RECONDITIONED, STANDARD, false, 1000",
        "3300, RECONDITIONED, STANDARD, false, 4950",
        "3300, RECONDITIONED, STANDARD, true, 4950",
        "400, RECONDITIONED, WORKSHOP, false, 1170",
        "400, IN_SERVICE, STANDARD, false, 500",
        "400, IN_SERVICE, WORKSHOP, false, 1058.8235294117646"
    })
    void levelsFollowStateAndSchool(double u, SurgeLevel.State state, School school, boolean repeat, double ac) {
        WithstandLevels levels = of(u, state, school, repeat);
        assertThat(levels.acV()).isCloseTo(ac, within(1e-9));
        assertThat(levels.dcV()).isCloseTo(1.7 * ac, within(1e-9));
        assertThat(levels.perUnitV()).isCloseTo(u * Math.sqrt(2.0 / 3), within(1e-9));
    }

    @Test
    void surgeIsNotReducedForARepeat() {
        assertThat(of(6600, SurgeLevel.State.NEW, School.STANDARD, true).surgePeakV())
                .isEqualTo(
                        of(6600, SurgeLevel.State.NEW, School.STANDARD, false).surgePeakV())
                .isCloseTo(3.5 * 6600 * Math.sqrt(2.0 / 3), within(1e-6));
        assertThat(of(6600, SurgeLevel.State.NEW, School.WORKSHOP, false).surgePeakV())
                .isEqualTo(14_200);
    }

    private static StepVoltageResult ramp(double... microamps) {
        List<StepVoltageReadings.Rise> steps = new ArrayList<>();
        for (int i = 0; i < microamps.length; i++) {
            steps.add(new StepVoltageReadings.Rise(500.0 * (i + 1), microamps[i]));
        }
        return StepVoltageWorksheet.create().work().apply(new StepVoltageReadings(steps));
    }

    /** 500 V then 1000 V: in proportion the current doubles. */
    @ParameterizedTest
    @CsvSource({
        "2, 1.0, HOLDS",
        "2.6, 1.3, HOLDS",
        "2.7, 1.35, WATCH",
        "4, 2.0, WATCH",
        "4.1, 2.05, STOP",
        "1, 0.5, HOLDS"
    })
    void growthIsJudgedAgainstTheVoltage(double second, double growth, Verdict verdict) {
        StepVoltageResult r = ramp(1, second);
        assertThat(r.worstGrowthRatio()).isCloseTo(growth, within(1e-12));
        assertThat(r.verdict()).isEqualTo(verdict);
        assertThat(r.megohms().get(0)).isEqualTo(500);
    }

    @Test
    void theWorstStepJudgesAndIsNamed() {
        StepVoltageResult r = ramp(1, 2, 9, 12);
        assertThat(r.growthRatios()).hasSize(3);
        assertThat(r.judgement().headline()).contains("1500 V");
        assertThat(r.verdict()).isEqualTo(Verdict.STOP);
    }

    @Test
    void refusesARampThatDoesNotRise() {
        assertThat(Refusals.fields(() -> new StepVoltageReadings(List.of(
                        new StepVoltageReadings.Rise(500, 1),
                        new StepVoltageReadings.Rise(500, 1),
                        new StepVoltageReadings.Rise(400, 1)))))
                .containsExactly("steps[1].voltageV", "steps[2].voltageV");
        assertThat(Refusals.fields(() -> new StepVoltageReadings(List.of(new StepVoltageReadings.Rise(500, 1)))))
                .containsExactly("steps");
    }
}
