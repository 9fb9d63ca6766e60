package app.brasskettle.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.insulation.InsulationReadings;
import app.brasskettle.core.nameplate.Nameplate;
import app.brasskettle.core.winding.WindingData;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class TypedInputTest {

    private static Map<String, Object> plate() {
        return new HashMap<>(Map.of(
                "phases", "3",
                "frequencyHz", "60",
                "ratedPowerW", "50 hp",
                "ratedVoltageV", "460",
                "ratedCurrentA", "61 A",
                "ratedSpeedRpm", "1775 rpm",
                "codeLetter", ""));
    }

    @Test
    void textsBecomeFiguresInTheUnitOfTheirField() {
        TypedInput.Read<Nameplate> read = TypedInput.read(Nameplate.class, plate());
        assertThat(read.input().ratedPowerW()).isEqualTo(50 * 745.699872);
        assertThat(read.input().codeLetter()).isEmpty();
        assertThat(read.shown()).containsEntry("ratedPowerW", "50 hp · 37.28 kW");
    }

    @Test
    void whatIsNoFigureIsBlamedOnceAndTheRestStillJudged() {
        Map<String, Object> typed = plate();
        typed.put("ratedPowerW", "fifty");
        typed.put("ratedCurrentA", "-3");
        typed.remove("ratedVoltageV");
        assertThat(Refusals.fields(() -> TypedInput.read(Nameplate.class, typed)))
                .containsExactlyInAnyOrder("ratedPowerW", "ratedCurrentA", "ratedVoltageV");
    }

    @Test
    void figuresThatAreFiguresAlreadyPassThrough() {
        Map<String, Object> typed = plate();
        typed.put("ratedVoltageV", 460);
        assertThat(TypedInput.read(Nameplate.class, typed).input().ratedVoltageV())
                .isEqualTo(460);
    }

    @Test
    void rowsAndNestedRecordsAreReadByTheirPlace() {
        Map<String, Object> typed = new HashMap<>(Map.of(
                "ratedVoltageV", "400",
                "windingKind", "random-wound",
                "insulationSystem", "thermosetting",
                "madeBefore1970", false,
                "insulationClass", "F",
                "windingTemperatureC", "68 F"));
        typed.put(
                "readings",
                List.of(Map.of("seconds", "30", "megohm", "900 k"), Map.of("seconds", "1 min", "megohm", "> 2 G")));
        InsulationReadings test =
                TypedInput.read(InsulationReadings.class, typed).input();
        assertThat(test.windingTemperatureC()).isEqualTo(20);
        assertThat(test.readings().get(0).megohm()).isEqualTo(0.9);
        assertThat(test.readings().get(1).seconds()).isEqualTo(60);
        assertThat(test.readings().get(1).overRange()).contains(true);

        typed.put("readings", List.of(Map.of("seconds", "30", "megohm", "much")));
        assertThat(Refusals.fields(() -> TypedInput.read(InsulationReadings.class, typed)))
                .containsExactly("readings[0].megohm");
    }

    @Test
    void aLowerBoundIsNoFigureWhereOnlyAFigureWillDo() {
        Map<String, Object> typed = plate();
        typed.put("ratedPowerW", "> 50 hp");
        assertThat(Refusals.fields(() -> TypedInput.read(Nameplate.class, typed)))
                .containsExactly("ratedPowerW");
    }

    @Test
    void listsOfFiguresMayBeTypedToo() {
        Map<String, Object> typed = new HashMap<>();
        typed.put("groupPattern", List.of("3", "3.5", "x"));
        assertThat(Refusals.fields(() -> TypedInput.read(WindingData.class, typed)))
                .contains("groupPattern[1]", "groupPattern[2]", "slots", "strands")
                .doesNotContain("groupPattern[0]");
    }
}
