package app.brasskettle.core.protection;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ProtectorWorksheetTest {

    private static ProtectorResult of(
            ProtectorReadings.Kind kind,
            ProtectorReadings.State state,
            double ohm,
            String standIn,
            boolean relabelled) {
        return ProtectorWorksheet.create()
                .work()
                .apply(new ProtectorReadings(
                        kind, state, Optional.of(ohm), Optional.ofNullable(standIn), Optional.of(relabelled)));
    }

    /** IEC 60034-11: at most 250 Ω a thermistor cold, 750 Ω for three in series. */
    @ParameterizedTest
    @CsvSource({
        "THERMISTORS, WORKS, 750, , false, HOLDS, true",
        "THERMISTORS, WORKS, 751, , false, STOP, false",
        "AUTOMATIC, WORKS, 800, , false, HOLDS, true",
        "AUTOMATIC, OPEN, 1, , false, STOP, false",
        "AUTOMATIC, OPEN, 1, relay outside, false, STOP, false",
        "AUTOMATIC, REMOVED, 1, relay outside, true, WATCH, true",
        "THERMOSTATS, SHORTED, 1, , true, STOP, false"
    })
    void somethingMustWatchTheWinding(
            ProtectorReadings.Kind kind,
            ProtectorReadings.State state,
            double ohm,
            String standIn,
            boolean relabelled,
            Verdict verdict,
            boolean watched) {
        ProtectorResult r = of(kind, state, ohm, standIn, relabelled);
        assertThat(r.verdict()).isEqualTo(verdict);
        assertThat(r.watched()).isEqualTo(watched);
    }

    @Test
    void refusesAProtectorOfNoKind() {
        assertThat(Refusals.fields(() -> new ProtectorReadings(null, null, Optional.of(-1.0), null, null)))
                .containsExactlyInAnyOrder("kind", "state", "coldOhm");
    }
}
