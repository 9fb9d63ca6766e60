package app.brasskettle.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LimitTest {

    @ParameterizedTest
    @CsvSource({
        "10, 10, false",
        "10.000000001, 10, false",
        "10.0000001, 10, true",
        "9.999, 10, false",
        "0, 0, false",
        "1e-12, 0, true",
        "-1, -2, true"
    })
    void isPassedOnlyBeyondArithmeticNoise(double value, double limit, boolean over) {
        assertThat(Limit.over(value, limit)).isEqualTo(over);
        assertThat(Limit.under(-value, -limit)).isEqualTo(over);
    }

    @ParameterizedTest
    @CsvSource({"2.9999999999, 3", "3, 3", "2.99, 2", "0.5, 0", "2.0000001, 2"})
    void floorTakesAHairShortOfAWholeForTheWhole(double value, double floor) {
        assertThat(Limit.floor(value)).isEqualTo(floor);
    }

    @ParameterizedTest
    @CsvSource({"2, HOLDS", "2.0001, WATCH", "5, WATCH", "5.0001, STOP"})
    void ceilingDividesIntoThreeWords(double value, Verdict verdict) {
        assertThat(Limit.ceiling(value, 2, 5)).isEqualTo(verdict);
    }

    @Test
    void theWorstJudgesTheWhole() {
        assertThat(Verdict.worst(List.of(Verdict.HOLDS, Verdict.WATCH))).isEqualTo(Verdict.WATCH);
        assertThat(Verdict.worst(List.of(Verdict.WATCH, Verdict.UNPROVEN))).isEqualTo(Verdict.UNPROVEN);
        assertThat(Verdict.worst(List.of(Verdict.UNPROVEN, Verdict.STOP, Verdict.HOLDS)))
                .isEqualTo(Verdict.STOP);
        assertThat(Verdict.worst(List.of())).isEqualTo(Verdict.UNPROVEN);
    }
}
