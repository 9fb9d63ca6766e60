package app.brasskettle.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.drying.DryingCurve;
import app.brasskettle.core.insulation.InsulationSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A winding counts as wet where somebody saw it so and nobody struck that, or where drying brought it up. */
class WetWindingTest {

    private static boolean recorded(List<Evidence> added, Set<String> struck, Optional<DryingCurve> drying) {
        return WetWinding.recorded(Optional.empty(), Optional.empty(), added, struck, drying);
    }

    private static Optional<DryingCurve> dried(double... megohmByTwoHours) {
        List<DryingCurve.Reading> readings = new ArrayList<>();
        for (double megohm : megohmByTwoHours) {
            readings.add(new DryingCurve.Reading(2.0 * readings.size(), megohm, 40, Optional.empty()));
        }
        return Optional.of(new DryingCurve(InsulationSystem.THERMOSETTING, 5, readings));
    }

    @Test
    void aDryWindingIsNotWet() {
        assertThat(recorded(List.of(), Set.of(), Optional.empty())).isFalse();
        assertThat(recorded(List.of(Evidence.SHAFT_BINDS), Set.of(), dried(1, 0.3, 2)))
                .isFalse();
    }

    @Test
    void whatSomebodySawCountsUntilItIsStruck() {
        List<Evidence> seen = List.of(Evidence.WINDING_WET);
        assertThat(recorded(seen, Set.of(), Optional.empty())).isTrue();
        assertThat(recorded(seen, Set.of(Evidence.WINDING_WET.code()), Optional.empty()))
                .isFalse();
    }

    @Test
    void aCurveThatCameUpAndLevelledSaysSo() {
        assertThat(recorded(List.of(), Set.of(), dried(1, 0.3, 8, 8.1, 8.2))).isTrue();
        assertThat(recorded(List.of(), Set.of(), dried(1, 0.3, 2, 2, 2))).isFalse();
    }
}
