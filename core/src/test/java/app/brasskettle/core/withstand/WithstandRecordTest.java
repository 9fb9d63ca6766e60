package app.brasskettle.core.withstand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.surge.SurgeLevel.State;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.withstand.WithstandQuestion.School;
import app.brasskettle.core.withstand.WithstandRecord.Supply;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WithstandRecordTest {

    private static WithstandResult of(
            State state, School school, boolean repeat, Supply supply, double volts, double seconds, boolean broke) {
        return WithstandRecordWorksheet.create()
                .work()
                .apply(new WithstandRecord(
                        400, Optional.empty(), state, school, repeat, supply, volts, seconds, broke, Optional.empty()));
    }

    /** 400 V by IEC 60034-1, cl. 9 and the workshop's column of it; direct is 1.7 times as much; a repeat stands at 80 %. */
    @ParameterizedTest
    @CsvSource({
        "NEW, STANDARD, false, ALTERNATING, 1800",
        "NEW, STANDARD, true, ALTERNATING, 1440",
        "PARTLY_REWOUND, STANDARD, false, ALTERNATING, 1350",
        "RECONDITIONED, STANDARD, false, ALTERNATING, 1000",
        "RECONDITIONED, WORKSHOP, false, ALTERNATING, 1170",
        "IN_SERVICE, STANDARD, false, DIRECT, 850",
        "IN_SERVICE, WORKSHOP, false, DIRECT, 1800"
    })
    void theLevelFollowsStateSchoolAndSupply(State state, School school, boolean repeat, Supply supply, double level) {
        assertThat(of(state, school, repeat, supply, level, 60, false).requiredV())
                .isCloseTo(level, within(1e-9));
        assertThat(of(state, school, repeat, supply, level, 60, false).verdict())
                .isEqualTo(Verdict.HOLDS);
        assertThat(of(state, school, repeat, supply, level - 1, 60, false).verdict())
                .isEqualTo(Verdict.UNPROVEN);
    }

    @Test
    void lessThanAMinuteProvesNothingAndABreakdownStops() {
        assertThat(of(State.NEW, School.STANDARD, false, Supply.ALTERNATING, 1800, 59, false)
                        .verdict())
                .isEqualTo(Verdict.UNPROVEN);
        WithstandResult broke = of(State.NEW, School.STANDARD, false, Supply.ALTERNATING, 900, 12, true);
        assertThat(broke.verdict()).isEqualTo(Verdict.STOP);
        assertThat(broke.judgement().headline()).startsWith("Broke down: 900 V alternating for 12 s");
    }

    @Test
    void moreThanAskedIsSaid() {
        assertThat(of(State.IN_SERVICE, School.STANDARD, false, Supply.ALTERNATING, 800, 60, false)
                        .judgement()
                        .because())
                .contains("60 % more than asked");
    }

    @Test
    void refusesNothingsAndAll() {
        assertThat(Refusals.fields(() -> new WithstandRecord(
                        0, Optional.empty(), null, null, false, null, -1, 0, false, Optional.of(-1.0))))
                .containsExactlyInAnyOrder(
                        "ratedVoltageV", "state", "school", "supply", "appliedVoltageV", "heldSeconds", "microamp");
    }
}
