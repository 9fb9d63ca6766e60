package app.brasskettle.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.Plates;
import app.brasskettle.core.winding.WindingData;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class SpellingTest {

    @ParameterizedTest
    @CsvSource({
        "ratedPowerW, 50, 50 kW, 50 hp",
        "ratedPowerW, ' 50 ', 50 kW, 50 hp",
        "ratedPowerW, 50 kW, 50 kW, 50 kW",
        "ratedPowerW, '', '', ''",
        "ratedPowerW, heavy, heavy, heavy",
        "ratedVoltageV, 460, 460, 460",
        "ratedSpeedRpm, 1780, 1780, 1780"
    })
    void aBareFigureGetsTheUnitItsWriterMeant(String field, String typed, String metric, String us) {
        assertThat(Spelling.of(Plate.class, Map.of(field, typed), UnitSystem.METRIC))
                .containsEntry(field, metric);
        assertThat(Spelling.of(Plate.class, Map.of(field, typed), UnitSystem.US_CUSTOMARY))
                .containsEntry(field, us);
    }

    @Test
    void figuresInsideGroupsAndRowsAreSpeltToo() {
        Map<String, Object> typed = Map.of(
                "details", Map.of("ambientTemperatureC", "104"),
                "further", List.of(Map.of("ratedPowerW", "25", "ratedVoltageV", "460")),
                "clues", Map.of("shaftHeightMm", "6.25", "boreDiameterM", "6.5"));
        assertThat(Spelling.of(Plate.class, typed, UnitSystem.US_CUSTOMARY))
                .isEqualTo(Map.of(
                        "details", Map.of("ambientTemperatureC", "104 °F"),
                        "further", List.of(Map.of("ratedPowerW", "25 hp", "ratedVoltageV", "460")),
                        "clues", Map.of("shaftHeightMm", "6.25 in", "boreDiameterM", "6.5 in")));
        assertThat(Spelling.of(
                        WindingData.class,
                        Map.of("strands", List.of(Map.of("count", "4", "bareDiameterMm", "0.05"))),
                        UnitSystem.US_CUSTOMARY))
                .isEqualTo(Map.of("strands", List.of(Map.of("count", "4", "bareDiameterMm", "0.05 in"))));
    }

    /** Spelt once it means the same to everybody; what a metric hand wrote reads as it always did. */
    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void spellingTwiceChangesNothingAndMetricMeansWhatItMeant(UnitSystem system) {
        Map<String, Object> typed = Plates.typed(Map.of("clues", Map.of("shaftHeightMm", "160")));
        Map<String, Object> once = Spelling.of(Plate.class, typed, system);
        assertThat(Spelling.of(Plate.class, once, UnitSystem.METRIC)).isEqualTo(once);
        assertThat(Spelling.of(Plate.class, once, UnitSystem.US_CUSTOMARY)).isEqualTo(once);
        if (system == UnitSystem.METRIC) {
            assertThat(TypedInput.read(Plate.class, once).input())
                    .isEqualTo(TypedInput.read(Plate.class, typed).input());
        }
    }

    /** Every unit that is taken for granted is one that the field understands. */
    @ParameterizedTest
    @EnumSource(Dimension.class)
    void whatIsWrittenOutCanBeReadAgain(Dimension kind) {
        for (UnitSystem system : UnitSystem.values()) {
            assertThat(kind.unit(kind.typed(system))).as(kind + " " + system).isPresent();
        }
    }
}
