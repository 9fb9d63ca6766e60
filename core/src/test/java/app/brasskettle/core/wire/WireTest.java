package app.brasskettle.core.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WireTest {

    private static WireLot lot(String size, WireGrade grade, double kg, Double price) {
        return new WireLot(size, grade, Optional.empty(), kg, 1, Optional.empty(), Optional.ofNullable(price));
    }

    /** Whole gauges are those of ASTM B258, table 1, within half its last place, 0.00005 in. */
    @ParameterizedTest
    @CsvSource({
        "AWG 36, AWG 36, 0.1270",
        "18 AWG, AWG 18, 1.0237",
        "awg18, AWG 18, 1.0237",
        "AWG 10, AWG 10, 2.5882",
        "AWG 18.5, AWG 18.5, 0.9660",
        "18 ½ AWG, AWG 18.5, 0.9660",
        "0.95 mm, 0.95 mm, 0.95",
        "950 µm, 0.95 mm, 0.95"
    })
    void aSizeIsReadWithItsUnit(String typed, String name, double mm) {
        Problems problems = new Problems();
        WireSize size = WireSize.parse("size", typed, problems).orElseThrow();
        assertThat(problems.all()).isEmpty();
        assertThat(size.name()).isEqualTo(name);
        assertThat(size.bareDiameterMm()).isCloseTo(mm, within(1.3e-3));
        // What was read is read again from its name.
        assertThat(WireSize.parse("size", size.name(), new Problems())).contains(size);
    }

    @ParameterizedTest
    @CsvSource({"18, SYNTAX", "1.8, SYNTAX", "7 mm, RANGE", "AWG 2, RANGE", "18 kg, WORD", "AWG, SYNTAX"})
    void whatMayBeAnotherSizeIsRefused(String typed, Problem.Code code) {
        Problems problems = new Problems();
        assertThat(WireSize.parse("size", typed, problems)).isEmpty();
        assertThat(problems.all()).extracting(Problem::code).containsExactly(code);
    }

    @Test
    void enamelGrowsWithGradeAndWithTheWire() {
        double before = 0;
        for (WireSize size : WireTable.metric()) {
            double one = WireTable.overallMm(size.bareDiameterMm(), WireGrade.GRADE_1) - size.bareDiameterMm();
            double two = WireTable.overallMm(size.bareDiameterMm(), WireGrade.GRADE_2) - size.bareDiameterMm();
            assertThat(one).as(size.name()).isPositive().isLessThan(two);
            assertThat(two).as(size.name()).isGreaterThanOrEqualTo(before - 1e-9);
            before = two;
        }
        for (WireSize size : WireTable.gauges()) {
            assertThat(WireTable.overallMm(size.bareDiameterMm(), WireGrade.GRADE_1))
                    .as(size.name())
                    .isGreaterThan(size.bareDiameterMm());
        }
    }

    /** IEC 60317-0-1: 1.000 mm is at most 1.062 in grade 1, 1.094 in grade 2; 0.95 takes the enamel of 1.000. */
    @Test
    void intermediateSizesTakeTheEnamelOfTheNextLarger() {
        assertThat(WireTable.overallMm(1, WireGrade.GRADE_1)).isCloseTo(1.062, within(1e-9));
        assertThat(WireTable.overallMm(1, WireGrade.GRADE_2)).isCloseTo(1.094, within(1e-9));
        assertThat(WireTable.overallMm(0.95, WireGrade.GRADE_2)).isCloseTo(0.95 + 0.094, within(1e-9));
    }

    @Test
    void lotsOfASizeAreOneWireAndUsedUpOnesAreNone() {
        Rack rack = Rack.of(List.of(
                lot("0.95 mm", WireGrade.GRADE_2, 4, 16.0),
                lot("0.95 mm", WireGrade.GRADE_2, 6.5, 18.0),
                lot("1 mm", WireGrade.GRADE_1, 3, null),
                lot("1 mm", WireGrade.GRADE_2, 2, 17.0),
                lot("1.25 mm", WireGrade.GRADE_2, 0, 17.0)));
        assertThat(rack.wires())
                .extracting(Rack.Wire::name)
                .containsExactly("0.95 mm", "1 mm grade 1, single", "1 mm grade 2, double");
        assertThat(rack.named("0.95 mm").orElseThrow().onHandKg()).isEqualTo(10.5);
        assertThat(rack.named("0.95 mm").orElseThrow().pricePerKg()).contains(18.0);
        assertThat(rack.named("1.25 mm")).isEmpty();
    }

    @Test
    void everythingWrongWithALotIsToldAtOnce() {
        assertThat(Refusals.fields(() -> new WireLot(
                        "18", null, Optional.of(0.9), -1, -2, Optional.of("x".repeat(61)), Optional.of(0.0))))
                .containsExactly("size", "grade", "onHandKg", "reels", "lot", "pricePerKg");
        assertThat(Refusals.fields(() -> new WireLot(
                        "0.95 mm", WireGrade.GRADE_1, Optional.of(0.94), 1, 1, Optional.empty(), Optional.empty())))
                .containsExactly("overallDiameterMm");
    }
}
