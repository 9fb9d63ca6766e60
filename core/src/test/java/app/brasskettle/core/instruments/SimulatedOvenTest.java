package app.brasskettle.core.instruments;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.oven.OvenCurve;
import app.brasskettle.core.oven.OvenReading;
import app.brasskettle.core.oven.OvenResult;
import app.brasskettle.core.oven.OvenWorksheet;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SimulatedOvenTest {

    private static final double HELD_MINUTES = 240;

    private static List<OvenReading> readings(double holdC, double limitC, OvenFault fault, long seed) {
        return new SimulatedOven(holdC, HELD_MINUTES, limitC, fault, seed)
                .script().moments().stream().map(m -> (OvenReading) m.shown()).toList();
    }

    private static OvenResult judged(double holdC, double limitC, OvenFault fault, long seed) {
        return OvenWorksheet.create()
                .work()
                .apply(new OvenCurve(
                        readings(holdC, limitC, fault, seed), holdC, HELD_MINUTES, limitC, Optional.empty()));
    }

    /** Burnout and bake by the limits every shop starts with; an aluminium frame leaves one kelvin between hold and limit. */
    @ParameterizedTest
    @CsvSource({
        "340, 370, NONE, HOLDS",
        "340, 370, RUNS_AWAY, STOP",
        "340, 370, SENSOR_LOST, UNPROVEN",
        "340, 370, OPENED, UNPROVEN",
        "150, 180, NONE, HOLDS",
        "150, 180, RUNS_AWAY, STOP",
        "150, 180, SENSOR_LOST, UNPROVEN",
        "150, 180, OPENED, UNPROVEN",
    })
    void itsCurveIsJudgedByWhatWentWrong(double holdC, double limitC, OvenFault fault, Verdict verdict) {
        for (long seed = 0; seed < 50; seed++) {
            assertThat(judged(holdC, limitC, fault, seed).verdict())
                    .as("seed %d", seed)
                    .isEqualTo(verdict);
        }
    }

    @Test
    void aFireIsSeenWhileItCanStillBeStopped() {
        List<OvenReading> fire = readings(340, 370, OvenFault.RUNS_AWAY, 1);
        long between =
                fire.stream().filter(r -> r.partC() > 355 && r.partC() < 370).count();
        assertThat(between).isPositive();
        assertThat(judged(340, 370, OvenFault.RUNS_AWAY, 1).peakC()).isGreaterThan(400);
    }
}
