package app.brasskettle.core.drying;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.insulation.InsulationSystem;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DryingCurveTest {

    /** At 40 °C nothing is corrected. Each reading: hours:megohm, a + behind it where over range. */
    private static DryingCurve curve(String readings) {
        List<DryingCurve.Reading> all = new ArrayList<>();
        for (String r : readings.split(" ")) {
            String[] parts = r.replace("+", "").split(":");
            all.add(new DryingCurve.Reading(
                    Double.parseDouble(parts[0]),
                    Double.parseDouble(parts[1]),
                    40,
                    r.endsWith("+") ? Optional.of(true) : Optional.empty()));
        }
        return new DryingCurve(InsulationSystem.THERMOSETTING, 5, all);
    }

    @ParameterizedTest
    @CsvSource({
        // Up and level: the last three within 5 %, two hours apart, the lowest before them.
        "0:1 4:10 5:10.2 6:10.4, true, HOLDS",
        // Two readings less than two hours apart prove no level.
        "0:1 5:10 6:10.2 6.9:10.4, false, WATCH",
        // 5 % belongs to level, more does not.
        "0:1 4:9.5 5:9.8 6:10, true, HOLDS",
        "0:1 4:9.4 5:9.8 6:10, false, WATCH",
        // Low and level with the lowest before: drying takes it no further.
        "0:0.2 4:2 6:2 8:2, true, STOP",
        // The lowest among the last three: it may be the bottom of the curve, unless eight hours say otherwise.
        "0:3 4:2 6:2 11:2, false, UNPROVEN",
        "0:3 4:2 8:2 12:2, true, STOP",
        // The lowest is the first of equals.
        "0:2 4:2 5:2 6:2, true, STOP",
        "2:2 4:2 6:2, false, UNPROVEN",
        // The minimum itself is enough.
        "0:1 4:5 5:5 6:5, true, HOLDS",
        // A tester at the end of its range is enough over the minimum, and proves no level.
        "0:1 6:1100+, false, HOLDS",
        "0:1 4:4+ 5:4+ 6:4+, false, UNPROVEN",
        "0:9, false, WATCH",
    })
    void isDryOnceItIsUpAndLevel(String readings, boolean levelled, Verdict verdict) {
        DryingResult result = DryingWorksheet.work(curve(readings));
        assertThat(result.levelled()).isEqualTo(levelled);
        assertThat(result.verdict()).isEqualTo(verdict);
        assertThat(result.judgement().next()).isNotBlank();
    }

    @Test
    void aLowLevelledOneGoesBackToChoose() {
        assertThat(DryingWorksheet.work(curve("0:0.2 4:2 6:2 8:2")).judgement().next())
                .contains("Choose");
    }

    /** Heat makes a reading low: the same winding hot and cold is the same once corrected (factor at 85 °C is 5.467 by the source's formula). */
    @Test
    void readingsAreBroughtTo40Degrees() {
        DryingResult hot = DryingWorksheet.work(new DryingCurve(
                InsulationSystem.THERMOSETTING, 5, List.of(new DryingCurve.Reading(0, 2, 85, Optional.empty()))));
        assertThat(hot.correctedMegohm().get(0)).isBetween(10.8, 11.0);
        assertThat(hot.verdict()).isEqualTo(Verdict.WATCH);
    }

    @Test
    void timeDoesNotRunBack() {
        assertThat(Refusals.fields(() -> curve("0:1 4:2 4:3 3:4")))
                .containsExactly("readings[2].hours", "readings[3].hours");
        assertThat(Refusals.fields(() -> new DryingCurve(null, -1, List.of())))
                .containsExactlyInAnyOrder("insulationSystem", "minimumMegohm", "readings");
        assertThat(Refusals.fields(() -> new DryingCurve.Reading(Double.NaN, -1, 600, null)))
                .containsExactlyInAnyOrder("hours", "megohm", "windingC");
    }
}
