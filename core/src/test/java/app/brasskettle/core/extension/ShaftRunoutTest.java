package app.brasskettle.core.extension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShaftRunoutTest {

    /** IEC 60072-1: to 18 mm 35 µm, 30 40, 50 50, 80 60, 120 70; watch over 70 % of it. */
    @ParameterizedTest
    @CsvSource({
        "18, 0.0245, HOLDS",
        "18, 0.0246, WATCH",
        "18, 0.036, STOP",
        "18.01, 0.036, WATCH",
        "30, 0.041, STOP",
        "48, 0.050, WATCH",
        "80, 0.061, STOP",
        "120, 0.049, HOLDS",
        "120, 0.071, STOP"
    })
    void runOutIsJudgedByDiameter(double diameter, double runout, Verdict verdict) {
        ShaftRunoutResult r = ShaftRunoutWorksheet.create()
                .work()
                .apply(new ShaftRunout(diameter, Arrays.asList(-runout / 2, 0.0, runout / 2, 0.001)));
        assertThat(r.runoutMm()).isCloseTo(runout, within(1e-12));
        assertThat(r.verdict()).isEqualTo(verdict);
    }

    @Test
    void refusesAShaftBeyondTheTableAndTooFewReadings() {
        assertThat(Refusals.fields(() -> new ShaftRunout(120.1, List.of(0.0, 0.1, 0.1))))
                .containsExactlyInAnyOrder("extensionMm", "dialReadingsMm");
    }
}
